import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import { placed } from './places'
import { STATES } from './yardLook'
import { chosen, ordered } from './yardOrder'

function yard(name: string, over: Partial<Shapes['YardLine']> = {}): Shapes['YardLine'] {
  return {
    apiary: {
      id: name,
      name,
      latitude: 53,
      longitude: -2,
      zone: 'Etc/UTC',
      zoneFrom: 'PLACE',
      open: true,
    } as Shapes['Apiary'],
    hives: 10,
    state: 'HOLDS',
    sampled: 0,
    limit: 0.02,
    inDanger: 0,
    needing: 0,
    broodless: 0,
    roundsDone: 0,
    roundsToCome: 0,
    near: [],
    ...over,
  }
}
const names = (yards: Shapes['YardLine'][]) => yards.map((each) => each.apiary.name)

describe('the table of yards', () => {
  const yards = [
    yard('Fell', { expected: 0.01 }),
    yard('Birch', { expected: 0.04, state: 'DANGER', crewToday: 'North' }),
    yard('Ash'),
  ]

  it('puts the worst first, and those alike by name', () => {
    expect(names(ordered(yards, { by: 'state', down: false }))).toEqual(['Birch', 'Ash', 'Fell'])
  })

  it('keeps what is unknown last, whichever way it is ordered', () => {
    expect(names(ordered(yards, { by: 'expected', down: false }))).toEqual(['Fell', 'Birch', 'Ash'])
    expect(names(ordered(yards, { by: 'expected', down: true }))).toEqual(['Birch', 'Fell', 'Ash'])
  })

  it('finds yards by a part of their name or by the crew of today, and by state', () => {
    expect(names(chosen(yards, ' fel', null))).toEqual(['Fell'])
    expect(names(chosen(yards, 'north', null))).toEqual(['Birch'])
    expect(names(chosen(yards, '', 'HOLDS'))).toEqual(['Fell', 'Ash'])
  })
})

describe('the outfit drawn by its places', () => {
  const at = (name: string, latitude: number, longitude: number) => {
    const one = yard(name)
    return { ...one, apiary: { ...one.apiary, latitude, longitude } }
  }
  const worst = (each: Shapes['YardLine']) => STATES.indexOf(each.state)

  it('has north up and east to the right, to one scale', () => {
    const marks = placed([at('S', 50, 0), at('N', 51, 0), at('E', 50, 1)], 640, 400, 30, worst)
    const mark = (name: string) => {
      const found = marks.find((each) => each.yard.apiary.name === name)
      if (!found) throw new Error(name)
      return found
    }
    expect(mark('N').y).toBeLessThan(mark('S').y)
    expect(mark('E').x).toBeGreaterThan(mark('S').x)
    const wide = mark('E').x - mark('S').x
    const high = mark('S').y - mark('N').y
    expect(wide / high).toBeCloseTo(Math.cos((50.5 * Math.PI) / 180), 2)
  })

  it('draws one yard alone in the middle, and none without coordinates', () => {
    expect(placed([at('A', 50, 0)], 640, 400, 30, worst)[0]).toMatchObject({ x: 320, y: 200 })
    const nowhere = yard('B')
    delete nowhere.apiary.latitude
    delete nowhere.apiary.longitude
    expect(placed([nowhere], 640, 400, 30, worst)).toEqual([])
  })

  it('names only as many as have room', () => {
    const close = [at('A', 50, 0), at('B', 50.0001, 0), at('C', 52, 3)]
    expect(placed(close, 640, 400, 30, worst).filter((each) => each.named)).toHaveLength(2)
  })
})
