import { describe, expect, it } from 'vitest'
import TOKENS from './tokens.css?raw'

const GROUNDS = ['paper', 'sheet', 'wash']
const WRITTEN = [
  'ink',
  'ink-soft',
  'off-label',
  'caution',
  'open',
  'due',
  'sealed',
  'burning',
  'waiting',
  'skipped',
]
const STATES = ['waiting', 'burning', 'sealed', 'due', 'open', 'skipped', 'off-label', 'caution']

/** The tokens of a block of the style sheet; those of the dark are laid over the others. */
function tokens(block: RegExp): Record<string, string> {
  const body = block.exec(TOKENS)?.[1] ?? ''
  return Object.fromEntries(
    [...body.matchAll(/--([a-z-]+): (#[0-9a-f]{6});/g)].map(([, name, colour]) => [name, colour]),
  )
}

const light = tokens(/:root \{([^}]*)\}/)
const dark = { ...light, ...tokens(/\[data-light='dark'\] \{([^}]*)\}/) }

/** Relative luminance, 0 to 1 (WCAG 2.2). */
function luminance(colour: string): number {
  const [red = 0, green = 0, blue = 0] = [1, 3, 5].map((at) => {
    const share = parseInt(colour.slice(at, at + 2), 16) / 255
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
  })
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue
}

/** Contrast of two colours, 1 to 21 (WCAG 2.2). */
function contrast(one: string, other: string): number {
  const [low = 0, high = 0] = [luminance(one), luminance(other)].sort((a, b) => a - b)
  return (high + 0.05) / (low + 0.05)
}

const lights = [
  ['day', light],
  ['before sunrise', dark],
] as const

describe.each(lights)('colours by %s', (_, colours) => {
  const of = (name: string) => colours[name] ?? ''

  it('knows every colour', () => {
    for (const name of [...GROUNDS, ...WRITTEN, ...STATES, 'on-state'])
      expect(of(name)).toMatch(/^#/)
  })

  it.each(WRITTEN)('%s can be read on every ground', (name) => {
    for (const ground of GROUNDS)
      expect(contrast(of(name), of(ground)), `${name} on ${ground}`).toBeGreaterThanOrEqual(4.5)
  })

  it.each(STATES)('words can be read on %s', (name) => {
    expect(contrast(of('on-state'), of(name))).toBeGreaterThanOrEqual(4.5)
  })

  it('words can be read on ink, and what has the focus is seen', () => {
    expect(contrast(of('paper'), of('ink'))).toBeGreaterThanOrEqual(7)
    for (const ground of GROUNDS)
      expect(contrast(of('focus'), of(ground))).toBeGreaterThanOrEqual(3)
  })
})
