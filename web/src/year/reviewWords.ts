import type { Shapes } from '../api/client'
import { texts } from '../words/words'

export type Outcome = Shapes['NewOutcome']['outcome']
export type DeathSign = NonNullable<Shapes['NewOutcome']['sign']>

export const OUTCOMES: Record<string, string> = texts({
  STRONG: 'year.reviewWords.aliveStrong',
  WEAK: 'year.reviewWords.aliveWeak',
  DEAD: 'year.reviewWords.dead',
  GONE: 'year.reviewWords.soldGivenOrUnited',
})

export const SIGNS: Record<string, string> = texts({
  MITES: 'year.reviewWords.fewBeesLeftMites',
  STARVED: 'year.reviewWords.beesHeadFirstEmpty',
  QUEENLESS: 'year.reviewWords.noQueenNoWorker',
  DAMP: 'year.reviewWords.wetMouldyDeadCluster',
  ROBBED: 'year.reviewWords.robbedOutWaspsMice',
  UNKNOWN: 'year.reviewWords.cannotTell',
})

export const WAYS: Record<Shapes['WorkedHere']['what'], string> = texts({
  TOOL: 'year.reviewWords.tool',
  DOSE: 'year.reviewWords.acidBoxRound',
  SEAL: 'year.reviewWords.minutesShut',
  WARMTH: 'year.reviewWords.airAtBurn',
  ROUNDS: 'year.reviewWords.roundsTogether',
  APIARY: 'year.reviewWords.apiary',
  LINE: 'year.reviewWords.lineBees',
})
