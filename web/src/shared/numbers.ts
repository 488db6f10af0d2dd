/** What a keeper typed as a number, with a point or a comma; not a number where nothing stands. */
export function numberIn(text: string | number): number {
  const plain = String(text).trim()
  return plain === '' ? Number.NaN : Number(plain.replace(',', '.'))
}

/** A fraction as percent with one decimal. */
export function percent(share: number): string {
  return (100 * share).toFixed(1) + ' %'
}

/** A fraction as whole percent: for estimates that carry no decimals. */
export function roughly(share: number): string {
  return Math.round(100 * share) + ' %'
}

/** A whole number with its thousands parted. */
export function whole(value: number): string {
  return Math.round(value).toLocaleString('en-GB')
}
