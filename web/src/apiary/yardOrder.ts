import type { Shapes } from '../api/client'
import { STATES } from './yardLook'

type YardLine = Shapes['YardLine']

/** What yards can be put in order by. */
export type Column =
  | 'name'
  | 'state'
  | 'hives'
  | 'share'
  | 'expected'
  | 'needing'
  | 'broodless'
  | 'labelLeft'
  | 'honeyFrom'
  | 'rounds'
  | 'nextRound'
  | 'lastSeen'

/** An order of yards. */
export interface Order {
  by: Column
  down: boolean
}

function value(yard: YardLine, by: Column): number | string | undefined {
  switch (by) {
    case 'name':
      return yard.apiary.name.toLowerCase()
    case 'state':
      return STATES.indexOf(yard.state)
    case 'rounds':
      return yard.roundsDone
    default:
      return yard[by]
  }
}

/** The same yards in an order; those of which nothing is known come last, whichever way. */
export function ordered(yards: readonly YardLine[], { by, down }: Order): YardLine[] {
  const way = down ? -1 : 1
  return [...yards].sort((one, other) => {
    const a = value(one, by)
    const b = value(other, by)
    if (a === b) return one.apiary.name.localeCompare(other.apiary.name)
    if (a === undefined) return 1
    if (b === undefined) return -1
    return (a < b ? -1 : 1) * way
  })
}

/** Those that a word of their name or their crew fits, in a state if one is chosen. */
export function chosen(
  yards: readonly YardLine[],
  text: string,
  state: YardLine['state'] | null,
): YardLine[] {
  const word = text.trim().toLowerCase()
  return yards.filter(
    (yard) =>
      (state === null || yard.state === state) &&
      (word === '' ||
        yard.apiary.name.toLowerCase().includes(word) ||
        (yard.crewToday ?? '').toLowerCase().includes(word)),
  )
}
