import type { Shapes } from '../api/client'
import { counted } from './format'

/**
 * Apiaries that have hives, as a select takes them.
 *
 * @param shows whether one is in the group in hand; if none is, all are there
 */
export function apiaryItems(
  apiaries: readonly Shapes['ListedApiary'][],
  shows: (apiaryId: string) => boolean,
): { value: string; title: string }[] {
  const withHives = apiaries.filter((each) => each.hives > 0)
  const shown = withHives.filter((each) => shows(each.apiary.id))
  return (shown.length ? shown : withHives).map((each) => ({
    value: each.apiary.id,
    title: `${each.apiary.name}, ${counted(each.hives, 'hive')}`,
  }))
}
