import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Refused } from '../../api/client'
import { askOrKnown, forgetKnown } from './known'

const unreached = () => Promise.reject(new TypeError('no network'))

beforeEach(() => localStorage.clear())
afterEach(() => vi.restoreAllMocks())

describe('what the server said last', () => {
  it('is the answer without network, until it is forgotten', async () => {
    await askOrKnown('a', () => Promise.resolve([1]))
    expect(await askOrKnown('a', unreached)).toEqual([1])
    forgetKnown()
    await expect(askOrKnown('a', unreached)).rejects.toThrow('no network')
  })

  it('does not stand in for a refusal', async () => {
    await askOrKnown('a', () => Promise.resolve([1]))
    const refused = () => Promise.reject(new Refused(403, 'not yours'))
    await expect(askOrKnown('a', refused)).rejects.toBeInstanceOf(Refused)
  })

  it('is passed on though the device has no room to keep it', async () => {
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    expect(await askOrKnown('a', () => Promise.resolve([2]))).toEqual([2])
  })
})
