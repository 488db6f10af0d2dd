import type { Shapes } from '../api/client'
import type { Fact } from '../words/facts'

/** What a look at a table file says, or what bringing it in did. */
export interface TableFileLook {
  readAs: Fact
  /** Days of the earliest and of the latest row. */
  first?: string
  last?: string
  errors: readonly Shapes['RowError'][]
  /** How many rows there are to bring in. */
  rows: number
  /** The same, told. */
  told: string
}

/** The file as a form, for the request. */
export type FileBody = () => FormData
