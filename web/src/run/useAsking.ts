import { computed, ref, type Ref } from 'vue'
import type { ShownHive } from './overlay'
import { residueWords, type Run } from './useRun'
import { t } from '../words/words'

/** What is asked before something out of the ordinary is logged. */
export type Question = 'skip' | 'stop' | 'early' | 'mark' | 'pause'

/** What is usually answered, in the words of who answers. */
const READY: Record<Question, () => readonly string[]> = {
  skip: () => [
    t('run.useAsking.weakColony'),
    t('run.useAsking.queenJustIntroduced'),
    t('run.useAsking.openBroodHiveNext'),
    t('run.useAsking.noTimeLeft'),
    t('run.useAsking.windTurned'),
  ],
  stop: () => [
    t('run.useAsking.windTurned'),
    t('run.useAsking.vapourPouringOut'),
    t('run.useAsking.toolFailed'),
    t('run.useAsking.nothingVaporizes'),
  ],
  mark: () => [
    residueWords(),
    t('run.useAsking.acidSpat'),
    t('run.useAsking.noVapourSeen'),
    t('run.useAsking.beesOutside'),
    t('run.useAsking.deadOrBurntBees'),
    t('run.useAsking.queenSeenLost'),
    t('run.useAsking.pollenComing'),
    t('run.useAsking.strongColony'),
    t('run.useAsking.weakColony'),
  ],
  early: () => [
    t('run.useAsking.beesOverheating'),
    t('run.useAsking.clothFellOut'),
    t('run.useAsking.hiveDisturbed'),
  ],
  pause: () => [
    t('run.useAsking.windTurned'),
    t('run.useAsking.somebodyCameNear'),
    t('run.useAsking.personNeedsRest'),
    t('run.useAsking.maskOrFilterChange'),
  ],
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
  const ready = computed(() => READY[asking.value ?? 'skip']())

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
