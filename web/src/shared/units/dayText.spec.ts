import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { beginIn, type Language } from '../../words/words'
import { addDays } from '../days'
import { clockInField, dayInField, readClock, readDay } from './dayText'
import { ownUnits, usualIn, type Units } from './units'

const NOON = Date.parse('2026-08-20T12:00:00Z')

function reads(region: string, language: Language = 'en', more: Partial<Units> = {}): void {
  ownUnits.value = { ...usualIn(region), ...more }
  beginIn(language)
}

const day = (text: string) => {
  const read = readDay(text, NOON)
  return 'value' in read ? read.value : undefined
}
const hour = (text: string) => {
  const read = readClock(text)
  return 'value' in read ? read.value : undefined
}

beforeEach(() => reads('en-GB'))
afterEach(() => {
  ownUnits.value = null
  beginIn('en')
})

describe('a day that is typed', () => {
  it.each(['18 Aug 2026', '18.8.2026', '18/8/26', '18 August', '18-08-2026', '2026-08-18'])(
    'is read where the day goes first: %s',
    (text) => expect(day(text)).toBe('2026-08-18'),
  )

  it.each(['Aug 18, 2026', '8/18/26', '08-18-2026', '18 Aug 2026', '2026-08-18'])(
    'is read where the month goes first: %s',
    (text) => {
      reads('en-US')
      expect(day(text)).toBe('2026-08-18')
    },
  )

  it('is told with its weekday, so that a day taken for a month is seen', () => {
    expect(readDay('7/8/2026', NOON)).toMatchObject({ says: 'Fri, 7 Aug 2026' })
    reads('en-US')
    expect(readDay('7/8/2026', NOON)).toMatchObject({ says: 'Wed, Jul 8, 2026' })
  })

  it('knows the months of the language spoken', () => {
    reads('es-ES', 'es')
    expect(day('18 de agosto de 2026')).toBe('2026-08-18')
    reads('it-IT', 'it')
    expect(day('3 gen 2026')).toBe('2026-01-03')
  })

  it.each(['31.2.2026', '18', 'soon', '8/18/2026', '18 Xyz 2026', '1.2.3.4', '-', '2026-8'])(
    'is refused where there is none: %s',
    (text) => expect(readDay(text, NOON)).toHaveProperty('wrong'),
  )

  it('comes back as it is shown, in every language and order, over three years', () => {
    for (const [region, language] of [
      ['en-GB', 'en'],
      ['en-US', 'en'],
      ['es-ES', 'es'],
      ['it-IT', 'it'],
    ] as const) {
      reads(region, language)
      for (let i = 0; i < 1100; i += 11) {
        const date = addDays('2025-01-01', i)
        expect(day(dayInField(date))).toBe(date)
      }
    }
  })
})

describe('an hour that is typed', () => {
  it.each([
    ['06:30', '06:30'],
    ['6.30', '06:30'],
    ['0630', '06:30'],
    ['6', '06:00'],
    ['6:30 pm', '18:30'],
    ['12am', '00:00'],
    ['12:15 p.m.', '12:15'],
    ['18:30', '18:30'],
  ])('is read: %s', (text, time) => expect(hour(text)).toBe(time))

  it.each(['25', '6:75', '13 pm', '0 am', 'dawn', '24:00'])('is refused: %s', (text) =>
    expect(readClock(text)).toHaveProperty('wrong'),
  )

  it('comes back as it is shown on either clock', () => {
    for (const clock of ['HOURS_24', 'HOURS_12'] as const) {
      reads('en-GB', 'en', { clock })
      for (let minute = 0; minute < 1440; minute += 7) {
        const time = new Date(minute * 60_000).toISOString().slice(11, 16)
        expect(hour(clockInField(time))).toBe(time)
      }
    }
  })
})
