import type { Shapes } from '../api/client'
import { parsed } from './offline/kept'

/** A round as this device knows it, so that a run goes on after a reload without network. */
export interface KeptRun {
  whole: Shapes['WholeRound']
  board: Shapes['RunBoard']
  /** When it was kept, ms. */
  at: number
}

const KEY = 'tavrel.run.'
const LONGEST = 7 * 24 * 3_600_000

/** What is kept of a round, or null. */
export function keptRun(roundId: string): KeptRun | null {
  const found = parsed(localStorage.getItem(KEY + roundId)) as Partial<KeptRun> | null
  return found?.whole && Array.isArray(found.board?.hives) ? (found as KeptRun) : null
}

/** Keeps a round; older ones make room. */
export function keepRun(roundId: string, whole: KeptRun['whole'], board: KeptRun['board']): void {
  for (const key of keys()) {
    const at = keptRun(key.slice(KEY.length))?.at ?? 0
    if (key !== KEY + roundId && Date.now() - at > LONGEST) localStorage.removeItem(key)
  }
  try {
    localStorage.setItem(KEY + roundId, JSON.stringify({ whole, board, at: Date.now() }))
  } catch {
    localStorage.removeItem(KEY + roundId)
  }
}

/** All that are kept. */
export function keptRunsHere(): KeptRun[] {
  return keys().flatMap((key) => keptRun(key.slice(KEY.length)) ?? [])
}

/** Lets go of all of them, when somebody signs out here. */
export function forgetRuns(): void {
  for (const key of keys()) localStorage.removeItem(key)
}

function keys(): string[] {
  return Object.keys(localStorage).filter((key) => key.startsWith(KEY))
}
