import { computed, type Ref } from 'vue'
import { shownState, type Shown } from '../shared/stage'
import type { Alarm } from './dueSound'
import { isUntouched, type ShownHive } from './overlay'

const DUE: ReadonlySet<Shown> = new Set(['DUE', 'STOPPED', 'TOO_LONG'])

/** How the row stands at a moment: counts, and what is due. */
export function useTally(hives: Ref<readonly ShownHive[]>, now: Ref<number>) {
  const states = computed(() =>
    hives.value.map((hive) => ({ hive, state: shownState(hive, now.value) })),
  )
  const due = computed(() => states.value.filter(({ state }) => DUE.has(state)))
  const alarm = computed<Alarm>(() => {
    if (due.value.some(({ state }) => state === 'TOO_LONG')) return 'too long'
    return due.value.length > 0 ? 'due' : 'none'
  })
  const waiting = computed(() => hives.value.filter(isUntouched))
  const done = computed(
    () => hives.value.filter((hive) => hive.stage === 'OPEN' || hive.stage === 'SKIPPED').length,
  )
  return {
    alarm,
    dueIds: computed(() => due.value.map(({ hive }) => hive.hiveId).join()),
    waiting,
    done,
    shut: computed(
      () =>
        hives.value.filter(
          (hive) =>
            !hive.leftOpen &&
            !isUntouched(hive) &&
            hive.stage !== 'OPEN' &&
            hive.stage !== 'SKIPPED',
        ).length,
    ),
    finished: computed(() => hives.value.length > 0 && done.value === hives.value.length),
  }
}
