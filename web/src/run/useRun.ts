import { useIntervalFn } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask, Refused, words, type Shapes } from '../api/client'
import { clockNote, learnClock, serverNow, useServerNow } from '../shared/clock'
import { newId } from '../shared/ids'
import { keepRun, keptRun } from '../shared/keptRuns'
import { useSession } from '../shared/session'
import { nextToOpen, overlay, pointAt, type ShownHive } from './overlay'
import { sendPeople } from '../shared/offline/jobs'
import { useOutbox } from '../shared/offline/outbox'
import { usePresses, type NewEvent } from './presses'
import { partIn } from './part'
import { useRunStream } from './useRunStream'
import { t } from '../words/words'

const POLL = 2000
/** While the server tells what moves, only every so manyth look is made: for a network that died in silence. */
const QUIET = 3
/** A second tap this soon is a slip of the glove. */
const DOUBLE_TAP = 700

/** Residue left in the tool: a mark of its own kind, chosen among what is usually seen. */
export const RESIDUE = 'RESIDUE'

/** A round being run: what the server knows, what waits here, and the presses that move it on. */
export function useRun(roundId: string) {
  const outbox = useOutbox()
  const presses = usePresses()
  const whole = ref<Shapes['WholeRound'] | null>(null)
  const problem = ref('')
  const gone = ref(false)
  const now = useServerNow(1000)
  let lastPress = 0

  const board = computed(() => presses.boards[roundId] ?? null)
  const parcels = computed(() => presses.parcels.filter((parcel) => parcel.roundId === roundId))
  const returned = computed(() => presses.returned.filter((each) => each.roundId === roundId))
  const hives = computed(() => (board.value ? overlay(board.value, parcels.value) : []))
  const sheet = computed(
    () => new Map((whole.value?.hives ?? []).map((hive) => [hive.hiveId, hive] as const)),
  )
  const part = partIn(roundId)
  const paused = computed(() => haltOf(board.value, parcels.value))
  const pointed = computed(() =>
    board.value
      ? pointAt(board.value, hives.value, part.value, paused.value !== undefined, now.value)
      : undefined,
  )
  const next = computed(() => nextToOpen(hives.value))

  async function load(): Promise<void> {
    try {
      const found = await ask(api.GET('/api/rounds/{id}', { params: { path: { id: roundId } } }))
      const waits = parcels.value.some((parcel) => parcel.people)
      whole.value = waits ? { ...found, peopleCheck: whole.value?.peopleCheck } : found
      problem.value = ''
      await poll()
    } catch (thrown) {
      problem.value = words(thrown)
      gone.value = thrown instanceof Refused && thrown.status === 404
      if (!(thrown instanceof Refused)) goOnAsKept()
    }
  }

  /** Without network the run goes on as this device knew it last. */
  function goOnAsKept(): void {
    const kept = keptRun(roundId)
    if (!kept) return
    outbox.reachable = false
    whole.value ??= kept.whole
    presses.boards = { [roundId]: kept.board, ...presses.boards }
  }

  async function poll(): Promise<void> {
    if (gone.value || parcels.value.length > 0) return
    const asked = Date.now()
    try {
      const found = await ask(
        api.GET('/api/rounds/{id}/board', {
          params: { path: { id: roundId }, query: { part: part.value } },
        }),
      )
      learnClock(asked, Date.now(), found.now)
      outbox.reachable = true
      const known = presses.boards[roundId]
      if (parcels.value.length === 0 && (!known || found.now >= known.now)) {
        presses.boards = { ...presses.boards, [roundId]: found }
      }
    } catch (thrown) {
      if (!(thrown instanceof Refused)) outbox.reachable = false
    }
  }

  function event(
    hiveId: string | undefined,
    kind: NewEvent['kind'],
    more: Partial<NewEvent> = {},
  ): NewEvent {
    const at = new Date(serverNow()).toISOString()
    return { id: newId(), hiveId, kind, at, ...clockNote(), ...more }
  }

  /** Does the next step of a hive; a tap right after another, with nothing else between, is taken for a slip. */
  function act(hive: ShownHive, reason?: string): boolean {
    const step = hive.ahead[0]
    if (!step || (!reason && Date.now() - lastPress < DOUBLE_TAP)) return false
    lastPress = Date.now()
    const at = new Date(serverNow()).toISOString()
    const ofBurn = (kind: NewEvent['kind']) =>
      kind === 'LOADED' || kind === 'BURN_STARTED' || kind === 'BURN_ENDED'
    const more = (kind: NewEvent['kind']) => ({
      at,
      reason,
      load: ofBurn(kind) ? step.load : undefined,
      tool: ofBurn(kind) ? (hive.tool ?? (part.value || undefined)) : undefined,
    })
    presses.post(
      roundId,
      step.events.map((kind) => event(hive.hiveId, kind, more(kind))),
    )
    return true
  }

  /** Something that concerns the crew or the tool in hand. */
  function crew(kind: NewEvent['kind'], reason?: string): void {
    const tool = kind === 'PACK_SWAPPED' ? part.value || undefined : undefined
    presses.post(roundId, [event(undefined, kind, { reason, tool })])
  }

  /** Ticks points of making a hive ready. */
  function ready(hiveId: string, points: readonly string[]): void {
    for (const point of points) presses.post(roundId, [event(hiveId, 'CHECKED', { reason: point })])
  }

  /** Leaves hives out of the round. */
  function skip(hiveIds: readonly string[], reason: string): void {
    lastPress = 0
    for (const hiveId of hiveIds) presses.post(roundId, [event(hiveId, 'SKIPPED', { reason })])
  }

  function stop(hiveId: string, reason: string): void {
    lastPress = 0
    presses.post(roundId, [event(hiveId, 'ABORTED', { reason })])
  }

  function leak(hiveId: string): void {
    presses.post(roundId, [event(hiveId, 'LEAK_SEEN')])
  }

  /** Something seen at a hive that does not move it on; it goes into the register. */
  function mark(hiveId: string, says: string): void {
    presses.post(roundId, [
      says === RESIDUE ? event(hiveId, 'RESIDUE') : event(hiveId, 'NOTE', { reason: says }),
    ])
  }

  /** Takes the tick of a point of making ready back. */
  function unready(hiveId: string, ticks: readonly string[]): void {
    presses.post(
      roundId,
      ticks.map((undoes) => event(hiveId, 'UNDONE', { undoes })),
    )
  }

  /** Takes back the latest press: one that has not left this device, else the latest kept. */
  function undo(): boolean {
    lastPress = 0
    const waiting = parcels.value.at(-1)?.events ?? []
    if (waiting[0] && waiting[0].kind !== 'CHECKED') {
      return presses.recall(roundId, waiting[0].hiveId) || takeBack(waiting)
    }
    const last = board.value?.lastStep
    if (!last) return false
    presses.post(
      roundId,
      last.events.map((undoes) => event(last.hiveId, 'UNDONE', { undoes })),
    )
    return true
  }

  /** Takes back the latest step of one hive, whatever was done elsewhere since. */
  function takeBackAt(hive: ShownHive): void {
    lastPress = 0
    if (hive.waiting > 0) {
      const own = parcels.value.findLast((each) => each.events[0]?.hiveId === hive.hiveId)
      if (!presses.recall(roundId, hive.hiveId) && own) takeBack(own.events)
      return
    }
    presses.post(
      roundId,
      hive.latest.map((undoes) => event(hive.hiveId, 'UNDONE', { undoes })),
    )
  }

  /** A press on its way cannot be recalled: what takes it back goes right after it. */
  function takeBack(sent: readonly NewEvent[]): boolean {
    const steps = sent.filter((each) => each.kind !== 'UNDONE')
    presses.post(
      roundId,
      steps.map((each) => event(each.hiveId, 'UNDONE', { undoes: each.id })),
    )
    return steps.length > 0
  }

  /** Without network the check is kept like a press, and goes before what follows it. */
  async function confirmPeople(
    confirmed: Shapes['PeopleCheck']['confirmed'],
    unsafeReason?: string,
  ): Promise<void> {
    try {
      whole.value = await sendPeople(roundId, { confirmed, unsafeReason })
    } catch (thrown) {
      const who = useSession().account?.name
      if (thrown instanceof Refused || !whole.value || !who) throw thrown
      outbox.reachable = false
      const at = new Date(serverNow()).toISOString()
      presses.postPeople(roundId, { confirmed, unsafeReason, at: Date.now() })
      whole.value = { ...whole.value, peopleCheck: { checkedBy: who, at, unsafeReason } }
    }
  }

  onMounted(load)
  watch(part, () => void poll())
  /** Once the rest is put off, on whichever phone, people are to be checked anew. */
  watch(
    () => board.value?.crew.putOff?.at,
    (at) => void (at && whole.value && load()),
  )
  const { listening } = useRunStream(roundId, () => void poll())
  let quiet = 0
  useIntervalFn(() => {
    quiet = listening.value && outbox.reachable ? (quiet + 1) % QUIET : 0
    if (quiet === 0) void poll()
  }, POLL)
  useIntervalFn(() => void (problem.value && !gone.value && load()), 4000)
  watch([whole, board], () => {
    if (whole.value && board.value) keepRun(roundId, whole.value, board.value)
  })
  watch(
    () => outbox.waiting,
    (now, before) => {
      if (now === 0 && before > 0) void poll()
    },
  )

  return {
    whole,
    listening,
    board,
    hives,
    sheet,
    pointed,
    next,
    problem,
    load,
    parcels,
    returned,
    act,
    skip,
    stop,
    leak,
    mark,
    undo,
    takeBackAt,
    confirmPeople,
    crew,
    ready,
    unready,
    part,
    paused,
  }
}

export type Run = ReturnType<typeof useRun>

/** Why nothing new is burned now, with what waits on this device; undefined where it may be. */
function haltOf(
  board: Shapes['RunBoard'] | null,
  parcels: readonly { events: readonly NewEvent[] }[],
): Shapes['Halt'] | undefined {
  let halt = board?.crew.paused
  for (const { events } of parcels) {
    const first = events[0]
    if (first?.kind === 'PAUSED' && !halt) {
      halt = { at: first.at, by: t('run.useRun.you'), why: first.reason ?? '' }
    }
    if (first?.kind === 'WENT_ON' || first?.kind === 'PUT_OFF') halt = undefined
  }
  return halt
}
