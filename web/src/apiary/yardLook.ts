import type { Shapes } from '../api/client'
import { texts } from '../words/words'

type State = Shapes['YardLine']['state']

/** Shapes of states, told apart without colour. */
export const SHAPES: Record<State, string> = {
  DANGER: '‼',
  ABOVE: '▲',
  NEEDS: '◧',
  UNKNOWN: '◌',
  HOLDS: '○',
}

/** States in words, worst first. */
export const STATES: readonly State[] = ['DANGER', 'ABOVE', 'NEEDS', 'UNKNOWN', 'HOLDS']

export const stateWords = texts<State>({
  DANGER: 'apiary.yards.danger',
  ABOVE: 'apiary.yards.above',
  NEEDS: 'apiary.yards.needs',
  UNKNOWN: 'apiary.yards.unknown',
  HOLDS: 'apiary.yards.holds',
})
