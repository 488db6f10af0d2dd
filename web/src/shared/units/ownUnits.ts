import { api, ask } from '../../api/client'
import { ownUnits, type Units } from './units'

/** Learns the units of who has signed in. */
export async function learnUnits(): Promise<void> {
  ownUnits.value = (await ask(api.GET('/api/session/units'))).own ?? null
}

/** Keeps them for all devices of who is signed in. */
export async function keepUnits(units: Units): Promise<void> {
  ownUnits.value = (await ask(api.PUT('/api/session/units', { body: units }))).own ?? null
}
