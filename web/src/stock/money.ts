import { t } from '../words/words'
import { fixed } from '../shared/numbers'

/** A sum in the keeper's money, or that it is not known. */
export function money(value?: number): string {
  return value === undefined ? t('common.notKnown') : fixed(value, 2)
}
