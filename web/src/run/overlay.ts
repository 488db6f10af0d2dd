import type { Shapes } from '../api/client'
import type { Parcel } from './presses'
import { HANDS } from './part'
import { t } from '../words/words'

type Board = Shapes['RunBoard']
type HiveOnBoard = Shapes['HiveOnBoard']
type ReadyPoint = keyof HiveOnBoard['ready']

const HAS_TOOL: ReadonlySet<HiveOnBoard['stage']> = new Set([
  'LOADED',
  'BURNING',
  'BURNT',
  'RELOADING',
])

/** A hive on the board, with what this device knows and the server does not yet. */
export interface ShownHive extends HiveOnBoard {
  /** Presses for it that are still on this device. */
  waiting: number
}

/** Whether nothing of its treatment has begun, so that it may still be left out. */
export function isUntouched(hive: ShownHive): boolean {
  return (
    hive.stage === 'WAITING' ||
    hive.stage === 'PREPARED' ||
    (hive.stage === 'LOADED' && hive.loadsEnded === 0)
  )
}

/**
 * The server's board with this device's waiting presses laid over it. The server has told every step
 * that lies ahead of each hive, so a press only moves along that way; no rule is decided here.
 */
export function overlay(board: Board, parcels: readonly Parcel[]): ShownHive[] {
  return board.hives.map((hive) =>
    parcels
      .filter((parcel) => parcel.events[0]?.hiveId === hive.hiveId)
      .reduce((shown, parcel) => pressed(shown, parcel, board.sealSeconds), {
        ...hive,
        waiting: 0,
      }),
  )
}

function pressed(hive: ShownHive, parcel: Parcel, sealSeconds: number): ShownHive {
  const waiting = hive.waiting + 1
  const first = parcel.events[0]
  if (!first) return hive
  if (first.kind === 'SKIPPED')
    return { ...hive, waiting, stage: 'SKIPPED', ahead: [], since: first.at }
  if (first.kind === 'ABORTED') {
    return hive.leftOpen
      ? { ...hive, waiting, stage: 'OPEN', ahead: [] }
      : { ...hive, waiting, stage: 'STOPPED', ahead: hive.ahead.slice(-1), openFrom: first.at }
  }
  if (first.kind === 'CHECKED') {
    const point = first.reason as ReadyPoint
    return { ...hive, waiting, ready: { ...hive.ready, [point]: [first.id] } }
  }
  if (first.kind === 'UNDONE') {
    const taken = new Set(parcel.events.map((each) => each.undoes))
    const left = Object.entries(hive.ready).filter(([, ids]) => !ids.every((id) => taken.has(id)))
    return { ...hive, waiting, ready: Object.fromEntries(left) }
  }
  const taken = hive.ahead.findIndex((next) => next.events[0] === first.kind)
  const next = hive.ahead[taken]
  if (!next) return { ...hive, waiting }
  const openFrom = next.leadsTo === 'SEALED' ? later(first.at, sealSeconds) : undefined
  return {
    ...hive,
    waiting,
    stage: next.leadsTo,
    since: first.at,
    clockTo: next.clockSeconds ? later(first.at, next.clockSeconds) : undefined,
    openFrom,
    shutSince: hive.leftOpen || next.leadsTo === 'OPEN' ? undefined : (hive.shutSince ?? first.at),
    alarmAt: next.leadsTo === 'OPEN' ? undefined : hive.alarmAt,
    ahead: hive.ahead.slice(taken + 1),
    tool: first.tool ?? hive.tool,
  }
}

function later(at: string, seconds: number): string {
  return new Date(Date.parse(at) + seconds * 1000).toISOString()
}

/** Whether a hive has the tool with this number in it; where none is named it is the first. */
function hasTool(hive: HiveOnBoard, part: number): boolean {
  return HAS_TOOL.has(hive.stage) && (hive.tool ?? 1) === part
}

const BURNS: ReadonlySet<string> = new Set(['START_BURN', 'LOAD_COLD', 'CONNECT'])

/**
 * Why the next step of a hive is not for who plays a part: a burn without a tool in hand, with one that must not touch
 * the hive, or in a pause. Empty where nothing is against it.
 */
export function barred(hive: ShownHive, part: number, halted: boolean): string {
  if (!BURNS.has(hive.ahead[0]?.act ?? '')) return ''
  if (part === HANDS) return t('run.overlay.toolComesNextFor')
  if (hive.notFor.includes(part)) return t('run.overlay.notWithToolHand')
  return halted && isUntouched(hive) ? t('run.overlay.burningPaused') : ''
}

/**
 * The hive to point at for who plays a part. Where nothing waits on this device, the server's word; otherwise the
 * server's order, held to the same cases: the tool in hand, a hive well over its time, the next to burn, the next to
 * open; and for hands what is due, then a few to shut ahead.
 */
export function pointAt(
  board: Board,
  hives: readonly ShownHive[],
  part: number,
  halted: boolean,
  now: number,
): ShownHive | undefined {
  if (hives.every((hive) => hive.waiting === 0)) {
    return hives.find((hive) => hive.hiveId === board.actOn)
  }
  return pointAlone(board.pointing, hives, part, halted, now)
}

/** The same without the server. */
export function pointAlone(
  { openFirstAfterSeconds, shutAhead }: Board['pointing'],
  hives: readonly ShownHive[],
  part: number,
  halted: boolean,
  now: number,
): ShownHive | undefined {
  const next = nextToOpen(hives)
  const dueBefore = (moment: number) =>
    next && Date.parse(next.openFrom ?? '') < moment ? next : undefined
  if (part === HANDS) {
    const ahead = hives.filter((hive) => hive.stage === 'PREPARED').length
    const toShut = hives.find((hive) => hive.stage === 'WAITING' && !hive.leftOpen)
    return dueBefore(now + 1) ?? (!halted && ahead < shutAhead ? (toShut ?? next) : next)
  }
  const toBurn = hives.find(
    (hive) =>
      (hive.stage === 'WAITING' || hive.stage === 'PREPARED') && !hive.notFor.includes(part),
  )
  return (
    hives.find((hive) => hasTool(hive, part)) ??
    dueBefore(now - 1000 * openFirstAfterSeconds) ??
    (halted ? undefined : toBurn) ??
    next
  )
}

/** The shut hive that comes due first. */
export function nextToOpen(hives: readonly ShownHive[]): ShownHive | undefined {
  return hives
    .filter((hive) => hive.openFrom && (hive.stage === 'SEALED' || hive.stage === 'STOPPED'))
    .sort((a, b) => Date.parse(a.openFrom ?? '') - Date.parse(b.openFrom ?? ''))[0]
}
