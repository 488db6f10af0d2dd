import type { Fact } from '../../words/facts'

/** A fact of which a test knows the words alone. */
export const sentence = (text: string): Fact => ({ code: 'legacy', values: { text: { text } } })
