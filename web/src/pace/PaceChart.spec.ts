import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import PaceChart from './PaceChart.vue'

const pace: Shapes['Pace'] = {
  finish: 1_455,
  unfinished: 0,
  mostShut: 2,
  overdue: 0,
  worstOverdue: 0,
  longestShut: 650,
  hives: [
    { hiveId: 'a', name: 'H1', shut: 0, out: 70, due: 670, opened: 685, tool: 0 },
    { hiveId: 'b', name: 'H2', shut: 70, out: 140, due: 740, opened: 755, tool: 0 },
  ],
  tools: [
    {
      name: 'Bowl 1',
      busy: 0.1,
      charges: 0,
      stretches: [
        { from: 20, to: 60, doing: 'BURN', hive: 0 },
        { from: 90, to: 130, doing: 'BURN', hive: 1 },
      ],
    },
  ],
  people: [
    { burns: true, busy: 0.2, stretches: [{ from: 0, to: 20, doing: 'START', hive: 0 }] },
    { burns: false, busy: 0.1, stretches: [{ from: 670, to: 685, doing: 'OPEN', hive: 0 }] },
  ],
}

describe('a run played through', () => {
  const wrapper = mount(PaceChart, { props: { pace } })

  it('has a lane for each tool and person and a line for each hive', () => {
    expect(wrapper.findAll('text.name').map((each) => each.text())).toEqual([
      'Bowl 1',
      'burns 1',
      'helps 2',
      'H1',
      'H2',
    ])
  })

  it('tells its sums to who cannot see it', () => {
    expect(wrapper.get('svg').attributes('aria-label')).toBe(
      'Run of 2 hives over 24:15, most shut at once 2',
    )
  })

  it('draws every stretch as long as it lasts', () => {
    const widths = wrapper.findAll('rect.sealed').map((each) => Number(each.attributes('width')))
    const over = wrapper.findAll('rect.over').map((each) => Number(each.attributes('width')))
    expect(widths[0]).toBeCloseTo(widths[1] ?? 0, 6)
    expect((widths[0] ?? 0) / (over[0] ?? 1)).toBeCloseTo(600 / 15, 3)
  })

  it('names its axis and what each colour is', () => {
    expect(wrapper.text()).toContain('minutes from arrival')
    expect(wrapper.get('figcaption').text()).toContain('over its time, until open')
  })
})
