import { beforeEach, describe, expect, it, vi } from 'vitest'
import { forgetRuns, keepRun, keptRun, type KeptRun } from './keptRuns'

const whole = { hives: [] } as unknown as KeptRun['whole']
const board = { hives: [] } as unknown as KeptRun['board']

describe('runs that are kept on this device', () => {
  beforeEach(() => localStorage.clear())

  it('are there after a reload, and nothing is where nothing was kept', () => {
    keepRun('a', whole, board)
    expect(keptRun('a')?.whole).toEqual(whole)
    expect(keptRun('b')).toBeNull()
  })

  it('make room after a week', () => {
    vi.useFakeTimers({ now: new Date('2026-08-18T06:00:00Z') })
    keepRun('old', whole, board)
    vi.setSystemTime(new Date('2026-08-26T06:00:00Z'))
    keepRun('new', whole, board)
    vi.useRealTimers()
    expect(keptRun('old')).toBeNull()
    expect(keptRun('new')).not.toBeNull()
  })

  it('go when somebody signs out, and what else is kept stays', () => {
    localStorage.setItem('tavrel.sound', 'true')
    keepRun('a', whole, board)
    forgetRuns()
    expect(keptRun('a')).toBeNull()
    expect(localStorage.getItem('tavrel.sound')).toBe('true')
  })

  it('are nothing where what was kept cannot be read', () => {
    localStorage.setItem('tavrel.run.a', '{half')
    expect(keptRun('a')).toBeNull()
  })
})
