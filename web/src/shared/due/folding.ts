import type { Shapes } from '../../api/client'

type DueTask = Shapes['DueTask']

/** Lines of one kind: those that are shown, and whether there are more to unfold. */
export interface FoldedKind {
  kind: DueTask['kind']
  tasks: readonly DueTask[]
  shown: readonly DueTask[]
  foldable: boolean
  open: boolean
}

/** So many lines of a kind are shown before the rest is folded. */
const SHOWN = 2

/**
 * Lines by kind, each kind where its most pressing line stands; of many of one kind only the first
 * are shown unless it was opened.
 */
export function folded(
  tasks: readonly DueTask[],
  opened: ReadonlySet<string>,
): readonly FoldedKind[] {
  const kinds = new Map<DueTask['kind'], DueTask[]>()
  for (const task of tasks) kinds.set(task.kind, [...(kinds.get(task.kind) ?? []), task])
  return [...kinds].map(([kind, all]) => {
    const open = opened.has(kind)
    const foldable = all.length > SHOWN + 1
    return {
      kind,
      tasks: all,
      shown: open || !foldable ? all : all.slice(0, SHOWN),
      foldable,
      open,
    }
  })
}
