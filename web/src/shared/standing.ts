import type { Shapes } from '../api/client'

type Fittings = Shapes['Fittings']
type Words<K extends string> = Readonly<Record<K, string>>

/** How a hive stands, in words; the one place on the screens where these words are kept. */
export const FLOORS: Words<Shapes['Hive']['floor']> = {
  SOLID: 'solid',
  MESH_TIGHT_TRAY: 'mesh, tray tight',
  MESH_LOOSE_TRAY: 'mesh, tray loose',
  BARE_MESH: 'bare mesh',
}
export const ENTRANCES: Words<Fittings['entrance']> = {
  FULL: 'full width',
  REDUCED: 'reduced',
  LOW: 'full width, too low for a pan',
  ROUND_HOLE: 'round hole',
}
export const SHUTTINGS: Words<Fittings['shutting']> = {
  WET_CLOTH: 'wet cloth in it',
  LEFT_OPEN: 'left open',
}
export const INNER_COVERS: Words<Fittings['innerCover']> = {
  CLOSED: 'closed',
  HOLE_OPEN: 'hole open',
}
export const CRACKS: Words<Fittings['cracks']> = {
  NONE: 'none',
  A_FEW: 'a few',
  MANY: 'many',
}
export const PORTS: Words<Fittings['port']> = {
  NONE: 'none',
  FRONT_ENTRANCE: 'front entrance',
  BACK: 'drilled, back',
  RACK: 'slatted rack',
  UPPER_BOX: 'drilled, upper box',
}
export const MATERIALS: Words<Fittings['material']> = {
  WOOD: 'wood',
  PLASTIC: 'plastic: no hot pan',
  FOAM: 'foam: no hot pan',
}
export const SUPERS_PLANS: Words<Fittings['supersPlan']> = {
  TAKEN_OFF: 'taken off',
  BOARD_BETWEEN: 'parted by a board',
  LEFT_ON: 'left on, where the label allows',
}

export const LEAKS: Words<Shapes['Leak']['kind']> = {
  ENTRANCE: 'entrance',
  FLOOR: 'floor',
  INNER_COVER: 'inner-cover hole',
  CRACKS: 'cracks',
  PORT: 'port until plugged',
}

/** Words as a select takes them. */
export function options<K extends string>(words: Words<K>): { value: K; title: string }[] {
  return (Object.keys(words) as K[]).map((value) => ({ value, title: words[value] }))
}

/** Brood boxes as a roster writes them: 2x deep 10 + medium 8. */
export function boxNotation(boxes: Shapes['Hive']['boxes']): string {
  const parts: string[] = []
  for (let i = 0; i < boxes.length;) {
    const box = boxes[i]
    if (!box) break
    let run = 1
    while (boxes[i + run]?.kind === box.kind && boxes[i + run]?.frames === box.frames) run++
    parts.push(`${run > 1 ? run + 'x ' : ''}${box.kind.toLowerCase()} ${box.frames}`)
    i += run
  }
  return parts.join(' + ')
}
