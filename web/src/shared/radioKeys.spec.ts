import { mount } from '@vue/test-utils'
import { defineComponent, ref } from 'vue'
import { describe, expect, it } from 'vitest'
import { radioKeys } from './radioKeys'

const Group = defineComponent({
  setup: () => ({ chosen: ref('a'), radioKeys }),
  template: `
    <div role="radiogroup">
      <button v-for="each in ['a', 'b', 'c']" :key="each" role="radio" :aria-checked="chosen === each"
        @keydown="radioKeys"         @click="chosen = each">{{ each }}</button>
    </div>`,
})

describe('arrow keys in a group of radio buttons', () => {
  it.each([
    ['ArrowRight', 'b'],
    ['ArrowDown', 'b'],
    ['ArrowLeft', 'c'],
    ['ArrowUp', 'c'],
    ['End', 'c'],
    ['Home', 'a'],
    ['x', 'a'],
  ])('%s goes from the first to %s', async (key, to) => {
    const group = mount(Group, { attachTo: document.body })
    const first = group.get('[role=radio]')
    ;(first.element as HTMLElement).focus()
    await first.trigger('keydown', { key })
    expect(group.get('[aria-checked=true]').text()).toBe(to)
    expect(document.activeElement?.textContent).toBe(to)
    group.unmount()
  })
})
