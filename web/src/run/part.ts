import { useStorage, type RemovableRef } from '@vueuse/core'

/** The part of who shuts, fills and opens, and has no tool in hand. */
export const HANDS = 0

const parts = new Map<string, RemovableRef<number>>()

/** What this device's owner does in a run: the number of the tool in hand, or {@link HANDS}. */
export function partIn(roundId: string): RemovableRef<number> {
  const known = parts.get(roundId)
  if (known) return known
  const part = useStorage(`tavrel.part.${roundId}`, 1)
  parts.set(roundId, part)
  return part
}
