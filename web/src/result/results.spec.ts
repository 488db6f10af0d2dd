import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import DropChart from './DropChart.vue'
import ResultDetail from './ResultDetail.vue'
import RestCard from './RestCard.vue'
import { sentence } from '../shared/testing/facts'

const rounds = ['2026-08-04', '2026-08-11']
const drop = (day: string, byTreatment: number): Shapes['RoundDrop'] => ({
  day,
  mites: byTreatment,
  hours: 48,
  byTreatment,
  lastMites: byTreatment,
  lastHours: 48,
  settled: false,
  readings: 1,
  laidOn: day,
  readOn: day,
})
const band = (day: string, killed: number): Shapes['RoundEffect'] => ({
  day,
  killed,
  killedLow: killed / 2,
  killedHigh: killed * 2,
  shielded: 0.6,
})
const estimate = (middle: number) => ({ middle, low: middle / 2, high: middle * 1.1, tells: true })
const result: Shapes['HiveResult'] = {
  rounds,
  drops: [drop('2026-08-04', 300), drop('2026-08-11', 0)],
  expected: [band('2026-08-04', 280)],
  trend: {},
  expectedKill: 0.87,
  fit: {
    exposed: estimate(400),
    kill: estimate(0.8),
    inflow: estimate(3),
    sureLeak: 0.1,
    sureInflow: 0.1,
  },
  ahead: [
    { rounds: [], on: '2026-09-20', wash: estimate(0.03), left: estimate(900) },
    { rounds: ['2026-08-18'], on: '2026-09-20', wash: estimate(0.01), left: estimate(300) },
  ],
  next: [
    {
      kind: 'ONE_MORE',
      says: sentence('One more round, if the label allows it.'),
      reasons: [sentence('Because.')],
    },
  ],
}

describe('drops by round', () => {
  it('are told in words, each beside what was foretold', () => {
    const chart = mount(DropChart, {
      props: { rounds, drops: result.drops, expected: result.expected },
    })
    const says = chart.get('svg').attributes('aria-label')
    expect(says).toContain('4 Aug: 300, foretold 140 to 560')
    expect(says).toContain('11 Aug: 0')
  })

  it('stand on a log scale: ten times as many are as far again, and none has its place', () => {
    const all = [drop('a', 1), drop('b', 10), drop('c', 100), drop('d', 0)]
    const chart = mount(DropChart, {
      props: { rounds: ['a', 'b', 'c', 'd'].map(() => '2026-08-04'), drops: [], expected: [] },
    })
    const height = (mites: number) => {
      const one = mount(DropChart, {
        props: { rounds: ['2026-08-04'], drops: [drop('2026-08-04', mites), ...all], expected: [] },
      })
      return Number(one.get('circle').attributes('cy'))
    }
    expect(height(1) - height(10)).toBeCloseTo(height(10) - height(100), 6)
    expect(height(0)).toBeGreaterThan(height(1))
    expect(chart.findAll('circle')).toHaveLength(0)
  })
})

describe('one hive in full', () => {
  const detail = (mayPlan: boolean) =>
    mount(ResultDetail, {
      props: {
        hive: { id: 'h1', name: 'K4' } as Shapes['Hive'],
        result,
        limit: 2,
        apiaryId: 'a1',
        mayPlan,
      },
      global: { stubs: { RouterLink: { template: '<a><slot /></a>' } } },
    })

  it('says what to do, why, and which way stays within the limit', () => {
    const text = detail(true).text()
    expect(text).toContain('One more round, if the label allows it.')
    expect(text).toContain('Because.')
    expect(text).toContain('80 % (80 %: 40 % to 88 %)')
    expect(
      detail(true)
        .findAll('.bad')
        .map((each) => each.text()),
    ).toEqual(['3.0 %'])
    expect(
      detail(true)
        .findAll('.good')
        .map((each) => each.text()),
    ).toEqual(['1.0 %'])
  })

  it('offers another round to a keeper alone', () => {
    expect(detail(true).text()).toContain('Plan one more round for K4')
    expect(detail(false).text()).not.toContain('Plan one more round')
  })
})

describe('the rest of a series', () => {
  const way = (
    kind: Shapes['Way']['kind'],
    days: string[],
    middle: number,
  ): Shapes['JudgedWay'] => ({
    way: {
      kind,
      days,
      hives: [{ hiveId: 'h', hive: 'Q7', wash: estimate(middle) }],
      above: middle > 0.02 ? 1 : 0,
    },
    verdict: days.length > 2 ? 'NOT_ON_LABEL' : 'ALLOWED',
  })
  const rest = (...fitted: string[]): Shapes['SeriesRest'] => ({
    seriesId: 's',
    series: 'Late summer',
    limitPercent: 2,
    on: '2026-09-20',
    ways: [
      way('END_HERE', [], 0.03),
      way('AS_AGREED', ['2026-08-18'], 0.022),
      way('FITTED', fitted, 0.01),
    ],
    without: ['Q9'],
  })
  const card = (of: Shapes['SeriesRest'], mayPlan = true) =>
    mount(RestCard, {
      props: { rest: of, mayPlan },
      global: {
        stubs: {
          VBtn: { template: '<button><slot /></button>' },
          VTextarea: { template: '<textarea />' },
        },
      },
    })

  it('names the worst hive of each way and those that are not reckoned', () => {
    const shown = card(rest('2026-08-18', '2026-08-25')).text()
    expect(shown).toContain('Q7')
    expect(shown).toContain('1 of 1 hive')
    expect(shown).toContain('Too few counts to reckon with: Q9')
    expect(shown).toContain('no further round')
  })

  it('lets a keeper take other days than agreed, and nobody else', () => {
    expect(card(rest('2026-08-18', '2026-08-25')).findAll('button')).toHaveLength(2)
    expect(card(rest('2026-08-18')).findAll('button'), 'what fits is what is agreed').toHaveLength(
      1,
    )
    expect(card(rest('2026-08-18', '2026-08-25'), false).findAll('button')).toHaveLength(0)
  })

  it('asks for a reason only where other days are off the label', () => {
    const off = card(rest('2026-08-18', '2026-08-21', '2026-08-24'))
    expect(off.find('textarea').exists()).toBe(true)
    expect(card(rest('2026-08-18', '2026-08-25')).find('textarea').exists()).toBe(false)
  })
})
