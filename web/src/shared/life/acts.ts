import { ref } from 'vue'
import { api, ask, type Shapes } from '../../api/client'
import { useRequest } from '../request'

export type NewAct = Shapes['NewAct']
export type ActKind = NewAct['kind']

/** Acts in the order in which they are offered. */
export const ACTS: readonly ActKind[] = ['MOVED', 'RENAMED', 'QUEEN', 'SET_UP', 'UNITED', 'ENDED']

/** An act that was written down, with a way back. */
export interface DoneAct {
  id: string
  says: string
}

/** The last act of a page, to be taken back in one press. */
export function useLastAct(again: () => Promise<unknown>) {
  const last = ref<DoneAct | null>(null)
  const { problem, attempt, busy } = useRequest()

  /** Takes an act back, whole; it stays on record. */
  async function takeBack(actId: string, why?: string): Promise<boolean> {
    const done = await attempt(async () => {
      await ask(
        api.POST('/api/hive-acts/{actId}/take-back', {
          params: { path: { actId } },
          body: { why },
        }),
      )
    })
    if (done) {
      last.value = null
      await again()
    }
    return done
  }

  async function done(act: DoneAct): Promise<void> {
    last.value = act
    await again()
  }

  return { last, problem, busy, takeBack, done }
}
