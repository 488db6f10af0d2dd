import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, ask, Refused, type Shapes } from '../api/client'

/** Who is signed in, and how the door stands before. */
export const useSession = defineStore('session', () => {
  const account = ref<Shapes['Account'] | null>(null)
  const door = ref<Shapes['Door'] | null>(null)
  const known = ref(false)

  /** Asks once who is signed in. */
  async function learn(): Promise<void> {
    if (known.value) return
    door.value = await ask(api.GET('/api/welcome'))
    try {
      account.value = (await ask(api.GET('/api/session'))) || null
    } catch (thrown) {
      if (!(thrown instanceof Refused)) throw thrown
    }
    known.value = true
  }

  function begin(who: Shapes['Account']): void {
    account.value = who
    known.value = true
    if (door.value) door.value = { ...door.value, firstStart: false }
  }

  async function end(): Promise<void> {
    await ask(api.DELETE('/api/session'))
    account.value = null
  }

  /** The server no longer knows this session. */
  function lost(): void {
    account.value = null
  }

  return {
    account,
    door,
    learn,
    begin,
    end,
    lost,
    isKeeper: computed(() => account.value?.role === 'KEEPER'),
    mayWork: computed(() => account.value?.role === 'KEEPER' || account.value?.role === 'CREW'),
  }
})
