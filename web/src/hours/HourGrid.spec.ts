import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import HourGrid from './HourGrid.vue'
import { sentence } from '../shared/testing/facts'

const hour = (
  at: string,
  grade: Shapes['GradedHour']['grade'],
  reasons: Shapes['HourReason'][] = [],
): Shapes['GradedHour'] => ({
  hour: at,
  weather: {
    hour: at,
    celsius: 9,
    windMs: 2,
    windFrom: 270,
    rainMm: 0,
    cloud: 0.3,
    thunderOrIce: false,
  },
  reach: 0.97,
  grade,
  reasons,
  source: sentence('simulated station'),
  madeUp: true,
})
const day: Shapes['YardDay'] = {
  date: '2026-08-19',
  zone: 'UTC',
  begins: '2026-08-19T00:00:00Z',
  ends: '2026-08-20T00:00:00Z',
  sun: {},
  hours: [
    hour('2026-08-19T05:00:00Z', 'GOOD'),
    hour('2026-08-19T06:00:00Z', 'FAIR', [{ code: 'OUTSIDE_WARMTH', found: 16 }]),
    hour('2026-08-19T07:00:00Z', 'OFF_LABEL', [
      { code: 'ABOVE_LABEL', found: 17, limit: 15, sheet: 'Label' },
    ]),
  ],
  windows: [
    {
      from: '2026-08-19T05:00:00Z',
      to: '2026-08-19T07:00:00Z',
      parts: [
        { from: '2026-08-19T05:00:00Z', to: '2026-08-19T06:00:00Z', grade: 'GOOD' },
        { from: '2026-08-19T06:00:00Z', to: '2026-08-19T07:00:00Z', grade: 'FAIR' },
      ],
      fits: 7,
    },
  ],
  warmth: { kind: 'COOL', from: 2, to: 15 },
  unsure: 0,
  madeUp: true,
  source: sentence('simulated station'),
}
const at = (time: string) => Date.parse(`2026-08-19T${time}:00Z`)
const grid = (now: number) => mount(HourGrid, { props: { days: [day], now } })

describe('hours by their grade', () => {
  it('carry a shape and a word beside the colour, and the reason', () => {
    const cells = grid(at('04:00')).findAll('button')
    expect(cells.map((cell) => cell.text())).toEqual(['●', '○', '✕'])
    expect(cells[0]?.attributes('aria-label')).toBe('Wed 19 Aug 05:00, good')
    expect(cells[2]?.attributes('aria-label')).toContain(
      'off label: 17.0 °C, above the 15 °C of “Label”',
    )
  })

  it('tell windows that are still ahead, and how many hives fit where somebody knows', () => {
    expect(grid(at('04:00')).get('.windows').text()).toBe('05:00–07:00 good and fair, fits 7')
    expect(grid(at('09:00')).get('.windows').text()).toBe('none good or fair')
  })

  it('say who tells where hours are unknown, and offer nothing for them', () => {
    const unknown: Shapes['YardDay'] = {
      ...day,
      hours: [
        {
          hour: '2026-08-19T05:00:00Z',
          reach: 0,
          grade: 'UNKNOWN',
          reasons: [{ code: 'UNKNOWN' }],
          madeUp: false,
        },
      ],
      windows: [],
      madeUp: false,
      source: sentence('no source tells of this day'),
    }
    const wrapper = mount(HourGrid, { props: { days: [unknown], now: at('04:00') } })
    expect(wrapper.findAll('button')).toHaveLength(0)
    expect(wrapper.get('.untold').text()).toBe('no source tells of this day')
    const partly = {
      ...unknown,
      hours: [...unknown.hours, ...day.hours],
      source: sentence('3 h told'),
    }
    const told = mount(HourGrid, { props: { days: [partly], now: at('04:00') } })
    expect(told.get('button').text()).toBe('?')
    expect(told.get('.windows').text()).toBe('none known · 3 h told')
  })

  it('fade when they are over, and can still be asked why', async () => {
    const wrapper = grid(at('06:30'))
    const first = wrapper.findAll('button')[0]
    expect(first?.classes()).toContain('past')
    await first?.trigger('click')
    expect(wrapper.emitted('choose')?.[0]?.[0]).toEqual(day.hours[0])
  })
})
