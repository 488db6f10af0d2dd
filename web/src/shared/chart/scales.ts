import { scaleLinear, scaleLog, type ScaleContinuousNumeric } from 'd3-scale'

/** From a value to a place on a drawing, and back. */
export type Scale = ScaleContinuousNumeric<number, number>

/**
 * Values from nothing to the most that is drawn, up to a round number.
 *
 * @param most the largest value drawn
 * @param range where nothing and the top lie, in units of the drawing
 */
export function fromNothing(most: number, range: [number, number], ticks = 5): Scale {
  return scaleLinear()
    .domain([0, most > 0 ? most : 1])
    .range(range)
    .nice(ticks)
}

/**
 * Numbers of mites over several decades, each as high as the next, so that a tenth looks the same everywhere.
 *
 * @param values all that is drawn; nothing has no logarithm and stands at half a mite
 * @param range where the lowest and the highest lie, in units of the drawing
 */
export function decades(values: readonly number[], range: [number, number]): Scale {
  const seen = values.map((value) => Math.max(HALF_A_MITE, value))
  const low = Math.min(100, ...seen)
  const high = Math.max(1, ...seen)
  const scale = scaleLog()
    .domain([low, Math.max(high, 10 * low)])
    .range(range)
    .nice()
    .clamp(true)
  return scale
}

const HALF_A_MITE = 0.5

/** Marks of such an axis: whole decades, and three times each where there are few. */
export function decadeMarks(scale: Scale): number[] {
  const [low = 1, high = 1] = scale.domain()
  const powers = Math.round(Math.log10(high) - Math.log10(low))
  const from = Math.round(Math.log10(low))
  const whole = Array.from({ length: powers + 1 }, (_, i) => 10 ** (from + i))
  return powers > 3 ? whole : whole.flatMap((mark) => (3 * mark < high ? [mark, 3 * mark] : [mark]))
}
