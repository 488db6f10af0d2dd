import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useApiaryInHand } from './apiaryInHand'

describe('the apiary in hand', () => {
  beforeEach(() => {
    localStorage.clear()
    setActivePinia(createPinia())
  })

  it('shows the day of the one taken last, whichever is answered first', async () => {
    const answers = new Map<string, (answer: Response) => void>()
    vi.stubGlobal('fetch', (request: Request) => {
      const id = new URL(request.url).pathname.split('/')[3] ?? ''
      return new Promise<Response>((answer) => answers.set(id, answer))
    })
    const day = (id: string) =>
      Response.json({ apiary: { id, zone: 'UTC' }, now: '2026-08-18T04:40:00Z' })
    const inHand = useApiaryInHand()

    void inHand.take('first')
    void inHand.take('second')
    await flushPromises()
    answers.get('second')?.(day('second'))
    await flushPromises()
    answers.get('first')?.(day('first'))
    await flushPromises()

    expect(inHand.dayline?.apiary.id).toBe('second')
  })
})
