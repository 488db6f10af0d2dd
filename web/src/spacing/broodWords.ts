import type { Shapes } from '../api/client'
import { shortDay } from '../shared/days'

type Event = Shapes['NewBroodEvent']

/** What can have happened, in the order in which a form offers it. */
export const KINDS: { kind: Event['kind']; words: string }[] = [
  { kind: 'INSPECTION', words: 'Looked inside' },
  { kind: 'SWARM_HIVED', words: 'Swarm hived' },
  { kind: 'PACKAGE_HIVED', words: 'Package hived' },
  { kind: 'QUEEN_CAGED', words: 'Queen caged' },
  { kind: 'QUEEN_RELEASED', words: 'Queen let out' },
  { kind: 'SPLIT', words: 'Split: the queenless part' },
  { kind: 'SWARM_LEFT', words: 'A swarm left: seen, or the earliest day it can have been' },
  { kind: 'BROOD_GIVEN', words: 'Frame of brood put in from another hive' },
  { kind: 'OLD_QUEEN_MOVED', words: 'Old queen moved here, onto comb without brood' },
  { kind: 'BROOD_REMOVED', words: 'Capped brood taken out' },
  { kind: 'LAYING_STOPPED', words: 'Laying stopped' },
  { kind: 'LAYING_STARTED', words: 'First eggs again' },
]

export const COMBS = [
  { value: 'DRAWN', title: 'drawn comb' },
  { value: 'FOUNDATION', title: 'foundation' },
] as const
export const YOUNGEST = [
  { value: 'EGGS', title: 'eggs' },
  { value: 'YOUNG_LARVAE', title: 'young larvae' },
  { value: 'CAPPED_ONLY', title: 'capped brood only' },
  { value: 'NO_BROOD', title: 'no brood' },
] as const
export const QUEENS = [
  { value: 'RIPE_CELL', title: 'a ripe cell' },
  { value: 'FROM_EGGS', title: 'its own queen from eggs' },
  { value: 'MATED_QUEEN', title: 'a mated queen, caged in' },
] as const
export const LEFT = [
  { value: 'OPEN_LARVAE', title: 'open larvae stayed' },
  { value: 'EGGS_ONLY', title: 'only eggs stayed' },
  { value: 'NOTHING', title: 'no brood stayed' },
] as const
export const GIVEN = [
  { value: 'CAPPED', title: 'capped brood' },
  { value: 'LARVAE', title: 'larvae, nothing capped' },
  { value: 'EGGS', title: 'only eggs' },
] as const
export const CAPPED = [
  { value: 'NONE', title: 'nothing capped' },
  { value: 'FEW_CELLS', title: 'a few cells capped' },
  { value: 'FRAMES', title: 'frames capped' },
] as const
export const OPEN = [
  { value: 'NOT_NOTED', title: 'not noted' },
  { value: 'LARVAE', title: 'larvae' },
  { value: 'EGGS_ONLY', title: 'eggs, no larvae' },
  { value: 'NONE', title: 'no eggs, no larvae' },
] as const

function title(list: readonly { value: string; title: string }[], value?: string): string {
  return list.find((each) => each.value === value)?.title ?? ''
}

/** An event in a few words. */
export function wordsOf(event: Event): string {
  const what = KINDS.find((each) => each.kind === event.kind)?.words ?? event.kind
  const details = [
    title(COMBS, event.comb),
    title(YOUNGEST, event.youngest),
    title(QUEENS, event.newQueen),
    title(LEFT, event.leftBrood),
    title(GIVEN, event.given),
    event.released ? `queen out ${shortDay(event.released)}` : '',
    event.cappedFrames ? `${event.cappedFrames} frames capped` : title(CAPPED, event.capped),
    event.openBrood && event.openBrood !== 'NOT_NOTED' ? title(OPEN, event.openBrood) : '',
    event.framesOfBees ? `${event.framesOfBees} frames of bees` : '',
  ].filter(Boolean)
  return details.length ? `${what}: ${details.join(', ')}` : what
}
