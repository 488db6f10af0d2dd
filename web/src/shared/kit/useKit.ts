import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { api, ask, Refused, words, type Shapes } from '../../api/client'
import type { KitJob } from '../offline/jobs'
import { useOutbox } from '../offline/outbox'
import { forgetKits, useKeptKit } from './keptKits'

/**
 * The kit list of a round, on the device as well: it can be ticked without network, and the ticks
 * go to the server when it is back. Of two ticks of one line the later holds.
 */
export function useKit(roundId: string): {
  lines: ComputedRef<Shapes['KitLine'][]>
  waiting: ComputedRef<number>
  problem: Ref<string>
  load: () => Promise<void>
  tick: (item: string, packed: boolean) => Promise<void>
} {
  forgetKits()
  const outbox = useOutbox()
  const kept = useKeptKit(roundId)
  const problem = ref('')
  /** Ticks on their way, the latest last. */
  const ticks = computed(() =>
    outbox.mine.flatMap(({ job }): KitJob[] =>
      job.kind === 'KIT' && job.roundId === roundId ? [job] : [],
    ),
  )

  outbox.onSent(({ entry, answer }) => {
    if (entry.job.kind === 'KIT' && entry.job.roundId === roundId)
      keep(answer as Shapes['KitLine'][])
  })

  /** Sends what waits and takes the list as the server has it. */
  async function load(): Promise<void> {
    await outbox.send()
    try {
      keep(await ask(api.GET('/api/rounds/{id}/kit', { params: { path: { id: roundId } } })))
      problem.value = ''
    } catch (thrown) {
      if (thrown instanceof Refused || kept.value.lines.length === 0) problem.value = words(thrown)
    }
  }

  function keep(lines: Shapes['KitLine'][]): void {
    kept.value = { lines, at: Date.now() }
  }

  async function tick(item: string, packed: boolean): Promise<void> {
    const id = outbox.put({ kind: 'KIT', roundId, item, packed })
    if (!id) return
    const outcome = await outbox.outcome(id)
    problem.value = outcome.is === 'aside' ? outcome.aside.says : ''
    // A tick is made again with one press: it is told here, and nothing is left to mend.
    if (outcome.is === 'aside') outbox.throwAway(id)
  }

  const lines = computed(() =>
    kept.value.lines.map((line) => {
      const packed = ticks.value.findLast((each) => each.item === line.item)?.packed
      return packed === undefined
        ? line
        : { ...line, tickedAt: packed ? new Date().toISOString() : undefined, tickedBy: undefined }
    }),
  )

  return { lines, waiting: computed(() => ticks.value.length), problem, load, tick }
}
