import { t } from '../words/words'

/** A sum in the keeper's money, or that it is not known. */
export function money(value?: number): string {
  return value === undefined ? t('common.notKnown') : value.toFixed(2)
}
