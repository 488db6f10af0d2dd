import { inWords, shown as valueShown, type Fact } from './facts'
import { localeNow, t, knows } from './words'

/** A value of a refusal as its reader writes it: days by name, facts in words, all else as it is. */
function shown(value: unknown): unknown {
  if (typeof value === 'number') return valueShown({ figure: value })
  if (typeof value === 'object' && value !== null) {
    return 'code' in value ? inWords(value as Fact) : valueShown(value as Record<string, unknown>)
  }
  if (typeof value !== 'string' || !/^\d{4}-\d{2}-\d{2}$/.test(value)) return value
  const day = new Date(value)
  if (Number.isNaN(+day)) return value
  return new Intl.DateTimeFormat(localeNow(false), { timeZone: 'UTC', dateStyle: 'medium' }).format(
    day,
  )
}

/** What is wrong with a field, in the language of who typed it; undefined where the catalogue does not know the code. */
export function refusalWords(
  code: string,
  values: Readonly<Record<string, unknown>>,
): string | undefined {
  const key = `refusal.${code}`
  if (!knows(key)) return undefined
  return t(key, Object.fromEntries(Object.entries(values).map(([k, v]) => [k, shown(v)]))).trim()
}
