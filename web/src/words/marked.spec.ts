import { describe, expect, it } from 'vitest'
import { marked } from './marked'

describe('the made-up language', () => {
  it('marks and lengthens what is said', () => {
    expect(marked({ strike: { t: 0, b: { t: 2, i: [{ t: 3 }], s: 'Strike out' } } })).toEqual({
      strike: { t: 0, b: { t: 2, i: [{ t: 3 }], s: '⟦Strike out ~~~⟧' } },
    })
  })

  it('leaves values alone, and marks each form of a plural', () => {
    const form = (noun: string) => ({
      t: 2,
      i: [
        { t: 4, k: 'n' },
        { t: 3, v: noun },
      ],
    })
    const text = { t: 0, b: { t: 1, c: [form(' hive'), form(' hives')] } }
    expect(JSON.stringify(marked({ hive: text }))).toBe(
      JSON.stringify({
        hive: {
          t: 0,
          b: {
            t: 1,
            c: [' hive', ' hives'].map((noun) => ({
              t: 2,
              i: [
                { t: 3, v: '⟦' },
                { t: 4, k: 'n' },
                { t: 3, v: noun },
                { t: 3, v: ' ~~~⟧' },
              ],
            })),
          },
        },
      }),
    )
  })
})
