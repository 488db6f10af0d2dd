import type { Ref } from 'vue'
import { barred, isUntouched, type ShownHive } from './overlay'
import type { useAsking } from './useAsking'
import type { Run } from './useRun'

/** What a person can do at the row. */
interface AtTheRow {
  run: Run
  asking: ReturnType<typeof useAsking>
  /** The hive in hand. */
  hive: Ref<ShownHive | undefined>
  /** The shut hive that comes due first. */
  next: Ref<ShownHive | undefined>
  /** Hives of which nothing has begun. */
  waiting: Ref<readonly ShownHive[]>
  /** The hive that the person picked instead of the one pointed at. */
  chosenId: Ref<string | undefined>
  now: Ref<number>
  mayWork: Ref<boolean>
  /** The hive of which the watcher of the bowl asks whether acid went in. */
  asked: Ref<string | undefined>
  /** Tells the watcher that its question was answered. */
  answered: () => Promise<void>
}

/** The presses of a run: each does its step, or asks first where something would be out of the ordinary. */
export function useRunActions(at: AtTheRow) {
  const { run, asking, hive, next, waiting, chosenId, now, mayWork } = at

  function isEarly(each: ShownHive): boolean {
    return Boolean(each.openFrom && Date.parse(each.openFrom) > now.value)
  }

  function act(): void {
    const inHand = hive.value
    if (!inHand || !mayWork.value) return
    if (barred(inHand, run.part.value, run.paused.value !== undefined)) return
    if (inHand.ahead[0]?.act === 'OPEN' && isEarly(inHand)) {
      return asking.ask('early', inHand.hiveId)
    }
    if (run.act(inHand)) chosenId.value = undefined
    letGo()
  }

  /** The bowl fell without a mark, and somebody says that acid went in: the burn begins now. */
  function burned(): void {
    const asked = run.hives.value.find((each) => each.hiveId === at.asked.value)
    if (asked?.ahead[0]?.act === 'START_BURN') run.act(asked)
    else void at.answered()
    letGo()
  }

  function openNext(): void {
    const shutHive = next.value
    if (!shutHive) return
    if (isEarly(shutHive)) asking.ask('early', shutHive.hiveId)
    else run.act(shutHive)
    letGo()
  }

  function skipOrStop(): void {
    const inHand = hive.value
    if (!inHand) return
    if (inHand.stage === 'BURNING') asking.ask('stop', inHand.hiveId)
    else if (isUntouched(inHand)) asking.ask('skip', inHand.hiveId)
  }

  function said(reason: string, all: boolean): void {
    asking.said(reason, all)
    if (asking.asking.value !== 'mark') chosenId.value = undefined
    letGo()
  }

  function leak(): void {
    if (hive.value) run.leak(hive.value.hiveId)
    letGo()
  }

  function mark(): void {
    if (hive.value) asking.ask('mark', hive.value.hiveId)
  }

  function undo(): void {
    run.undo()
    chosenId.value = undefined
    letGo()
  }

  function pauseOrGoOn(): void {
    if (run.paused.value) run.crew('WENT_ON')
    else asking.ask('pause')
  }

  function leaveOut(why: string): void {
    run.skip(
      waiting.value.map((each) => each.hiveId),
      why,
    )
  }

  return { act, burned, openNext, skipOrStop, said, leak, mark, undo, pauseOrGoOn, leaveOut }
}

/** After a tap, Space belongs to the next step again. */
function letGo(): void {
  if (document.activeElement instanceof HTMLElement) document.activeElement.blur()
}
