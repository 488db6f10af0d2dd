import { weight } from '../shared/units/quantity'
import type { Shapes } from '../api/client'
import { t, texts } from '../words/words'
import { keptAs, inWords } from '../words/facts'

export type RegisterEntry = Shapes['RegisterEntry']
export type TreatmentLine = Shapes['TreatmentLine']
export type Field = Shapes['Correction']['field']
export type Means = TreatmentLine['means']
export type SupersPlan = TreatmentLine['supersPlan']

/** What of a line can be put right, in the register's words. */
export const FIELDS: Record<Field, string> = texts({
  GRAMS: 'register.registerWords.acidDihydrateG',
  AMOUNT: 'register.registerWords.amount',
  PRODUCT: 'common.product',
  LOT: 'register.registerWords.lot',
  PEOPLE: 'register.registerWords.operator',
  SUPERS: 'register.registerWords.supers',
  REMARKS: 'register.registerWords.remarks',
  STANDS: 'register.registerWords.stands',
})

export const MEANS: Record<Means, string> = texts({
  OXALIC_VAPOUR: 'register.registerWords.oxalicAcidVapour',
  OXALIC_TRICKLED: 'register.registerWords.oxalicAcidTrickledOr',
  FORMIC: 'register.registerWords.formicAcid',
  THYMOL: 'register.registerWords.thymol',
  LACTIC: 'register.registerWords.lacticAcid',
  STRIPS: 'register.registerWords.syntheticStrips',
  BROOD_TAKEN: 'register.registerWords.broodTakenOut',
  OTHER: 'register.registerWords.somethingElse',
})

export const SUPERS: Record<SupersPlan, string> = texts({
  TAKEN_OFF: 'common.takenOff',
  BOARD_BETWEEN: 'common.partedByBoard',
  LEFT_ON: 'register.registerWords.leftOn',
})

/** Options of a select, in the order of the words. */
export function items<K extends string>(words: Record<K, string>): { value: K; title: string }[] {
  return (Object.keys(words) as K[]).map((value) => ({ value, title: words[value] }))
}

/** A field's value as it is read. */
export function shown(field: Field, value: string): string {
  if (value === '') return t('common.nothing')
  if (field === 'SUPERS') return SUPERS[value as SupersPlan] ?? value
  if (field === 'GRAMS') return weight(Number(value))
  if (field === 'REMARKS') return inWords(value)
  if (field === 'STANDS')
    return value === 'yes'
      ? t('register.registerWords.standing')
      : t('register.registerWords.struckOut')
  return value
}

/** What holds in a field of a line now: as recorded, or as put right last. */
export function holds({ line, now }: RegisterEntry, field: Field): string {
  const corrected = now[field]
  if (corrected !== undefined) return corrected
  switch (field) {
    case 'GRAMS':
      return String(Math.round(line.acid * 1000) / 1000)
    case 'AMOUNT':
      return line.amount ?? ''
    case 'PRODUCT':
      return line.product ?? ''
    case 'LOT':
      return line.lot ?? ''
    case 'PEOPLE':
      return line.people
    case 'SUPERS':
      return line.supersPlan
    case 'REMARKS':
      return keptAs(line.remarks)
    case 'STANDS':
      return 'yes'
  }
}
