import type { Light } from '../theme/light'
import { texts } from '../words/words'

/** How bright the screen is, in words. */
export const LIGHT_WORDS = texts<Light>({
  'as the device': 'shared.lightWords.asTheDevice',
  day: 'shared.lightWords.day',
  'before sunrise': 'shared.lightWords.beforeSunrise',
})
