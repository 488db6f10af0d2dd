import { localeNow, t } from '../words/words'
import { weight } from './units/quantity'
import { unitsNow } from './units/units'

/** Minutes and seconds; hours where there are any. Never negative. */
export function clockOf(milliseconds: number): string {
  const seconds = Math.max(0, Math.floor(milliseconds / 1000))
  const minutes = Math.floor(seconds / 60)
  const two = (n: number) => String(n).padStart(2, '0')
  return minutes >= 60
    ? `${Math.floor(minutes / 60)}:${two(minutes % 60)}:${two(seconds % 60)}`
    : `${minutes}:${two(seconds % 60)}`
}

const formats = new Map<string, Intl.DateTimeFormat>()

/** One format for each language and way: making one takes longer than using it. */
function format(key: string, language: string, ways: Intl.DateTimeFormatOptions) {
  const known = formats.get(key) ?? new Intl.DateTimeFormat(language, ways)
  formats.set(key, known)
  return known
}

/** Hour and minute in a zone, as 14:05 or 2:05 pm. */
export function timeIn(zone: string, at: string | number): string {
  const twelve = unitsNow().clock === 'HOURS_12'
  const locale = localeNow(false)
  return format(`${locale} ${twelve} ${zone}`, locale, {
    timeZone: zone,
    hour: twelve ? 'numeric' : '2-digit',
    minute: '2-digit',
    hour12: twelve,
  }).format(new Date(at))
}

/** Weekday and day of the month at a moment in a zone, as Wed 19. */
export function weekdayIn(zone: string, at: string | number): string {
  const locale = localeNow(false)
  return format(`${locale} weekday ${zone}`, locale, {
    timeZone: zone,
    weekday: 'short',
    day: 'numeric',
  }).format(new Date(at))
}

/** Weekday, day and month of a calendar date, as Tue 18 Aug. */
export function dayOf(date: string): string {
  const locale = localeNow(unitsNow().dates === 'MONTH_DAY')
  return format(`${locale} day`, locale, {
    timeZone: 'UTC',
    weekday: 'short',
    day: 'numeric',
    month: 'short',
  }).format(new Date(date + 'T00:00:00Z'))
}

/** Grams to a tenth, in the unit of who reads. */
export function grams(value: number): string {
  return weight(value, 1)
}

/** A count with its noun, as 1 hive or 12 hives: the nouns stand in the catalogue. */
export function counted(count: number, noun: string): string {
  return t(`counted.${noun}`, { n: count }, count)
}
