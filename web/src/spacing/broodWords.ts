import type { Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import { t } from '../words/words'

type Event = Shapes['NewBroodEvent']

/** What can have happened, in the order in which a form offers it. */
export const KINDS: { kind: Event['kind']; words: string }[] = [
  {
    kind: 'INSPECTION',
    get words() {
      return t('spacing.broodWords.lookedInside')
    },
  },
  {
    kind: 'SWARM_HIVED',
    get words() {
      return t('spacing.broodWords.swarmHived')
    },
  },
  {
    kind: 'PACKAGE_HIVED',
    get words() {
      return t('spacing.broodWords.packageHived')
    },
  },
  {
    kind: 'QUEEN_CAGED',
    get words() {
      return t('spacing.broodWords.queenCaged')
    },
  },
  {
    kind: 'QUEEN_RELEASED',
    get words() {
      return t('spacing.broodWords.queenLetOut')
    },
  },
  {
    kind: 'SPLIT',
    get words() {
      return t('spacing.broodWords.splitQueenlessPart')
    },
  },
  {
    kind: 'SWARM_LEFT',
    get words() {
      return t('spacing.broodWords.swarmLeftSeenOr')
    },
  },
  {
    kind: 'BROOD_GIVEN',
    get words() {
      return t('spacing.broodWords.frameBroodPutFrom')
    },
  },
  {
    kind: 'OLD_QUEEN_MOVED',
    get words() {
      return t('spacing.broodWords.oldQueenMovedHere')
    },
  },
  {
    kind: 'BROOD_REMOVED',
    get words() {
      return t('spacing.broodWords.cappedBroodTakenOut')
    },
  },
  {
    kind: 'LAYING_STOPPED',
    get words() {
      return t('spacing.broodWords.layingStopped')
    },
  },
  {
    kind: 'LAYING_STARTED',
    get words() {
      return t('spacing.broodWords.firstEggsAgain')
    },
  },
]

export const COMBS = [
  {
    value: 'DRAWN',
    get title() {
      return t('spacing.broodWords.drawnComb')
    },
  },
  {
    value: 'FOUNDATION',
    get title() {
      return t('spacing.broodWords.foundation')
    },
  },
] as const
export const YOUNGEST = [
  {
    value: 'EGGS',
    get title() {
      return t('common.eggs')
    },
  },
  {
    value: 'YOUNG_LARVAE',
    get title() {
      return t('spacing.broodWords.youngLarvae')
    },
  },
  {
    value: 'CAPPED_ONLY',
    get title() {
      return t('spacing.broodWords.cappedBroodOnly')
    },
  },
  {
    value: 'NO_BROOD',
    get title() {
      return t('spacing.broodWords.noBrood')
    },
  },
] as const
export const QUEENS = [
  {
    value: 'RIPE_CELL',
    get title() {
      return t('spacing.broodWords.ripeCell')
    },
  },
  {
    value: 'FROM_EGGS',
    get title() {
      return t('spacing.broodWords.itsOwnQueenFrom')
    },
  },
  {
    value: 'MATED_QUEEN',
    get title() {
      return t('spacing.broodWords.matedQueenCaged')
    },
  },
] as const
export const LEFT = [
  {
    value: 'OPEN_LARVAE',
    get title() {
      return t('spacing.broodWords.openLarvaeStayed')
    },
  },
  {
    value: 'EGGS_ONLY',
    get title() {
      return t('spacing.broodWords.onlyEggsStayed')
    },
  },
  {
    value: 'NOTHING',
    get title() {
      return t('spacing.broodWords.noBroodStayed')
    },
  },
] as const
export const GIVEN = [
  {
    value: 'CAPPED',
    get title() {
      return t('spacing.broodWords.cappedBrood')
    },
  },
  {
    value: 'LARVAE',
    get title() {
      return t('spacing.broodWords.larvaeNothingCapped')
    },
  },
  {
    value: 'EGGS',
    get title() {
      return t('spacing.broodWords.onlyEggs')
    },
  },
] as const
export const CAPPED = [
  {
    value: 'NONE',
    get title() {
      return t('common.nothingCapped')
    },
  },
  {
    value: 'FEW_CELLS',
    get title() {
      return t('spacing.broodWords.fewCellsCapped')
    },
  },
  {
    value: 'FRAMES',
    get title() {
      return t('spacing.broodWords.framesCapped')
    },
  },
] as const
export const OPEN = [
  {
    value: 'NOT_NOTED',
    get title() {
      return t('spacing.broodWords.notNoted')
    },
  },
  {
    value: 'LARVAE',
    get title() {
      return t('common.larvae')
    },
  },
  {
    value: 'EGGS_ONLY',
    get title() {
      return t('spacing.broodWords.eggsNoLarvae')
    },
  },
  {
    value: 'NONE',
    get title() {
      return t('spacing.broodWords.noEggsNoLarvae')
    },
  },
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
    event.released ? t('spacing.broodWords.queenOut', { released: shortDay(event.released) }) : '',
    event.cappedFrames
      ? t('spacing.broodWords.framesCapped2', { cappedFrames: event.cappedFrames })
      : title(CAPPED, event.capped),
    event.openBrood && event.openBrood !== 'NOT_NOTED' ? title(OPEN, event.openBrood) : '',
    event.framesOfBees
      ? t('spacing.broodWords.framesBees', { framesOfBees: event.framesOfBees })
      : '',
  ].filter(Boolean)
  return details.length ? `${what}: ${details.join(', ')}` : what
}
