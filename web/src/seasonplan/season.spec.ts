import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import BeforeAfter from './BeforeAfter.vue'
import PlanFiguresTable from './PlanFiguresTable.vue'
import SeasonGrid from './SeasonGrid.vue'
import { cellWords, hoursOf, letterOf, stretchesOn } from './seasonWords'
import { sentence } from '../shared/testing/facts'

const figures: Shapes['PlanSummary'] = {
  visits: 2,
  missed: 1,
  broken: 0,
  gapDaysOff: 3,
  lateRounds: 0,
  km: 1234.4,
  drivingMinutes: 65,
  crewMinutes: 600,
  reserveMinutes: 30,
  unevenMinutes: 20,
  crewDays: 2,
  moved: 0,
}
const crew = (id: string, name: string): Shapes['OutfitCrew'] => ({
  id,
  name,
  leavesFrom: '04:00:00',
  backBy: '22:00:00',
  longestMinutes: 540,
  burners: 1,
  helpers: 0,
  cloths: 12,
  toolIds: [],
  minutesPerHive: 4,
  off: [],
  memberIds: [],
})
const visit = (number: number, day?: string, pinned = false): Shapes['PlacedVisit'] => ({
  seriesId: 'c1',
  number,
  crewId: day ? 'b' : undefined,
  day,
  pinned,
})
function view(other: Partial<Shapes['SeasonView']> = {}): Shapes['SeasonView'] {
  return {
    now: '2026-08-18T06:40:00Z',
    crews: [crew('a', 'Gannet'), crew('b', 'Petrel')],
    span: { from: '2026-08-18', to: '2026-08-21' },
    allSeries: [
      {
        series: {
          id: 'c1',
          apiaryId: 'y1',
          name: 'Late summer',
          rounds: 3,
          leastGap: 5,
          wantedGap: 7,
          mostGap: 9,
          startOn: '2026-08-18',
          lastDay: '2026-09-20',
          broodless: false,
          gramsPerBox: 2,
          tool: 'Bowl',
        },
        apiary: 'Kiln Field',
        hives: 24,
        going: false,
        next: 1,
      },
    ],
    yards: [
      {
        id: 'y1',
        name: 'Kiln Field',
        zone: 'UTC',
        days: [
          { grade: 'GOOD', minutes: 200, expected: false },
          { grade: 'FAIR', minutes: 60, expected: false },
          { minutes: 0, expected: false },
          { minutes: 0, expected: false, closed: sentence('fair in the village') },
        ],
        year: [
          { kind: 'SUPERS', from: '2026-08-18', to: '2026-08-19', says: sentence('supers are on') },
        ],
      },
    ],
    leftOut: [],
    plan: {
      visits: [visit(1, '2026-08-18', true), visit(2, '2026-08-20'), visit(3)],
      routes: [],
      bends: [
        {
          seriesId: 'c1',
          number: 2,
          kind: 'OUTSIDE_HOURS',
          broken: true,
          says: sentence('no workable hour on 20 Aug'),
        },
        {
          seriesId: 'c1',
          number: 3,
          kind: 'MISSED',
          broken: true,
          says: sentence('no day fits: supers are on (4 days)'),
        },
      ],
      figures,
    },
    agreed: [{ seriesId: 'c1', number: 2, crewId: 'b', day: '2026-08-19' }],
    differs: true,
    locked: { '2026-08-21': 'rained off' },
    search: { running: false, seconds: 0, better: 0 },
    whatIfs: [],
    hoursFrom: [sentence('simulated station')],
    hoursMadeUp: true,
    ...other,
  }
}
const begins = new Map([['y1', { by: '2026-08-20', hive: 'K4', weekCosts: 412.4 }]])
const grid = (mayMove = true, shows: (id: string) => boolean = () => true) =>
  mount(SeasonGrid, { props: { view: view(), mayMove, shows, begins } })

describe('the season drawn', () => {
  it('gives every round its crew by a letter and its state in words', () => {
    const visits = grid().findAll('button.visit')
    expect(visits.map((each) => each.text())).toEqual(['B1', 'B2!'])
    expect(visits[0]?.classes()).toContain('pinned')
    expect(visits[1]?.attributes('aria-label')).toBe(
      'Kiln Field, Late summer, round 2; Thu 20 Aug with Petrel; no workable hour on 20 Aug',
    )
  })

  it('stands a wall behind the last day to begin, and says what a week more leaves', () => {
    const wall = grid().get('td.wall')
    expect(wall.attributes('title')).toContain('Thu 20 Aug')
    expect(grid().get('.begin').text()).toBe('begin by 20 Aug')
    expect(grid().get('.begin').attributes('title')).toContain('about 412 mites more')
  })

  it('shows only the yards of the group in hand', () => {
    expect(grid(true, () => false).findAll('tbody tr')).toHaveLength(0)
  })

  it('names a round without a day beside its apiary, with the reason', () => {
    const missed = grid().get('button.missed')
    expect(missed.text()).toBe('3?')
    expect(missed.attributes('aria-label')).toContain('has no day; no day fits: supers are on')
  })

  it('leaves a mark where a round was agreed before, and crosses a locked day', () => {
    const wrapper = grid()
    expect(wrapper.get('.was').text()).toBe('2')
    expect(wrapper.findAll('button.day')[3]?.attributes('aria-label')).toContain('rained off')
  })

  it('moves a round with Alt and an arrow and pins it with P', async () => {
    const wrapper = grid()
    const second = wrapper.findAll('button.visit')[1]
    await second?.trigger('keydown', { key: 'ArrowRight', altKey: true })
    await second?.trigger('keydown', { key: 'ArrowRight' })
    await second?.trigger('keydown', { key: 'p' })
    expect(wrapper.emitted('move')).toHaveLength(1)
    expect(wrapper.emitted('move')?.[0]?.[1]).toBe('2026-08-21')
    expect(wrapper.emitted('pin')).toHaveLength(1)
  })

  it('lets nobody move who may only look', async () => {
    const wrapper = grid(false)
    await wrapper.findAll('button.visit')[1]?.trigger('keydown', { key: 'p' })
    expect(wrapper.emitted('pin')).toBeUndefined()
    expect(wrapper.findAll('button.visit')[1]?.attributes('draggable')).toBe('false')
  })
})

describe('plans side by side', () => {
  it('stand in the same figures', () => {
    const wrapper = mount(PlanFiguresTable, {
      props: {
        plan: figures,
        byHand: { ...figures, missed: 2, km: 2000 },
        whatIfs: [{ what: 'WIDER_GAPS', figures }],
      },
    })
    const rows = wrapper.findAll('tbody tr').map((row) => row.text())
    expect(rows[0]).toContain('1 of 2')
    expect(rows[0]).toContain('1,234 km')
    expect(rows[1]).toContain('2,000 km')
    expect(rows[2]).toContain('With gaps two days wider both ways')
  })

  it('say what would change, round by round, and how many are new', () => {
    const text = mount(BeforeAfter, { props: { view: view() } }).text()
    expect(text).toContain('1 round is new and not agreed yet.')
    expect(text).toContain('Kiln Field, round 2')
    expect(text).toContain('Wed 19 Aug with Petrel')
    expect(text).toContain('Thu 20 Aug with Petrel')
  })
})

describe('words of the season', () => {
  it('tell hours, letters, cells and bands', () => {
    expect(hoursOf(65)).toBe('1 h 05')
    expect(hoursOf(40)).toBe('40 min')
    expect(letterOf([{ id: 'a' }, { id: 'b' }], 'b')).toBe('B')
    expect(letterOf([], 'b')).toBe('?')
    expect(cellWords({ grade: 'FAIR', minutes: 60, expected: false })).toBe(
      'fair hours, 1 h 00 workable',
    )
    expect(cellWords({ minutes: 0, expected: false, closed: sentence('a fair') })).toBe(
      'nobody may come: a fair',
    )
    expect(cellWords({ minutes: 0, expected: false })).toBe('no workable hour')
    expect(cellWords({ minutes: 180, expected: true })).toBe(
      '3 h 00 usual for the date, to be confirmed: no source tells of them',
    )
    const year = view().yards[0]?.year ?? []
    expect(stretchesOn(year, '2026-08-19')).toHaveLength(1)
    expect(stretchesOn(year, '2026-08-20')).toHaveLength(0)
  })
})
