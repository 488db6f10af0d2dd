import { useEventListener, useStorage } from '@vueuse/core'
import { ref, watch, type Ref } from 'vue'

/** What sounds: nothing, a hive has come due, or one has been shut too long. */
export type Alarm = 'none' | 'due' | 'too long'

const EVERY = { due: 20_000, 'too long': 6_000 } as const
const TONES = { due: [660, 880, 660], 'too long': [988, 740, 988, 740, 988] } as const

let context: AudioContext | undefined
const awake = ref(false)

/** Browsers let a page sound only after a touch or a key. */
function wake(): void {
  context ??= new AudioContext()
  void context.resume().then(() => (awake.value = context?.state === 'running'))
}

function play(tones: readonly number[]): void {
  if (context?.state !== 'running') return
  tones.forEach((pitch, i) => {
    if (!context) return
    const begin = context.currentTime + i * 0.22
    const voice = context.createOscillator()
    const loudness = context.createGain()
    voice.type = 'triangle'
    voice.frequency.value = pitch
    loudness.gain.setValueAtTime(0.0001, begin)
    loudness.gain.exponentialRampToValueAtTime(0.5, begin + 0.02)
    loudness.gain.exponentialRampToValueAtTime(0.0001, begin + 0.2)
    voice.connect(loudness).connect(context.destination)
    voice.start(begin)
    voice.stop(begin + 0.22)
  })
}

/** Tones and a shake, once; silent until the page was touched, which browsers ask for. */
export function signal(tones: readonly number[], shake: readonly number[]): void {
  play(tones)
  if ('vibrate' in navigator) navigator.vibrate([...shake])
}

/**
 * Sounds and shakes the device while a hive is due, and harder while one is shut too long. `due`
 * names the hives that are due, so that each new one sounds at once.
 */
export function useDueSound(alarm: Ref<Alarm>, due: Ref<string>, now: Ref<number>) {
  const on = useStorage('tavrel.sound', true)
  useEventListener(window, ['click', 'keydown'], wake)
  let last = 0
  let lastDue = ''
  watch([alarm, due, now], () => {
    const which = alarm.value
    if (which === 'none') {
      lastDue = ''
      return
    }
    const fresh = due.value !== lastDue && due.value.length >= lastDue.length
    if (!fresh && now.value - last < EVERY[which]) return
    last = now.value
    lastDue = due.value
    if (!on.value) return
    signal(TONES[which], which === 'due' ? [200, 100, 200] : [400, 100, 400, 100, 400])
  })
  return { on, awake }
}
