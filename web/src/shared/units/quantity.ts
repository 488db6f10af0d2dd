import { fixed, whole } from '../numbers'
import { unitsNow, type Units } from './units'
import { t } from '../../words/words'

/** What is measured in different units by different people; inside, °C, m/s, km, mm of rain, m of height, g and L. */
export type Kind = keyof typeof CHOSEN_BY

/** Which of a person's choices holds for a kind: who thinks in miles has rain in inches and heights in feet. */
const CHOSEN_BY = {
  temperature: 'temperature',
  wind: 'wind',
  road: 'road',
  rain: 'road',
  height: 'road',
  mass: 'mass',
  volume: 'volume',
} as const satisfies Record<string, keyof Units>

interface Unit {
  /** As it is written behind a value. */
  sign: string
  /** Other ways to write it. */
  also: readonly string[]
  /** From the unit to SI, and back. */
  into: (value: number) => number
  outOf: (si: number) => number
}

const KILOMETRES_A_MILE = 1.609344
const METRES_A_FOOT = 0.3048

function times(factor: number, sign: string, also: readonly string[]): Unit {
  return { sign, also, into: (value) => value * factor, outOf: (si) => si / factor }
}

const UNITS: { [K in Kind]: Record<Units[(typeof CHOSEN_BY)[K]], Unit> } = {
  temperature: {
    CELSIUS: times(1, '°C', ['c', '° c', 'celsius']),
    FAHRENHEIT: {
      sign: '°F',
      also: ['f', '° f', 'fahrenheit'],
      into: (f) => ((f - 32) * 5) / 9,
      outOf: (c) => (c * 9) / 5 + 32,
    },
  },
  wind: {
    METRES_A_SECOND: times(1, 'm/s', ['ms']),
    KILOMETRES_AN_HOUR: times(1 / 3.6, 'km/h', ['kmh', 'kph']),
    MILES_AN_HOUR: times((1000 * KILOMETRES_A_MILE) / 3600, 'mph', ['mi/h']),
  },
  road: {
    KILOMETRES: times(1, 'km', ['kilometres', 'kilometers']),
    MILES: times(KILOMETRES_A_MILE, 'mi', ['mile', 'miles']),
  },
  rain: {
    KILOMETRES: times(1, 'mm', ['millimetres', 'millimeters']),
    MILES: times(25.4, 'in', ['inch', 'inches', '"']),
  },
  height: {
    KILOMETRES: times(1, 'm', ['metres', 'meters']),
    MILES: times(METRES_A_FOOT, 'ft', ['foot', 'feet', "'"]),
  },
  mass: {
    GRAMS: times(1, 'g', ['gram', 'grams']),
    GRAINS: times(0.06479891, 'gr', ['grain', 'grains']),
    OUNCES: times(28.349523125, 'oz', ['ounce', 'ounces']),
  },
  volume: {
    LITRES: times(1, 'L', ['litre', 'litres', 'liter', 'liters']),
    US_GALLONS: times(3.785411784, 'gal', ['gallon', 'gallons']),
  },
}

/** More digits behind the sign than grams have, so that a weight is told as finely. */
const FINER: Record<Units['mass'], number> = { GRAMS: 0, GRAINS: 0, OUNCES: 2 }

/** Level kitchen spoons, mL: a field for grams takes "1/4 tsp". */
const SPOONS: Record<string, number> = { tsp: 4.929, tbsp: 14.787 }
/** Crystals where nobody has weighed them, g/mL; our own estimate, as the server's. */
const USUAL_DENSITY = 0.81
const SPOON = /^(?:(\d+)\s*\/\s*(\d+)|(\d+(?:[.,]\d+)?)|([¼½¾]))\s*(tsp|tbsp)$/i
const PARTS: Record<string, number> = { '¼': 0.25, '½': 0.5, '¾': 0.75 }

function unitsOf(kind: Kind): Unit[] {
  return Object.values(UNITS[kind])
}

function own(kind: Kind, units: Units): Unit {
  const all: Partial<Record<string, Unit>> = UNITS[kind]
  return all[choiceOf(kind, units)] as Unit
}

/** What a person chose for a kind. */
export function choiceOf(kind: Kind, units = unitsNow()): string {
  return units[CHOSEN_BY[kind]]
}

/** The sign of the unit that holds for who looks. */
export function signOf(kind: Kind, units = unitsNow()): string {
  return own(kind, units).sign
}

/** A value with its unit, as 57.4 °F. */
export function shown(kind: Kind, si: number, digits = 1, units = unitsNow()): string {
  const unit = own(kind, units)
  const value = unit.outOf(si)
  return `${digits === 0 ? whole(value) : fixed(value, digits)} ${unit.sign}`
}

/** A temperature of °C in the unit of who looks. */
export const degrees = (celsius: number, digits = 1): string =>
  shown('temperature', celsius, digits)

/** By how many degrees two temperatures differ, of °C in the unit of who looks; signed where wanted. */
export function degreesApart(celsius: number, signed = false): string {
  const { outOf, sign } = own('temperature', unitsNow())
  const apart = outOf(celsius) - outOf(0)
  return `${signed && apart > 0 ? '+' : ''}${fixed(apart, 1)} ${sign}`
}

/** A wind of m/s in the unit of who looks. */
export const windSpeed = (metresASecond: number): string => shown('wind', metresASecond)

/** Rain of mm in the unit of who looks; inches need a digit more. */
export const rainfall = (mm: number): string =>
  shown('rain', mm, choiceOf('rain') === 'MILES' ? 2 : 1)

/** A way of km in the unit of who looks. */
export const road = (km: number, digits = 0): string => shown('road', km, digits)

/**
 * A weight of g in the unit of who looks.
 *
 * @param decimals of the grams; as many as there are where nothing is said, three at the most
 */
export function weight(grams: number, decimals?: number, units = unitsNow()): string {
  const unit = own('mass', units)
  const value = unit.outOf(grams)
  if (decimals === undefined) return `${inField('mass', grams, units)} ${unit.sign}`
  const digits = decimals + FINER[units.mass]
  return `${digits === 0 ? whole(value) : fixed(value, digits)} ${unit.sign}`
}

/** Level scoops with what they hold, whichever of the two the reader wants first. */
export function scoopsOf(scoops: string, grams: number): string {
  return unitsNow().measures === 'SCOOPS_FIRST'
    ? `${scoops} (${weight(grams, 1)})`
    : `${weight(grams, 1)} (${scoops})`
}

/** A length within an apiary, of m. */
export function metres(length: number, units = unitsNow()): string {
  return units.road === 'MILES'
    ? `${Math.round(length / METRES_A_FOOT)} ft`
    : `${inField('road', length, { ...units, road: 'KILOMETRES' })} m`
}

/** A volume of L in the unit of who looks. */
export function litres(volume: number): string {
  const unit = own('volume', unitsNow())
  const value = unit.outOf(volume)
  return `${fixed(value, Number.isInteger(Math.round(value * 10) / 10) ? 0 : 1)} ${unit.sign}`
}

/** Two temperatures of °C, as 4 to 10 °C. */
export function degreesBetween(low: number, high: number, units = unitsNow()): string {
  const unit = own('temperature', units)
  const plain = (celsius: number) => inField('temperature', celsius, units)
  return t('shared.quantity.to', { low: plain(low), high: plain(high), sign: unit.sign })
}

/** A value as it stands in a field: as it was typed, no 40.999. */
export function inField(kind: Kind, si: number, units = unitsNow()): string {
  const text = String(Number(own(kind, units).outOf(si).toFixed(3)))
  return units.decimals === 'COMMA' ? text.replace('.', ',') : text
}

/** What was typed, understood; or why it was not. */
export type Read = { si: number; says?: string } | { wrong: string }

/** What may be thousands to somebody who parts tenths by a point. */
const THOUSANDS = /^[+-]?[1-9]\d{0,2},\d{3}$/

/** Signs of other things, so that "4 g" is not taken for four degrees. */
const OTHERS = /^(g|kg|oz|lb|mg|gr|l|ml|gal|min|s|h|%|v|w|mm|cm|m|in|ft|tsp|tbsp|c|f|°c|°f)$/

/**
 * Reads what somebody typed: "41 °F", "41F", "5", "0,5". Without a unit it is the person's own. Nothing is guessed:
 * a comma that may part thousands, and the sign of another thing, are said at the field.
 */
export function read(kind: Kind, typed: string, units = unitsNow()): Read {
  const text = typed.trim().replace('−', '-')
  const spoons = kind === 'mass' ? SPOON.exec(text) : null
  if (spoons) return spooned(text, spoons, units)
  const parts = /^([+-]?[\d.,\s']*\d[.,]?)\s*(.*)$/.exec(text)
  if (!parts) return { wrong: t('common.noNumber') }
  const [, figure = '', sign = ''] = parts
  const unit = sign ? unitsOf(kind).find((each) => isSign(each, sign)) : own(kind, units)
  if (!unit) {
    return {
      wrong: OTHERS.test(sign.toLowerCase())
        ? t('shared.quantity.wanted', { sign, kind: named(kind) })
        : t('shared.quantity.hasUnitNotKnown', { kind: named(kind) }),
    }
  }
  if (/[.,]\d+[.,]/.test(figure) || /[\s']/.test(figure)) {
    return { wrong: t('shared.quantity.hasMoreThanOne') }
  }
  const thousands = units.decimals === 'COMMA' ? /^[+-]?[1-9]\d{0,2}\.\d{3}$/ : THOUSANDS
  if (thousands.test(figure)) {
    return { wrong: t('shared.quantity.mayBeThousandsOr') }
  }
  const value = Number(figure.replace(',', '.'))
  if (!Number.isFinite(value)) return { wrong: t('common.noNumber') }
  const si = unit.into(value)
  return unit === own(kind, units) ? { si } : { si, says: `${text}: ${shown(kind, si, 1, units)}` }
}

/** Level spoons of crystals as grams: an estimate, and told as one. */
function spooned(
  text: string,
  [, over, under, plain, part, spoon = '']: RegExpExecArray,
  units: Units,
): Read {
  const many = under
    ? Number(over) / Number(under)
    : part
      ? PARTS[part]
      : Number((plain ?? '').replace(',', '.'))
  if (!many || !Number.isFinite(many)) return { wrong: t('common.noNumber') }
  const si = many * (SPOONS[spoon.toLowerCase()] ?? 0) * USUAL_DENSITY
  const rounded = Math.round(10 * si) / 10
  return {
    si: rounded,
    says: t('shared.quantity.spoonHolds', { text, weight: weight(rounded, 1, units) }),
  }
}

function isSign(unit: Unit, sign: string): boolean {
  const written = sign.toLowerCase().trim()
  return unit.sign.toLowerCase() === written || unit.also.includes(written)
}

function named(kind: Kind): string {
  return unitsOf(kind)
    .map((each) => each.sign)
    .join(' ' + t('shared.quantity.or') + ' ')
}
