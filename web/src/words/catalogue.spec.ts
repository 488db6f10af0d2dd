import { readFileSync, readdirSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import english from './en.json'
import italian from './it.json'
import spanish from './es.json'
import { unitOf } from './facts'
import { beginIn, enterRoom } from './words'

type Texts = { [key: string]: string | Texts }

function flat(texts: Texts, path = ''): [string, string][] {
  return Object.entries(texts).flatMap(([key, text]): [string, string][] =>
    typeof text === 'string' ? [[path + key, text]] : flat(text, `${path}${key}.`),
  )
}

const ENGLISH = new Map(flat(english))
const OTHERS = { spanish: new Map(flat(spanish)), italian: new Map(flat(italian)) }
const values = (text: string) => [...new Set(text.match(/\{[^}]*\}/g) ?? [])].sort()
const forms = (text: string) => text.split('|').length

/** All code of the screens but its tests. */
function sources(folder = 'src'): string[] {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((each) => /\.(vue|ts)$/.test(each.name) && !each.name.includes('.spec.'))
    .map((each) => readFileSync(`${each.parentPath}/${each.name}`, 'utf8'))
}

describe.each(Object.entries(OTHERS))('the texts in %s', (_, own) => {
  it('are complete, and none is left over', () => {
    expect([...own.keys()].sort()).toEqual([...ENGLISH.keys()].sort())
  })

  it('name the same values and have as many forms', () => {
    const differ = [...ENGLISH].filter(
      ([key, text]) =>
        values(text).join() !== values(own.get(key) ?? '').join() ||
        forms(text) !== forms(own.get(key) ?? ''),
    )
    expect(differ).toEqual([])
  })

  it('are never empty', () => {
    expect([...own].filter(([, text]) => text.trim() === '')).toEqual([])
  })
})

/** All code of the server and its core. */
const java = ['../core', '../server']
  .flatMap((module) =>
    readdirSync(`${module}/src/main/java`, { withFileTypes: true, recursive: true }),
  )
  .filter((each) => each.name.endsWith('.java'))
  .map((each) => readFileSync(`${each.parentPath}/${each.name}`, 'utf8'))
  .join('\n')

describe('refusals', () => {
  const told = new Map(
    [
      ...java.matchAll(
        /(?:InvalidValue\(\s*[^;]*?,|\brefused\()\s*"([a-z]\w*)",\s*("(?:[^"\\]|\\.)*")/g,
      ),
    ].map(([, code = '', text = '""']) => [`refusal.${code}`, JSON.parse(text) as string]),
  ).set('refusal.outsideRange', /OUTSIDE = "([^"]*)"/.exec(java)?.[1] ?? '')

  it('are in the catalogue as the server tells them', () => {
    const known = [...ENGLISH].filter(([key]) => key.startsWith('refusal.'))
    expect(told.size).toBeGreaterThan(150)
    expect(
      Object.fromEntries(known.map(([key, text]) => [key, text.replace("{'@'}", '@')])),
    ).toEqual(Object.fromEntries(told))
  })

  it('have a word for what follows each figure', async () => {
    const units = [...java.matchAll(/inRange\((?:[^;"]|"[a-z]\w*"|"\w+\.\w+")*,\s*"([^"]+)"\)/g)]
      .map(([, unit = '']) => unit)
      .filter((unit) => !/^(g|°C|%|V|W|Ah|mm|s|min|h|d|m\/s|km|km\/h)$/.test(unit))
    expect(units.length).toBeGreaterThan(50)
    beginIn('es')
    await enterRoom('dose')
    expect(units.filter((unit) => unitOf(unit) === unit)).toEqual([])
    beginIn('en')
  })
})

describe('facts', () => {
  const told = new Set(
    [...java.matchAll(/Fact\.of\(\s*"([^"]+)"|"(ways\.\w+)"|"code\\?":\\?"([a-z]+\.[^"\\]+)/g)]
      .map((found) => found[1] ?? found[2] ?? found[3] ?? '')
      .map((code) => `fact.${code}`),
  )
  const known = [...ENGLISH.keys()].filter(
    (key) => key.startsWith('fact.') && !key.startsWith('fact.word.'),
  )

  it('are in the catalogue, each that is found and none besides', () => {
    expect(told.size).toBeGreaterThan(400)
    expect(known.sort()).toEqual([...told].sort())
  })

  it('speak of values that are given', () => {
    const given = new Set(
      [
        ...java.matchAll(
          /\.(?:grams|gramsSet|celsius|day|count|share|minutes|seconds|figure|text|word|facts?|with|all)\(\s*"(\w+)"/g,
        ),
      ].map(([, name = '']) => `{${name}}`),
    )
    const spoken = known.flatMap((key) => values(ENGLISH.get(key) ?? ''))
    expect([...new Set(spoken)].filter((name) => !given.has(name))).toEqual([])
  })

  it('count things that have a noun', () => {
    const nouns = [...java.matchAll(/\.count\([^;]*?,\s*"(\w+)"\)/g)].map(([, noun]) => noun)
    expect(nouns.filter((noun) => !ENGLISH.has(`counted.${noun}`))).toEqual([])
  })
})

describe('papers', () => {
  it('find every text that they are written with', () => {
    const named = [...java.matchAll(/\.paper\(\s*"([\w.]*\w)"/g)].map(([, key]) => `paper.${key}`)
    expect(named.length).toBeGreaterThan(30)
    expect(named.filter((key) => !ENGLISH.has(key))).toEqual([])
  })
})

describe('the catalogue', () => {
  const code = sources().join('\n')
  const named = new Set(code.match(/(?<='|keypath=")[a-z][A-Za-z]*(\.[A-Za-z0-9]+)+(?=['"])/g))

  it('has every text that the screens name', () => {
    const rooms = new Set(Object.keys(english))
    const lacking = [...named].filter(
      (key) => rooms.has(key.split('.')[0] ?? '') && !ENGLISH.has(key) && key.split('.').length > 2,
    )
    expect(lacking).toEqual([])
  })

  it('has none that no screen says', () => {
    const nouns = new Set([
      ...(code.match(/(?<=counted\([^)]*')[A-Za-z]+(?='\))/g) ?? []),
      ...(java.match(/(?<=\.count\([^;]*?,\s*")\w+(?="\))/g) ?? []),
    ])
    const idle = [...ENGLISH.keys()].filter(
      (key) =>
        !named.has(key) &&
        !['refusal.', 'fact.', 'paper.', 'parameter.meanings.'].some((part) =>
          key.startsWith(part),
        ) &&
        !(key.startsWith('counted.') && nouns.has(key.slice(8))),
    )
    expect(idle).toEqual([])
  })
})
