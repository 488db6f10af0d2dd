import { useStorage, watchDebounced } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, ask, words, type Shapes } from '../api/client'
import { saysByField } from '../api/refusal'
import { numberIn } from '../shared/numbers'
import type { Hive } from './useYard'
import { t } from '../words/words'

/** With what dose and how long shut the seal is reckoned, as typed. */
export interface SealQuestion {
  grams: string
  sealMinutes: string
}

/**
 * What each hive of an apiary holds of its vapour, at a dose and a time shut that the keeper may change; and one hive read closely.
 * Asked anew whenever a hive changes.
 */
export function useSeals(
  apiaryId: () => string,
  hives: () => readonly Hive[],
  chosen: () => string | undefined,
) {
  const question = useStorage<SealQuestion>(
    'tavrel.seal.question',
    { grams: '2', sealMinutes: '10' },
    undefined,
    { mergeDefaults: true },
  )
  const lines = shallowRef<ReadonlyMap<string, Shapes['SealReading']>>(new Map())
  const closely = ref<Shapes['HiveSeal'] | null>(null)
  const wrong = ref<Record<string, string>>({})
  const query = computed(() => ({
    grams: numberIn(question.value.grams),
    sealMinutes: numberIn(question.value.sealMinutes),
  }))
  const unread = computed(() =>
    Object.fromEntries(
      Object.entries(query.value)
        .filter(([, value]) => !Number.isFinite(value))
        .map(([field]) => [field, t('common.noNumber')]),
    ),
  )

  function refuse(thrown: unknown): void {
    const says = saysByField(thrown)
    wrong.value = Object.keys(says).length ? says : { grams: words(thrown) }
  }

  async function readAll(): Promise<void> {
    if (Object.keys(unread.value).length > 0 || hives().length === 0) return
    const path = { id: apiaryId() }
    try {
      const found = await ask(
        api.GET('/api/apiaries/{id}/seal', { params: { path, query: query.value } }),
      )
      if (path.id !== apiaryId()) return
      lines.value = new Map(found.map((line) => [line.hiveId, line]))
      wrong.value = {}
    } catch (thrown) {
      refuse(thrown)
    }
  }

  async function readChosen(): Promise<void> {
    const id = chosen()
    if (!id) {
      closely.value = null
      return
    }
    if (Object.keys(unread.value).length > 0) return
    const found = await ask(
      api.GET('/api/hives/{id}/seal', { params: { path: { id }, query: query.value } }),
    ).catch(() => null)
    if (chosen() === id) closely.value = found
  }

  watch(hives, readAll)
  watchDebounced(query, readAll, { debounce: 200 })
  watch([chosen, lines], readChosen)

  return { question, lines, closely, wrong: computed(() => ({ ...wrong.value, ...unread.value })) }
}
