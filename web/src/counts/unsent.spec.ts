import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Shapes } from '../api/client'
import { useUnsent } from './unsent'

function count(id: string): Shapes['NewCount'] {
  return { id, hiveId: 'h', day: '2026-08-18', kind: 'WASH', mites: 3, bees: 300, natural: false }
}

function answers(...statuses: number[]): string[][] {
  const sent: string[][] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const status = statuses.shift() ?? 204
    if (status === 0) throw new TypeError('no network')
    sent.push(((await request.json()) as { id: string }[]).map((each) => each.id))
    return status === 204
      ? new Response(null, { status })
      : new Response(
          JSON.stringify({ detail: 'no', errors: [{ field: '0.mites', says: 'cannot be' }] }),
          { status, headers: { 'Content-Type': 'application/problem+json' } },
        )
  })
  return sent
}

describe('counts not sent', () => {
  beforeEach(() => {
    localStorage.clear()
    setActivePinia(createPinia())
  })

  it('wait while the network is gone and go together when it is back', async () => {
    const sent = answers(0, 0, 204)
    const unsent = useUnsent()
    await unsent.enter(count('a'))
    await unsent.enter(count('b'))
    expect(unsent.count).toBe(2)
    await unsent.send()
    expect(sent).toEqual([['a', 'b']])
    expect(unsent.count).toBe(0)
  })

  it('hand back one that cannot be, and keep the others', async () => {
    answers(0, 400, 204)
    const unsent = useUnsent()
    await unsent.enter(count('bad'))
    await expect(unsent.enter(count('good'))).rejects.toThrow('no')
    expect(unsent.waiting.map((each) => each.id)).toEqual(['good'])
    await unsent.send()
    expect(unsent.count).toBe(0)
  })
})
