import { describe, expect, it } from 'vitest'
import { clockOf, counted, dayOf, timeIn } from './format'
import { newId } from './ids'
import { shownState } from './stage'

describe('clocks', () => {
  it('show minutes and seconds, and hours where there are any', () => {
    expect(clockOf(0)).toBe('0:00')
    expect(clockOf(59_999)).toBe('0:59')
    expect(clockOf(605_000)).toBe('10:05')
    expect(clockOf(3_725_000)).toBe('1:02:05')
    expect(clockOf(-5)).toBe('0:00')
  })

  it('tell the time of the apiary, not of the device', () => {
    expect(timeIn('Etc/GMT+2', '2026-08-18T06:40:00Z')).toBe('04:40')
    expect(dayOf('2026-08-18')).toBe('Tue 18 Aug')
  })
})

describe('counts', () => {
  it('take their noun with them', () => {
    expect(counted(1, 'hive')).toBe('1 hive')
    expect(counted(0, 'hive')).toBe('0 hives')
    expect(counted(2, 'apiary')).toBe('2 apiaries')
  })
})

describe('ids', () => {
  it('are version 7: later ones sort after earlier ones', () => {
    const early = newId(1_000_000)
    const late = newId(1_000_001)
    expect(early).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/)
    expect(early < late).toBe(true)
    expect(newId(1_000_000)).not.toBe(early)
  })
})

describe('the state that is shown', () => {
  const sealed = {
    stage: 'SEALED',
    openFrom: '2026-08-18T06:50:00Z',
    alarmAt: '2026-08-18T07:20:00Z',
  } as const
  const at = (time: string) => shownState(sealed, Date.parse(`2026-08-18T${time}Z`))

  it('of a sealed hive turns to due on the second, and to too long after that', () => {
    expect(at('06:49:59')).toBe('SEALED')
    expect(at('06:50:00')).toBe('DUE')
    expect(at('07:20:00')).toBe('TOO_LONG')
  })
})
