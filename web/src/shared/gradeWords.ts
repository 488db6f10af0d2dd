import type { Shapes } from '../api/client'

export type Grade = Shapes['GradedHour']['grade']

/** How well an hour suits, as a word and as a shape. */
export const GRADES: Readonly<Record<Grade, { words: string; shape: string }>> = {
  GOOD: { words: 'good', shape: '●' },
  FAIR: { words: 'fair', shape: '○' },
  POOR: { words: 'poor', shape: '·' },
  UNSAFE: { words: 'unsafe', shape: '!' },
  OFF_LABEL: { words: 'off label', shape: '✕' },
  UNKNOWN: { words: 'unknown', shape: '?' },
}

/** Grades of a stretch in their order, each once: "fair and good". */
export function gradesOf(window: Pick<Shapes['Window'], 'parts'>): string {
  const words = window.parts.map((part) => (part.grade ? GRADES[part.grade].words : 'expected'))
  return [...new Set(words)].join(' and ')
}

/** Whether a stretch is good throughout. */
export function isAllGood(window: Pick<Shapes['Window'], 'parts'>): boolean {
  return window.parts.every((part) => part.grade === 'GOOD')
}
