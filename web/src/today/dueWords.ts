import type { Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import { counted } from '../shared/format'
import { percent } from '../shared/numbers'
import { t, texts } from '../words/words'

type DueTask = Shapes['DueTask']

const READINGS = texts<Shapes['BoardsDue']['reading']>({
  FIRST: 'today.dueWords.first',
  SECOND: 'today.dueWords.second',
  THIRD: 'today.dueWords.third',
  PAST: 'today.dueWords.past',
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
