import { useIntervalFn, useStorage } from '@vueuse/core'
import { ref, watch } from 'vue'

/**
 * The server's clock as this device knows it, kept for a start without network. Each answer that carries the server's time tells how
 * far the device is off; the answer that took least time is believed most. One that cannot be true together with what is known shows
 * that a clock was set, and begins anew.
 */
const offset = useStorage('tavrel.clock', 0)
let bestRoundTrip = Number.POSITIVE_INFINITY
let learned = false

/** Learns from an answer: asked and answered by the device's clock, now by the server's. */
export function learnClock(asked: number, answered: number, serverNow: string): void {
  const roundTrip = answered - asked
  const told = Date.parse(serverNow) - (asked + answered) / 2
  const wasSet = Math.abs(told - offset.value) > (roundTrip + bestRoundTrip) / 2 + 50
  if (!wasSet && roundTrip > bestRoundTrip * 1.5 + 50) return
  bestRoundTrip = wasSet ? roundTrip : Math.min(bestRoundTrip, roundTrip)
  learned = true
  offset.value = told
}

/** The server's time now, milliseconds. */
export function serverNow(): number {
  return Date.now() + offset.value
}

/**
 * What goes with a moment so that the server can set it right and say so: how far this device's clock is ahead, in
 * seconds, once that was learned since the page was opened; until then the bare clock's word.
 */
export function clockNote(): { clockOff?: number; deviceAt?: string } {
  return learned
    ? { clockOff: Math.round(-offset.value / 1000) }
    : { deviceAt: new Date().toISOString() }
}

/** The server's time, ticking. */
export function useServerNow(every = 500) {
  const now = ref(serverNow())
  useIntervalFn(() => (now.value = serverNow()), every)
  watch(offset, () => (now.value = serverNow()))
  return now
}
