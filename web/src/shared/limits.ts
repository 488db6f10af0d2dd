import { StorageSerializers, useStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { api, ask, type Shapes } from '../api/client'

/**
 * Limits of the job as the server tells them, kept on this device for when it cannot. Where they
 * are not known yet a screen keeps none: the server holds every one of them again.
 */
export const useLimits = defineStore('limits', () => {
  const known = useStorage<Shapes['Limits'] | null>('tavrel.limits', null, localStorage, {
    serializer: StorageSerializers.object,
  })

  async function learn(): Promise<void> {
    known.value = await ask(api.GET('/api/limits'))
  }

  /** The limit, or no bound at all while it is not known. */
  function of(which: keyof Shapes['Limits'], unbounded: number): number {
    return known.value?.[which] ?? unbounded
  }

  return { known, learn, of }
})
