import { describe, expect, it } from 'vitest'
import { reasonWords, warmthWords } from './hourWords'
import { ownUnits, usualIn } from './units/units'

const COOL = { kind: 'COOL', from: 2, to: 15 } as const

describe('words for an hour', () => {
  it('are in °C where somebody goes by it', () => {
    expect(warmthWords(COOL)).toBe('cool, 2 to 15 °C')
    expect(warmthWords({ kind: 'MILD', from: 10 })).toBe('mild, 10 °C and up')
    expect(reasonWords({ code: 'OUTSIDE_WARMTH', found: 18.04 }, COOL)).toBe(
      '18.0 °C, outside cool, 2 to 15 °C',
    )
    expect(reasonWords({ code: 'BELOW_LABEL', found: 8, limit: 10, sheet: 'Label' }, COOL)).toBe(
      '8.0 °C, below the 10 °C of “Label”',
    )
  })

  it('are in °F and mph where somebody goes by those', () => {
    ownUnits.value = usualIn('en-US')
    expect(warmthWords(COOL)).toBe('cool, 35.6 to 59 °F')
    expect(reasonWords({ code: 'TOO_HOT', found: 36, limit: 35 }, COOL)).toContain('above 95 °F')
    expect(reasonWords({ code: 'WIND', found: 7.5 }, COOL)).toBe('wind 16.8 mph')
    ownUnits.value = null
  })

  it('need no figure where there is none', () => {
    expect(warmthWords({ kind: 'EDGES_OF_DAY' })).toContain('first light')
    expect(reasonWords({ code: 'REACH', found: 0.876 }, COOL)).toBe(
      'reaches 88 % of the day’s best',
    )
    expect(reasonWords({ code: 'UNKNOWN' }, COOL)).toContain('nobody tells')
  })
})
