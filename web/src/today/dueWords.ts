import type { Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import { counted } from '../shared/format'
import { percent, whole } from '../shared/numbers'
import { t, texts } from '../words/words'

type DueTask = Shapes['DueTask']

const READINGS = texts<Shapes['BoardsDue']['reading']>({
  FIRST: 'today.dueWords.first',
  SECOND: 'today.dueWords.second',
  THIRD: 'today.dueWords.third',
  PAST: 'today.dueWords.past',
})

const LOST_FOR = texts<Shapes['LostDay']['mostly']>({
  BELOW_LABEL: 'today.lost.belowLabel',
  ABOVE_LABEL: 'today.lost.aboveLabel',
  STORM: 'today.lost.storm',
  TOO_HOT: 'today.lost.tooHot',
  THUNDER_OR_ICE: 'today.lost.thunderOrIce',
  OUTSIDE_WARMTH: 'today.lost.outsideWarmth',
  BROAD_DAY: 'today.lost.broadDay',
  REACH: 'today.lost.reach',
  WIND: 'today.lost.wind',
  RAIN: 'today.lost.rain',
  UNKNOWN: 'today.lost.unknown',
})

/** The hives that something due is about, each with its mites where they are the matter. */
function hivesOf({ hives, moreHives }: DueTask): string {
  const named = hives
    .map(({ name, share }) => (share === undefined ? name : `${name} ${percent(share)}`))
    .join(', ')
  return moreHives > 0 ? t('today.dueWords.more', { hives: named, more: moreHives }) : named
}

/** What is due, and why. */
export function dueWords(task: DueTask): string {
  const hives = hivesOf(task)
  const day = task.day ? shortDay(task.day) : ''
  switch (task.kind) {
    case 'DANGER':
      return t('today.dueWords.danger', { hives })
    case 'ABOVE_UNPLANNED':
      return t('today.dueWords.above', { hives })
    case 'WINDOW_CLOSES':
      return t('today.dueWords.closes', { hives, day })
    case 'WINDOW_OPENS':
      return t('today.dueWords.opens', { hives, day })
    case 'FALLS_SHORT':
      return t('today.dueWords.fallsShort', { hives, ...deadlineOf(task) })
    case 'BEGIN_BY':
      return task.waiting?.deadline.occasion === 'RAISING'
        ? t('today.dueWords.raising', { hives, ...deadlineOf(task) })
        : t('today.dueWords.beginBy', { hives, day, ...deadlineOf(task) })
    case 'OUT_OF_REACH':
      return t('today.dueWords.outOfReach', { hives, ...deadlineOf(task), best: bestOf(task) })
    case 'NEIGHBOUR':
      return t('today.dueWords.neighbour', { hives, day })
    case 'LOOK_DUE':
      return t('today.dueWords.look', { hives, day })
    case 'UNSEEN':
      return t('today.dueWords.unseen', { hives })
    case 'MAKE_READY':
      return task.round
        ? t('today.dueWords.makeReady', { round: roundWords(task.round, task.series ?? ''), day })
        : ''
    case 'HOURS_GONE':
      return task.round && task.lost
        ? t('today.dueWords.hoursGone', {
            round: roundWords(task.round, task.series ?? ''),
            day,
            reason: LOST_FOR[task.lost.mostly],
            next: task.lost.next
              ? t('today.dueWords.nextHours', { day: shortDay(task.lost.next) })
              : t('today.dueWords.noNextHours'),
          })
        : ''
    case 'ROUND_LATE':
    case 'ROUND_DUE':
    case 'ROUND_AHEAD':
      return task.round ? roundWords(task.round, task.series ?? '') : ''
    case 'BOARDS_TO_READ':
      return task.boards ? boardWords(task.boards) : ''
    case 'RECOUNT_DUE':
      return t('today.dueWords.recount', {
        series: task.series,
        day: task.ended ? shortDay(task.ended) : '',
      })
    case 'COUNT_DUE':
      return task.lastCount
        ? t('today.dueWords.lastCounted', { day: shortDay(task.lastCount) })
        : t('today.dueWords.neverCounted')
  }
}

/** By when mites should be down, and how far. */
function deadlineOf({ waiting }: DueTask) {
  return waiting
    ? { date: shortDay(waiting.deadline.date), target: percent(waiting.deadline.target) }
    : { date: '', target: '' }
}

function bestOf({ waiting }: DueTask): string {
  return waiting?.act ? t('today.dueWords.best', { wash: percent(waiting.act.wash) }) : ''
}

/** A series to begin: how many rounds, how far apart, from when. */
function actWords(act: Shapes['Begun']): string {
  const day = shortDay(act.start)
  return act.rounds === 1
    ? t('today.waiting.one', { day })
    : t('today.waiting.act', {
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
  const costs = mites > 0 ? t('today.waiting.costs', { hive, mites: whole(mites), date }) : ''
  const least = act ? t('today.waiting.least', { hive, act: actWords(act) }) : ''
  return [costs, least].filter(Boolean).join('; ')
}

function roundWords(round: Shapes['DueRound'], series: string): string {
  const { number, of, hives, crew, daysLate } = round
  return t('today.dueWords.round', {
    series,
    number,
    of,
    hives: counted(hives, 'hive'),
    crew: crew ? t('today.dueWords.crew', { crew }) : '',
    late: daysLate > 0 ? t('today.dueWords.late', { days: counted(daysLate, 'day') }) : '',
  })
}

function boardWords({ boards, lainHours, reading }: Shapes['BoardsDue']): string {
  return t('today.dueWords.boards', {
    boards: counted(boards, 'board'),
    hours: lainHours,
    reading: READINGS[reading],
  })
}
