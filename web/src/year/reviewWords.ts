import type { Shapes } from '../api/client'

export type Outcome = Shapes['NewOutcome']['outcome']
export type DeathSign = NonNullable<Shapes['NewOutcome']['sign']>

export const OUTCOMES: Record<string, string> = {
  STRONG: 'alive, strong',
  WEAK: 'alive, weak',
  DEAD: 'dead',
  GONE: 'sold, given or united',
}

export const SIGNS: Record<string, string> = {
  MITES: 'few bees left, mites or their droppings in the cells, spotty brood',
  STARVED: 'bees head first in empty cells, no food near',
  QUEENLESS: 'no queen, no worker brood, or drone layers',
  DAMP: 'wet, mouldy, a dead cluster on full combs',
  ROBBED: 'robbed out, wasps, mice or other damage',
  UNKNOWN: 'cannot tell',
}

export const WAYS: Record<Shapes['WorkedHere']['what'], string> = {
  TOOL: 'tool',
  DOSE: 'acid a box and round',
  SEAL: 'minutes shut',
  WARMTH: 'air at the burn',
  ROUNDS: 'rounds together',
  APIARY: 'apiary',
  LINE: 'line of bees',
}
