import type { Shapes } from '../api/client'

export type RegisterEntry = Shapes['RegisterEntry']
export type TreatmentLine = Shapes['TreatmentLine']
export type Field = Shapes['Correction']['field']
export type Means = TreatmentLine['means']
export type SupersPlan = TreatmentLine['supersPlan']

/** What of a line can be put right, in the register's words. */
export const FIELDS: Record<Field, string> = {
  GRAMS: 'acid dihydrate, g',
  AMOUNT: 'amount',
  PRODUCT: 'product',
  LOT: 'lot',
  PEOPLE: 'operator',
  SUPERS: 'supers',
  REMARKS: 'remarks',
  STANDS: 'stands',
}

export const MEANS: Record<Means, string> = {
  OXALIC_VAPOUR: 'oxalic acid, vapour',
  OXALIC_TRICKLED: 'oxalic acid, trickled or sprayed',
  FORMIC: 'formic acid',
  THYMOL: 'thymol',
  LACTIC: 'lactic acid',
  STRIPS: 'synthetic strips',
  BROOD_TAKEN: 'brood taken out',
  OTHER: 'something else',
}

export const SUPERS: Record<SupersPlan, string> = {
  TAKEN_OFF: 'taken off',
  BOARD_BETWEEN: 'parted by a board',
  LEFT_ON: 'left on',
}

/** Options of a select, in the order of the words. */
export function items<K extends string>(words: Record<K, string>): { value: K; title: string }[] {
  return (Object.keys(words) as K[]).map((value) => ({ value, title: words[value] }))
}

/** A field's value as it is read. */
export function shown(field: Field, value: string): string {
  if (value === '') return 'nothing'
  if (field === 'SUPERS') return SUPERS[value as SupersPlan] ?? value
  if (field === 'GRAMS') return `${value} g`
  if (field === 'STANDS') return value === 'yes' ? 'standing' : 'struck out'
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
      return line.remarks
    case 'STANDS':
      return 'yes'
  }
}
