import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import FitPlot from './FitPlot.vue'
import { sentence } from '../shared/testing/facts'

const fit: Shapes['BurnFit'] = {
  basis: 'LINE',
  intercept: 70,
  slope: 40,
  r2: 0.98,
  smallest: 1,
  largest: 3,
  marginPercent: 15,
  points: [
    { load: 1, seconds: 112, residual: 2 },
    { load: 3, seconds: 188, residual: -2 },
  ],
}

const line: Shapes['BurnLine'] = {
  from: { load: 0, seconds: 70, planned: 80.5 },
  to: { load: 5, seconds: 270, planned: 310.5 },
  testedFrom: 0.75,
  testedTo: 3.75,
  says: sentence('70 s + 40.0 s × grams, R² 0.98'),
}

describe('test burns and their fit', () => {
  it('show each burn, the formula, how well it fits and the margin', () => {
    const wrapper = mount(FitPlot, { props: { fit, line } })
    expect(wrapper.findAll('circle')).toHaveLength(2)
    expect(wrapper.text()).toContain('70 s + 40.0 s × grams, R² 0.98')
    expect(wrapper.text()).toContain('planned, 15 % more')
    expect(wrapper.text()).toContain('load, g of product')
  })

  it('draw the planned time above the fit by the margin', () => {
    const wrapper = mount(FitPlot, { props: { fit, line } })
    const start = (name: string) =>
      Number(
        wrapper
          .get(name)
          .attributes('d')
          ?.match(/,([\d.]+)L/)?.[1],
      )
    expect(start('.planned')).toBeLessThan(start('.fit'))
  })
})
