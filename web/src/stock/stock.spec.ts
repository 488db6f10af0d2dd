import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Shapes } from '../api/client'
import YearCosts from './YearCosts.vue'
import { sentence } from '../shared/testing/facts'

const apiary = (name: string): Shapes['CostedApiary'] => ({
  apiaryId: `id of ${name}`,
  apiary: name,
  rounds: 1,
  treatments: 2,
  cost: { acid: 3 },
  known: 3,
  perTreatment: 1.5,
})
const year: Shapes['CostedYear'] = {
  year: 2026,
  all: apiary('All apiaries'),
  apiaries: [apiary('Cold Quay'), apiary('Kiln Field')],
  rounds: [],
  leftOut: [sentence('filters, cloths and caps')],
}
const hive: Shapes['CostedHive'] = {
  hiveId: 'k1',
  hive: 'K1',
  treatments: 2,
  productGrams: 4,
  cost: { acid: 2 },
  known: 2,
}

function answer(body: unknown, status = 200): Promise<Response> {
  const type = status < 300 ? 'application/json' : 'application/problem+json'
  const headers = { 'Content-Type': type }
  return Promise.resolve(new Response(JSON.stringify(body), { status, headers }))
}

async function costs(ofHives: () => Promise<Response>) {
  const asked: string[] = []
  vi.stubGlobal('fetch', (request: Request) => {
    asked.push(request.url)
    return request.url.includes('/costs/') ? ofHives() : answer(year)
  })
  const page = mount(YearCosts, {
    props: { thisYear: 2026 },
    global: { stubs: { VSelect: { template: '<div />' }, RouterLink: true } },
  })
  await flushPromises()
  const press = async (name: string) => {
    await page.get(`[aria-label="Costs by hive in ${name}"]`).trigger('click')
    await flushPromises()
  }
  return { page, asked, press }
}

afterEach(() => vi.unstubAllGlobals())

describe('what a year cost', () => {
  it('opens an apiary hive by hive, one at a time, and closes it again', async () => {
    const { page, asked, press } = await costs(() => answer([hive]))
    expect(page.text()).not.toContain('hive by hive')
    await press('Kiln Field')
    expect(asked.at(-1)).toContain('/api/stock/costs/id%20of%20Kiln%20Field?year=2026')
    expect(page.text()).toContain('Kiln Field, hive by hive')
    expect(page.findAll('tbody').at(-1)?.text()).toMatch(/K1\s*2\s*4\.0 g\s*2\.00\s*not known/)
    await press('Cold Quay')
    expect(page.text()).toContain('Cold Quay, hive by hive')
    expect(page.text()).not.toContain('Kiln Field, hive by hive')
    await page.get('button[aria-expanded="true"]').trigger('click')
    expect(page.text()).not.toContain('hive by hive')
  })

  it('says so where a hive’s costs cannot be had, and keeps the year', async () => {
    const { page, press } = await costs(() => answer({ detail: 'Not now.' }, 503))
    await press('Kiln Field')
    expect(page.get('[role="alert"]').text()).toContain('Not now.')
    expect(page.text()).toContain('in your money')
  })
})
