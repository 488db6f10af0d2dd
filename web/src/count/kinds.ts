import { texts } from '../words/words'

/** What was counted, in words. */
export const KINDS = texts({
  WASH: 'count.recentCounts.wash',
  SUGAR_ROLL: 'count.recentCounts.sugarRoll',
  BOARD: 'count.recentCounts.board',
})
