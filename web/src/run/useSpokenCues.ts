import { useStorage } from '@vueuse/core'
import { watch, type Ref } from 'vue'
import { shownState } from '../shared/stage'
import type { ShownHive } from './overlay'
import { stepCueOf } from './stepCue'
import { t } from '../words/words'

/** Says it aloud, if the device can speak; what was being said is let go. */
function speak(words: string): void {
  if (!('speechSynthesis' in window)) return
  window.speechSynthesis.cancel()
  window.speechSynthesis.speak(new SpeechSynthesisUtterance(words))
}

/** What is said of a hive at a moment; empty where nothing is. */
export function cueOf(hive: ShownHive, name: string, now: number): string {
  const state = shownState(hive, now)
  if (state === 'TOO_LONG') return t('run.useSpokenCues.hasBeenShutToo', { name })
  if (state === 'DUE') return t('run.useSpokenCues.open', { name })
  if (state === 'STOPPED') return t('run.useSpokenCues.stoppedShutOpen', { name })
  const over = hive.clockTo !== undefined && now >= Date.parse(hive.clockTo)
  const cue = stepCueOf(hive, now)
  if (cue === 'BURN_OVER') return t('run.useSpokenCues.burnTimeOver', { name })
  if (cue === 'COOLED') return t('run.useSpokenCues.cooledTakeOut', { name })
  if (cue === 'REST_NOW') return t('run.useSpokenCues.restLoadNow', { name })
  if (state === 'RELOADING' && over) return t('run.useSpokenCues.panMayBeCold', { name })
  return ''
}

/** Speaks once when a hive comes due, is shut too long, or its burn time is over. Off until asked for. */
export function useSpokenCues(
  hives: Ref<readonly ShownHive[]>,
  name: (hiveId: string) => string,
  now: Ref<number>,
) {
  const on = useStorage('tavrel.voice', false)
  const said = new Map<string, string>()
  watch([hives, now], () => {
    const fresh: string[] = []
    for (const hive of hives.value) {
      const cue = cueOf(hive, name(hive.hiveId), now.value)
      if (cue && said.get(hive.hiveId) !== cue) fresh.push(cue)
      said.set(hive.hiveId, cue)
    }
    if (on.value && fresh.length > 0) speak(fresh.join(' '))
  })
  return { on }
}
