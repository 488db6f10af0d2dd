/** A sum in the keeper's money, or that it is not known. */
export function money(value?: number): string {
  return value === undefined ? 'not known' : value.toFixed(2)
}
