import { watch } from 'vue'
import { languageNow, type Language } from '../words/words'
import { vuetify } from './vuetify'

/** What the component library says itself, as the names of weekdays or of a button that empties a field. */
const WORDS = { es: () => import('./controls/es'), it: () => import('./controls/it') }

async function speak(language: Language): Promise<void> {
  const { messages, current } = vuetify.locale
  if (language !== 'en' && !messages.value[language]) {
    messages.value = { ...messages.value, [language]: (await WORDS[language]()).default }
  }
  if (language === languageNow()) current.value = language
}

/** Has the components speak the language of the screens. */
export function followWords(): void {
  watch(languageNow, (language) => void speak(language).catch(() => undefined), { immediate: true })
}
