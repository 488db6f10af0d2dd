import { StorageSerializers, useStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, ask, Refused, type Shapes } from '../api/client'
import { forgetKits } from './kit/keptKits'
import { learnLanguage, ownLanguage } from './language'
import { learnUnits } from './units/ownUnits'
import { ownUnits } from './units/units'
import { forgetRuns } from './keptRuns'
import { forgetKnown } from './offline/known'

/** Who is signed in, and how the door stands before. */
export const useSession = defineStore('session', () => {
  const account = ref<Shapes['Account'] | null>(null)
  const door = ref<Shapes['Door'] | null>(null)
  const known = ref(false)
  /** Who was signed in here last, for a start without network; the server asks again for itself. */
  const remembered = useStorage<Shapes['Account'] | null>('tavrel.account', null, localStorage, {
    serializer: StorageSerializers.object,
  })

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
    remembered.value = account.value
    learnHabits()
  }

  /** How the person reads; a first password has to be changed before anything else is answered. */
  function learnHabits(): void {
    if (!account.value || account.value.firstPassword) return
    void learnUnits().catch(() => undefined)
    void learnLanguage().catch(() => undefined)
  }

  /** Without network: whoever was signed in here last goes on. */
  function goOn(): boolean {
    account.value ??= remembered.value
    return account.value !== null
  }

  function begin(who: Shapes['Account']): void {
    account.value = who
    remembered.value = who
    known.value = true
    if (door.value) door.value = { ...door.value, firstStart: false }
    learnHabits()
  }

  async function end(): Promise<void> {
    await ask(api.DELETE('/api/session'))
    account.value = null
    remembered.value = null
    ownUnits.value = null
    ownLanguage.value = null
    forgetRuns()
    forgetKits(0)
    forgetKnown()
  }

  /** The server no longer knows this session. */
  function lost(): void {
    account.value = null
    remembered.value = null
  }

  return {
    account,
    door,
    learn,
    goOn,
    begin,
    end,
    lost,
    isKeeper: computed(() => account.value?.role === 'KEEPER'),
    mayWork: computed(() => account.value?.role === 'KEEPER' || account.value?.role === 'CREW'),
  }
})
