import { computed } from 'vue'
import { StorageSerializers, useStorage } from '@vueuse/core'
import type { components } from '../../api/schema'

export type Units = components['schemas']['OwnUnits']

const SI: Units = {
  temperature: 'CELSIUS',
  wind: 'METRES_A_SECOND',
  road: 'KILOMETRES',
  mass: 'GRAMS',
  measures: 'WEIGHT_FIRST',
  volume: 'LITRES',
  clock: 'HOURS_24',
  dates: 'DAY_MONTH',
  decimals: 'POINT',
  weekStart: 'MONDAY',
}

/** Regions that go by Fahrenheit; the list is short and does not grow. */
const FAHRENHEIT = ['US', 'BS', 'BZ', 'KY', 'PW', 'FM', 'MH', 'LR']
const MILES = ['US', 'GB', 'LR']
/** Regions where a calendar's week begins on another day than Monday, for those that keep bees most. */
const SUNDAY_FIRST = ['US', 'CA', 'MX', 'BR', 'JP', 'IN', 'ZA', 'IL', 'CO', 'PE', 'VE']
const SATURDAY_FIRST = ['EG', 'DZ', 'IR', 'AF', 'JO']

/** What a region usually goes by, for somebody who has not said. */
export function usualIn(language: string): Units {
  const region = /-([A-Z]{2})\b/.exec(language)?.[1] ?? ''
  const clock = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions()
  const miles = MILES.includes(region)
  return {
    temperature: FAHRENHEIT.includes(region) ? 'FAHRENHEIT' : 'CELSIUS',
    wind: miles ? 'MILES_AN_HOUR' : SI.wind,
    road: miles ? 'MILES' : 'KILOMETRES',
    mass: SI.mass,
    measures: SI.measures,
    volume: region === 'US' ? 'US_GALLONS' : 'LITRES',
    clock: clock.hour12 ? 'HOURS_12' : 'HOURS_24',
    dates: region === 'US' ? 'MONTH_DAY' : 'DAY_MONTH',
    decimals: /,/.test((1.5).toLocaleString(language)) ? 'COMMA' : 'POINT',
    weekStart: SUNDAY_FIRST.includes(region)
      ? 'SUNDAY'
      : SATURDAY_FIRST.includes(region)
        ? 'SATURDAY'
        : 'MONDAY',
  }
}

/** The units of who uses this device, kept for a start without network. */
export const ownUnits = useStorage<Units | null>('tavrel.units', null, localStorage, {
  serializer: StorageSerializers.object,
})

const own = computed(() => ownUnits.value && { ...SI, ...ownUnits.value })

/** What regions go by, once asked: a page of weights asks hundreds of times. */
const usual = new Map<string, Units>()

/** The units that hold: the person's own, else what the device's region usually goes by. */
export function unitsNow(): Units {
  if (own.value) return own.value
  const region = navigator.language
  const known = usual.get(region) ?? usualIn(region)
  usual.set(region, known)
  return known
}
