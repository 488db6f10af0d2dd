import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Shapes } from '../api/client'
import ScoopPage from './ScoopPage.vue'
import { vuetify } from '../shared/testing/controls'

vi.mock('vue-router', () => ({ useRoute: () => ({ query: { product: 'Vale crystals' } }) }))

const RouterLink = { template: '<a><slot /></a>' }
const READING: Shapes['Scoops'] = {
  spoon: 'QUARTER_TSP_US',
  mean: 1.2,
  spread: 0.01,
  spreadPercent: 1,
  weighings: 5,
  usualGrams: 1,
  warnings: [],
}

const WEIGHED: Shapes['Weighed'] = {
  id: 'w',
  product: 'Vale crystals',
  grams: [1.2, 1.2, 1.2, 1.2, 1.2],
  scoops: READING,
  by: 'Wren',
  at: '2026-08-18T06:40:00Z',
}

/** Answers by the end of the address. */
function answers(request: Request): Promise<Response> {
  const body = request.url.endsWith('/choices')
    ? { spoons: [] }
    : request.url.endsWith('/reading')
      ? READING
      : request.method === 'PUT'
        ? [WEIGHED]
        : []
  return Promise.resolve(
    new Response(JSON.stringify(body), { headers: { 'content-type': 'application/json' } }),
  )
}

/** Longer than typing is waited for before it is reckoned with. */
async function afterAWhile(): Promise<void> {
  await vi.advanceTimersByTimeAsync(400)
  await flushPromises()
}

beforeEach(() => {
  setActivePinia(createPinia())
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  vi.stubGlobal('fetch', answers)
})

describe('the scoop bench', () => {
  it('goes on saying that a weighing is kept, until the next is typed', async () => {
    const page = mount(ScoopPage, { global: { plugins: [vuetify], stubs: { RouterLink } } })
    await flushPromises()
    const scoop = (number: number) => page.findAll('fieldset input')[number - 1]
    for (let number = 1; number <= 5; number++) await scoop(number)?.setValue('1.2')
    await afterAWhile()
    expect(page.text()).toContain('1.20 g')
    await page
      .findAll('button')
      .find((button) => button.text().startsWith('Keep it'))
      ?.trigger('click')
    await afterAWhile()
    expect(page.find('[role=status]').text()).toContain('Kept.')

    await scoop(1)?.setValue('1.1')
    await afterAWhile()
    expect(page.find('[role=status]').exists()).toBe(false)
  })
})
