import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { useSession } from '../shared/session'
import { IDA, TAM } from '../shared/testing/people'
import { useOutbox } from '../shared/offline/outbox'
import { usePresses, type NewEvent } from './presses'

const fetched = vi.fn<(request: Request) => Promise<Response>>()
const BOARD = { now: '2026-08-18T06:40:00Z', hives: [] }

function answer(status: number, body: unknown): Response {
  return new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': 'application/json' },
  })
}

function event(id: string): NewEvent {
  return { id, hiveId: 'h', kind: 'LEAK_SEEN', at: '2026-08-18T06:40:00Z' }
}

/** Lets every answer that is on its way arrive. */
async function settled(): Promise<void> {
  for (let i = 0; i < 30; i++) await new Promise((done) => setTimeout(done, 0))
  await nextTick()
}

beforeEach(() => {
  localStorage.clear()
  fetched.mockReset()
  vi.stubGlobal('fetch', fetched)
  setActivePinia(createPinia())
  useSession().account = TAM
})

describe('presses of a run', () => {
  it('keeps a press until the server has it', async () => {
    fetched.mockRejectedValue(new TypeError('no network'))
    const outbox = useOutbox()
    const presses = usePresses()
    presses.post('r', [event('1')])
    await settled()
    expect(outbox.waiting).toBe(1)
    expect(outbox.reachable).toBe(false)
    expect(localStorage.getItem('tavrel.waiting')).toContain('"id":"1"')

    fetched.mockImplementation(async () => answer(200, BOARD))
    await outbox.send()
    expect(outbox.waiting).toBe(0)
    expect(outbox.reachable).toBe(true)
  })

  it('sends presses in the order in which they were made', async () => {
    const sent: string[] = []
    fetched.mockImplementation(async (request) => {
      sent.push(((await request.json()) as NewEvent[])[0]?.id ?? '')
      return answer(200, BOARD)
    })
    const presses = usePresses()
    for (const id of ['1', '2', '3']) presses.post('r', [event(id)])
    await settled()
    expect(sent).toEqual(['1', '2', '3'])
  })

  it('gives back what the server will not take, with its words, and goes on', async () => {
    fetched
      .mockImplementationOnce(async () => answer(409, { detail: 'Shut for another 4:10.' }))
      .mockImplementation(async () => answer(200, BOARD))
    const outbox = useOutbox()
    const presses = usePresses()
    presses.post('r', [event('1')])
    presses.post('r', [event('2')])
    await settled()
    expect(outbox.waiting).toBe(0)
    expect(presses.returned.map((each) => each.says)).toEqual(['Shut for another 4:10.'])
  })

  it('keeps everything when the session has ended', async () => {
    fetched.mockImplementation(async () => answer(401, { detail: 'Please sign in.' }))
    const outbox = useOutbox()
    const presses = usePresses()
    presses.post('r', [event('1')])
    await settled()
    expect(outbox.entries).toHaveLength(1)
    expect(useSession().account).toBeNull()
  })

  it('does not send one person’s presses as another', async () => {
    fetched.mockRejectedValue(new TypeError('no network'))
    const outbox = useOutbox()
    const presses = usePresses()
    presses.post('r', [event('1')])
    await settled()
    fetched.mockReset()
    useSession().account = IDA
    await outbox.send()
    expect(fetched).not.toHaveBeenCalled()
    expect(outbox.entries).toHaveLength(1)
  })

  it('takes back a press that has not left', async () => {
    fetched.mockRejectedValue(new TypeError('no network'))
    const outbox = useOutbox()
    const presses = usePresses()
    presses.post('r', [event('1')])
    await settled()
    expect(presses.recall('r', 'h')).toBe(true)
    expect(outbox.waiting).toBe(0)
  })

  it('sends a people check that was kept before the burns after it, with how long ago it was', async () => {
    fetched.mockRejectedValue(new TypeError('no network'))
    const outbox = useOutbox()
    const presses = usePresses()
    presses.postPeople('r', { confirmed: ['FIT'], at: Date.now() - 90_000 })
    presses.post('r', [event('1')])
    await settled()
    const sent: string[] = []
    fetched.mockImplementation(async (request) => {
      sent.push(`${request.method} ${new URL(request.url).pathname}${new URL(request.url).search}`)
      return answer(200, BOARD)
    })
    await outbox.send()
    expect(sent).toEqual([
      'PUT /api/rounds/r/people-check?secondsAgo=90',
      'POST /api/rounds/r/events?part=1',
    ])
    expect(outbox.waiting).toBe(0)
  })

  it('tells with every parcel what the clock of this device says', async () => {
    let clock = ''
    fetched.mockImplementation(async (request) => {
      clock = request.headers.get('Device-Clock') ?? ''
      return answer(200, BOARD)
    })
    usePresses().post('r', [event('1')])
    await settled()
    expect(Math.abs(Date.parse(clock) - Date.now())).toBeLessThan(2000)
  })
})
