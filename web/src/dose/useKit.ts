import { useEventListener, useIntervalFn, useStorage } from '@vueuse/core'
import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { api, ask, Refused, words, type Shapes } from '../api/client'

/** A round's kit as this device knows it, with ticks that the server does not have yet. */
interface KeptKit {
  lines: Shapes['KitLine'][]
  waiting: Record<string, boolean>
  /** When it was kept, ms. */
  at: number
}

const KEY = 'tavrel.kit.'
/** What waits is tried again after so long: a network is often back before the browser says so. */
const AGAIN = 4_000
const LONGEST = 7 * 24 * 3_600_000

/** Lets go of kits that are older than a week; of all of them, when somebody signs out here. */
export function forgetKits(olderThan = LONGEST): void {
  for (const key of Object.keys(localStorage).filter((each) => each.startsWith(KEY))) {
    const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as KeptKit | null
    if (!kept || Date.now() - kept.at >= olderThan) localStorage.removeItem(key)
  }
}

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
  const kept = useStorage<KeptKit>(KEY + roundId, { lines: [], waiting: {}, at: Date.now() })
  const problem = ref('')

  /** Sends what waits, line by line, and takes the list as the server has it. */
  async function load(): Promise<void> {
    try {
      for (const [item, packed] of Object.entries(kept.value.waiting)) {
        await send(item, packed)
      }
      keep(await ask(api.GET('/api/rounds/{id}/kit', { params: { path: { id: roundId } } })))
      problem.value = ''
    } catch (thrown) {
      if (thrown instanceof Refused || kept.value.lines.length === 0) problem.value = words(thrown)
    }
  }

  async function send(item: string, packed: boolean): Promise<void> {
    try {
      keep(
        await ask(
          api.PUT('/api/rounds/{id}/kit/{item}', {
            params: { path: { id: roundId, item } },
            body: { packed },
          }),
        ),
      )
      letGo(item, packed)
    } catch (thrown) {
      if (thrown instanceof Refused) letGo(item, packed)
      throw thrown
    }
  }

  function keep(lines: Shapes['KitLine'][]): void {
    kept.value = { ...kept.value, lines, at: Date.now() }
  }

  /** A tick that was made anew while this one was on its way still waits. */
  function letGo(item: string, packed: boolean): void {
    if (kept.value.waiting[item] !== packed) return
    const waiting = Object.entries(kept.value.waiting).filter(([each]) => each !== item)
    kept.value = { ...kept.value, waiting: Object.fromEntries(waiting) }
  }

  async function tick(item: string, packed: boolean): Promise<void> {
    kept.value = { ...kept.value, waiting: { ...kept.value.waiting, [item]: packed } }
    try {
      await send(item, packed)
      problem.value = ''
    } catch (thrown) {
      if (thrown instanceof Refused) problem.value = words(thrown)
    }
  }

  const lines = computed(() =>
    kept.value.lines.map((line) => {
      const packed = kept.value.waiting[line.item]
      return packed === undefined
        ? line
        : { ...line, tickedAt: packed ? new Date().toISOString() : undefined, tickedBy: undefined }
    }),
  )

  const waiting = computed(() => Object.keys(kept.value.waiting).length)
  useEventListener(window, 'online', () => void load())
  useIntervalFn(() => waiting.value > 0 && void load(), AGAIN)
  return {
    lines,
    waiting,
    problem,
    load,
    tick,
  }
}
