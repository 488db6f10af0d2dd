import { useTimeoutFn } from '@vueuse/core'
import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'

/**
 * By yard, until when something must begin there: reckoned from the counts, apart from the plan.
 * While it is being reckoned nothing is told; the plan does not wait for it.
 */
export function useBegins() {
  const begins = ref<ReadonlyMap<string, Shapes['Begin']>>(new Map())
  const again = useTimeoutFn(() => void load(), 2_000, { immediate: false })

  async function load(): Promise<void> {
    const read = await ask(api.GET('/api/yards')).catch(() => null)
    if (read?.reckoning) again.start()
    begins.value = new Map(
      (read?.reckoning ? [] : (read?.yards ?? [])).flatMap((yard) =>
        yard.begin ? [[yard.apiary.id, yard.begin] as const] : [],
      ),
    )
  }
  onMounted(load)
  return begins
}
