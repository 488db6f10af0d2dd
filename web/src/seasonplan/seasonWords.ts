import type { Shapes } from '../api/client'

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
  if (cell.closed) return 'nobody may come: ' + cell.closed
  if (cell.expected && !cell.grade)
    return `${hoursOf(cell.minutes)} usual for the date, to be confirmed: no source tells of them`
  if (!cell.grade) return 'no workable hour'
  const rest = cell.expected ? ', some of them only usual for the date' : ''
  return `${cell.grade === 'GOOD' ? 'good' : 'fair'} hours, ${hoursOf(cell.minutes)} workable${rest}`
}

/** Stretches of a year that lie on a day. */
export function stretchesOn(
  year: readonly Shapes['YearStretch'][],
  day: string,
): readonly Shapes['YearStretch'][] {
  return year.filter((each) => each.from <= day && day <= each.to)
}
