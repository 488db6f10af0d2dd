import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { api, type Shapes } from '../../api/client'
import { useSession } from '../session'
import { TAM } from '../testing/people'
import { forgetKits } from './keptKits'
import { useKit } from './useKit'
import { sentence } from '../testing/facts'

const line = (item: string, tickedAt?: string) =>
  ({
    item,
    group: 'FIRE',
    amount: sentence('1'),
    name: sentence(item),
    tickedAt,
  }) as Shapes['KitLine']
const answer = (data: unknown) => Promise.resolve({ data, response: new Response() }) as never
const noNetwork = () => Promise.reject(new TypeError('no network')) as never

function open(): ReturnType<typeof useKit> {
  return effectScope().run(() => useKit('r1')) as ReturnType<typeof useKit>
}

describe('the kit of a round', () => {
  beforeEach(() => {
    localStorage.clear()
    setActivePinia(createPinia())
    useSession().account = TAM
    vi.restoreAllMocks()
  })

  it('is on the device once it was opened, and can be ticked without network', async () => {
    vi.spyOn(api, 'GET').mockImplementation(() => answer([line('water'), line('tape')]))
    const first = open()
    await first.load()
    await flushPromises()

    vi.spyOn(api, 'GET').mockImplementation(noNetwork)
    const put = vi.spyOn(api, 'PUT').mockImplementation(noNetwork)
    const again = open()
    await again.load()
    expect(again.lines.value.map((each) => each.item)).toEqual(['water', 'tape'])
    await again.tick('tape', true)
    expect(again.lines.value[1]?.tickedAt).toBeTruthy()
    expect(again.waiting.value).toBe(1)
    expect(again.problem.value).toBe('')

    vi.spyOn(api, 'GET').mockImplementation(() => answer([line('water'), line('tape', 'now')]))
    put.mockImplementation(() => answer([line('water'), line('tape', 'now')]))
    await again.load()
    expect(put).toHaveBeenCalledTimes(2)
    expect(again.waiting.value).toBe(0)
    expect(again.lines.value[1]?.tickedAt).toBe('now')
  })

  it('says what the server would not take, and lets it go', async () => {
    vi.spyOn(api, 'GET').mockImplementation(() => answer([line('water')]))
    const refusal = { detail: 'This round was thrown away.' }
    vi.spyOn(api, 'PUT').mockImplementation(
      () =>
        Promise.resolve({ error: refusal, response: new Response(null, { status: 409 }) }) as never,
    )
    const kit = open()
    await kit.load()
    await kit.tick('water', true)
    expect(kit.problem.value).toContain('thrown away')
    expect(kit.waiting.value).toBe(0)
    expect(kit.lines.value[0]?.tickedAt).toBeUndefined()
  })

  it('goes from the device after a week, and at once when somebody signs out', () => {
    localStorage.setItem('tavrel.kit.old', JSON.stringify({ lines: [], waiting: {}, at: 0 }))
    localStorage.setItem(
      'tavrel.kit.new',
      JSON.stringify({ lines: [], waiting: {}, at: Date.now() }),
    )
    forgetKits()
    expect(localStorage.getItem('tavrel.kit.old')).toBeNull()
    expect(localStorage.getItem('tavrel.kit.new')).not.toBeNull()
    forgetKits(0)
    expect(localStorage.getItem('tavrel.kit.new')).toBeNull()
  })
})
