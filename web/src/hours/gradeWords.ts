import type { Shapes } from '../api/client'

/** How well an hour suits, as a word and as a shape. */
export const GRADES: Readonly<
  Record<Shapes['GradedHour']['grade'], { words: string; shape: string }>
> = {
  GOOD: { words: 'good', shape: '●' },
  FAIR: { words: 'fair', shape: '○' },
  POOR: { words: 'poor', shape: '·' },
  UNSAFE: { words: 'unsafe', shape: '!' },
  OFF_LABEL: { words: 'off label', shape: '✕' },
}
