import { useStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { learnClock } from './clock'

/** The apiary that the dayline shows, and its day. */
export const useApiaryInHand = defineStore('apiary in hand', () => {
  const id = useStorage<string>('tavrel.apiary', '')
  const dayline = ref<Shapes['Dayline'] | null>(null)
  const openings = ref<readonly { name: string; at: number }[]>([])

  /** Takes an apiary in hand and loads its day. */
  async function take(apiaryId: string): Promise<void> {
    if (id.value !== apiaryId) openings.value = []
    id.value = apiaryId
    await refresh()
  }

  async function refresh(): Promise<void> {
    const apiaryId = id.value
    if (!apiaryId) return
    const asked = Date.now()
    try {
      const found = await ask(
        api.GET('/api/apiaries/{id}/dayline', { params: { path: { id: apiaryId } } }),
      )
      learnClock(asked, Date.now(), found.now)
      if (id.value === apiaryId) dayline.value = found
    } catch {
      if (dayline.value?.apiary.id !== id.value) dayline.value = null
    }
  }

  return { id, dayline, openings, take, refresh, zone: computed(() => dayline.value?.apiary.zone) }
})
