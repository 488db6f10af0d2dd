import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import MonthBars from './MonthBars.vue'

const months = Array.from({ length: 12 }, (_, i): Shapes['Month'] => ({
  month: i + 1,
  treatments: i === 7 ? 30 : 0,
  acid: 0,
  samples: i === 6 ? 4 : 0,
  ...(i === 6 ? { share: 0.02, interval: { low: 0.01, high: 0.04 } } : {}),
}))

describe('the months', () => {
  it('are told in words to who cannot see them', () => {
    expect(mount(MonthBars, { props: { months } }).attributes('aria-label')).toBe(
      'Jul: 0 treatments, 2.0 % of bees with mites in 4 samples; Aug: 30 treatments',
    )
  })

  it('have a scale that holds the highest end of an interval', () => {
    const bars = mount(MonthBars, { props: { months } })
    expect(bars.text()).toContain('4.0 %')
    expect(bars.text()).toContain('40')
    expect(bars.findAll('rect.bar')).toHaveLength(1)
  })
})
