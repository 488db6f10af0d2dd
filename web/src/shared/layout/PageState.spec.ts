import { mount } from '@vue/test-utils'
import { nextTick } from 'vue'
import { describe, expect, it, vi } from 'vitest'
import PageState from './PageState.vue'
import { vuetify } from '../testing/controls'

const global = { plugins: [vuetify] }

describe('a page that has nothing to show yet', () => {
  it('stands quietly at once and says after a moment what it waits for', async () => {
    vi.useFakeTimers()
    const page = mount(PageState, {
      global,
      props: { there: false, problem: '', what: 'the register' },
    })
    expect(page.get('[aria-busy]').text()).toBe('')
    vi.advanceTimersByTime(299)
    await nextTick()
    expect(page.text()).toBe('')
    vi.advanceTimersByTime(2)
    await nextTick()
    expect(page.get('[role=status]').text()).toBe('Fetching the register …')
    await page.setProps({ there: true })
    expect(page.text()).toBe('')
    expect(page.find('[aria-busy]').exists()).toBe(false)
  })

  it('offers to try again what did not come', async () => {
    const page = mount(PageState, {
      global,
      props: { there: false, problem: 'The server does not answer.', what: 'the register' },
    })
    expect(page.get('[role=alert]').text()).toContain('The server does not answer.')
    await page.get('button').trigger('click')
    expect(page.emitted('again')).toHaveLength(1)
  })

  it('tells what went wrong later, and keeps the page', () => {
    const page = mount(PageState, {
      global,
      props: { there: true, problem: 'Not kept.', what: 'the register' },
    })
    expect(page.get('[role=alert]').text()).toBe('Not kept.')
  })
})
