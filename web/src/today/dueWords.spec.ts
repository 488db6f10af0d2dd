import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import { dueWords } from './dueWords'

const task = (over: Partial<Shapes['DueTask']>): Shapes['DueTask'] => ({
  kind: 'COUNT_DUE',
  apiaryId: 'a',
  apiary: 'Kiln Field',
  hives: [],
  moreHives: 0,
  ...over,
})

describe('what is due', () => {
  it('names hives in danger with their mites, and how many there are besides', () => {
    const hives = [{ name: 'Q1', share: 0.12 }]
    expect(dueWords(task({ kind: 'DANGER', hives, moreHives: 3 }))).toBe(
      'Q1 12.0 % and 3 more: treat now as your label allows, and look at the hives beside it',
    )
  })

  it('tells a round with its crew and how late it is', () => {
    const round = { number: 2, of: 4, hives: 1, crew: 'North', daysLate: 2 }
    expect(dueWords(task({ kind: 'ROUND_LATE', series: 'Late summer', round }))).toBe(
      'Late summer, round 2 of 4, 1 hive, with North: 2 days late, re-space the rest or do it',
    )
  })

  it('tells which reading of boards is due', () => {
    const boards = { boards: 2, lainHours: 48, reading: 'SECOND' as const }
    expect(dueWords(task({ kind: 'BOARDS_TO_READ', boards }))).toBe(
      '2 boards to read, the longest has lain 48 h; the reading by 48 h is due',
    )
  })

  it('tells when hives were counted last, or that they never were', () => {
    expect(dueWords(task({}))).toBe('none on record: wash a few hives')
    expect(dueWords(task({ lastCount: '2026-07-09' }))).toBe('the last was on 9 Jul')
  })
})
