import { describe, expect, it } from 'vitest'
import { cases } from '../../../core/src/test/resources/pointer-cases.json'
import { AT, board, BURN, hive } from './fixtures'
import { barred, nextToOpen, overlay, pointAlone, pointAt, type ShownHive } from './overlay'
import type { NewEvent, Parcel } from './presses'

const NOW = Date.parse(AT)

function press(hiveId: string, ...kinds: NewEvent['kind'][]): Parcel {
  return {
    id: 'p',
    roundId: 'r',
    events: kinds.map((kind, i) => ({ id: `${hiveId}${kind}${i}`, hiveId, kind, at: AT })),
  }
}

describe('presses that wait on this device', () => {
  it('move a hive along the way that the server has told', () => {
    const [shown] = overlay(board(hive('1')), [
      press('1', 'BURN_STARTED'),
      press('1', 'BURN_ENDED', 'REMOVED'),
    ])
    expect(shown?.stage).toBe('SEALED')
    expect(shown?.waiting).toBe(2)
    expect(shown?.openFrom).toBe('2026-08-18T06:50:00.000Z')
    expect(shown?.ahead.map((next) => next.act)).toEqual(['OPEN'])
  })

  it('leave the other hives as the server says', () => {
    const shown = overlay(board(hive('1'), hive('2')), [press('1', 'BURN_STARTED')])
    expect(shown[1]).toEqual({ ...hive('2'), waiting: 0 })
  })

  it('take a hive out of the row when it is left out', () => {
    const [shown] = overlay(board(hive('1')), [press('1', 'SKIPPED')])
    expect(shown?.stage).toBe('SKIPPED')
    expect(shown?.ahead).toEqual([])
  })

  it('leave a stopped hive shut with only its opening ahead', () => {
    const [shown] = overlay(board(hive('1', { stage: 'BURNING', ahead: BURN.slice(1) })), [
      press('1', 'ABORTED'),
    ])
    expect(shown?.stage).toBe('STOPPED')
    expect(shown?.ahead.map((next) => next.act)).toEqual(['OPEN'])
    expect(shown?.openFrom).toBe(AT)
  })

  it('leave nothing shut in a hive whose entrance stays open', () => {
    const ahead = BURN.slice(0, 2).map((next) =>
      next.leadsTo === 'SEALED' ? { ...next, leadsTo: 'OPEN' as const } : next,
    )
    const [shown] = overlay(board(hive('1', { leftOpen: true, ahead })), [
      press('1', 'BURN_STARTED'),
    ])
    expect(shown?.shutSince).toBeUndefined()
    const [stopped] = overlay(board(hive('1', { leftOpen: true, stage: 'BURNING', ahead })), [
      press('1', 'ABORTED'),
    ])
    expect(stopped?.stage).toBe('OPEN')
    expect(stopped?.openFrom).toBeUndefined()
  })

  it('that do not fit the way ahead change nothing but are counted', () => {
    const [shown] = overlay(board(hive('1')), [press('1', 'UNDONE')])
    expect(shown?.stage).toBe('WAITING')
    expect(shown?.waiting).toBe(1)
  })
})

describe('the hive to point at', () => {
  it('is the one that the server names while nothing waits here', () => {
    const from = { ...board(hive('1'), hive('2')), actOn: '2' }
    expect(pointAt(from, overlay(from, []), 1, false, NOW)?.hiveId).toBe('2')
  })

  it('is the one with the tool, then the next in the row, while the server is silent', () => {
    const from = board(hive('1'), hive('2'))
    const burning = [press('1', 'BURN_STARTED')]
    expect(pointAt(from, overlay(from, burning), 1, false, NOW)?.hiveId).toBe('1')
    const sealed = [...burning, press('1', 'BURN_ENDED', 'REMOVED')]
    expect(pointAt(from, overlay(from, sealed), 1, false, NOW)?.hiveId).toBe('2')
  })

  it('to open next is the one that comes due first', () => {
    const sealed = (id: string, openFrom: string) => hive(id, { stage: 'SEALED', openFrom })
    const from = board(sealed('1', '2026-08-18T06:52:00Z'), sealed('2', '2026-08-18T06:51:00Z'))
    expect(nextToOpen(overlay(from, []))?.hiveId).toBe('2')
  })

  it('is for each tool its own, and for hands the next to shut', () => {
    const from = board(hive('1'), hive('2'), hive('3'))
    const burning = { ...press('1', 'BURN_STARTED') }
    burning.events = burning.events.map((each) => ({ ...each, tool: 2 }))
    const shown = overlay(from, [burning])
    expect(pointAt(from, shown, 2, false, NOW)?.hiveId).toBe('1')
    expect(pointAt(from, shown, 1, false, NOW)?.hiveId).toBe('2')
    expect(pointAt(from, shown, 0, false, NOW)?.hiveId).toBe('2')
    expect(pointAt(from, shown, 1, true, NOW)).toBeUndefined()
  })

  it('passes a hive by that the tool in hand must not touch', () => {
    const from = board(hive('1'), hive('2', { notFor: [1] }), hive('3'))
    const shown = overlay(from, [press('1', 'SKIPPED')])
    expect(pointAt(from, shown, 1, false, NOW)?.hiveId).toBe('3')
  })
})

describe('without network', () => {
  function shown(words: string, id: string): ShownHive {
    const [stage, ...more] = words.split(':')
    const tool = more.find((each) => each.startsWith('tool'))?.slice(4)
    const not = more.find((each) => each.startsWith('not'))?.slice(3)
    const opens = more.find((each) => /^[+-]/.test(each))
    return {
      ...hive(id, {
        stage: stage as ShownHive['stage'],
        tool: tool ? Number(tool) : undefined,
        notFor: not ? [Number(not)] : [],
        openFrom: opens ? new Date(NOW + 1000 * Number(opens)).toISOString() : undefined,
      }),
      waiting: 0,
    }
  }

  it.each(cases)('a device points where the server would: %s', (line) => {
    const [part = '', paused = '', hives = '', at] = line.split('|').map((field) => field.trim())
    const row = hives.split(' ').map((words, i) => shown(words, String(i + 1)))
    const tool = part === 'hands' ? 0 : Number(part.slice(5))
    const figures = { openFirstAfterSeconds: 180, shutAhead: 4 }
    expect(pointAlone(figures, row, tool, paused === 'yes', NOW)?.hiveId ?? '-').toBe(at)
  })
})

describe('a burn', () => {
  const [first, foam] = overlay(board(hive('1'), hive('2', { notFor: [2] })), [])
  if (!first || !foam) throw new Error('no hive')

  it('is for who has a tool in hand that may touch the hive, and not in a pause', () => {
    expect(barred(first, 1, false)).toBe('')
    expect(barred(first, 0, false)).toContain('for who burns')
    expect(barred(first, 1, true)).toContain('paused')
    expect(barred(foam, 2, false)).toContain('Not with the tool')
    expect(barred({ ...first, ahead: first.ahead.slice(2) }, 0, true)).toBe('')
  })
})

describe('making ready ahead', () => {
  it('is ticked at once, though the server has not heard of it', () => {
    const tick = press('1', 'CHECKED')
    tick.events = tick.events.map((each) => ({ ...each, reason: 'TRAY' }))
    expect(overlay(board(hive('1')), [tick])[0]).toMatchObject({
      ready: { TRAY: ['1CHECKED0'] },
      stage: 'WAITING',
      waiting: 1,
    })
    const back = press('1', 'UNDONE')
    back.events = back.events.map((each) => ({ ...each, undoes: '1CHECKED0' }))
    expect(overlay(board(hive('1')), [tick, back])[0]?.ready).toEqual({})
  })
})
