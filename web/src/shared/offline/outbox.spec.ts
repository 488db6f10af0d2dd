import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Shapes } from '../../api/client'
import { useSession } from '../session'
import { IDA, TAM } from '../testing/people'
import type { Job } from './jobs'
import { useOutbox } from './outbox'

function count(id: string, mites = 3): Job {
  const counted: Shapes['NewCount'] = {
    id,
    hiveId: 'h',
    day: '2026-08-18',
    kind: 'WASH',
    mites,
    bees: 300,
    natural: false,
  }
  return { kind: 'COUNT', count: counted, hive: id }
}

function tick(item: string, packed = true): Job {
  return { kind: 'KIT', roundId: 'r', item, packed }
}

/** Answers by status, in order, then all is well; 0 is no network. Gives back what was sent. */
function answers(...statuses: number[]): string[] {
  const sent: string[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const status = statuses.shift() ?? 200
    if (status === 0) throw new TypeError('no network')
    const body = (await request.json()) as [{ id: string }] | { packed: boolean }
    sent.push(Array.isArray(body) ? body[0].id : String(body.packed))
    return new Response(
      JSON.stringify(
        status === 200
          ? []
          : { detail: `no ${status}`, errors: [{ field: '0.mites', says: 'cannot be' }] },
      ),
      { status, headers: { 'Content-Type': 'application/json' } },
    )
  })
  return sent
}

beforeEach(() => {
  vi.useRealTimers()
  localStorage.clear()
  setActivePinia(createPinia())
  useSession().account = TAM
})

describe('the outbox', () => {
  it('holds everything back until a first password is changed', async () => {
    useSession().account = { ...TAM, firstPassword: true }
    const sent = answers()
    const outbox = useOutbox()
    outbox.put(count('a'))
    await outbox.send()
    expect(sent).toEqual([])
    useSession().account = TAM
    await outbox.send()
    expect(sent).toEqual(['a'])
  })

  it('keeps what is done without a signal and sends it in its order', async () => {
    const sent = answers(0)
    const outbox = useOutbox()
    const first = outbox.put(count('a')) ?? ''
    expect(await outbox.outcome(first)).toEqual({ is: 'waits' })
    outbox.put(count('b'))
    await outbox.send()
    expect(outbox.waiting).toBe(0)
    expect(sent).toEqual(['a', 'b'])
  })

  it('sets a refused one aside under its own name, and blames no other', async () => {
    answers(0, 0, 400, 200)
    const outbox = useOutbox()
    const bad = outbox.put(count('bad')) ?? ''
    await outbox.send()
    const good = outbox.put(count('good')) ?? ''
    await outbox.send()
    expect(await outbox.outcome(good)).toEqual({ is: 'sent' })
    const outcome = await outbox.outcome(bad)
    expect(outcome.is).toBe('aside')
    expect(outbox.asideMine.map((each) => each.id)).toEqual([bad])
    expect(outbox.asideMine[0]?.says).toBe('no 400')
    expect(localStorage.getItem('tavrel.aside')).toContain(bad)
  })

  it('sends a mended one again, and throws one away only when told', async () => {
    const sent = answers(400, 200, 409)
    const outbox = useOutbox()
    const id = outbox.put(count('bad', 400)) ?? ''
    await outbox.send()
    outbox.again(id, count('bad', 4))
    await outbox.send()
    expect(outbox.asideMine).toHaveLength(0)
    expect(sent).toEqual(['bad', 'bad'])
    const other = outbox.put(count('other')) ?? ''
    await outbox.send()
    expect(outbox.asideMine).toHaveLength(1)
    outbox.throwAway(other)
    expect(outbox.asideMine).toHaveLength(0)
  })

  it.each([403, 404, 409])('does not block for good at a %i', async (status) => {
    const sent = answers(status)
    const outbox = useOutbox()
    outbox.put(count('a'))
    outbox.put(count('b'))
    await outbox.send()
    expect(sent).toEqual(['a', 'b'])
    expect(outbox.waiting).toBe(0)
  })

  it('goes on with others where the server breaks over one, and tries it again later', async () => {
    vi.useFakeTimers()
    const sent = answers(500)
    const outbox = useOutbox()
    outbox.put(count('a'))
    outbox.put(tick('water'))
    await outbox.send()
    expect(sent).toEqual(['a', 'true'])
    expect(outbox.waiting).toBe(1)
    expect(outbox.reachable).toBe(true)
    await outbox.send()
    expect(sent).toHaveLength(2)
    vi.advanceTimersByTime(2_001)
    await outbox.send()
    expect(outbox.waiting).toBe(0)
  })

  it('keeps the order of a lane while its first pauses', async () => {
    vi.useFakeTimers()
    const sent = answers(503)
    const outbox = useOutbox()
    outbox.put(count('a'))
    outbox.put(count('b'))
    await outbox.send()
    expect(sent).toEqual(['a'])
    vi.advanceTimersByTime(2_001)
    await outbox.send()
    expect(sent).toEqual(['a', 'a', 'b'])
  })

  it('sets one aside over which the server breaks each time, but never one that a full disk refused', async () => {
    vi.useFakeTimers()
    answers(500, 500, 500, 500, 500, 500, ...Array.from({ length: 20 }, () => 507))
    const outbox = useOutbox()
    outbox.put(count('a'))
    for (let i = 0; i < 6; i++) {
      await outbox.send()
      vi.advanceTimersByTime(60_001)
    }
    expect(outbox.asideMine).toHaveLength(1)
    outbox.put(count('b'))
    for (let i = 0; i < 20; i++) {
      await outbox.send()
      vi.advanceTimersByTime(60_001)
    }
    expect(outbox.waiting).toBe(1)
    await outbox.send()
    expect(outbox.waiting).toBe(0)
  })

  it('sends nothing under another name, and goes on when its owner is back', async () => {
    const sent = answers(0)
    const outbox = useOutbox()
    outbox.put(count('a'))
    await outbox.send()
    useSession().account = IDA
    await outbox.send()
    expect(sent).toEqual([])
    expect(outbox.others).toBe(1)
    expect(outbox.waiting).toBe(0)
    useSession().account = TAM
    await outbox.send()
    expect(sent).toEqual(['a'])
  })

  it('waits for its owner where the session has ended', async () => {
    answers(401)
    const outbox = useOutbox()
    outbox.put(count('a'))
    await outbox.send()
    expect(useSession().account).toBeNull()
    expect(outbox.entries).toHaveLength(1)
  })

  it('keeps only the later of two ticks of one line', async () => {
    const sent = answers(0)
    const outbox = useOutbox()
    outbox.put(tick('water', true))
    await outbox.send()
    outbox.put(tick('water', false))
    await outbox.send()
    expect(sent).toEqual(['false'])
  })

  it('breaks over nothing that lies on the device, and lets none of it vanish', () => {
    answers()
    localStorage.setItem('tavrel.waiting', '{"not":"a list"')
    localStorage.setItem('tavrel.aside', '{"a":1}')
    const outbox = useOutbox()
    expect(outbox.waiting).toBe(0)
    expect(outbox.asideMine).toHaveLength(0)
    expect(localStorage.getItem('tavrel.waiting.unread')).toBe('{"not":"a list"')
  })
})

describe('what an earlier version left on the device', () => {
  const EVENT = { id: 'e', hiveId: 'h', kind: 'LEAK_SEEN', at: '2026-08-18T06:40:00Z' }

  function leave(): void {
    localStorage.setItem(
      'tavrel.outbox',
      JSON.stringify([
        { roundId: 'r', accountId: 'a', events: [EVENT] },
        { roundId: 'r', accountId: 'b', events: [], people: { confirmed: ['FIT'], at: 1 } },
        { broken: true },
      ]),
    )
    localStorage.setItem('tavrel.part.r', '2')
    localStorage.setItem(
      'tavrel.returned',
      JSON.stringify([{ roundId: 'r', accountId: 'a', events: [EVENT], says: 'too early' }]),
    )
    localStorage.setItem(
      'tavrel.counts.unsent',
      JSON.stringify([{ id: 'c', hiveId: 'h', day: '2026-08-18', kind: 'WASH', mites: 3 }]),
    )
    localStorage.setItem(
      'tavrel.kit.r',
      JSON.stringify({ lines: [], waiting: { water: true }, at: Date.now() }),
    )
  }

  it('is taken over once, each under its owner', () => {
    answers(0)
    leave()
    localStorage.setItem('tavrel.account', JSON.stringify(TAM))
    const outbox = useOutbox()
    expect(outbox.mine.map((each) => each.job.kind)).toEqual(['PRESS', 'COUNT', 'KIT'])
    expect(outbox.mine[0]?.job).toMatchObject({ part: 2, events: [EVENT] })
    expect(outbox.others).toBe(1)
    expect(outbox.asideMine.map((each) => each.says)).toEqual(['too early'])
    expect(localStorage.getItem('tavrel.outbox')).toBeNull()
    expect(localStorage.getItem('tavrel.kit.r')).toContain('"waiting":{}')
  })

  it('asks whose a count is that had no owner', async () => {
    const sent = answers()
    leave()
    localStorage.removeItem('tavrel.account')
    const outbox = useOutbox()
    const ownerless = outbox.asideMine.find((each) => each.job.kind === 'COUNT')
    expect(ownerless?.says).toContain('not known who entered this')
    outbox.again(ownerless?.id ?? '')
    await outbox.send()
    expect(sent).toContain('c')
  })
})
