import type { App } from 'vue'
import { createI18n, I18nT } from 'vue-i18n'
import catalogues from 'virtual:catalogues'

/** Languages that the screens speak, each by its own name. */
export const LANGUAGES = { en: 'English', es: 'Español', it: 'Italiano' } as const
export type Language = keyof typeof LANGUAGES

/** Which form of a text goes with a number: the first for one, as the language counts, else the last. */
function form(language: Language): (count: number, forms: number) => number {
  const rules = new Intl.PluralRules(language)
  return (count, forms) => (rules.select(count) === 'one' ? 0 : forms - 1)
}

/** All that the screens say, in the language of who looks. */
const spoken = createI18n({
  legacy: false,
  locale: 'en',
  fallbackLocale: 'en',
  pluralRules: { en: form('en'), es: form('es'), it: form('it') },
  missingWarn: import.meta.env.DEV,
  fallbackWarn: false,
})

/** Gives an application its words, and the element that puts other elements into a text. */
export const words = {
  install: (app: App) => void app.use(spoken).component('I18nT', I18nT),
}

/**
 * A text of the catalogue with its values put in.
 *
 * @param key where it stands, as run.peopleCheck.title
 */
export const t: (key: string, values?: Record<string, unknown>, count?: number) => string = (
  key,
  values = {},
  count,
) => (count === undefined ? spoken.global.t(key, values) : spoken.global.t(key, values, count))

/** The language spoken now. */
export function languageNow(): Language {
  return spoken.global.locale.value as Language
}

/** Whether this device shows the made-up language of docs/translating.md. */
const MARKED = localStorage.getItem('tavrel.marked') !== null

async function inMarks(texts: unknown): Promise<Record<string, never>> {
  const { marked } = await import('./marked')
  return marked(texts) as Record<string, never>
}

const fetched = new Set<string>()

/** Fetches the words of rooms in a language, once each. */
async function fetchWords(language: Language, rooms: readonly string[]): Promise<void> {
  await Promise.all(
    rooms.map(async (room) => {
      const part = catalogues[language][room]
      if (!part || fetched.has(`${language} ${room}`)) return
      const texts = (await part()).default
      spoken.global.mergeLocaleMessage(language, MARKED ? await inMarks(texts) : texts)
      fetched.add(`${language} ${room}`)
    }),
  )
}

/** Rooms whose pages tell no facts but those of the first part: what a keeper opens first waits for nothing else. */
const ROOMS_WITHOUT_FACTS: ReadonlySet<string> = new Set(['', 'today'])

/** Rooms whose pages tell what is due. */
const ROOMS_WITH_DUE: ReadonlySet<string> = new Set(['today', 'hive', 'apiary'])

/** Whose words the open page says. */
let rooms: readonly string[] = []

/** Whether the catalogue has a text. */
export function knows(key: string): boolean {
  return spoken.global.te(key)
}

/** Has the words of a room there; where they cannot be had now, others have to do. */
export async function fetchRoom(room: string): Promise<void> {
  await fetchWords(languageNow(), [room]).catch(() => undefined)
}

/** Has the words of a page's room there before the page opens. */
export async function enterRoom(room: string): Promise<void> {
  rooms = [
    'first',
    ...(ROOMS_WITHOUT_FACTS.has(room) ? [] : ['fact']),
    ...(ROOMS_WITH_DUE.has(room) ? ['due'] : []),
    room,
  ]
  let language: Language
  do {
    language = languageNow()
    await fetchWords(language, rooms)
  } while (language !== languageNow())
}

/** Has the words of the open page there in every language, for somebody who is about to choose. */
export async function fetchAll(): Promise<void> {
  const languages = Object.keys(LANGUAGES) as Language[]
  await Promise.all(languages.map((each) => fetchWords(each, rooms).catch(() => undefined)))
}

/** The language to begin with: nothing has been said yet. */
export function beginIn(language: Language): void {
  spoken.global.locale.value = language
  document.documentElement.lang = language
}

/** Speaks another language from now on, on the page that is open too. */
export async function speak(language: Language): Promise<void> {
  let there: readonly string[]
  do {
    there = rooms
    await fetchWords(language, there)
  } while (there !== rooms)
  beginIn(language)
}

/**
 * The language spoken now with a region, for days and months.
 *
 * @param monthFirst whether the month is said before the day, which of our languages English alone does
 */
export function localeNow(monthFirst: boolean): string {
  const language = languageNow()
  return language === 'en' ? (monthFirst ? 'en-US' : 'en-GB') : language
}

/** The language of the browser's region, where the screens speak it. */
export function languageOf(region: string): Language {
  const own = region.slice(0, 2)
  return own in LANGUAGES ? (own as Language) : 'en'
}

/** Texts by code: whichever is read is in the language of that moment. */
export function texts<K extends string>(
  keys: Readonly<Record<K, string>>,
): Readonly<Record<K, string>> {
  return new Proxy(keys, { get: (of, code) => (code in of ? t(of[code as K]) : undefined) })
}
