import { useStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import { api, ask, type Shapes } from '../api/client'

type YardChoice = Shapes['YardChoice']

/** A group, a crew and a person may be called the same. */
const keyOf = (choice: YardChoice) => `${choice.kind}:${choice.name}`

/**
 * What lists can be narrowed to, and to which they are on this device: the yards of a group, of a
 * crew, one's own. They are kept for when the server cannot be reached; what is no more narrows nothing.
 */
export const useYardGroups = defineStore('yard groups', () => {
  const choices = useStorage<YardChoice[]>('tavrel.yardChoices', [])
  const chosen = useStorage('tavrel.yardChoice', '')
  const inHand = computed(() => choices.value.find((each) => keyOf(each) === chosen.value))
  const members = computed(() => new Set(inHand.value?.apiaryIds))
  /** Those that the keeper made. */
  const groups = computed(() => choices.value.filter((each) => each.kind === 'GROUP'))

  async function learn(): Promise<void> {
    choices.value = await ask(api.GET('/api/yard-choices'))
  }

  function choose(choice: YardChoice | undefined): void {
    chosen.value = choice ? keyOf(choice) : ''
  }

  /** Takes a group of another name in hand, where it was; without a name there is none of it any more. */
  function renamed(was: string, name: string): void {
    if (chosen.value === `GROUP:${was}`) chosen.value = name ? `GROUP:${name}` : ''
  }

  /** Whether an apiary is to be shown; what is of no apiary always is. */
  function shows(apiaryId: string | undefined): boolean {
    return !inHand.value || apiaryId === undefined || members.value.has(apiaryId)
  }

  return { choices, groups, chosen, inHand, keyOf, choose, learn, renamed, shows }
})
