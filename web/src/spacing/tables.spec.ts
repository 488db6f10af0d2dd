import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import BroodLine from './BroodLine.vue'
import FrontPlot from './FrontPlot.vue'
import FurtherGrid from './FurtherGrid.vue'
import OutcomeLine from './OutcomeLine.vue'
import PatternTable from './PatternTable.vue'
import WindowTable from './WindowTable.vue'
import { sentence } from '../shared/testing/facts'

const RouterLink = { props: ['to'], template: '<a><slot /></a>' }

function even(rounds: number, gap: number, left: number, more = {}): Shapes['EvenSeries'] {
  return {
    start: '2026-08-18',
    rounds,
    gap,
    left,
    after: left,
    wash: left / 100_000,
    settled: true,
    ...more,
  }
}

function pattern(id: string, visits: number, left: number, more = {}): Shapes['PatternOutcome'] {
  return {
    id,
    days: Array.from({ length: visits }, (_, i) => `2026-08-${18 + i}`),
    left,
    after: left,
    wash: left / 100_000,
    perVisit: 10,
    minutes: 90,
    reaches: left < 2_000,
    settled: true,
    ruleOfThumb: { holds: true, says: sentence('spans 14 of 12 days') },
    ...more,
  }
}

const comparison: Shapes['Comparison'] = {
  start: '2026-08-18',
  commonDate: '2026-10-02',
  patterns: [
    pattern('weekly3', 3, 2_400),
    pattern('short5', 5, 1_500, {
      verdict: 'NOT_ON_LABEL',
      labelSays: sentence('rounds a series: 5'),
    }),
    pattern('ten5', 5, 1_200, { settled: false, reaches: false }),
  ],
  breaks: [
    {
      kind: 'WINDOW',
      says: sentence('nothing is capped then'),
      day: '2026-08-20',
      left: 130,
      wash: 0.001,
      shielded: 0,
    },
  ],
  grid: [even(1, 3, 4_400), even(2, 7, 3_000), even(3, 7, 1_900, { verdict: 'NOT_ON_LABEL' })],
  front: [even(1, 3, 4_000), even(2, 9, 2_700), even(3, 5, 1_800, { verdict: 'NOT_ON_LABEL' })],
  untreated: 5_600,
  untreatedWash: 0.06,
  advice: { kind: 'SERIES', days: [], says: sentence(''), reasons: [] },
}

describe('patterns side by side', () => {
  const table = () => mount(PatternTable, { props: { comparison, target: 0.02 } })

  it('stand from few visits to many, one round without brood above them', () => {
    const names = table()
      .findAll('tbody tr')
      .map((row) => row.get('td'))
      .map((first) => (first.find('strong').exists() ? first.get('strong') : first).text())
    expect(names[0]).toBe('untreated')
    expect(names[1]).toContain('one round, nothing capped')
    expect(names.slice(2)).toEqual(['weekly three', 'ten-day, five', 'short gap, five'])
  })

  it('put a pattern on the bench, or the day of the window', async () => {
    const patterns = table()
    const take = patterns.findAll('button')
    await take[0]?.trigger('click')
    await take[1]?.trigger('click')
    expect(patterns.emitted('take')).toEqual([
      [['2026-08-20']],
      [['2026-08-18', '2026-08-19', '2026-08-20']],
    ])
  })

  it('never tick what was not left to settle, and show what the sheet says', () => {
    const rows = table().findAll('tbody tr')
    expect(rows[3]?.find('.reaches').exists()).toBe(false)
    expect(rows[3]?.text()).toContain('too soon after')
    expect(rows[4]?.text()).toContain('rounds a series: 5')
  })
})

describe('each further round', () => {
  it('ticks what reaches the limit and strikes what is off the sheet', async () => {
    const grid = mount(FurtherGrid, { props: { comparison, target: 0.02 } })
    const three = grid.get('[aria-label^="3 rounds, 7 days apart"]')
    expect(three.classes()).toEqual(expect.arrayContaining(['reaches', 'off']))
    expect(grid.findAll('td button')).toHaveLength(3)
    await three.trigger('click')
    expect(grid.emitted('take')?.[0]).toEqual([comparison.grid[2]])
  })

  it('leaves empty what would not have settled by the common date', () => {
    const late = { ...comparison, grid: [even(2, 7, 3_000, { settled: false })] }
    expect(
      mount(FurtherGrid, { props: { comparison: late, target: 0.02 } }).findAll('td button'),
    ).toHaveLength(0)
  })
})

describe('visits against mites', () => {
  it('draws the best of each number of visits, lower for more, hollow off the sheet', async () => {
    const plot = mount(FrontPlot, { props: { comparison } })
    const best = plot.findAll('.best')
    const heights = best.map((each) => Number(each.get('circle').attributes('cy')))
    expect(heights).toEqual([...heights].sort((a, b) => a - b))
    expect(best[2]?.classes()).toContain('off')
    expect(plot.findAll('.pattern')).toHaveLength(2)
    expect(plot.text()).toContain('one round, nothing capped')
    await best[1]?.trigger('keydown', { key: 'Enter' })
    expect(plot.emitted('take')?.[0]).toEqual([comparison.front[1]])
  })
})

describe('what a schedule comes to', () => {
  const forecast = {
    atCommonDate: {
      day: '2026-10-02',
      left: 2_772,
      leftLow: 1_563,
      leftHigh: 4_875,
      wash: 0.027,
      untreated: 5_582,
    },
    rounds: [{ day: '2026-08-18', killed: 407, killedLow: 222, killedHigh: 686, shielded: 0.79 }],
    notes: ['A round meets more mites than a wash shows.'],
  } as unknown as Shapes['MiteForecast']

  it('is written with its band, its limit and the drop to expect', () => {
    const text = mount(OutcomeLine, { props: { forecast, target: 0.02 } }).text()
    expect(text).toContain('2,772')
    expect(text).toContain('80 %: 1,563 to 4,875')
    expect(text).toContain('above your limit of 2.0 %')
    expect(text).toContain('222–686')
    expect(text).toContain('79 %')
  })
})

describe('the brood time line', () => {
  const clock = {
    from: '2026-08-04',
    to: '2026-11-26',
    today: '2026-08-18',
    workers: { likely: { from: '2026-08-21', to: '2026-08-25' }, openEnded: false },
    withDrones: {
      likely: { from: '2026-08-24', to: '2026-08-25' },
      sure: { from: '2026-08-24', to: '2026-08-24' },
      openEnded: false,
    },
    lookDates: [
      { day: '2026-08-21', why: 'look' },
      { day: '2027-02-01', why: 'beyond what is drawn' },
    ],
    bands: [{ stage: 'CAPPED_WORKER', days: { from: '2026-08-04', to: '2026-08-20' } }],
  } as unknown as Shapes['ClockView']

  it('tells sure from likely days and points at the days to look', () => {
    const line = mount(BroodLine, { props: { clock } })
    expect(line.findAll('path.likely')).toHaveLength(2)
    expect(line.findAll('path.sure')).toHaveLength(1)
    expect(line.findAll('.look')).toHaveLength(1)
    expect(line.findAll('.CAPPED_WORKER rect')).toHaveLength(1)
  })
})

describe('a list of windows', () => {
  const lines = Array.from({ length: 40 }, (_, i) => ({
    hiveId: `h${i}`,
    hive: `H${i}`,
    apiary: 'Kiln Field',
    apiaryId: 'k',
    state: 'FREE' as const,
    window: {
      likely: { from: '2026-08-15', to: '2026-08-24' },
      sure: i % 2 ? { from: '2026-08-15', to: '2026-08-24' } : undefined,
      openEnded: i === 0,
    },
  })) as unknown as Shapes['WindowLine'][]
  const table = (total: number) =>
    mount(WindowTable, {
      props: { title: 'Free now', list: { total, lines: total ? lines : [] }, empty: 'None.' },
      global: { stubs: { RouterLink } },
    })

  it('names a few, the rest at a press, and how many there are in all', async () => {
    const list = table(700)
    expect(list.findAll('li')).toHaveLength(25)
    expect(list.get('h2').text()).toContain('700')
    await list.get('button').trigger('click')
    expect(list.findAll('li')).toHaveLength(40)
    expect(list.text()).toContain('40 of 700 shown')
  })

  it('says what is likely, what is sure and what has no end', () => {
    const rows = table(40).findAll('li')
    expect(rows[0]?.text()).toContain('no end on record')
    expect(rows[1]?.text()).toMatch(/15 Aug to 24 Aug$/)
    expect(rows[2]?.text()).toContain('likely')
    expect(table(0).text()).toContain('None.')
  })
})
