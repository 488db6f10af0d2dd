import { beforeEach, describe, expect, it, vi } from 'vitest'

const NOON = Date.parse('2026-08-18T12:00:00Z')

/** An answer that took so long and tells that the server is so far ahead, both ms. */
async function clock() {
  vi.resetModules()
  const { learnClock, serverNow } = await import('./clock')
  return {
    answer: (took: number, ahead: number) =>
      learnClock(NOON, NOON + took, new Date(NOON + took / 2 + ahead).toISOString()),
    ahead: () => serverNow() - NOON,
  }
}

beforeEach(() => {
  localStorage.clear()
  vi.useFakeTimers({ now: NOON })
})

describe('the server’s clock', () => {
  it('believes the answer that took least time', async () => {
    const { answer, ahead } = await clock()
    answer(40, 5_000)
    answer(400, 5_150)
    expect(ahead()).toBe(5_000)
  })

  it('begins anew with an answer that cannot be true together with what is known', async () => {
    const { answer, ahead } = await clock()
    answer(4, 5_000)
    answer(400, 9_000)
    expect(ahead()).toBe(9_000)
    answer(4, 9_020)
    expect(ahead()).toBe(9_020)
  })
})
