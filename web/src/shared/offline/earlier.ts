import { newId } from '../ids'
import type { Job, KeptPeople, NewEvent } from './jobs'
import { parsed } from './kept'
import type { Entry, SetAside } from './entries'
import { t } from '../../words/words'

/** What an earlier version kept in three places. */
export interface Earlier {
  waiting: Entry[]
  aside: SetAside[]
}

interface EarlierParcel {
  roundId: string
  accountId: string
  events: NewEvent[]
  people?: KeptPeople
  says?: string
}

const PARCELS = 'tavrel.outbox'
const RETURNED = 'tavrel.returned'
const COUNTS = 'tavrel.counts.unsent'
const KIT = 'tavrel.kit.'

function list<T>(key: string): T[] {
  const found = parsed(localStorage.getItem(key))
  return Array.isArray(found) ? (found as T[]) : []
}

function entry(accountId: string, job: Job): Entry {
  return { id: newId(), accountId, made: Date.now(), tries: 0, again: 0, job }
}

/** A run's press, with its part as this device has it; one that cannot be read is left out. */
function ofParcel(parcel: EarlierParcel): Entry[] {
  if (!parcel?.roundId || !parcel.accountId || !Array.isArray(parcel.events)) return []
  const part = Number(localStorage.getItem(`tavrel.part.${parcel.roundId}`) ?? 1) || 0
  const job: Job = parcel.people
    ? { kind: 'PEOPLE', roundId: parcel.roundId, people: parcel.people }
    : { kind: 'PRESS', roundId: parcel.roundId, part, events: parcel.events }
  return [entry(parcel.accountId, job)]
}

/** Ticks of kits that waited with their list. */
function ticks(accountId: string): Entry[] {
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(KIT))
    .flatMap((key) => {
      const kit = parsed(localStorage.getItem(key)) as { waiting?: Record<string, boolean> } | null
      const waiting = kit?.waiting ?? {}
      if (kit && Object.keys(waiting).length > 0)
        localStorage.setItem(key, JSON.stringify({ ...kit, waiting: {} }))
      return Object.entries(waiting).map(([item, packed]) =>
        entry(accountId, { kind: 'KIT', roundId: key.slice(KIT.length), item, packed }),
      )
    })
}

/**
 * Takes over what an earlier version of this program left on the device, once. Its counts had no
 * owner: they are of whoever was signed in here last, and set aside where that is not known.
 */
export function takeOverEarlier(): Earlier {
  const last = parsed(localStorage.getItem('tavrel.account')) as { id?: string } | null
  const owner = last?.id ?? ''
  const counts = list<Extract<Job, { kind: 'COUNT' }>['count']>(COUNTS)
    .filter((count) => count?.id && count.hiveId)
    .map((count) => entry(owner, { kind: 'COUNT', count, hive: '' }))
  const ownerless = (each: Entry): SetAside => ({
    ...each,
    says: t('shared.earlier.notKnownWhoEntered'),
    fields: [],
    seen: false,
  })
  const found: Earlier = {
    waiting: [
      ...list<EarlierParcel>(PARCELS).flatMap(ofParcel),
      ...(owner ? [...counts, ...ticks(owner)] : []),
    ],
    aside: [
      ...list<EarlierParcel>(RETURNED).flatMap((parcel) =>
        ofParcel(parcel).map((each) => ({
          ...each,
          says: parcel.says ?? '',
          fields: [],
          seen: false,
        })),
      ),
      ...(owner ? [] : counts.map(ownerless)),
    ],
  }
  for (const key of [PARCELS, RETURNED, COUNTS]) localStorage.removeItem(key)
  return found
}
