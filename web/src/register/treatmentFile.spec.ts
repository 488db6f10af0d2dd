import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Shapes } from '../api/client'
import { vuetify } from '../shared/testing/controls'
import { sentence } from '../shared/testing/facts'
import TreatmentFile from './TreatmentFile.vue'

const looked: Shapes['TreatmentPreview'] = {
  readAs: sentence('UTF-8'),
  treatments: 2,
  known: 1,
  struckOut: 0,
  first: '2024-08-14',
  last: '2025-12-20',
  errors: [{ line: 4, column: 'hive', found: 'Q9', says: sentence('is not kept here') }],
}

function opened(answer: (request: Request) => Response) {
  const asked: string[] = []
  vi.stubGlobal('fetch', (request: Request) => {
    asked.push(
      new URL(request.url, 'http://here').pathname + new URL(request.url, 'http://here').search,
    )
    return Promise.resolve(answer(request))
  })
  return { page: mount(TreatmentFile, { global: { plugins: [vuetify] } }), asked }
}

async function choose(page: ReturnType<typeof opened>['page']): Promise<void> {
  const input = page.get<HTMLInputElement>('input[type=file]')
  Object.defineProperty(input.element, 'files', { value: [new File(['day'], 'old.csv')] })
  await input.trigger('change')
  await flushPromises()
}

afterEach(() => vi.unstubAllGlobals())

describe('treatments of earlier years', () => {
  it('are looked at first, and only their good rows are brought in', async () => {
    const { page, asked } = opened(() => Response.json(looked))
    await choose(page)
    expect(page.text()).toContain('2 treatments, 1 here already')
    expect(page.text()).toContain('14 Aug 2024')
    expect(page.text()).toContain('Line 4, hive “Q9”: is not kept here')
    await page.get('.preview button').trigger('click')
    await flushPromises()
    expect(asked).toEqual(['/api/register/preview', '/api/register/import?goodRowsOnly=true'])
    expect(page.text()).toContain('brought in.')
    expect(page.emitted('brought')).toHaveLength(1)
  })

  it('say what is wrong with a file that is none, and offer nothing to bring in', async () => {
    const { page } = opened(() =>
      Response.json(
        { detail: 'no', errors: [{ field: 'file', says: 'is not a text file' }] },
        { status: 400, headers: { 'Content-Type': 'application/problem+json' } },
      ),
    )
    await choose(page)
    expect(page.get('[role=alert]').text()).toContain('is not a text file')
    expect(page.find('.preview').exists()).toBe(false)
  })
})
