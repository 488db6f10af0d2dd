import { useEventListener, useIntervalFn, useStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, ask, Refused, words, type Shapes } from '../api/client'
import { learnClock } from '../parts/clock'
import { useSession } from '../parts/session'
import { partIn } from './part'

export type NewEvent = Shapes['NewEvent']

/** A people check that was confirmed without network. */
export interface KeptPeople {
  confirmed: Shapes['PeopleCheck']['confirmed']
  /** Why they go on in an unsafe hour. */
  unsafeReason?: string
  /** When, by this device's bare clock, ms: what counts is how long ago it was. */
  at: number
}

/** One press of a thumb: its events go to the server together, once. A people check has none. */
export interface Parcel {
  roundId: string
  accountId: string
  events: NewEvent[]
  people?: KeptPeople
}

/** A check that was kept before the sky was asked of says so, and is not lost for it. */
function reasonOf(people: Omit<KeptPeople, 'at'>): string | undefined {
  return people.confirmed.includes('SKY')
    ? people.unsafeReason
    : (people.unsafeReason ?? 'confirmed before the sky was asked of')
}

/** Sends a people check; the same again changes nothing. */
export function sendPeople(
  roundId: string,
  people: Omit<KeptPeople, 'at'>,
  secondsAgo = 0,
): Promise<Shapes['WholeRound']> {
  return ask(
    api.PUT('/api/rounds/{id}/people-check', {
      params: { path: { id: roundId }, query: { secondsAgo } },
      body: { confirmed: people.confirmed, unsafeReason: reasonOf(people) },
    }),
  )
}

/** A parcel that the server would not take, and why. */
export interface Returned extends Parcel {
  says: string
}

/**
 * Presses on their way to the server. They are kept on this device until the server has them, in the
 * order in which they were made; a reload, a lost network or a restart loses none.
 */
export const useOutbox = defineStore('outbox', () => {
  const parcels = useStorage<Parcel[]>('tavrel.outbox', [])
  const returned = useStorage<Returned[]>('tavrel.returned', [])
  const boards = ref<Record<string, Shapes['RunBoard']>>({})
  const reachable = ref(true)
  let sending = false

  /** Takes a press and sends it as soon as may be. */
  function post(roundId: string, events: NewEvent[]): void {
    const accountId = useSession().account?.id
    if (!accountId || events.length === 0) return
    parcels.value = [...parcels.value, { roundId, accountId, events }]
    void send()
  }

  /** Takes a people check that could not be sent. */
  function postPeople(roundId: string, people: KeptPeople): void {
    const accountId = useSession().account?.id
    if (accountId) parcels.value = [...parcels.value, { roundId, accountId, events: [], people }]
  }

  /** Takes back a press that has not left yet; tells whether it could. */
  function recall(roundId: string, hiveId?: string): boolean {
    const last = parcels.value.findLastIndex(
      (parcel) => parcel.roundId === roundId && parcel.events[0]?.hiveId === hiveId,
    )
    if (last < 0 || (sending && last === 0)) return false
    parcels.value = parcels.value.filter((_, i) => i !== last)
    return true
  }

  /** Sends what waits, first in first out, until nothing waits or the server is silent. */
  async function send(): Promise<void> {
    if (sending) return
    sending = true
    try {
      for (;;) {
        const parcel = parcels.value.find((each) => each.accountId === useSession().account?.id)
        if (!parcel || !(await deliver(parcel))) return
      }
    } finally {
      sending = false
    }
  }

  async function deliver(parcel: Parcel): Promise<boolean> {
    const asked = Date.now()
    try {
      if (parcel.people) {
        const ago = Math.max(0, Math.round((asked - parcel.people.at) / 1000))
        await sendPeople(parcel.roundId, parcel.people, ago)
        reachable.value = true
        remove(parcel)
        return true
      }
      const board = await ask(
        api.POST('/api/rounds/{id}/events', {
          params: {
            path: { id: parcel.roundId },
            query: { part: partIn(parcel.roundId).value },
            header: { 'Device-Clock': new Date(asked).toISOString() },
          },
          body: parcel.events,
        }),
      )
      learnClock(asked, Date.now(), board.now)
      reachable.value = true
      merge(parcel.roundId, board)
      remove(parcel)
      return true
    } catch (thrown) {
      if (thrown instanceof Refused && thrown.status === 401) {
        useSession().lost()
        return false
      }
      if (thrown instanceof Refused && thrown.status < 500) {
        reachable.value = true
        returned.value = [...returned.value, { ...parcel, says: words(thrown) }]
        remove(parcel)
        return true
      }
      reachable.value = false
      return false
    }
  }

  /** Lays the hives that an answer speaks of over those that are known. */
  function merge(roundId: string, answer: Shapes['RunBoard']): void {
    const known = boards.value[roundId]
    if (!known) return
    const moved = new Map(answer.hives.map((hive) => [hive.hiveId, hive] as const))
    const hives = known.hives.map((hive) => moved.get(hive.hiveId) ?? hive)
    boards.value = { ...boards.value, [roundId]: { ...answer, hives } }
  }

  function remove(parcel: Parcel): void {
    const isSame = (each: Parcel) =>
      each.events[0]?.id === parcel.events[0]?.id && each.people?.at === parcel.people?.at
    parcels.value = parcels.value.filter((each) => !isSame(each))
  }

  /** Lets go of what was returned for a round, once it has been read. */
  function forgetReturned(roundId: string): void {
    returned.value = returned.value.filter((each) => each.roundId !== roundId)
  }

  /** Tries again whenever the network is back, and every two seconds while something waits. */
  function watchNetwork(): void {
    useEventListener(window, 'online', () => void send())
    useIntervalFn(() => void (parcels.value.length > 0 && send()), 2000, {
      immediateCallback: true,
    })
  }

  return {
    parcels,
    returned,
    boards,
    reachable,
    waiting: computed(() => parcels.value.length),
    post,
    postPeople,
    recall,
    send,
    forgetReturned,
    watchNetwork,
  }
})
