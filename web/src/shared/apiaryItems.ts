import type { Shapes } from '../api/client'
import { counted } from './format'

/** Apiaries that have hives, as a select takes them. */
export function apiaryItems(
  apiaries: readonly Shapes['ListedApiary'][],
): { value: string; title: string }[] {
  return apiaries
    .filter((each) => each.hives > 0)
    .map((each) => ({
      value: each.apiary.id,
      title: `${each.apiary.name}, ${counted(each.hives, 'hive')}`,
    }))
}
