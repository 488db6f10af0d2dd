import type { Shapes } from '../api/client'
import { roughly } from './numbers'
import { degrees, degreesBetween, inField, signOf, windSpeed } from './units/quantity'

/** What keepers call a warmth, with its range in the units of who looks. */
export function warmthWords({ kind, from, to }: Shapes['Warmth']): string {
  if (kind === 'EDGES_OF_DAY') return 'any warmth, at first light or after dusk'
  const name = { COOL: 'cool', MILD: 'mild', OWN: 'own' }[kind]
  if (from === undefined) return name
  return to === undefined
    ? `${name}, ${inField('temperature', from)} ${signOf('temperature')} and up`
    : `${name}, ${degreesBetween(from, to)}`
}

/** What speaks against an hour. */
export function reasonWords(reason: Shapes['HourReason'], warmth: Shapes['Warmth']): string {
  const { code, found = 0, limit = 0, sheet = '' } = reason
  switch (code) {
    case 'BELOW_LABEL':
      return `${degrees(found)}, below the ${exactly(limit)} of “${sheet}”`
    case 'ABOVE_LABEL':
      return `${degrees(found)}, above the ${exactly(limit)} of “${sheet}”`
    case 'STORM':
      return `storm, ${windSpeed(found)}: nobody works in that`
    case 'TOO_HOT':
      return `above ${exactly(limit)}: nobody works in a mask in that, and a shut colony overheats`
    case 'THUNDER_OR_ICE':
      return 'thunder or ice: nobody works in that'
    case 'OUTSIDE_WARMTH':
      return `${degrees(found)}, outside ${warmthWords(warmth)}`
    case 'BROAD_DAY':
      return 'broad day: bees are out; take first light, or wait for dusk'
    case 'REACH':
      return `reaches ${roughly(found)} of the day’s best`
    case 'WIND':
      return `wind ${windSpeed(found)}`
    case 'RAIN':
      return `rain ${found.toFixed(1)} mm`
    case 'UNKNOWN':
      return 'no source tells of this hour'
  }
}

/** A limit as somebody set it, without needless decimals. */
function exactly(celsius: number): string {
  return `${inField('temperature', celsius)} ${signOf('temperature')}`
}
