import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import { goOffline } from './sampling'

const washes = {
  drawn: ['a', 'b', 'c', 'd', 'e'].map((id) => ({ id, name: id, inJar: false })),
  boundaries: [
    { hives: 4, belowUpTo: 1, aboveFrom: 60 },
    { hives: 5, belowUpTo: 8, aboveFrom: 55 },
  ],
} as Partial<Shapes['Washes']> as Shapes['Washes']

describe('a yard sampled without a network', () => {
  const after = (mites: number[]) =>
    goOffline(washes, new Map(mites.map((each, i) => ['abcde'.charAt(i), each])))

  it('goes on until a boundary that the server sent is reached', () => {
    expect(after([9, 9, 9])).toBe('NEXT')
    expect(after([9, 9, 9, 9])).toBe('NEXT')
    expect(after([9, 30, 12, 9])).toBe('ABOVE')
    expect(after([0, 0, 1, 0])).toBe('BELOW')
  })

  it('leaves the word to the server where some were counted in a jar', () => {
    const drawn = washes.drawn.map((each) => ({ ...each, inJar: each.id === 'a' }))
    const jarred = { ...washes, drawn }
    expect(goOffline(jarred, new Map([['b', 90]]))).toBe('NEXT')
  })

  it('is too close to tell once all that were drawn are counted between the boundaries', () => {
    expect(after([9, 9, 9, 9, 9])).toBe('CANNOT_TELL')
  })
})
