import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { jobWords } from '../shared/offline/jobWords'
import { useOutbox } from '../shared/offline/outbox'
import { useSession } from '../shared/session'
import { TAM } from '../shared/testing/people'
import TakenOutDialog from './TakenOutDialog.vue'
import { vuetify } from '../shared/testing/controls'

const still = ['K1', 'K2'].map((hive) => ({
  treatmentId: 't-' + hive,
  hiveId: hive,
  hive,
  apiaryId: 'k',
  means: 'STRIPS',
  product: 'Strips, sample',
  day: '2026-07-08',
  outBy: '2026-08-19',
}))

async function opened(answer: (request: Request) => Response) {
  const sent: unknown[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    if (request.method === 'PUT') sent.push(await request.json())
    return answer(request)
  })
  const wrapper = mount(TakenOutDialog, {
    props: { modelValue: true, apiaryId: 'k' },
    global: {
      plugins: [vuetify],
      stubs: { VDialog: { template: '<div><slot /></div>' } },
    },
  })
  await flushPromises()
  return { wrapper, sent }
}

beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
  useSession().account = TAM
})

afterEach(() => vi.unstubAllGlobals())

describe('taking strips out', () => {
  it('waits on this device without network, from the list as it was known', async () => {
    await opened((request) =>
      request.method === 'GET' ? Response.json(still) : new Response(null, { status: 200 }),
    )
    const { wrapper } = await opened(() => {
      throw new TypeError('no network')
    })
    expect(wrapper.text()).toContain('K2: Strips, sample')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(wrapper.emitted('written')).toHaveLength(1)
    const waiting = useOutbox().mine.map((each) => jobWords(each.job))
    expect(waiting).toEqual(['taken out: K1, K2'])
  })

  it('names what is in each hive since when, and writes down the chosen ones', async () => {
    const { wrapper, sent } = await opened((request) =>
      request.method === 'GET' ? Response.json(still) : new Response(null, { status: 200 }),
    )
    expect(wrapper.text()).toContain('K1: Strips, sample, in since 8 Jul, out by 19 Aug')
    await wrapper.findAll('input[type=checkbox]')[1]?.setValue(false)
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(sent).toEqual([{ treatmentIds: ['t-K1'], outOn: expect.any(String) as string }])
    expect(wrapper.emitted('written')).toHaveLength(1)
  })

  it('says at the day what is wrong with it, and loses nothing', async () => {
    const { wrapper } = await opened((request) =>
      request.method === 'GET'
        ? Response.json(still)
        : Response.json(
            { detail: 'no', errors: [{ field: 'outOn', says: 'lies in the future' }] },
            { status: 400, headers: { 'Content-Type': 'application/problem+json' } },
          ),
    )
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(wrapper.text()).toContain('lies in the future')
    expect(wrapper.emitted('written')).toBeUndefined()
  })
})
