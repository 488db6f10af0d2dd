import { useIntervalFn, useStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, ask, Refused, words, type Shapes } from '../api/client'

type NewCount = Shapes['NewCount']

/**
 * Counts entered on this device that the server has not taken yet. Each carries its own id, so that sending it twice does no harm.
 */
export const useUnsent = defineStore('counts not sent', () => {
  const waiting = useStorage<NewCount[]>('tavrel.counts.unsent', [])
  const problem = ref('')
  let sending: Promise<void> | null = null

  /** Takes a count in and sends what waits. */
  async function enter(count: NewCount): Promise<void> {
    waiting.value = [...waiting.value, count]
    await send()
  }

  /** Sends what waits, in order; what is refused is handed back with the reason. */
  function send(): Promise<void> {
    sending ??= sendAll().finally(() => (sending = null))
    return sending
  }

  async function sendAll(): Promise<void> {
    while (waiting.value.length > 0) {
      const batch = waiting.value
      try {
        await ask(api.POST('/api/counts', { body: batch }))
        const sent = new Set(batch.map((each) => each.id))
        waiting.value = waiting.value.filter((each) => !sent.has(each.id))
        problem.value = ''
      } catch (thrown) {
        problem.value = words(thrown)
        if (thrown instanceof Refused && thrown.status === 400) {
          // One of them cannot be: the first is taken out so that the others do not wait on it.
          const index = Number(thrown.fields[0]?.field.split('.')[0] ?? 0) || 0
          waiting.value = waiting.value.filter((_, at) => at !== index)
          throw thrown
        }
        return
      }
    }
  }

  useIntervalFn(() => void (waiting.value.length > 0 && send().catch(() => undefined)), 10_000)

  return { waiting, problem, enter, send, count: computed(() => waiting.value.length) }
})
