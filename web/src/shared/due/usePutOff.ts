import { ref } from 'vue'
import { api, ask, type Shapes } from '../../api/client'

type DueTask = Shapes['DueTask']

/**
 * Lines that are put off and taken up again.
 *
 * @param attempt runs what may go wrong, and tells it
 * @param load fetches the list anew
 */
export function usePutOff(
  attempt: (work: () => Promise<void>) => Promise<unknown>,
  load: () => Promise<void>,
) {
  /** The line that somebody is about to put off. */
  const puttingOff = ref<DueTask | null>(null)

  async function takeUp({ line }: DueTask): Promise<void> {
    await attempt(async () => {
      await ask(api.DELETE('/api/put-off', { params: { query: { line } } }))
    })
    await load()
  }

  async function wasPutOff(): Promise<void> {
    puttingOff.value = null
    await load()
  }

  return { puttingOff, takeUp, wasPutOff }
}
