import { describe, expect, it } from 'vitest'
import { before, common, moved, type Hive } from './useYard'

const wood: Hive = {
  id: 'a',
  name: 'H1',
  row: 1,
  place: 1,
  boxes: [{ kind: 'DEEP', frames: 10 }],
  supers: 1,
  floor: 'SOLID',
  fittings: {
    material: 'WOOD',
    entrance: 'FULL',
    shutting: 'WET_CLOTH',
    innerCover: 'CLOSED',
    cracks: 'NONE',
    port: 'BACK',
    supersPlan: 'TAKEN_OFF',
    divided: false,
  },
}
const foam: Hive = {
  ...wood,
  id: 'b',
  name: 'H2',
  boxes: [
    { kind: 'DEEP', frames: 10 },
    { kind: 'DEEP', frames: 10 },
  ],
  fittings: { ...wood.fittings, material: 'FOAM', stand: 'Twin', divided: true },
}

describe('a change taken back', () => {
  it('names only what was changed, as it stood', () => {
    expect(before(wood, { floor: 'BARE_MESH', supers: 0 })).toEqual({ floor: 'SOLID', supers: 1 })
  })

  it('gives boxes in the words of a roster', () => {
    expect(before(foam, { boxes: 'deep 10' })).toEqual({ boxes: '2x deep 10' })
  })

  it('gives a stand back with its divider, and a stand of its own as an empty name', () => {
    expect(before(foam, { stand: '' })).toEqual({ stand: 'Twin', divided: true })
    expect(before(wood, { stand: 'Twin' })).toEqual({ stand: '', divided: false })
  })
})

describe('what hives have in common', () => {
  it('leaves out a thing in which they differ', () => {
    const shared = common([wood, foam])
    expect(shared.floor).toBe('SOLID')
    expect(shared.port).toBe('BACK')
    expect(shared).not.toHaveProperty('material')
    expect(shared).not.toHaveProperty('boxes')
    expect(shared).not.toHaveProperty('stand')
  })

  it('is nothing where nothing is chosen', () => {
    expect(common([])).toEqual({})
  })
})

describe('a hive dragged', () => {
  const rows = [
    ['a', 'b', 'c'],
    ['d', 'e'],
  ]

  it('comes before or after the one that it was dropped on', () => {
    expect(moved(rows, 'c', 'a', false)).toEqual([
      ['c', 'a', 'b'],
      ['d', 'e'],
    ])
    expect(moved(rows, 'a', 'd', true)).toEqual([
      ['b', 'c'],
      ['d', 'a', 'e'],
    ])
  })

  it('dropped on itself moves nothing, and an emptied row is gone', () => {
    expect(moved(rows, 'a', 'a', true)).toBe(rows)
    expect(moved([['a'], ['b']], 'a', 'b', true)).toEqual([['b', 'a']])
  })

  it('is in the walk once, wherever it goes', () => {
    for (const id of rows.flat()) {
      for (const target of rows.flat()) {
        expect(moved(rows, id, target, true).flat().sort()).toEqual(rows.flat())
      }
    }
  })
})
