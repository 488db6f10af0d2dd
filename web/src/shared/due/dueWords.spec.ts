import { describe, expect, it } from 'vitest'
import type { Shapes } from '../../api/client'
import { dueWords, waitingWords } from './dueWords'
import { folded } from './folding'

const task = (over: Partial<Shapes['DueTask']>): Shapes['DueTask'] => ({
  line: 'COUNT_DUE:a',
  kind: 'COUNT_DUE',
  apiaryId: 'a',
  apiary: 'Kiln Field',
  hives: [],
  moreHives: 0,
  ...over,
})

describe('what is due', () => {
  it('names hives in danger with their mites, and how many there are besides', () => {
    const hives = [{ id: 'q1', name: 'Q1', share: 0.12 }]
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

  it('says by when to begin, what waiting costs and what to begin', () => {
    const waiting: Shapes['Waiting'] = {
      hive: 'Q4',
      weekCosts: 412,
      deadline: { date: '2026-09-05', target: 0.01, occasion: 'WINTER_BEES' },
      act: { start: '2026-08-18', rounds: 3, gap: 7, left: 220, wash: 0.008 },
      untreated: 0.09,
    }
    const hives = [{ id: 'q4', name: 'Q4', share: 0.021 }]
    const begin = task({ kind: 'BEGIN_BY', day: '2026-08-24', hives, waiting })
    expect(dueWords(begin)).toBe('Q4 2.1 %: begin by 24 Aug to be under 1.0 % on 5 Sept')
    expect(waitingWords(waiting)).toBe(
      'Q4: a week later leaves about 400 more mites on 5 Sept (model estimate); Q4 at least: 3 rounds, 7 days apart, from 18 Aug',
    )
    expect(waitingWords({ ...waiting, weekCosts: -3 })).toBe(
      'Q4 at least: 3 rounds, 7 days apart, from 18 Aug',
    )
  })
})

describe('many lines', () => {
  const counts = ['a', 'b', 'c', 'd'].map((id) => task({ line: id, apiary: id }))

  it('of one kind are folded where the first of them stands, and unfolded in one press', () => {
    const danger = task({ line: 'x', kind: 'DANGER' })
    const kinds = folded([...counts.slice(0, 1), danger, ...counts.slice(1)], new Set())
    expect(kinds.map((each) => each.kind)).toEqual(['COUNT_DUE', 'DANGER'])
    expect(kinds[0]?.shown.map((each) => each.line)).toEqual(['a', 'b'])
    expect(folded(counts, new Set(['COUNT_DUE']))[0]?.shown).toHaveLength(4)
  })

  it('three of a kind are not worth folding', () => {
    expect(folded(counts.slice(0, 3), new Set())[0]?.foldable).toBe(false)
  })
})
