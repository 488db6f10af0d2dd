import { useStorage, type RemovableRef } from '@vueuse/core'
import type { Shapes } from '../../api/client'
import { parsed } from '../offline/kept'

/** A round's kit as this device knows it; ticks on their way are in the outbox. */
export interface KeptKit {
  lines: Shapes['KitLine'][]
  /** When it was kept, ms. */
  at: number
}

const KEY = 'tavrel.kit.'
const LONGEST = 7 * 24 * 3_600_000

/** The kit of a round as it is kept here; whatever cannot be read is an empty one. */
export function useKeptKit(roundId: string): RemovableRef<KeptKit> {
  return useStorage<KeptKit>(KEY + roundId, { lines: [], at: Date.now() }, localStorage, {
    serializer: { read: kitOf, write: (kit) => JSON.stringify(kit) },
  })
}

function kitOf(text: string): KeptKit {
  const found = parsed(text) as Partial<KeptKit> | null
  return { lines: Array.isArray(found?.lines) ? found.lines : [], at: found?.at ?? Date.now() }
}

/** Lets go of kits that are older than a week; of all of them, when somebody signs out here. */
export function forgetKits(olderThan = LONGEST): void {
  for (const key of Object.keys(localStorage).filter((each) => each.startsWith(KEY))) {
    const kept = parsed(localStorage.getItem(key)) as Partial<KeptKit> | null
    if (!kept?.at || Date.now() - kept.at >= olderThan) localStorage.removeItem(key)
  }
}
