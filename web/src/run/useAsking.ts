import { computed, ref, type Ref } from 'vue'
import type { ShownHive } from './overlay'
import { RESIDUE, type Run } from './useRun'
import { t } from '../words/words'

/** What is asked before something out of the ordinary is logged. */
export type Question = 'skip' | 'stop' | 'early' | 'mark' | 'pause'

/** What is usually answered, by its name: whoever reads the log reads it in a language of their own. */
const READY: Record<Question, readonly string[]> = {
  skip: [
    'HIVE_DEAD',
    'HIVE_GONE',
    'HIVE_QUEENLESS',
    'HIVE_UNITED',
    'WEAK_COLONY',
    'QUEEN_INTRODUCED',
    'OPEN_BROOD',
    'NO_TIME_LEFT',
    'WIND_TURNED',
  ],
  stop: ['WIND_TURNED', 'VAPOUR_POURS_OUT', 'TOOL_FAILED', 'NOTHING_VAPORIZES'],
  mark: [
    RESIDUE,
    'ACID_SPAT',
    'NO_VAPOUR_SEEN',
    'BEES_OUTSIDE',
    'DEAD_BEES',
    'QUEEN_LOST',
    'POLLEN_COMING',
    'STRONG_COLONY',
    'WEAK_COLONY',
  ],
  early: ['BEES_OVERHEATING', 'CLOTH_FELL_OUT', 'HIVE_DISTURBED'],
  pause: ['WIND_TURNED', 'SOMEBODY_CAME_NEAR', 'PERSON_NEEDS_REST', 'MASK_TO_CHANGE'],
}

const TITLE: Record<Question, (hive: string) => string> = {
  skip: (hive) => t('run.useAsking.leaveOutThisRound', { hive }),
  stop: (hive) => t('run.useAsking.stopBurn', { hive }),
  early: (hive) => t('run.useAsking.openEarly', { hive }),
  mark: (hive) => t('run.useAsking.whatWasSeenAt', { hive }),
  pause: () => t('run.useAsking.pauseBurningBecauseWhat'),
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
