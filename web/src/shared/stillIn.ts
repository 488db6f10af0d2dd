import { api, ask, type Shapes } from '../api/client'
import { askOrKnown } from './offline/known'

/** What is in a yard's hives still: as the server has it, or as this device knew it without network. */
export function stillIn(apiaryId: string): Promise<Shapes['StillIn'][]> {
  return askOrKnown(`still-in.${apiaryId}`, () =>
    ask(api.GET('/api/register/in-hives', { params: { query: { apiaryId } } })),
  )
}

/** Has it at hand for when there is no network. */
export function keepStillIn(apiaryId: string): void {
  stillIn(apiaryId).catch(() => undefined)
}
