import { useStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import { api, ask, type Shapes } from '../api/client'

/**
 * Groups of yards, and the one that lists are narrowed to on this device. They are kept for when
 * the server cannot be reached; a group that is no more narrows nothing.
 */
export const useYardGroups = defineStore('yard groups', () => {
  const groups = useStorage<Shapes['YardGroup'][]>('tavrel.groups', [])
  const name = useStorage('tavrel.group', '')
  const inHand = computed(() => groups.value.find((each) => each.name === name.value))
  const members = computed(() => new Set(inHand.value?.apiaryIds))

  async function learn(): Promise<void> {
    groups.value = await ask(api.GET('/api/yard-groups'))
  }

  /** Whether an apiary is to be shown; what is of no apiary always is. */
  function shows(apiaryId: string | undefined): boolean {
    return !inHand.value || apiaryId === undefined || members.value.has(apiaryId)
  }

  return { groups, name, inHand, learn, shows }
})
