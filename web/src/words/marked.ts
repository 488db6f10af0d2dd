/** A text as screens that were built hold it, in the short names of its compiler: kinds, bodies, items, cases, values. */
interface Compiled {
  t?: number
  b?: Compiled
  i?: Compiled[]
  c?: Compiled[]
  s?: string
  v?: string
}

const TEXT = 3

function lengthened(text: string): string {
  return ' ~~~'.repeat(Math.ceil(text.length / 12))
}

/** One form of a text between marks, a third longer. */
function form(of: Compiled): Compiled {
  if (of.s !== undefined) return { ...of, s: `⟦${of.s}${lengthened(of.s)}⟧` }
  const items = of.i ?? []
  const written = items.map((each) => each.v ?? '').join('')
  return {
    ...of,
    i: [{ t: TEXT, v: '⟦' }, ...items, { t: TEXT, v: `${lengthened(written)}⟧` }],
  }
}

/**
 * A made-up language for those who write and translate screens: every text of a catalogue between marks and a third
 * longer. What stays unmarked on a screen is said outside the catalogue; what is cut has no room for other languages.
 */
export function marked(texts: unknown): unknown {
  if (typeof texts !== 'object' || texts === null) return texts
  const { t, b } = texts as Compiled
  if (typeof t === 'number' && b) {
    return { ...texts, b: b.c ? { ...b, c: b.c.map(form) } : form(b) }
  }
  return Object.fromEntries(Object.entries(texts).map(([key, value]) => [key, marked(value)]))
}
