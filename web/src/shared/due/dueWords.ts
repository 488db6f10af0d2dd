import type { Shapes } from '../../api/client'
import { shortDay } from '../days'
import { counted } from '../format'
import { percent, whole } from '../numbers'
import { t, texts } from '../../words/words'

type DueTask = Shapes['DueTask']

const READINGS = texts<Shapes['BoardsDue']['reading']>({
  FIRST: 'due.words.first',
  SECOND: 'due.words.second',
  THIRD: 'due.words.third',
  PAST: 'due.words.past',
})

const LOST_FOR = texts<Shapes['LostDay']['mostly']>({
  BELOW_LABEL: 'due.lost.belowLabel',
  ABOVE_LABEL: 'due.lost.aboveLabel',
  STORM: 'due.lost.storm',
  TOO_HOT: 'due.lost.tooHot',
  THUNDER_OR_ICE: 'due.lost.thunderOrIce',
  OUTSIDE_WARMTH: 'due.lost.outsideWarmth',
  BROAD_DAY: 'due.lost.broadDay',
  REACH: 'due.lost.reach',
  WIND: 'due.lost.wind',
  RAIN: 'due.lost.rain',
  UNKNOWN: 'due.lost.unknown',
  BEYOND: 'due.lost.unknown',
  GAP: 'due.lost.unknown',
})

/** The hives that something due is about, each with its mites where they are the matter. */
function hivesOf({ kind, hives, moreHives }: DueTask): string {
  const named = hives
    .map(({ name, share }) =>
      share !== undefined
        ? `${name} ${percent(share)}`
        : kind === 'ABOVE_UNPLANNED'
          ? t('due.words.byYard', { name })
          : name,
    )
    .join(', ')
  return moreHives > 0 ? t('due.words.more', { hives: named, more: moreHives }) : named
}

/** What is due, and why. */
export function dueWords(task: DueTask): string {
  const hives = hivesOf(task)
  const day = task.day ? shortDay(task.day) : ''
  switch (task.kind) {
    case 'DANGER':
      return t('due.words.danger', { hives })
    case 'ABOVE_UNPLANNED':
      return t('due.words.above', { hives })
    case 'TAKE_OUT':
      return t('due.words.takeOut', { hives, day })
    case 'OVER_LABEL':
      return t('due.words.overLabel', { hives, day })
    case 'HONEY_WAIT':
      return t('due.words.honeyWait', {
        hives,
        day,
        until: task.ended ? shortDay(task.ended) : '',
      })
    case 'WINDOW_CLOSES':
      return t('due.words.closes', { hives, day })
    case 'WINDOW_OPENS':
      return t('due.words.opens', { hives, day })
    case 'FALLS_SHORT':
      return t('due.words.fallsShort', { hives, ...deadlineOf(task) })
    case 'BEGIN_BY':
      return task.waiting?.deadline.occasion === 'RAISING'
        ? t('due.words.raising', { hives, day, ...deadlineOf(task) })
        : t('due.words.beginBy', { hives, day, ...deadlineOf(task) })
    case 'OUT_OF_REACH':
      return t(task.waiting?.labelYear ? 'due.words.outOfShare' : 'due.words.outOfReach', {
        hives,
        ...deadlineOf(task),
        best: bestOf(task),
      })
    case 'NEIGHBOUR':
      return t('due.words.neighbour', { hives, day })
    case 'LOOK_DUE':
      return t('due.words.look', { hives, day })
    case 'UNSEEN':
      return t('due.words.unseen', { hives })
    case 'MAKE_READY':
      return task.round
        ? t('due.words.makeReady', { round: roundWords(task.round, task.series ?? ''), day })
        : ''
    case 'HOURS_GONE':
      return task.round && task.lost
        ? t('due.words.hoursGone', {
            round: roundWords(task.round, task.series ?? ''),
            day,
            reason: LOST_FOR[task.lost.mostly],
            next: task.lost.next
              ? t('due.words.nextHours', { day: shortDay(task.lost.next) })
              : t('due.words.noNextHours'),
          })
        : ''
    case 'ROUND_LATE':
    case 'ROUND_DUE':
    case 'ROUND_AHEAD':
      return task.round ? roundWords(task.round, task.series ?? '') : ''
    case 'BOARDS_TO_READ':
      return task.boards ? boardWords(task.boards) : ''
    case 'RECOUNT_DUE':
      return t('due.words.recount', {
        series: task.series,
        day: task.ended ? shortDay(task.ended) : '',
      })
    case 'COUNT_DUE':
      return task.lastCount
        ? t('due.words.lastCounted', { day: shortDay(task.lastCount) })
        : t('due.words.neverCounted')
  }
}

/** By when mites should be down, and how far. */
function deadlineOf({ waiting }: DueTask) {
  return waiting
    ? { date: shortDay(waiting.deadline.date), target: percent(waiting.deadline.target) }
    : { date: '', target: '' }
}

function bestOf({ waiting }: DueTask): string {
  return waiting?.act ? t('due.words.best', { wash: percent(waiting.act.wash) }) : ''
}

/** A series to begin: how many rounds, how far apart, from when. */
export function actWords(act: Shapes['Begun']): string {
  const day = shortDay(act.start)
  return act.rounds === 1
    ? t('due.waiting.one', { day })
    : t('due.waiting.act', {
        rounds: counted(act.rounds, 'round'),
        gap: counted(act.gap, 'day'),
        day,
      })
}

/** What a week of waiting costs, as the model has it, and what to begin. */
export function waitingWords(waiting: Shapes['Waiting']): string {
  const { hive, weekCosts, deadline, act } = waiting
  const date = shortDay(deadline.date)
  const mites = weekCosts < 100 ? Math.round(weekCosts / 5) * 5 : Math.round(weekCosts / 50) * 50
  const costs = mites > 0 ? t('due.waiting.costs', { hive, mites: whole(mites), date }) : ''
  const least = act ? t('due.waiting.least', { hive, act: actWords(act) }) : ''
  return [costs, least].filter(Boolean).join('; ')
}

function roundWords(round: Shapes['DueRound'], series: string): string {
  const { number, of, hives, crew, daysLate } = round
  return t('due.words.round', {
    series,
    number,
    of,
    hives: counted(hives, 'hive'),
    crew: crew ? t('due.words.crew', { crew }) : '',
    late: daysLate > 0 ? t('due.words.late', { days: counted(daysLate, 'day') }) : '',
  })
}

function boardWords({ boards, lainHours, reading }: Shapes['BoardsDue']): string {
  return t('due.words.boards', {
    boards: counted(boards, 'board'),
    hours: lainHours,
    reading: READINGS[reading],
  })
}
