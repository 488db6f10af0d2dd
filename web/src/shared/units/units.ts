import { StorageSerializers, useStorage } from '@vueuse/core'
import { api, ask, type Shapes } from '../../api/client'

export type Units = Shapes['OwnUnits']

const SI: Units = {
  temperature: 'CELSIUS',
  wind: 'METRES_A_SECOND',
  road: 'KILOMETRES',
  clock: 'HOURS_24',
  dates: 'DAY_MONTH',
  decimals: 'POINT',
}

/** Regions that go by Fahrenheit; the list is short and does not grow. */
const FAHRENHEIT = ['US', 'BS', 'BZ', 'KY', 'PW', 'FM', 'MH', 'LR']
const MILES = ['US', 'GB', 'LR']

/** What a region usually goes by, for somebody who has not said. */
export function usualIn(language: string): Units {
  const region = /-([A-Z]{2})\b/.exec(language)?.[1] ?? ''
  const clock = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions()
  const miles = MILES.includes(region)
  return {
    temperature: FAHRENHEIT.includes(region) ? 'FAHRENHEIT' : 'CELSIUS',
    wind: miles ? 'MILES_AN_HOUR' : SI.wind,
    road: miles ? 'MILES' : 'KILOMETRES',
    clock: clock.hour12 ? 'HOURS_12' : 'HOURS_24',
    dates: region === 'US' ? 'MONTH_DAY' : 'DAY_MONTH',
    decimals: /,/.test((1.5).toLocaleString(language)) ? 'COMMA' : 'POINT',
  }
}

/** The units of who uses this device, kept for a start without network. */
export const ownUnits = useStorage<Units | null>('tavrel.units', null, localStorage, {
  serializer: StorageSerializers.object,
})

/** The units that hold: the person's own, else what the device's region usually goes by. */
export function unitsNow(): Units {
  return ownUnits.value ? { ...SI, ...ownUnits.value } : usualIn(navigator.language)
}

/** Learns the units of who has signed in. */
export async function learnUnits(): Promise<void> {
  ownUnits.value = (await ask(api.GET('/api/session/units'))).own ?? null
}

/** Keeps them for all devices of who is signed in. */
export async function keepUnits(units: Units): Promise<void> {
  ownUnits.value = (await ask(api.PUT('/api/session/units', { body: units }))).own ?? null
}
