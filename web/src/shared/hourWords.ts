import type { Shapes } from '../api/client'
import { roughly } from './numbers'
import { degrees, degreesBetween, inField, rainfall, signOf, windSpeed } from './units/quantity'
import { t } from '../words/words'

/** What keepers call a warmth, with its range in the units of who looks. */
export function warmthWords({ kind, from, to }: Shapes['Warmth']): string {
  if (kind === 'EDGES_OF_DAY') return t('shared.hourWords.anyWarmthAtFirst')
  const name = {
    COOL: t('shared.hourWords.cool'),
    MILD: t('shared.hourWords.mild'),
    OWN: t('shared.hourWords.own'),
  }[kind]
  if (from === undefined) return name
  return to === undefined
    ? t('shared.hourWords.up', {
        name,
        from: inField('temperature', from),
        signOf: signOf('temperature'),
      })
    : `${name}, ${degreesBetween(from, to)}`
}

/** What speaks against an hour. */
export function reasonWords(reason: Shapes['HourReason'], warmth: Shapes['Warmth']): string {
  const { code, found = 0, limit = 0, sheet = '' } = reason
  switch (code) {
    case 'BELOW_LABEL':
      return t('shared.hourWords.below', { found: degrees(found), limit: exactly(limit), sheet })
    case 'ABOVE_LABEL':
      return t('shared.hourWords.above', { found: degrees(found), limit: exactly(limit), sheet })
    case 'STORM':
      return t('shared.hourWords.stormNobodyWorks', { found: windSpeed(found) })
    case 'TOO_HOT':
      return t('shared.hourWords.aboveNobodyWorksMask', { limit: exactly(limit) })
    case 'THUNDER_OR_ICE':
      return t('shared.hourWords.thunderOrIceNobody')
    case 'OUTSIDE_WARMTH':
      return t('shared.hourWords.outside', { found: degrees(found), warmth: warmthWords(warmth) })
    case 'BROAD_DAY':
      return t('shared.hourWords.broadDayBeesAre')
    case 'REACH':
      return t('shared.hourWords.reachesDaysBest', { found: roughly(found) })
    case 'WIND':
      return t('shared.hourWords.wind', { found: windSpeed(found) })
    case 'RAIN':
      return t('shared.hourWords.rainMm', { found: rainfall(found) })
    case 'UNKNOWN':
      return t('shared.hourWords.noSourceTellsThis')
    case 'BEYOND':
      return t('shared.hourWords.notForetoldYet')
    case 'GAP':
      return t('shared.hourWords.notToldOf')
  }
}

/** A limit as somebody set it, without needless decimals. */
function exactly(celsius: number): string {
  return `${inField('temperature', celsius)} ${signOf('temperature')}`
}
