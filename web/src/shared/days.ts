import { localeNow, t } from '../words/words'
import { unitsNow } from './units/units'

const DAY = 86_400_000

function at(date: string): number {
  return Date.parse(date + 'T00:00:00Z')
}

/** The calendar date here and now, by this device's zone. */
export function todayHere(now: number): string {
  const date = new Date(now)
  return new Date(now - date.getTimezoneOffset() * 60_000).toISOString().slice(0, 10)
}

/** A calendar date so many days later, or earlier. */
export function addDays(date: string, days: number): string {
  return new Date(at(date) + days * DAY).toISOString().slice(0, 10)
}

/** Days from one calendar date to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((at(to) - at(from)) / DAY)
}

const shortDays = new Map<string, Intl.DateTimeFormat>()

/** Day and month alone, as 18 Aug or Aug 18. */
export function shortDay(date: string): string {
  const locale = localeNow(unitsNow().dates === 'MONTH_DAY')
  const format =
    shortDays.get(locale) ??
    new Intl.DateTimeFormat(locale, { timeZone: 'UTC', day: 'numeric', month: 'short' })
  shortDays.set(locale, format)
  return format.format(new Date(at(date)))
}

/** Both ends of some days, as 22 Aug to 30 Aug. */
export function spanOf(days: { from: string; to: string }): string {
  return days.from === days.to
    ? shortDay(days.from)
    : t('shared.days.span', { from: shortDay(days.from), to: shortDay(days.to) })
}

/** Names of the twelve months, short. */
export function monthNames(): string[] {
  const format = new Intl.DateTimeFormat(localeNow(false), { timeZone: 'UTC', month: 'short' })
  return Array.from({ length: 12 }, (_, i) => format.format(Date.UTC(2026, i, 1)))
}
