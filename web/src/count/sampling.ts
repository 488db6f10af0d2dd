import type { Shapes } from '../api/client'
import type { Entry } from '../shared/offline/entries'

type Go = Shapes['SoFar']['go']

/** Mites of washes of a day that wait on this device, by hive. */
export function pendingWashes(entries: readonly Entry[], day: string): ReadonlyMap<string, number> {
  const waiting = new Map<string, number>()
  for (const { job } of entries)
    if (job.kind === 'COUNT' && job.count.day === day && job.count.kind !== 'BOARD')
      waiting.set(job.count.hiveId, job.count.mites)
  return waiting
}

/** How to go on by the boundaries that the server sent, with what waits on this device. */
export function goOffline(washes: Shapes['Washes'], pending: ReadonlyMap<string, number>): Go {
  // What was counted in a jar the server weighs; the boundaries are of hives counted alone.
  if (washes.drawn.some((each) => each.inJar)) return 'NEXT'
  const counted = washes.drawn.flatMap((each) => pending.get(each.id) ?? each.mites ?? [])
  const mites = counted.reduce((sum, each) => sum + each, 0)
  const boundary = washes.boundaries.find((each) => each.hives === counted.length)
  if (!boundary) return 'NEXT'
  if (boundary.aboveFrom !== undefined && mites >= boundary.aboveFrom) return 'ABOVE'
  if (boundary.belowUpTo !== undefined && mites <= boundary.belowUpTo) return 'BELOW'
  return counted.length >= washes.drawn.length ? 'CANNOT_TELL' : 'NEXT'
}
