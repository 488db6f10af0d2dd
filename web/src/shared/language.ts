import { StorageSerializers, useStorage } from '@vueuse/core'
import { watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { beginIn, languageOf, speak, type Language } from '../words/words'

type Chosen = NonNullable<Shapes['ChosenLanguage']['own']>

const CODES: Record<Language, Chosen> = { en: 'ENGLISH', es: 'SPANISH', it: 'ITALIAN' }

/** The language of who uses this device, kept for a start without network; null goes by the device. */
export const ownLanguage = useStorage<Language | null>('tavrel.language', null, localStorage, {
  serializer: StorageSerializers.object,
})

/** Speaks the person's language from the start on, and another as soon as he chooses it. */
export function followLanguage(): void {
  const now = () => ownLanguage.value ?? languageOf(navigator.language)
  beginIn(now())
  watch(now, (language) => speak(language))
}

function take({ own }: Shapes['ChosenLanguage']): void {
  const known = Object.entries(CODES).find(([, code]) => code === own)
  ownLanguage.value = known ? (known[0] as Language) : null
}

/** Learns the language of who has signed in. */
export async function learnLanguage(): Promise<void> {
  take(await ask(api.GET('/api/session/language')))
}

/** Speaks it at once and keeps it for all devices of who is signed in; where it cannot be kept, the old one again. */
export async function keepLanguage(language: Language): Promise<void> {
  const before = ownLanguage.value
  ownLanguage.value = language
  try {
    take(await ask(api.PUT('/api/session/language', { body: { own: CODES[language] } })))
  } catch (notKept) {
    ownLanguage.value = before
    throw notKept
  }
}
