import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Shapes } from '../../api/client'
import DueLine from './DueLine.vue'
import DueWhy from './DueWhy.vue'

const task: Shapes['DueTask'] = {
  line: 'BEGIN_BY:a',
  kind: 'BEGIN_BY',
  apiaryId: 'a',
  apiary: 'Kiln Field',
  day: '2026-08-24',
  hives: [{ id: 'h', name: 'K4', share: 0.02 }],
  moreHives: 0,
  hiveId: 'h',
  waiting: {
    hive: 'K4',
    weekCosts: 400,
    untreated: 0.063,
    deadline: { date: '2026-09-20', target: 0.01, occasion: 'WINTER_BEES' },
  },
}
const rules: Shapes['KindRule'][] = [
  { kind: 'UNSEEN', says: { code: 'due.why.unseen', values: { days: { n: 60, of: 'day' } } } },
  { kind: 'BEGIN_BY', says: { code: 'due.why.beginBy', values: { days: { n: 28, of: 'day' } } } },
]

function answering(answer: () => Promise<Response>) {
  const asked: string[] = []
  vi.stubGlobal('fetch', (request: Request) => {
    asked.push(new URL(request.url).pathname)
    return answer()
  })
  return asked
}

const line = () =>
  mount(DueLine, {
    props: { task, isKeeper: true },
    global: { stubs: { RouterLink: { template: '<a><slot /></a>' } } },
  })

beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

describe('why a line is told', () => {
  it('is asked for at the line, and says its rule and what its hive comes to', async () => {
    const asked = answering(() => Promise.resolve(Response.json(rules)))
    const wrapper = line()
    expect(asked).toEqual([])
    const why = wrapper.get('[aria-expanded]')
    expect(why.attributes('aria-label')).toBe('Why: Begin by, Kiln Field')
    await why.trigger('click')
    await flushPromises()
    expect(asked).toEqual(['/api/due/rules'])
    expect(wrapper.get('.why').text()).toContain('Named from 28 days before it')
    expect(wrapper.get('.why').text()).toContain(
      'Left alone, K4 is expected at 6.3 % on 20 Sept; it should be under 1.0 %.',
    )
    await why.trigger('click')
    expect(wrapper.find('.why').exists()).toBe(false)
  })

  it('says what it knows without the network', async () => {
    answering(() => Promise.reject(new TypeError('no network')))
    const wrapper = line()
    await wrapper.get('[aria-expanded]').trigger('click')
    await flushPromises()
    expect(wrapper.get('.why').text()).toContain('needs the network once')
    expect(wrapper.get('.why').text()).toContain('Left alone, K4')
  })

  it('says its rule without network, too, once it was asked for', async () => {
    answering(() => Promise.resolve(Response.json(rules)))
    await line().get('[aria-expanded]').trigger('click')
    await flushPromises()
    answering(() => Promise.reject(new TypeError('no network')))
    const wrapper = line()
    await wrapper.get('[aria-expanded]').trigger('click')
    await flushPromises()
    expect(wrapper.get('.why').text()).toContain('Named from 28 days before it')
  })

  it('says how the label’s year is shared out, and what would spend it', async () => {
    answering(() => Promise.resolve(Response.json(rules)))
    const shared: Shapes['DueTask'] = {
      ...task,
      kind: 'OUT_OF_REACH',
      waiting: {
        ...(task.waiting as Shapes['Waiting']),
        labelYear: { left: 8, every: 11, lastsUntil: '2026-11-10' },
        spends: { start: '2026-07-20', rounds: 5, gap: 6, left: 90, wash: 0.008 },
      },
    }
    const wrapper = mount(DueWhy, { props: { task: shared } })
    await flushPromises()
    expect(wrapper.text()).toContain('leaves 8 rounds this year')
    expect(wrapper.text()).toContain('one every 11 days')
    expect(wrapper.text()).toContain('leave 3 rounds for the rest of the year')
  })
})
