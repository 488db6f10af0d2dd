import { readdirSync, readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import type { Plugin } from 'vite'

interface Texts {
  [key: string]: string | Texts
}

const FOLDER = resolve(import.meta.dirname, 'src/words')
/** One file each. */
const LANGUAGES = readdirSync(FOLDER)
  .filter((name) => name.endsWith('.json'))
  .map((name) => name.replace('.json', ''))
/** What every page needs: it is fetched first, the words of a room with its first page. */
const FIRST = ['api', 'app', 'common', 'counted', 'shared', 'theme']
/** Kinds of facts that Today tells: they come with what every page needs, the others with the pages that tell them. */
const FACTS_FIRST = ['gear', 'hour', 'stock', 'weather']
const VIRTUAL = 'virtual:catalogues'
const PART = new RegExp(`^${FOLDER}/(\\w+)/(\\w+)\\.json$`)

const catalogue = (language: string) =>
  JSON.parse(readFileSync(`${FOLDER}/${language}.json`, 'utf8')) as Texts

/** The texts of one part: a room's, or the first with the facts that are told first. */
function partOf(whole: Texts, room: string): Texts {
  const { fact, ...others } = whole
  const facts = Object.entries(fact as Texts)
  if (room === 'fact') {
    return { fact: Object.fromEntries(facts.filter(([kind]) => !FACTS_FIRST.includes(kind))) }
  }
  if (room !== 'first') return { [room]: others[room] as Texts }
  return {
    ...Object.fromEntries(Object.entries(others).filter(([key]) => FIRST.includes(key))),
    fact: Object.fromEntries(facts.filter(([kind]) => FACTS_FIRST.includes(kind))),
  }
}

/** The keys of all texts. */
function keysOf(texts: Texts, path = ''): string[] {
  return Object.entries(texts).flatMap(([key, text]) =>
    typeof text === 'string' ? [path + key] : keysOf(text, `${path}${key}.`),
  )
}

/** The texts of a language; what it lacks is English, and is told. */
function filled(english: Texts, own: Texts, path: string, tell: (key: string) => void): Texts {
  return Object.fromEntries(
    Object.entries(english).map(([key, text]) => {
      const here = path ? `${path}.${key}` : key
      const said = own[key]
      if (typeof text !== 'string')
        return [key, filled(text, typeof said === 'object' ? said : {}, here, tell)]
      if (said === undefined) tell(here)
      return [key, said ?? text]
    }),
  )
}

/** One file a language becomes one chunk a room, compiled when the screens are built. */
export function catalogues(): Plugin {
  return {
    name: 'tavrel-catalogues',
    enforce: 'pre',
    resolveId(id) {
      if (id === VIRTUAL) return `\0${VIRTUAL}`
      return PART.test(id) ? id : undefined
    },
    load(id) {
      if (id === `\0${VIRTUAL}`) {
        const rooms = Object.keys(catalogue('en')).filter((room) => !FIRST.includes(room))
        const of = (language: string) =>
          ['first', ...rooms]
            .map((room) => `${room}: () => import('${FOLDER}/${language}/${room}.json')`)
            .join(',')
        return `export default {${LANGUAGES.map((language) => `${language}: {${of(language)}}`).join(',')}}`
      }
      const [, language, room] = PART.exec(id) ?? []
      if (!language || !room) return undefined
      this.addWatchFile(`${FOLDER}/${language}.json`)
      const missing: string[] = []
      const whole = filled(catalogue('en'), catalogue(language), '', (key) => missing.push(key))
      const wanted = partOf(whole, room)
      const lacking = keysOf(wanted).filter((key) => missing.includes(key))
      if (lacking.length > 0) this.warn(`${language} lacks ${lacking.join(', ')}`)
      return JSON.stringify(wanted)
    },
  }
}
