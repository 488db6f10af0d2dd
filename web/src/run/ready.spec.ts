import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Shapes } from '../api/client'
import { useSession } from '../shared/session'
import { TAM } from '../shared/testing/people'
import { board, hive } from './fixtures'
import LineUpForm from './LineUpForm.vue'
import ReadyPage from './ReadyPage.vue'
import { vuetify } from '../shared/testing/controls'

const fetched = vi.fn<(request: Request) => Promise<Response>>()
const plain = {
  plugins: [vuetify],
  stubs: { 'router-link': { template: '<a><slot /></a>' }, LineUpForm: true },
}
const sent: { path: string; body: unknown }[] = []

const whole = {
  round: { id: 'r' },
  apiary: { id: 'a', name: 'Hollow Bank', zone: 'UTC' },
  hives: [{ hiveId: '1', hiveName: 'H1', tasks: 'plug the cracks' }],
  readiness: [
    { point: 'TRAY', words: 'Tray tight.' },
    { point: 'CRACKS', words: 'Cracks shut.' },
  ],
  toReady: [{ hiveId: '1', points: ['TRAY', 'CRACKS'] }],
  people: [],
}

const line: Shapes['LineUp'] = {
  tools: [{ number: 1, toolId: 't1', name: 'Bowl 1', family: 'HEATED_BOWL', notIn: 0 }],
  crew: { burners: 1, helpers: 0 },
  cloths: 24,
  preparedAhead: false,
  finish: 3000,
  mostShut: 9,
  begun: false,
  endsAt: '2026-08-18T07:30:00Z',
  workableTo: '2026-08-18T07:00:00Z',
  endsInside: false,
}

function answers(routes: Record<string, unknown>): void {
  fetched.mockImplementation(async (request) => {
    const path = new URL(request.url).pathname
    if (request.method !== 'GET') sent.push({ path, body: await request.json() })
    const found = Object.entries({ '/kit': [], ...routes }).find(([end]) => path.endsWith(end))
    return new Response(JSON.stringify(found?.[1] ?? {}), {
      headers: { 'content-type': 'application/json' },
    })
  })
}

beforeEach(() => {
  localStorage.clear()
  sent.length = 0
  vi.stubGlobal('fetch', fetched)
  setActivePinia(createPinia())
  useSession().account = TAM
})

describe('making ready', () => {
  it('ticks a point of a hive, and takes the tick back', async () => {
    answers({ '/rounds/r': whole, '/board': board(hive('1')), '/events': board(hive('1')) })
    const page = mount(ReadyPage, { props: { id: 'r' }, global: plain })
    await flushPromises()
    expect(page.text()).toContain('1 hive still to make ready')
    await page.findAll('[role="checkbox"]')[0]?.trigger('click')
    await flushPromises()
    expect(sent[0]?.body).toMatchObject([{ kind: 'CHECKED', hiveId: '1', reason: 'TRAY' }])

    const ticked = board(hive('1', { ready: { TRAY: ['e1'] } }))
    answers({ '/rounds/r': whole, '/board': ticked, '/events': ticked })
    const again = mount(ReadyPage, { props: { id: 'r' }, global: plain })
    await flushPromises()
    await again.findAll('[role="checkbox"]')[0]?.trigger('click')
    await flushPromises()
    expect(sent.at(-1)?.body).toMatchObject([{ kind: 'UNDONE', undoes: 'e1' }])
  })
})

describe('the line-up', () => {
  const form = () =>
    mount(LineUpForm, {
      props: { roundId: 'r', zone: 'UTC', mayWork: true },
      global: { plugins: plain.plugins },
    })
  const gear = { tools: [{ tool: { id: 't2', name: 'Bowl 2', retired: false } }] }

  it('says how long it should take, and that this lies past the workable hours', async () => {
    answers({ '/line-up': line, '/gear': gear })
    const shown = form()
    await flushPromises()
    expect(shown.text()).toContain('About 50 min')
    expect(shown.text()).toContain('past the workable hours, which end 07:00')
  })

  it('takes a tool along', async () => {
    answers({ '/line-up': line, '/gear': gear })
    const shown = form()
    await flushPromises()
    const add = shown.findAll('button').find((each) => each.text() === '+ Bowl 2')
    await add?.trigger('click')
    await flushPromises()
    expect(sent[0]).toMatchObject({
      path: '/api/rounds/r/line-up',
      body: { toolIds: ['t2'], crew: { burners: 1, helpers: 0 }, cloths: 24 },
    })
  })

  it('offers no change of the crew once the run has begun', async () => {
    answers({ '/line-up': { ...line, begun: true }, '/gear': gear })
    const shown = form()
    await flushPromises()
    expect(shown.text()).not.toContain('Helpers')
    expect(shown.text()).toContain('+ Bowl 2')
  })
})
