import { computed, ref, shallowRef } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { boxNotation } from '../shared/standing'
import { useForm } from '../shared/request'

export type Hive = Shapes['Hive']
export type HiveChange = Shapes['HiveChange']
type Painted = Shapes['Painted']

/** One hive's things that a change names, as they were: what takes the change back. */
export function before(hive: Hive, change: HiveChange): HiveChange {
  const now: Required<HiveChange> = {
    ...hive.fittings,
    stand: hive.fittings.stand ?? '',
    since: hive.since ?? '',
    line: hive.line ?? '',
    boxes: boxNotation(hive.boxes),
    supers: hive.supers,
    floor: hive.floor,
  }
  const named = Object.keys(change) as (keyof HiveChange)[]
  const undo: HiveChange = Object.fromEntries(named.map((key) => [key, now[key]]))
  return 'stand' in change ? { ...undo, divided: now.divided } : undo
}

/** What hives have in common; a thing in which they differ is missing. */
export function common(hives: readonly Hive[]): HiveChange {
  const all = hives.map((hive) => ({
    boxes: boxNotation(hive.boxes),
    supers: hive.supers,
    floor: hive.floor,
    ...hive.fittings,
    stand: hive.fittings.stand ?? '',
    since: hive.since ?? '',
    line: hive.line ?? '',
  }))
  const first = all[0]
  if (!first) return {}
  return Object.fromEntries(
    Object.entries(first).filter(([key, value]) =>
      all.every((each) => each[key as keyof typeof first] === value),
    ),
  )
}

/** The rows of the yard with a hive moved before or after another; the walk follows the rows. */
export function moved(rows: string[][], id: string, target: string, after: boolean): string[][] {
  if (id === target) return rows
  return rows
    .map((row) => {
      const rest = row.filter((each) => each !== id)
      const at = rest.indexOf(target)
      return at < 0 ? rest : [...rest.slice(0, at + +after), id, ...rest.slice(at + +after)]
    })
    .filter((row) => row.length > 0)
}

/** An apiary as it stands: loaded, painted, walked. */
export function useYard(id: () => string) {
  const apiary = ref<Shapes['Apiary'] | null>(null)
  const hold = ref<Shapes['Hold'] | null>(null)
  const hives = shallowRef<Hive[]>([])
  const { problem, wrong, attempt } = useForm({ nameOf: (field) => field.split('.').at(-1) ?? '' })
  const undo = ref<{ says: string; painted: Painted[] } | null>(null)

  const rows = computed(() => {
    const found = new Map<number, Hive[]>()
    for (const hive of hives.value) {
      const row = found.get(hive.row)
      if (row) row.push(hive)
      else found.set(hive.row, [hive])
    }
    return [...found.entries()].sort(([a], [b]) => a - b).map(([number, of]) => ({ number, of }))
  })

  async function change(asked: Promise<Shapes['WholeApiary']>): Promise<boolean> {
    return attempt(async () => {
      const whole = await asked
      apiary.value = whole.apiary
      hives.value = whole.hives
      hold.value = whole.hold ?? null
    })
  }

  function load(): Promise<boolean> {
    undo.value = null
    return change(ask(api.GET('/api/apiaries/{id}', { params: { path: { id: id() } } })))
  }

  function send(painted: Painted[]): Promise<boolean> {
    return change(
      ask(
        api.POST('/api/apiaries/{id}/hive-changes', {
          params: { path: { id: id() } },
          body: painted,
        }),
      ),
    )
  }

  /** Paints hives, and remembers how they stood. */
  async function paint(hiveIds: readonly string[], what: HiveChange, says: string): Promise<void> {
    const painted = hives.value
      .filter((hive) => hiveIds.includes(hive.id))
      .map((hive) => ({ hiveIds: [hive.id], change: before(hive, what) }))
    if (await send([{ hiveIds: [...hiveIds], change: what }])) undo.value = { says, painted }
  }

  async function takeBack(): Promise<void> {
    const last = undo.value
    if (last && (await send(last.painted))) undo.value = null
  }

  function walk(order: string[][]): Promise<boolean> {
    return change(
      ask(
        api.PUT('/api/apiaries/{id}/walk', {
          params: { path: { id: id() } },
          body: { rows: order },
        }),
      ),
    )
  }

  function addHive(hiveId: string, hive: Shapes['NewHive']): Promise<boolean> {
    return change(
      ask(
        api.PUT('/api/apiaries/{id}/hives/{hiveId}', {
          params: { path: { id: id(), hiveId } },
          body: hive,
        }),
      ),
    )
  }

  return {
    apiary,
    hold,
    hives,
    rows,
    problem,
    wrong,
    undo,
    load,
    paint,
    takeBack,
    walk,
    addHive,
  }
}
