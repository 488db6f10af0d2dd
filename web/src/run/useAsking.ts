import { computed, ref, type Ref } from 'vue'
import type { ShownHive } from './overlay'
import { RESIDUE, type Run } from './useRun'

/** What is asked before something out of the ordinary is logged. */
export type Question = 'skip' | 'stop' | 'early' | 'mark' | 'pause'

const READY: Record<Question, readonly string[]> = {
  skip: [
    'weak colony',
    'queen just introduced',
    'open brood hive, next time',
    'no time left',
    'wind turned',
  ],
  stop: ['wind turned', 'vapour pouring out', 'tool failed', 'nothing vaporizes'],
  mark: [
    RESIDUE,
    'acid spat',
    'no vapour seen',
    'bees outside',
    'dead or burnt bees',
    'queen seen lost',
    'pollen coming in',
    'strong colony',
    'weak colony',
  ],
  early: ['bees overheating', 'cloth fell out', 'hive disturbed'],
  pause: ['wind turned', 'somebody came near', 'a person needs a rest', 'mask or filter to change'],
}

const TITLE: Record<Question, (hive: string) => string> = {
  skip: (hive) => `Leave ${hive} out of this round?`,
  stop: (hive) => `Stop the burn in ${hive}?`,
  early: (hive) => `Open ${hive} early?`,
  mark: (hive) => `What was seen at ${hive}?`,
  pause: () => 'Pause burning because of what?',
}

/** The question in hand, and what its answer puts into the log. */
export function useAsking(
  run: Run,
  waiting: Ref<readonly ShownHive[]>,
  name: (hiveId?: string) => string,
) {
  const asking = ref<Question | null>(null)
  const hiveId = ref('')
  const title = computed(() => TITLE[asking.value ?? 'skip'](name(hiveId.value)))
  const ready = computed(() => READY[asking.value ?? 'skip'])

  function ask(what: Question, about = ''): void {
    hiveId.value = about
    asking.value = what
  }

  function said(reason: string, all: boolean): void {
    const id = hiveId.value
    const shutHive = run.hives.value.find((each) => each.hiveId === id)
    switch (asking.value) {
      case 'skip':
        return run.skip(all ? waiting.value.map((each) => each.hiveId) : [id], reason)
      case 'stop':
        return run.stop(id, reason)
      case 'mark':
        return run.mark(id, reason)
      case 'pause':
        return run.crew('PAUSED', reason)
      case 'early':
        if (shutHive) run.act(shutHive, reason)
    }
  }

  return { asking, title, ready, ask, said }
}
