import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { Refused } from '../api/client'
import PeopleCheck from './PeopleCheck.vue'

const POINTS = [
  { point: 'FIT', words: 'It fits.' },
  { point: 'SKY', words: 'No thunder about, no ice on the ground.' },
] as const

/** The field of the design library, in short. */
const field = {
  props: ['modelValue', 'label'],
  emits: ['update:modelValue'],
  template: `<input :aria-label="label" :value="modelValue" @input="$emit('update:modelValue', $event.target.value)" />`,
}

function check(sends: (confirmed: string[], reason?: string) => Promise<void>, roundId: string) {
  return mount(PeopleCheck, {
    props: { roundId, points: POINTS, sends },
    global: { stubs: { VTextField: field } },
  })
}

describe('people before a run', () => {
  it('begin without a reason where all is true', async () => {
    const sends = vi.fn(() => Promise.resolve())
    const wrapper = check(sends, 'r1')
    for (const point of wrapper.findAll('[role=checkbox]')) await point.trigger('click')
    expect(wrapper.get('.confirm').text()).toBe('All true: begin the run')
    await wrapper.get('.confirm').trigger('click')
    expect(sends).toHaveBeenCalledWith(['FIT', 'SKY'], undefined)
  })

  it('say why they go on under thunder or on ice', async () => {
    const sends = vi.fn(() => Promise.resolve())
    const wrapper = check(sends, 'r2')
    await wrapper.findAll('[role=checkbox]')[0]?.trigger('click')
    expect(wrapper.get('.confirm').attributes('disabled')).toBeDefined()
    await wrapper.get('input').setValue('ice at the gate only')
    expect(wrapper.get('.confirm').text()).toBe('Begin all the same')
    await wrapper.get('.confirm').trigger('click')
    expect(sends).toHaveBeenCalledWith(['FIT'], 'ice at the gate only')
  })

  it('are asked for a reason where the server knows of a storm, and lose no tick', async () => {
    const refused = new Refused(400, 'refused', [
      { field: 'unsafeReason', says: 'is missing: storm: nobody works in that' },
    ])
    const sends = vi.fn().mockRejectedValueOnce(refused).mockResolvedValueOnce(undefined)
    const wrapper = check(sends, 'r3')
    for (const point of wrapper.findAll('[role=checkbox]')) await point.trigger('click')
    await wrapper.get('.confirm').trigger('click')
    await flushPromises()
    expect(wrapper.get('[role=alert]').text()).toContain('A reason is missing: storm')
    expect(wrapper.findAll('[aria-checked=true]')).toHaveLength(2)
    await wrapper.get('input').setValue('only to open')
    await wrapper.get('.confirm').trigger('click')
    expect(sends).toHaveBeenLastCalledWith(['FIT', 'SKY'], 'only to open')
  })
})
