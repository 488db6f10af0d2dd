import { localeNow, t } from '../../words/words'
import { todayHere } from '../days'
import { unitsNow } from './units'

/** What a field took its text for: the value as it is sent, and how it was understood; or what is wrong. */
export type Read = { value: string; says: string } | { wrong: string }

const monthFirst = () => unitsNow().dates === 'MONTH_DAY'

function written(date: string, weekday: boolean): string {
  return new Intl.DateTimeFormat(localeNow(monthFirst()), {
    timeZone: 'UTC',
    weekday: weekday ? 'short' : undefined,
    day: 'numeric',
    month: 'short',
    year: 'numeric',
  }).format(new Date(date + 'T00:00:00Z'))
}

/** A day as a field shows it: 18 Aug 2026 or Aug 18, 2026; another text as it is. */
export function dayInField(date: string): string {
  return isDay(date) ? written(date, false) : date
}

/** Whether it is a calendar day as it is sent, 2026-08-18. */
export function isDay(text: string): boolean {
  const date = new Date(text + 'T00:00:00Z')
  return (
    /^\d{4}-\d{2}-\d{2}$/.test(text) &&
    Number.isFinite(+date) &&
    date.toISOString().startsWith(text)
  )
}

function plain(text: string): string {
  return text.toLowerCase().replace(/\.$/, '')
}

/** The month that begins so in the language spoken now, from 1; three letters are enough. */
function monthOf(name: string): number | undefined {
  const long = new Intl.DateTimeFormat(localeNow(false), { timeZone: 'UTC', month: 'long' })
  const begins = plain(name)
  for (let month = 0; begins.length >= 3 && month < 12; month++) {
    const full = plain(long.format(Date.UTC(2026, month, 1)))
    if (full.startsWith(begins) || begins.startsWith(full.slice(0, 3))) return month + 1
  }
  return undefined
}

/** Year, month and day of what was typed, in the order of who typed it. */
function partsOf(text: string, now: number): [string, number, string] | undefined {
  const parts = text
    .trim()
    .split(/[\s,./-]+/)
    .filter((part) => part !== '' && !/^(de|del|of)$/i.test(part))
  const [first = '', second = '', third] = parts
  if (/^\d{4}$/.test(first)) return [first, Number(second), third ?? '']
  if (parts.length < 2 || parts.length > 3) return undefined
  const letters = [first, second].findIndex((part) => /^\p{L}/u.test(part))
  const monthGoesFirst = letters >= 0 ? letters === 0 : monthFirst()
  const [named, day] = monthGoesFirst ? [first, second] : [second, first]
  const month = letters >= 0 ? monthOf(named) : Number(named)
  const year = third ?? todayHere(now).slice(0, 4)
  return month === undefined ? undefined : [year.length === 2 ? `20${year}` : year, month, day]
}

/**
 * Reads a day: 18 Aug 2026, 18.8.2026, 8/18/26 where the month goes first, 2026-08-18; without a year it is of this
 * year.
 */
export function readDay(text: string, now: number): Read {
  const parts = partsOf(text, now)
  const date = parts
    ? `${parts[0]}-${String(parts[1]).padStart(2, '0')}-${parts[2].padStart(2, '0')}`
    : ''
  return isDay(date)
    ? { value: date, says: written(date, true) }
    : { wrong: t('shared.dayField.noDay', { example: dayInField(todayHere(now)) }) }
}

/** An hour of the day as a field shows it: 06:30 or 6:30 am; another text as it is. */
export function clockInField(time: string): string {
  const [, hour, minute] = /^(\d\d):(\d\d)/.exec(time) ?? []
  if (hour === undefined || minute === undefined) return time
  if (unitsNow().clock === 'HOURS_24') return `${hour}:${minute}`
  return `${Number(hour) % 12 || 12}:${minute} ${Number(hour) < 12 ? 'am' : 'pm'}`
}

/** Reads an hour of the day: 06:30, 6.30, 0630, 6, 6:30 pm. */
export function readClock(text: string): Read {
  const found = /^(\d{1,2})(?:[:.h ]?(\d{2}))?\s*(?:([ap])\.?\s?m\.?)?$/i.exec(text.trim())
  const [, hours = '', minutes = '00', half] = found ?? []
  const hour = half ? (Number(hours) % 12) + (half.toLowerCase() === 'p' ? 12 : 0) : Number(hours)
  const fits = found && hour < 24 && Number(minutes) < 60 && (!half || inRange(Number(hours)))
  if (!fits) {
    return { wrong: t('shared.clockField.noHour', { example: clockInField('06:30') }) }
  }
  const value = `${String(hour).padStart(2, '0')}:${minutes}`
  return { value, says: clockInField(value) }
}

function inRange(hour: number): boolean {
  return hour >= 1 && hour <= 12
}
