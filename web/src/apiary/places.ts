import type { Shapes } from '../api/client'

type YardLine = Shapes['YardLine']

/** A yard where it is drawn. */
export interface Placed {
  yard: YardLine
  x: number
  y: number
  /** Whether its name has room beside it. */
  named: boolean
}

const ROOM = { width: 130, height: 15 }

/**
 * Puts yards into a drawing as they lie to each other: east to the right, north up, a degree of longitude as much
 * narrower as it is there. Names are left out where they would lie over another; the worst and the largest are named first.
 */
export function placed(
  yards: readonly YardLine[],
  width: number,
  height: number,
  margin: number,
  worst: (yard: YardLine) => number,
): Placed[] {
  const there = yards.filter(
    (yard) => yard.apiary.latitude !== undefined && yard.apiary.longitude !== undefined,
  )
  const lat = there.map((yard) => yard.apiary.latitude ?? 0)
  const lon = there.map((yard) => yard.apiary.longitude ?? 0)
  const middle = (Math.min(...lat) + Math.max(...lat)) / 2
  const narrow = Math.cos((middle * Math.PI) / 180)
  const west = Math.min(...lon) * narrow
  const wide = Math.max(...lon) * narrow - west
  const high = Math.max(...lat) - Math.min(...lat)
  const scale = Math.min(
    (width - 2 * margin) / Math.max(wide, 0.01),
    (height - 2 * margin) / Math.max(high, 0.01),
  )
  const left = (width - wide * scale) / 2
  const top = (height - high * scale) / 2
  const taken: { x: number; y: number }[] = []
  return [...there]
    .sort((one, other) => worst(one) - worst(other) || other.hives - one.hives)
    .map((yard) => {
      const x = left + ((yard.apiary.longitude ?? 0) * narrow - west) * scale
      const y = top + (Math.max(...lat) - (yard.apiary.latitude ?? 0)) * scale
      const named =
        x + ROOM.width < width + 40 &&
        taken.every(
          (other) => Math.abs(other.x - x) > ROOM.width || Math.abs(other.y - y) > ROOM.height,
        )
      if (named) taken.push({ x, y })
      return { yard, x, y, named }
    })
}
