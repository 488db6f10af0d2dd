import { createPinia, setActivePinia } from 'pinia'
import { describe, expect, it, vi } from 'vitest'
import { TAM } from '../testing/people'
import { useSession } from '../session'
import kept from '../../../../server/src/test/resources/samples/2026-11/outbox.json'
import requests from '../../../../server/src/test/resources/samples/2026-11/requests.json'
import { useOutbox } from './outbox'

/** What a phone had kept when it last saw a signal, and what the server was sent for it then. */
describe('an outbox of November 2026', () => {
  it('is read and sends what it sent then', async () => {
    vi.useFakeTimers({ toFake: ['Date'] })
    vi.setSystemTime(new Date('2026-08-18T07:10:00Z'))
    setActivePinia(createPinia())
    localStorage.setItem('tavrel.waiting', JSON.stringify(kept))
    useSession().account = { ...TAM, id: '7e989cf4-3359-4681-834e-853fda8c8bef' }
    const sent: unknown[] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      const { pathname, search } = new URL(request.url)
      sent.push({
        method: request.method,
        path: pathname + search,
        clock: request.headers.get('Device-Clock'),
        body: await request.json(),
      })
      return new Response('[]', { headers: { 'Content-Type': 'application/json' } })
    })
    const outbox = useOutbox()
    await outbox.send()
    expect(outbox.waiting).toBe(0)
    expect(sent).toEqual(requests)
  })
})
