import { describe, expect, it } from 'vitest'
import { decadeMarks, decades, fromNothing } from './scales'

describe('values from nothing', () => {
  it('end at a round number above the most', () => {
    const scale = fromNothing(187, [200, 0])
    expect(scale.domain()).toEqual([0, 200])
    expect(scale(0)).toBe(200)
    expect(scale(200)).toBe(0)
  })

  it('are drawn though there is nothing', () => {
    expect(fromNothing(0, [200, 0]).domain()).toEqual([0, 1])
  })
})

describe('numbers of mites on a log axis', () => {
  it('reach over whole decades around all that is drawn', () => {
    expect(decades([23, 4_500], [100, 0]).domain()).toEqual([10, 10_000])
  })

  it('give each decade the same height', () => {
    const scale = decades([23, 4_500], [100, 0])
    const up = (from: number) => scale(from) - scale(from * 10)
    expect(up(10)).toBeCloseTo(up(100), 9)
    expect(up(100)).toBeCloseTo(up(1_000), 9)
  })

  it('draw no mites at the foot', () => {
    const scale = decades([0, 50], [100, 0])
    expect(scale(0.1)).toBe(100)
    expect(scale(1)).toBeLessThan(100)
  })

  it('are marked at each decade, and at three times it where there are few', () => {
    expect(decadeMarks(decades([23, 450], [100, 0]))).toEqual([10, 30, 100, 300, 1_000])
    expect(decadeMarks(decades([2, 45_000], [100, 0]))).toEqual([
      1, 10, 100, 1_000, 10_000, 100_000,
    ])
  })
})
