import { ref } from 'vue'
import type { components } from '../api/schema'
import { clockOf, counted } from '../shared/format'
import { shortDay } from '../shared/days'
import { fixed, whole } from '../shared/numbers'
import {
  degrees,
  litres,
  metres,
  road,
  scoopsOf,
  weight,
  windSpeed,
} from '../shared/units/quantity'
import { unitsNow, type Units } from '../shared/units/units'
import { fetchRoom, knows, languageNow, t, type Language } from './words'

/** Something that was found, advised or counted: a code with its values. */
export type Fact = components['schemas']['Fact']

/** What a fact speaks of: known by its field. */
type Value =
  | { grams: number; decimals?: number }
  | { scoops: number; holding: number }
  | { celsius: number }
  | { day: string }
  | { n: number; of: string }
  | { share: number }
  | { minutes: number }
  | { seconds: number }
  | { km: number }
  | { metres: number }
  | { litres: number }
  | { wind: number }
  | { figure: number }
  | { text: string }
  | { word: string }
  | { fact: Fact }
  | { sum: Value[] }
  | { all: Value[] }

/** Without needless zeros, three decimals at the most. */
function plain(value: number): string {
  const digits = String(Number(value.toFixed(3))).split('.')[1]?.length ?? 0
  return Math.abs(value) >= 1000 && digits === 0 ? whole(value) : fixed(value, digits)
}

/** A part of a whole: tenths of a percent below ten, whole percent from there on. */
function part(share: number): string {
  const percent = 100 * share
  return `${Math.abs(percent) < 10 ? plain(Math.round(10 * percent) / 10) : Math.round(percent)} %`
}

const SHOWN: { [field: string]: (value: never) => string } = {
  grams: ({ grams, decimals }: { grams: number; decimals?: number }) => weight(grams, decimals),
  scoops: ({ scoops, holding }: { scoops: number; holding: number }) =>
    scoopsOf(counted(scoops, 'scoop'), holding),
  celsius: ({ celsius }: { celsius: number }) => degrees(celsius, 1).replace(/[.,]0(?= )/, ''),
  day: ({ day }: { day: string }) => shortDay(day),
  n: ({ n, of }: { n: number; of: string }) => counted(n, of),
  share: ({ share }: { share: number }) => part(share),
  minutes: ({ minutes }: { minutes: number }) => `${minutes} min`,
  seconds: ({ seconds }: { seconds: number }) => clockOf(1000 * seconds),
  km: ({ km }: { km: number }) => road(km),
  metres: ({ metres: length }: { metres: number }) => metres(length),
  litres: ({ litres: volume }: { litres: number }) => litres(volume),
  wind: ({ wind }: { wind: number }) => windSpeed(wind),
  figure: ({ figure }: { figure: number }) => plain(figure),
  text: ({ text }: { text: string }) => text,
  word: ({ word }: { word: string }) => wordOf(word),
  fact: ({ fact }: { fact: Fact }) => inWords(fact),
  sum: ({ sum }: { sum: Value[] }) => sum.map(shown).join(' + '),
  all: ({ all }: { all: Value[] }) => all.map(shown).join('; '),
}

/** A value in the language and the units of who reads. */
export function shown(value: Value | Record<string, unknown>): string {
  const field = Object.keys(SHOWN).find((each) => each in value)
  return field ? (SHOWN[field] as (value: unknown) => string)(value) : ''
}

/**
 * A fact in the language and the units of who reads; words that few pages tell are fetched when one is met. What was
 * kept as a sentence, before facts were, is told as it was written.
 */
export function inWords(fact: Fact | string | undefined): string {
  if (fact === undefined) return ''
  if (typeof fact === 'string') return kept(fact)
  const language = languageNow()
  const units = unitsNow()
  if (said.language !== language || said.units !== units) {
    said = { language, units, words: new Map() }
  }
  const id = JSON.stringify(fact)
  const known = said.words.get(id)
  if (known !== undefined) return known
  const before = unknown
  const text = worded(fact)
  if (unknown === before && said.words.size < 5_000) said.words.set(id, text)
  return text
}

/** What was said before to this reader: the hives of a sheet say the same in hundreds of rows. */
let said: { language?: Language; units?: Units; words: Map<string, string> } = { words: new Map() }
/** How often a code had no words, as while they are fetched. */
let unknown = 0

function worded(fact: Fact): string {
  const { code, values } = fact
  if (code === 'legacy') return String((values.text as { text?: string } | undefined)?.text ?? '')
  const key = code.startsWith('refusal.') ? code : `fact.${code}`
  if (!knows(key)) {
    unknown++
    fetchPart(key === code ? 'refusal' : 'fact')
    return code
  }
  return t(
    key,
    Object.fromEntries(
      Object.entries(values).map(([name, value]) => [
        name,
        shown(value as Record<string, unknown>),
      ]),
    ),
  )
}

const asked = new Set<string>()
const came = ref(0)

/** Fetches words that few pages tell, once a language; what told a code is told anew when they have come. */
function fetchPart(part: 'fact' | 'refusal'): void {
  const request = `${languageNow()} ${part}`
  void came.value
  if (asked.has(request)) return
  asked.add(request)
  void fetchRoom(part).then(() => came.value++)
}

/** A fact as a row keeps it: as JSON, a sentence as it was written. */
export function keptAs(fact: Fact): string {
  return fact.code === 'legacy'
    ? inWords(fact)
    : JSON.stringify({ code: fact.code, values: fact.values })
}

/** What a device or a row kept as text: a fact, or the sentence of an older Tavrel. */
function kept(text: string): string {
  if (!text.startsWith('{"code":')) return text
  try {
    return inWords(JSON.parse(text) as Fact)
  } catch {
    return text
  }
}

/** What follows a figure, as a box or days, in the language spoken now; signs of units are alike everywhere. */
export function unitOf(unit: string): string {
  const follows = unit.replace(/^g /, '')
  const code = follows
    .replaceAll("'", '')
    .replace(/^[^a-z0-9]+/i, '')
    .replace(/[^a-z0-9]+([a-z0-9]|$)/gi, (_, next: string) => next.toUpperCase())
  const key = `fact.word.Unit.${code}`
  return knows(key) ? (follows === unit ? '' : 'g ') + t(key) : unit
}

/** Why something was done: a usual reason by its name, or somebody's own words. */
export function reasonOf(said: string | undefined): string {
  const key = `fact.word.UsualReason.${said}`
  return said && knows(key) ? t(key) : (said ?? '')
}

/** A word of the trade by its code, as GramsOf.PRODUCT. */
export function wordOf(code: string): string {
  const key = `fact.word.${code}`
  return knows(key) ? t(key) : code
}
