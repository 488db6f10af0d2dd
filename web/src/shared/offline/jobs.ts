import { api, ask, Refused, type Shapes } from '../../api/client'
import { t } from '../../words/words'
import { forgetPicture, keptPicture } from './pictures'

export type NewEvent = Shapes['NewEvent']

/** A people check that was confirmed without network. */
export interface KeptPeople {
  confirmed: Shapes['PeopleCheck']['confirmed']
  /** Why they go on in an unsafe hour. */
  unsafeReason?: string
  /** When, by this device's bare clock, ms: what counts is how long ago it was. */
  at: number
}

/** One press of a thumb in a run: its events go to the server together, once. */
interface PressJob {
  kind: 'PRESS'
  roundId: string
  /** The part of the run that this device has. */
  part: number
  events: NewEvent[]
}

interface PeopleJob {
  kind: 'PEOPLE'
  roundId: string
  people: KeptPeople
}

interface CountJob {
  kind: 'COUNT'
  count: Shapes['NewCount']
  /** Name of the hive, for the words about it. */
  hive: string
}

/** A line of a kit ticked or not; of two of one line the later holds. */
export interface KitJob {
  kind: 'KIT'
  roundId: string
  item: string
  packed: boolean
}

/** Something written about a thing. */
interface NoteJob {
  kind: 'NOTE'
  noteId: string
  note: Shapes['NewNote']
  /** What the thing is called, for the words about it. */
  thing: string
}

/** A picture of a thing; the picture itself lies beside, under its key. */
interface PhotoJob {
  kind: 'PHOTO'
  photoId: string
  about: Shapes['NewNote']['about']
  aboutId: string
  /** When it was added, as the server's clock was known here. */
  at: string
  /** What the thing is called, for the words about it. */
  thing: string
}

/** That strips, pads or trays are out. */
interface TakenOutJob {
  kind: 'TAKEN_OUT'
  out: Shapes['TakenOut']
  /** Names of the hives, for the words about it. */
  hives: string
}

/** What may have to wait for a signal. */
export type Job = PressJob | PeopleJob | CountJob | KitJob | NoteJob | PhotoJob | TakenOutJob

/** Jobs of one lane go in their order; lanes do not wait for each other. */
export function laneOf(job: Job): string {
  switch (job.kind) {
    case 'PRESS':
    case 'PEOPLE':
      return `run ${job.roundId}`
    case 'COUNT':
      return 'counts'
    case 'NOTE':
      return 'notes'
    case 'PHOTO':
      return 'photos'
    case 'TAKEN_OUT':
      return 'taken out'
    case 'KIT':
      return `kit ${job.roundId} ${job.item}`
  }
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

/** A check that was kept before the sky was asked of says so, and is not lost for it. */
function reasonOf(people: Omit<KeptPeople, 'at'>): string | undefined {
  return people.confirmed.includes('SKY')
    ? people.unsafeReason
    : (people.unsafeReason ?? 'confirmed before the sky was asked of')
}

/** What is no longer on this device cannot be sent; whoever took it is told. */
async function sendPhoto(job: PhotoJob): Promise<void> {
  const picture = await keptPicture(job.photoId)
  if (!picture) throw new Refused(404, t('shared.photoList.goneFromDevice'))
  await ask(
    api.PUT('/api/photos/{id}', {
      params: {
        path: { id: job.photoId },
        query: { about: job.about, aboutId: job.aboutId, at: job.at },
      },
      headers: { 'Content-Type': picture.type },
      body: picture as unknown as never,
      bodySerializer: (body: unknown) => body as Blob,
    }),
  )
  await forgetPicture(job.photoId)
}

/** Lets go what a job keeps beside itself, once nobody will send it. */
export function forgetJob(job: Job): void {
  if (job.kind === 'PHOTO') void forgetPicture(job.photoId)
}

/** Sends a job; every kind may be sent twice without harm. */
export function sendJob(job: Job): Promise<unknown> {
  switch (job.kind) {
    case 'PRESS':
      return ask(
        api.POST('/api/rounds/{id}/events', {
          params: {
            path: { id: job.roundId },
            query: { part: job.part },
            header: { 'Device-Clock': new Date(Date.now()).toISOString() },
          },
          body: job.events,
        }),
      )
    case 'PEOPLE': {
      const ago = Math.max(0, Math.round((Date.now() - job.people.at) / 1000))
      return sendPeople(job.roundId, job.people, ago)
    }
    case 'COUNT':
      return ask(api.POST('/api/counts', { body: [job.count] }))
    case 'NOTE':
      return ask(
        api.PUT('/api/notes/{id}', { params: { path: { id: job.noteId } }, body: job.note }),
      )
    case 'PHOTO':
      return sendPhoto(job)
    case 'TAKEN_OUT':
      return ask(api.PUT('/api/register/taken-out', { body: job.out }))
    case 'KIT':
      return ask(
        api.PUT('/api/rounds/{id}/kit/{item}', {
          params: { path: { id: job.roundId, item: job.item } },
          body: { packed: job.packed },
        }),
      )
  }
}
