import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent } from 'vue'
import { api, type Shapes } from '../api/client'
import { keyOf, useSeason } from './useSeason'
import { sentence } from '../shared/testing/facts'

type Search = Shapes['SearchState']

const IDLE: Search = { running: false, seconds: 0, better: 0 }
const RUNNING: Search = { ...IDLE, running: true, what: sentence('a better plan'), seconds: 5 }
const FIGURES = { drive: 120 } as unknown as Shapes['PlanSummary']

let search: Search
let asked: string[]
let refusal: { status: number; body: unknown } | null

function answer(request: Request): Promise<Response> {
  const path = new URL(request.url).pathname.replace('/api/season-plan', '')
  asked.push(`${request.method} ${path}`)
  const failed = refusal
  refusal = null
  const body = failed?.body ?? (path === '/search' ? search : { search, allSeries: [] })
  return Promise.resolve(
    new Response(JSON.stringify(body), {
      status: failed?.status ?? 200,
      headers: { 'content-type': failed ? 'application/problem+json' : 'application/json' },
    }),
  )
}

/** The composable as a page has it. */
function season() {
  let its: ReturnType<typeof useSeason> | undefined
  const page = mount(
    defineComponent({
      setup() {
        its = useSeason()
        return () => null
      },
    }),
  )
  if (!its) throw new Error('not mounted')
  return { page, its }
}

async function aSecondLater(): Promise<void> {
  await vi.advanceTimersByTimeAsync(1000)
  await flushPromises()
}

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] })
  vi.stubGlobal('fetch', answer)
  search = IDLE
  asked = []
  refusal = null
})

describe('the season plan', () => {
  it('asks nothing while no search runs', async () => {
    const { its } = season()
    await its.load()
    await aSecondLater()
    expect(asked).toEqual(['GET '])
  })

  it('follows a search, and loads the plan anew only when a better one was found', async () => {
    const { its } = season()
    search = RUNNING
    await its.search(5)
    expect(asked).toEqual(['POST /search', 'GET '])
    asked = []

    search = { ...RUNNING, better: 3 }
    await aSecondLater()
    expect(asked).toEqual(['GET /search'])
    expect(its.view.value?.search.better).toBe(3)

    search = { ...RUNNING, better: 4, figures: FIGURES }
    await aSecondLater()
    expect(asked.slice(1)).toEqual(['GET /search', 'GET '])

    search = { ...IDLE, figures: FIGURES }
    await aSecondLater()
    await aSecondLater()
    expect(asked.slice(3)).toEqual(['GET /search', 'GET '])
  })

  it('stops asking when its page is left', async () => {
    const { page, its } = season()
    search = RUNNING
    await its.load()
    page.unmount()
    await aSecondLater()
    expect(asked).toEqual(['GET '])
  })

  it('keeps the plan that is shown where a change is refused, and says at which field', async () => {
    const { its } = season()
    await its.load()
    const before = its.view.value
    refusal = { status: 400, body: { detail: 'no', errors: [{ field: 'to', says: 'is over' }] } }
    const taken = await its.change(
      api.PUT('/api/season-plan/span', { body: { from: '2026-08-18', to: '2026-08-01' } }),
    )
    expect(taken).toBe(false)
    expect(its.view.value).toBe(before)
    expect(its.wrong.value).toEqual({ to: 'is over' })

    expect(
      await its.change(
        api.PUT('/api/season-plan/span', { body: { from: '2026-08-18', to: '2026-09-01' } }),
      ),
    ).toBe(true)
    expect(its.wrong.value).toEqual({})
    expect(its.problem.value).toBe('')
  })

  it('tells rounds apart by series and number', () => {
    expect(keyOf({ seriesId: 'a', number: 12 })).not.toBe(keyOf({ seriesId: 'a1', number: 2 }))
  })
})
