import { texts } from '../words/words'

const SIDES = texts({
  north: 'shared.windSide.north',
  'north-east': 'shared.windSide.northEast',
  east: 'shared.windSide.east',
  'south-east': 'shared.windSide.southEast',
  south: 'shared.windSide.south',
  'south-west': 'shared.windSide.southWest',
  west: 'shared.windSide.west',
  'north-west': 'shared.windSide.northWest',
})

/** The sides of the compass, from north by east. */
export const COMPASS = Object.keys(SIDES) as (keyof typeof SIDES)[]

/** The side that wind comes from, as the server names it, in words. */
export function sideWords(side: string): string {
  return side in SIDES ? SIDES[side as keyof typeof SIDES] : side
}
