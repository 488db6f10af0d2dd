import type { Shapes } from '../api/client'
import { texts } from '../words/words'

type Fittings = Shapes['Fittings']
type Words<K extends string> = Readonly<Record<K, string>>

/** How a hive stands, in words; the one place on the screens where these words are kept. */
export const FLOORS: Words<Shapes['Hive']['floor']> = texts({
  SOLID: 'shared.standing.solid',
  MESH_TIGHT_TRAY: 'shared.standing.meshTrayTight',
  MESH_LOOSE_TRAY: 'shared.standing.meshTrayLoose',
  BARE_MESH: 'shared.standing.bareMesh',
})
export const ENTRANCES: Words<Fittings['entrance']> = texts({
  FULL: 'shared.standing.fullWidth',
  REDUCED: 'shared.standing.reduced',
  LOW: 'shared.standing.fullWidthTooLow',
  ROUND_HOLE: 'shared.standing.roundHole',
})
export const SHUTTINGS: Words<Fittings['shutting']> = texts({
  WET_CLOTH: 'shared.standing.wetCloth',
  LEFT_OPEN: 'shared.standing.leftOpen',
})
export const INNER_COVERS: Words<Fittings['innerCover']> = texts({
  CLOSED: 'shared.standing.closed',
  HOLE_OPEN: 'shared.standing.holeOpen',
})
export const CRACKS: Words<Fittings['cracks']> = texts({
  NONE: 'common.none',
  A_FEW: 'shared.standing.few',
  MANY: 'shared.standing.many',
})
export const PORTS: Words<Fittings['port']> = texts({
  NONE: 'common.none',
  FRONT_ENTRANCE: 'shared.standing.frontEntrance',
  BACK: 'shared.standing.drilledBack',
  RACK: 'shared.standing.slattedRack',
  UPPER_BOX: 'shared.standing.drilledUpperBox',
})
export const MATERIALS: Words<Fittings['material']> = texts({
  WOOD: 'shared.standing.wood',
  PLASTIC: 'shared.standing.plasticNoHotPan',
  FOAM: 'shared.standing.foamNoHotPan',
})
export const SUPERS_PLANS: Words<Fittings['supersPlan']> = texts({
  TAKEN_OFF: 'common.takenOff',
  BOARD_BETWEEN: 'common.partedByBoard',
  LEFT_ON: 'shared.standing.leftOnWhereLabel',
})

export const LEAKS: Words<Shapes['Leak']['kind']> = texts({
  ENTRANCE: 'shared.standing.entrance',
  FLOOR: 'shared.standing.floor',
  INNER_COVER: 'shared.standing.innerCoverHole',
  CRACKS: 'shared.standing.cracks',
  PORT: 'shared.standing.portUntilPlugged',
})

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
