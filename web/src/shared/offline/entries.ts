import type { FieldProblem } from '../../api/client'
import type { Job } from './jobs'

/** Something that somebody did on this device and the server does not have yet. */
export interface Entry {
  id: string
  /** Who did it: nobody else's name ever stands under it. */
  accountId: string
  /** When, by this device's clock, ms. */
  made: number
  /** How often the server failed over it. */
  tries: number
  /** Not before, ms. */
  again: number
  job: Job
}

/** An entry that the server would not take, and why. */
export interface SetAside extends Entry {
  says: string
  fields: readonly FieldProblem[]
  /** Whether its owner has read so. */
  seen: boolean
}

/** An entry that the server took. */
export interface Sent {
  entry: Entry
  answer: unknown
  /** When it was sent, ms. */
  asked: number
}

/** What became of an entry after a try. */
export type Outcome = { is: 'sent' } | { is: 'waits' } | { is: 'aside'; aside: SetAside }

export function isEntry(each: unknown): each is Entry {
  const entry = each as Partial<Entry> | null
  return (
    typeof entry?.id === 'string' &&
    typeof entry.accountId === 'string' &&
    typeof entry.job?.kind === 'string'
  )
}

export function isAside(each: unknown): each is SetAside {
  return isEntry(each) && typeof (each as Partial<SetAside>).says === 'string'
}
