/** Minutes and seconds; hours where there are any. Never negative. */
export function clockOf(milliseconds: number): string {
  const seconds = Math.max(0, Math.floor(milliseconds / 1000))
  const minutes = Math.floor(seconds / 60)
  const two = (n: number) => String(n).padStart(2, '0')
  return minutes >= 60
    ? `${Math.floor(minutes / 60)}:${two(minutes % 60)}:${two(seconds % 60)}`
    : `${minutes}:${two(seconds % 60)}`
}

const clocks = new Map<string, Intl.DateTimeFormat>()
const days = new Intl.DateTimeFormat('en-GB', {
  timeZone: 'UTC',
  weekday: 'short',
  day: 'numeric',
  month: 'short',
})

/** Hour and minute in a zone, 24 h. */
export function timeIn(zone: string, at: string | number): string {
  const clock =
    clocks.get(zone) ??
    new Intl.DateTimeFormat('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit' })
  clocks.set(zone, clock)
  return clock.format(new Date(at))
}

/** Day and month, as 18 Aug, of a calendar date. */
export function dayOf(date: string): string {
  return days.format(new Date(date + 'T00:00:00Z'))
}

/** Grams to a tenth. */
export function grams(value: number): string {
  return value.toFixed(1) + ' g'
}

/** A count with its noun, as 1 hive or 12 hives. */
export function counted(count: number, one: string, many = one + 's'): string {
  return `${count} ${count === 1 ? one : many}`
}
