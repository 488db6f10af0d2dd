import { unitsNow } from './units/units'

/** What a keeper typed as a number, with a point or a comma; not a number where nothing stands. */
export function numberIn(text: string | number): number {
  const plain = String(text).trim()
  return plain === '' ? Number.NaN : Number(plain.replace(',', '.'))
}

/** A number with so many decimals, behind the sign that its reader uses. */
export function fixed(value: number, digits: number): string {
  const text = value.toFixed(digits)
  return unitsNow().decimals === 'COMMA' ? text.replace('.', ',') : text
}

/** A fraction as percent with one decimal. */
export function percent(share: number): string {
  return fixed(100 * share, 1) + ' %'
}

/** A fraction as whole percent: for estimates that carry no decimals. */
export function roughly(share: number): string {
  return Math.round(100 * share) + ' %'
}

/** A whole number with its thousands parted: by a narrow space where a comma parts the tenths. */
export function whole(value: number): string {
  const text = Math.round(value).toLocaleString('en-GB')
  return unitsNow().decimals === 'COMMA' ? text.replaceAll(',', '\u202f') : text
}
