import type { Shapes } from '../api/client'
import { t } from '../words/words'

export type Grade = Shapes['GradedHour']['grade']

/** How well an hour suits, as a word and as a shape. */
export const GRADES: Readonly<Record<Grade, { words: string; shape: string }>> = {
  GOOD: {
    get words() {
      return t('shared.gradeWords.good')
    },
    shape: '●',
  },
  FAIR: {
    get words() {
      return t('shared.gradeWords.fair')
    },
    shape: '○',
  },
  POOR: {
    get words() {
      return t('shared.gradeWords.poor')
    },
    shape: '·',
  },
  UNSAFE: {
    get words() {
      return t('shared.gradeWords.unsafe')
    },
    shape: '!',
  },
  OFF_LABEL: {
    get words() {
      return t('shared.gradeWords.offLabel')
    },
    shape: '✕',
  },
  UNKNOWN: {
    get words() {
      return t('common.unknown')
    },
    shape: '?',
  },
}

/** Grades of a stretch in their order, each once: "fair and good". */
export function gradesOf(window: Pick<Shapes['Window'], 'parts'>): string {
  const words = window.parts.map((part) =>
    part.grade ? GRADES[part.grade].words : t('shared.gradeWords.expected'),
  )
  return [...new Set(words)].join(' ' + t('shared.gradeWords.and') + ' ')
}

/** Of offers read at a yard how many held, as a chance for the next; nothing while too few were. */
export function heldWords(held: Shapes['OffersHeld'] | undefined): string {
  return held ? '; ' + t('shared.gradeWords.held', { ...held }) : ''
}

/** Whether a stretch is good throughout. */
export function isAllGood(window: Pick<Shapes['Window'], 'parts'>): boolean {
  return window.parts.every((part) => part.grade === 'GOOD')
}
