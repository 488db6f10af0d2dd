import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Shapes } from '../api/client'
import { learnClock } from '../shared/clock'
import type { Entry, SetAside } from '../shared/offline/entries'
import { useOutbox } from '../shared/offline/outbox'
import type { KeptPeople, NewEvent } from '../shared/offline/jobs'
import { partIn } from './part'

export type { NewEvent } from '../shared/offline/jobs'

/** One press of a thumb that waits here. A people check has no events. */
export interface Parcel {
  id: string
  roundId: string
  events: readonly NewEvent[]
  people?: KeptPeople
}

/** A press that the server would not take, and why. */
export interface Returned extends Parcel {
  says: string
}

function parcelOf({ id, job }: Entry): Parcel[] {
  if (job.kind === 'PRESS') return [{ id, roundId: job.roundId, events: job.events }]
  if (job.kind === 'PEOPLE') {
    return [{ id, roundId: job.roundId, events: [], people: job.people }]
  }
  return []
}

/** Presses of runs in this device's outbox, and the boards that their answers tell of. */
export const usePresses = defineStore('presses', () => {
  const outbox = useOutbox()
  const boards = ref<Record<string, Shapes['RunBoard']>>({})

  outbox.onSent(({ entry, answer, asked }) => {
    if (entry.job.kind !== 'PRESS') return
    const board = answer as Shapes['RunBoard']
    learnClock(asked, Date.now(), board.now)
    merge(entry.job.roundId, board)
  })

  /** Takes a press and sends it as soon as may be. */
  function post(roundId: string, events: NewEvent[]): void {
    if (events.length > 0)
      outbox.put({ kind: 'PRESS', roundId, part: partIn(roundId).value, events })
  }

  /** Takes a people check that could not be sent. */
  function postPeople(roundId: string, people: KeptPeople): void {
    outbox.put({ kind: 'PEOPLE', roundId, people })
  }

  /** Takes back a press that has not left yet; tells whether it could. */
  function recall(roundId: string, hiveId?: string): boolean {
    return outbox.recall(
      ({ job }) =>
        job.kind === 'PRESS' && job.roundId === roundId && job.events[0]?.hiveId === hiveId,
    )
  }

  /** Lays the hives that an answer speaks of over those that are known. */
  function merge(roundId: string, answer: Shapes['RunBoard']): void {
    const known = boards.value[roundId]
    if (!known) return
    const moved = new Map(answer.hives.map((hive) => [hive.hiveId, hive] as const))
    const hives = known.hives.map((hive) => moved.get(hive.hiveId) ?? hive)
    boards.value = { ...boards.value, [roundId]: { ...answer, hives } }
  }

  /** What was set aside of a round is read; it stays until it is mended or thrown away. */
  function readReturned(roundId: string): void {
    outbox.read((each) => parcelOf(each)[0]?.roundId === roundId)
  }

  return {
    boards,
    parcels: computed(() => outbox.entries.flatMap(parcelOf)),
    returned: computed(() =>
      outbox.asideMine
        .filter((each) => !each.seen)
        .flatMap((each: SetAside) =>
          parcelOf(each).map((parcel): Returned => ({ ...parcel, says: each.says })),
        ),
    ),
    post,
    postPeople,
    recall,
    readReturned,
  }
})
