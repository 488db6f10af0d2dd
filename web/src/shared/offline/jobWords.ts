import { keptRun } from '../keptRuns'
import type { Job } from './jobs'

const KINDS: Partial<Record<string, string>> = {
  BURN_STARTED: 'burn begun',
  BURN_ENDED: 'burn ended',
  REMOVED: 'tool out',
  SEALED: 'shut',
  OPENED: 'opened',
  SKIPPED: 'left out',
  ABORTED: 'stopped',
  LEAK_SEEN: 'leak seen',
  RESIDUE: 'residue',
  NOTE: 'note',
  CHECKED: 'made ready',
  UNDONE: 'taken back',
  PAUSED: 'pause',
  WENT_ON: 'went on',
  PUT_OFF: 'put off',
}

/** What was done, in a few words, as far as this device knows names. */
export function jobWords(job: Job): string {
  if (job.kind === 'COUNT') {
    const what = job.count.kind === 'BOARD' ? 'board' : 'count'
    return `${job.hive || 'A hive'}, ${what}: ${job.count.mites} mites`
  }
  const whole = keptRun(job.roundId)?.whole
  const where = whole?.apiary.name ?? 'A round'
  if (job.kind === 'PEOPLE') return `${where}, people check`
  if (job.kind === 'KIT') return `${where}, kit: ${job.packed ? 'packed' : 'not packed'}`
  const hiveId = job.events[0]?.hiveId
  const hive = whole?.hives.find((each) => each.hiveId === hiveId)?.hiveName
  const steps = job.events.map(
    (each) => KINDS[each.kind] ?? each.kind.toLowerCase().replaceAll('_', ' '),
  )
  return `${where}${hive ? `, ${hive}` : ''}: ${steps.join(', ')}`
}
