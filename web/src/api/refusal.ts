import { Refused, words } from './client'

/**
 * What the server says of each field.
 *
 * @param nameOf a field's name on the screen, where it is another than the server's
 */
export function saysByField(
  thrown: unknown,
  nameOf: (field: string) => string = (field) => field,
): Record<string, string> {
  const fields = thrown instanceof Refused ? thrown.fields : []
  return Object.fromEntries(fields.map(({ field, says }) => [nameOf(field), says]))
}

/**
 * What is to be said beside the fields.
 *
 * @param marked said where the fields say the rest themselves
 */
export function saysBeside(thrown: unknown, marked = ''): string {
  return thrown instanceof Refused && thrown.fields.length > 0 ? marked : words(thrown)
}
