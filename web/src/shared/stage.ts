import type { Shapes } from '../api/client'
import { t } from '../words/words'

export type Stage = Shapes['HiveOnBoard']['stage']

/** What is shown for a hive: its stage, or that it is due. */
export type Shown = Stage | 'DUE' | 'TOO_LONG'

/** Word, colour and shape of each state: three carriers, so that no one of them is needed. */
export const STATES: Record<Shown, { word: string; colour: string; shape: string }> = {
  WAITING: {
    get word() {
      return t('shared.stage.waiting')
    },
    colour: 'var(--waiting)',
    shape: 'M4 4h16v16H4z',
  },
  PREPARED: {
    get word() {
      return t('common.shut')
    },
    colour: 'var(--waiting)',
    shape: 'M4 4h16v16H4zM4 12h16',
  },
  LOADED: {
    get word() {
      return t('shared.stage.panLoaded')
    },
    colour: 'var(--waiting)',
    shape: 'M4 8h16v12H4zM8 4h8',
  },
  BURNING: {
    get word() {
      return t('shared.stage.burning')
    },
    colour: 'var(--burning)',
    shape: 'M12 2 22 21H2z',
  },
  BURNT: {
    get word() {
      return t('shared.stage.tool')
    },
    colour: 'var(--burning)',
    shape: 'M12 2 22 21H2zM8 15h8',
  },
  RELOADING: {
    get word() {
      return t('shared.stage.panCoolingReload')
    },
    colour: 'var(--burning)',
    shape: 'M12 22 2 5h20z',
  },
  SEALED: {
    get word() {
      return t('shared.stage.sealed')
    },
    colour: 'var(--sealed)',
    shape: 'M12 2a10 10 0 1 1 0 20 10 10 0 0 1 0-20z',
  },
  DUE: {
    get word() {
      return t('shared.stage.openNow')
    },
    colour: 'var(--due)',
    shape: 'M12 1 23 12 12 23 1 12z',
  },
  TOO_LONG: {
    get word() {
      return t('shared.stage.shutTooLong')
    },
    colour: 'var(--off-label)',
    shape: 'M12 0 15 8 24 9 17 15 19 24 12 19 5 24 7 15 0 9 9 8z',
  },
  STOPPED: {
    get word() {
      return t('shared.stage.stoppedShut')
    },
    colour: 'var(--due)',
    shape: 'M8 2h8l6 6v8l-6 6H8l-6-6V8z',
  },
  OPEN: {
    get word() {
      return t('shared.stage.open')
    },
    colour: 'var(--open)',
    shape: 'M3 13l6 7L21 4',
  },
  SKIPPED: {
    get word() {
      return t('common.leftOut')
    },
    colour: 'var(--skipped)',
    shape: 'M4 20 20 4',
  },
}

/** States drawn as an outline rather than filled. */
export const OUTLINED: ReadonlySet<Shown> = new Set([
  'WAITING',
  'PREPARED',
  'BURNT',
  'LOADED',
  'RELOADING',
  'OPEN',
  'SKIPPED',
])

/** Names the state of a hive at a moment: a sealed one whose time has come is due. */
export function shownState(
  hive: { stage: Stage; openFrom?: string; alarmAt?: string },
  now: number,
): Shown {
  if (hive.alarmAt && now >= Date.parse(hive.alarmAt)) return 'TOO_LONG'
  if (hive.stage === 'SEALED' && hive.openFrom && now >= Date.parse(hive.openFrom)) return 'DUE'
  return hive.stage
}
