import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { defineComponent } from 'vue'
import { numberIn } from '../numbers'
import QuantityField from './QuantityField.vue'
import { degreesBetween, inField, read, shown, type Kind } from './quantity'
import { usualIn, type Units } from './units'

const HOME = usualIn('en-IE')
const WITH_COMMA = usualIn('it-IT')
const ABROAD = usualIn('en-US')

function si(kind: Kind, typed: string, units: Units): number {
  const found = read(kind, typed, units)
  if ('wrong' in found) throw new Error(found.wrong)
  return found.si
}

function wrong(kind: Kind, typed: string): string {
  const found = read(kind, typed, HOME)
  return 'wrong' in found ? found.wrong : ''
}

describe('what was typed', () => {
  it('is of the person’s own unit where none stands', () => {
    expect(si('temperature', '5', HOME)).toBe(5)
    expect(si('temperature', '41', ABROAD)).toBeCloseTo(5, 12)
    expect(si('wind', '10', ABROAD)).toBeCloseTo(4.4704, 12)
    expect(si('road', '3', ABROAD)).toBeCloseTo(4.828032, 12)
  })

  it.each(['41 °F', '41F', '41 f', '41,0 °F', '41.0°f', '41 Fahrenheit'])(
    'is read with the unit that stands behind it: %s',
    (typed) => {
      expect(si('temperature', typed, HOME)).toBeCloseTo(5, 12)
    },
  )

  it('is said again where it was another unit than one’s own', () => {
    expect(read('temperature', '41F', HOME)).toMatchObject({ says: '41F: 5.0 °C' })
    expect(read('temperature', '41', ABROAD)).not.toHaveProperty('says')
    expect(read('wind', '36 km/h', HOME)).toMatchObject({ says: '36 km/h: 10.0 m/s' })
  })

  it('may be below nothing and have a comma', () => {
    expect(si('temperature', '−2,5', HOME)).toBe(-2.5)
    expect(si('temperature', '0,5', HOME)).toBe(0.5)
  })

  it('takes spoons for grams, and says what they hold as an estimate', () => {
    expect(read('mass', '1/4 tsp', HOME)).toMatchObject({ si: 1 })
    expect(read('mass', '½ tsp', HOME)).toMatchObject({ si: 2 })
    expect(read('mass', '1 tbsp', HOME)).toMatchObject({ si: 12 })
    expect(read('mass', '1/4 tsp', HOME)).toHaveProperty(
      'says',
      expect.stringContaining('estimate'),
    )
    expect(wrong('mass', '1/0 tsp')).toBe('is no number')
    expect(wrong('mass', '4 °F')).toContain('is in °F; wanted is')
    expect(si('mass', '0.1 oz', HOME)).toBeCloseTo(2.8349523125, 10)
  })

  it('is not guessed', () => {
    expect(wrong('temperature', '4 g')).toContain('is in g; wanted is °C or °F')
    expect(wrong('temperature', '5 °X')).toContain('not known')
    expect(wrong('road', '1,234')).toContain('thousands')
    expect(wrong('road', '1.234,5')).toContain('more than one mark')
    expect(wrong('road', '1 234')).toContain('more than one mark')
    expect(wrong('wind', 'calm')).toBe('is no number')
    expect(wrong('wind', '.')).toBe('is no number')
  })
})

describe('a value typed in a unit and shown in it', () => {
  it.each<[Kind, Units]>([
    ['temperature', HOME],
    ['temperature', ABROAD],
    ['wind', HOME],
    ['wind', ABROAD],
    ['wind', { ...HOME, wind: 'KILOMETRES_AN_HOUR' }],
    ['road', HOME],
    ['road', ABROAD],
    ['mass', { ...HOME, mass: 'OUNCES' }],
    ['mass', { ...HOME, mass: 'GRAINS' }],
    ['volume', ABROAD],
  ])('comes back as typed: %s', (kind, units) => {
    for (let tenths = -400; tenths <= 1200; tenths++) {
      const typed = String(tenths / 10)
      expect(inField(kind, si(kind, typed, units), units)).toBe(typed)
    }
  })

  it('has the decimal sign of its reader, and both are understood', () => {
    expect(inField('temperature', 2.5, WITH_COMMA)).toBe('2,5')
    expect(shown('temperature', 14.1, 1, { ...WITH_COMMA })).toContain('14')
    expect(si('temperature', '2,5', WITH_COMMA)).toBe(si('temperature', '2.5', WITH_COMMA))
    expect(si('road', '1,234', WITH_COMMA)).toBe(1.234)
    expect(read('road', '1.234', WITH_COMMA)).toHaveProperty('wrong')
  })

  it('has the sign of its unit', () => {
    expect(shown('temperature', 14.1, 1, ABROAD)).toBe('57.4 °F')
    expect(shown('wind', 1.5, 1, { ...HOME, wind: 'KILOMETRES_AN_HOUR' })).toBe('5.4 km/h')
    expect(degreesBetween(4, 10, ABROAD)).toBe('39.2 to 50 °F')
  })
})

describe('a region', () => {
  it('has units of its own', () => {
    expect(ABROAD).toEqual({
      temperature: 'FAHRENHEIT',
      wind: 'MILES_AN_HOUR',
      road: 'MILES',
      mass: 'GRAMS',
      measures: 'WEIGHT_FIRST',
      volume: 'US_GALLONS',
      clock: 'HOURS_12',
      dates: 'MONTH_DAY',
      decimals: 'POINT',
      weekStart: 'SUNDAY',
    })
    expect(usualIn('en-GB')).toMatchObject({ temperature: 'CELSIUS', road: 'MILES' })
    expect(usualIn('it-IT')).toMatchObject({
      temperature: 'CELSIUS',
      clock: 'HOURS_24',
      decimals: 'COMMA',
    })
    expect(usualIn('es-MX')).toMatchObject({ decimals: 'POINT' })
    expect(usualIn('es')).toMatchObject({ temperature: 'CELSIUS', dates: 'DAY_MONTH' })
  })
})

describe('a field for a quantity', () => {
  const Typed = defineComponent({
    name: 'VTextField',
    emits: ['update:modelValue'],
    template: '<i />',
  })
  const field = (typed: string) => {
    const wrapper = mount(QuantityField, {
      props: { kind: 'road', label: 'Way', modelValue: 'x' },
      global: { stubs: { VTextField: Typed } },
    })
    wrapper.getComponent(Typed).vm.$emit('update:modelValue', typed)
    return wrapper.emitted('update:modelValue')?.at(-1)?.[0]
  }

  it('gives on SI', () => {
    expect(field('3 mi')).toBe('4.828032')
    expect(field('')).toBe('')
  })

  it('gives on no number that it has not understood, so that none is kept', () => {
    expect(numberIn(String(field('1,234')))).toBeNaN()
    expect(numberIn(String(field('4 g')))).toBeNaN()
  })
})
