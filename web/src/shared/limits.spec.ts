import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useLimits } from './limits'

const TOLD = { toolsInARun: 6, roundsInASchedule: 16 }

describe('limits of the job', () => {
  beforeEach(() => {
    localStorage.clear()
    setActivePinia(createPinia())
  })

  it('are no bound until the server has told them', async () => {
    vi.stubGlobal('fetch', async () => Response.json(TOLD))
    const limits = useLimits()
    expect(limits.of('toolsInARun', Infinity)).toBe(Infinity)
    await limits.learn()
    expect(limits.of('toolsInARun', Infinity)).toBe(6)
  })

  it('stay on the device for when the server is away', async () => {
    vi.stubGlobal('fetch', async () => Response.json(TOLD))
    await useLimits().learn()
    await Promise.resolve()
    setActivePinia(createPinia())
    vi.stubGlobal('fetch', async () => {
      throw new TypeError('no network')
    })
    await expect(useLimits().learn()).rejects.toThrow()
    expect(useLimits().of('roundsInASchedule', Infinity)).toBe(16)
  })
})
