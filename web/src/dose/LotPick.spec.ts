import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import LotPick from './LotPick.vue'

const state = (name: string, left: number): Shapes['LotState'] => ({
  lot: {
    id: name,
    name,
    product: 'Crystals',
    boughtOn: '2026-05-01',
    grams: 500,
    strength: 0.996,
  },
  left,
  drawn: 500 - left,
  booked: left,
})
const lots = [state('C3', 500), state('B2', 120.4), state('A1', 0)]
const pick = () =>
  mount(LotPick, {
    props: { lot: '', lots },
    global: { stubs: { VCombobox: { name: 'VCombobox', props: ['items'], template: '<div />' } } },
  })

describe('the lot in use', () => {
  it('is offered from the stock, the oldest first, with what is left of it', () => {
    const items = pick().getComponent({ name: 'VCombobox' }).props('items') as {
      value: string
      subtitle: string
    }[]
    expect(items.map((each) => each.value)).toEqual(['B2', 'C3'])
    expect(items[0]?.subtitle).toBe('Crystals, about 120 g left')
  })

  it('is typed where no lot of the stock has any left', () => {
    const typed = mount(LotPick, {
      props: { lot: '7', lots: [state('A1', 0)] },
      global: {
        stubs: { VTextField: { name: 'VTextField', props: ['modelValue'], template: '<div />' } },
      },
    })
    const field = typed.getComponent({ name: 'VTextField' })
    expect(field.props('modelValue')).toBe('7')
    field.vm.$emit('update:modelValue', '8')
    expect(typed.emitted('lot')).toEqual([['8']])
  })

  it('brings a known lot along whole, and any other by its name', () => {
    const picked = pick()
    const box = picked.getComponent({ name: 'VCombobox' })
    box.vm.$emit('update:modelValue', 'B2')
    box.vm.$emit('update:modelValue', 'typed by hand')
    expect(picked.emitted('chosen')).toEqual([[lots[1]?.lot]])
    expect(picked.emitted('lot')).toEqual([['typed by hand']])
  })
})
