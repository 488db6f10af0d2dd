import { keptRun } from '../keptRuns'
import type { Job } from './jobs'
import { t, texts } from '../../words/words'

const KINDS: Partial<Record<string, string>> = texts({
  BURN_STARTED: 'shared.jobWords.burnBegun',
  BURN_ENDED: 'shared.jobWords.burnEnded',
  REMOVED: 'shared.jobWords.toolOut',
  SEALED: 'common.shut',
  OPENED: 'shared.jobWords.opened',
  SKIPPED: 'common.leftOut',
  ABORTED: 'shared.jobWords.stopped',
  LEAK_SEEN: 'shared.jobWords.leakSeen',
  RESIDUE: 'shared.jobWords.residue',
  NOTE: 'shared.jobWords.note',
  CHECKED: 'shared.jobWords.madeReady',
  UNDONE: 'shared.jobWords.takenBack',
  PAUSED: 'shared.jobWords.pause',
  WENT_ON: 'shared.jobWords.wentOn',
  PUT_OFF: 'shared.jobWords.putOff',
})

/** What was done, in a few words, as far as this device knows names. */
export function jobWords(job: Job): string {
  if (job.kind === 'COUNT') {
    const what =
      job.count.kind === 'BOARD' ? t('shared.jobWords.board') : t('shared.jobWords.count')
    return t('shared.jobWords.mites', {
      hive: job.hive || t('shared.jobWords.hive'),
      what,
      mites: job.count.mites,
    })
  }
  if (job.kind === 'NOTE')
    return t('shared.jobWords.noteAbout', { thing: job.thing, says: job.note.says })
  if (job.kind === 'PHOTO') return t('shared.jobWords.photoOf', { thing: job.thing })
  if (job.kind === 'TAKEN_OUT') return t('shared.jobWords.takenOut', { hives: job.hives })
  const whole = keptRun(job.roundId)?.whole
  const where = whole?.apiary.name ?? t('shared.jobWords.round')
  if (job.kind === 'PEOPLE') return t('shared.jobWords.peopleCheck', { where })
  if (job.kind === 'KIT')
    return t('shared.jobWords.kit', {
      where,
      packed: job.packed ? t('shared.jobWords.packed') : t('shared.jobWords.notPacked'),
    })
  const hiveId = job.events[0]?.hiveId
  const hive = whole?.hives.find((each) => each.hiveId === hiveId)?.hiveName
  const steps = job.events.map(
    (each) => KINDS[each.kind] ?? each.kind.toLowerCase().replaceAll('_', ' '),
  )
  return `${where}${hive ? `, ${hive}` : ''}: ${steps.join(', ')}`
}
