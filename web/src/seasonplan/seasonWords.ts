import type { Shapes } from '../api/client'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** A crew's letter: the carrier of who goes, beside its tint. */
export function letterOf(crews: readonly { id: string }[], crewId: string | undefined): string {
  const index = crews.findIndex((crew) => crew.id === crewId)
  return index < 0 ? '?' : String.fromCharCode(65 + index)
}

/** Hours and minutes of some minutes, as 3 h 05. */
export function hoursOf(minutes: number): string {
  const hours = Math.floor(minutes / 60)
  const rest = Math.round(minutes % 60)
  return hours === 0 ? `${rest} min` : `${hours} h ${String(rest).padStart(2, '0')}`
}

/** What lies behind a day of an apiary, in words. */
export function cellWords(cell: Shapes['YardCell'] | undefined): string {
  if (!cell) return ''
  if (cell.closed)
    return t('seasonplan.seasonWords.nobodyMayCome', { closed: inWords(cell.closed) })
  if (cell.expected && !cell.grade)
    return t('seasonplan.seasonWords.usualForDateBe', { minutes: hoursOf(cell.minutes) })
  if (!cell.grade) return t('seasonplan.seasonWords.noWorkableHour')
  const rest = cell.expected ? t('seasonplan.seasonWords.someThemOnlyUsual') : ''
  return t('seasonplan.seasonWords.hoursWorkable', {
    grade:
      cell.grade === 'GOOD' ? t('seasonplan.seasonWords.good') : t('seasonplan.seasonWords.fair'),
    minutes: hoursOf(cell.minutes),
    rest,
  })
}

/** Stretches of a year that lie on a day. */
export function stretchesOn(
  year: readonly Shapes['YearStretch'][],
  day: string,
): readonly Shapes['YearStretch'][] {
  return year.filter((each) => each.from <= day && day <= each.to)
}
