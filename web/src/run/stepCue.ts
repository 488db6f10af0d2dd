import { watch, type Ref } from 'vue'
import { signal } from './dueSound'
import type { ShownHive } from './overlay'

/** What a tool's clock says when it is out: take note of the burn, take the pan out, give the rest. */
export type StepCue = 'BURN_OVER' | 'COOLED' | 'REST_NOW'

/** Told apart by ear with a mask on: one long low tone, two falling, three quick rising. */
const TONES: Record<StepCue, readonly number[]> = {
  BURN_OVER: [392, 392],
  COOLED: [784, 523],
  REST_NOW: [523, 659, 784],
}

const SHAKES: Record<StepCue, readonly number[]> = {
  BURN_OVER: [500],
  COOLED: [250, 120, 250],
  REST_NOW: [120, 80, 120, 80, 120],
}

/** The cue of a hive whose clock is out; undefined while it runs, or where there is none. */
export function stepCueOf(hive: ShownHive, now: number): StepCue | undefined {
  if (!hive.clockTo || now < Date.parse(hive.clockTo)) return undefined
  if (hive.stage === 'BURNING') return 'BURN_OVER'
  if (hive.stage !== 'BURNT') return undefined
  return hive.ahead[0]?.act === 'START_BURN' ? 'REST_NOW' : 'COOLED'
}

/**
 * Sounds and shakes once when a burn is over, a pan has cooled or the rest of a load is due. Who has a tool in hand
 * hears his own tool; who shuts and opens hears all of them.
 */
export function useStepCues(
  hives: Ref<readonly ShownHive[]>,
  part: Ref<number>,
  on: Ref<boolean>,
  now: Ref<number>,
): void {
  const told = new Map<string, string>()
  watch(
    [hives, now],
    () => {
      for (const hive of hives.value) {
        const cue = stepCueOf(hive, now.value)
        const which = cue ? `${cue} ${hive.clockTo ?? ''}` : ''
        const fresh = cue && told.get(hive.hiveId) !== which
        told.set(hive.hiveId, which)
        const mine = part.value <= 0 || (hive.tool ?? 1) === part.value
        if (cue && fresh && mine && on.value) signal(TONES[cue], SHAKES[cue])
      }
    },
    { immediate: true },
  )
}
