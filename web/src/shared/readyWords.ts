import type { Shapes } from '../api/client'
import { t, texts } from '../words/words'
import { PORTS } from './standing'

type Task = Shapes['Task']

const TASKS = texts<Exclude<Task['what'], 'PORT_PEG'>>({
  SUPERS_OFF: 'shared.readyWords.supersOff',
  SUPERS_BOARD: 'shared.readyWords.supersBoard',
  SUPERS_STAY: 'shared.readyWords.supersStay',
  TRAY_CHECK: 'shared.readyWords.trayCheck',
  TRAY_PUSH: 'shared.readyWords.trayPush',
  TRAY_IN: 'shared.readyWords.trayIn',
  INNER_COVER_HOLE: 'shared.readyWords.innerCoverHole',
  CRACKS_PLUG: 'shared.readyWords.cracksPlug',
  CRACKS_TAPE: 'shared.readyWords.cracksTape',
  LIFT_ON_WEDGES: 'shared.readyWords.liftOnWedges',
  PLAIN_FLOOR: 'shared.readyWords.plainFloor',
  PORT_DRILL: 'shared.readyWords.portDrill',
  NOZZLE_FRONT: 'shared.readyWords.nozzleFront',
  ENTRANCE_REDUCE: 'shared.readyWords.entranceReduce',
  ENTRANCE_CLOTH: 'shared.readyWords.entranceCloth',
})

/** One thing to do at a hive before its burn. */
export function taskWords({ what, port, sleeve }: Task): string {
  const task =
    what === 'PORT_PEG'
      ? t('shared.readyWords.portPeg', { port: PORTS[port ?? 'NONE'] })
      : TASKS[what]
  return sleeve ? t('shared.readyWords.sleeve', { task }) : task
}

/** What a round's sheet says is to be done at a hive: rounds planned before codes were kept have English words alone. */
export function tasksOf(sheet: { todo?: readonly Task[]; tasks: string }): string[] {
  if (sheet.todo?.length) return sheet.todo.map(taskWords)
  return sheet.tasks ? sheet.tasks.split('\n') : []
}
