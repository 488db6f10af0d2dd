import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import type { Shapes } from '../api/client'
import { addDays, daysBetween, spanOf } from '../shared/days'
import { numberIn, percent } from '../shared/numbers'
import BenchChart from './BenchChart.vue'
import { complete, fresh, latestOnly, questionOf, unread } from './useBench'
import { wordsOf } from './broodWords'

const start = {
  mites: 9,
  sampleBees: 300,
  framesOfBees: 10,
  cappedFrames: 4,
  commonDate: '2026-10-02',
  targetPercent: 2,
  clock: { today: '2026-08-18' },
} as Shapes['BenchStart']

describe('days', () => {
  it('are counted across months and clock changes', () => {
    expect(addDays('2026-10-20', 14)).toBe('2026-11-03')
    expect(daysBetween('2026-03-01', '2026-04-01')).toBe(31)
    expect(spanOf({ from: '2026-08-22', to: '2026-08-22' })).toBe('22 Aug')
  })
})

describe('numbers', () => {
  it('are read with point or comma, and nothing is no number', () => {
    expect(numberIn('2,5')).toBe(2.5)
    expect(numberIn(' ')).toBeNaN()
    expect(percent(0.0316)).toBe('3.2 %')
  })
})

describe('the draft of a bench', () => {
  it('begins with what is on record and three weekly rounds', () => {
    const draft = fresh(start, 'sheet', 'now')
    expect(draft.days).toEqual(['2026-08-18', '2026-08-25', '2026-09-01'])
    expect(questionOf(draft, 1).load.droneShare).toBe(0.02)
    expect(complete(draft)).toBe(true)
  })

  it('waits for an empty field and points at a wrong one', () => {
    const draft = { ...fresh(start, '', 'now'), mites: '', cappedFrames: 'four' }
    expect(complete(draft)).toBe(false)
    expect(unread(draft)).toEqual({ 'load.cappedFrames': 'is no number' })
  })
})

describe('latestOnly', () => {
  it('never runs two at once and ends with the newest wish', async () => {
    let wish = 0
    const seen: number[] = []
    let release: () => void = () => undefined
    const go = latestOnly(() => {
      seen.push(wish)
      return new Promise<void>((done) => (release = done))
    })
    for (wish = 1; wish <= 3; wish++) go()
    wish = 3
    expect(seen).toEqual([1])
    release()
    await nextTick()
    await nextTick()
    expect(seen).toEqual([1, 3])
  })
})

describe('a brood event in words', () => {
  it('names what matters of it', () => {
    expect(
      wordsOf({
        id: 'a',
        hiveId: 'b',
        day: '2026-08-01',
        kind: 'SPLIT',
        youngest: 'EGGS',
        newQueen: 'RIPE_CELL',
      }),
    ).toBe('Split: the queenless part: eggs, a ripe cell')
  })
})

describe('the chart', () => {
  beforeEach(() => setActivePinia(createPinia()))

  const flat = Array.from({ length: 46 }, () => 100)
  const forecast = {
    from: '2026-08-18',
    exposed: flat,
    capped: flat,
    killed: flat,
    untreated: flat,
    low: flat,
    high: flat,
  } as unknown as Shapes['MiteForecast']
  const chart = (marks: string[]) =>
    mount(BenchChart, { props: { forecast, bands: [], marks, winterBees: '2026-09-05' } })

  it('moves a mark by arrow keys, by a week with shift, and takes it out', async () => {
    const drawn = chart(['2026-08-18', '2026-08-25'])
    const second = drawn.get('[data-mark="2"]')
    await second.trigger('keydown', { key: 'ArrowRight' })
    await second.trigger('keydown', { key: 'ArrowRight', shiftKey: true })
    await second.trigger('keydown', { key: 'Delete' })
    expect(drawn.emitted('move')).toEqual([
      [['2026-08-18', '2026-08-26']],
      [['2026-08-18', '2026-09-01']],
      [['2026-08-18']],
    ])
  })

  it('never puts two marks on one day, nor one before today', async () => {
    const drawn = chart(['2026-08-18', '2026-08-19'])
    await drawn.get('[data-mark="2"]').trigger('keydown', { key: 'ArrowLeft' })
    await drawn.get('[data-mark="1"]').trigger('keydown', { key: 'ArrowLeft' })
    expect(drawn.emitted('move')).toBeUndefined()
  })
})
