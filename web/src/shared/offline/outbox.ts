import { createEventHook, useEventListener, useIntervalFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { Refused, words } from '../../api/client'
import { newId } from '../ids'
import { useSession } from '../session'
import { takeOverEarlier } from './earlier'
import { isAside, isEntry, type Entry, type Outcome, type Sent, type SetAside } from './entries'
import { forgetJob, laneOf, sendJob, type Job } from './jobs'
import { useKeptList } from './kept'

const FIRST_PAUSE = 2_000
const LONGEST_PAUSE = 60_000
/** A server that breaks over one entry so often will break over it again. */
const MOST_TRIES = 6
const BROKEN = 500

/**
 * The one outbox of this device: presses of runs, people checks, counts and ticks on their way to
 * the server. They are bound to who made them and kept until the server has them; a reload, a lost
 * network or a restart loses none. What the server refuses is set aside with its reason, to be
 * mended or thrown away; where it breaks, the same is tried again with growing pauses while the
 * others go on.
 */
export const useOutbox = defineStore('outbox', () => {
  const entries = useKeptList<Entry>('tavrel.waiting', isEntry)
  const aside = useKeptList<SetAside>('tavrel.aside', isAside)
  const reachable = ref(true)
  const sent = createEventHook<Sent>()
  let sending: Promise<void> | null = null
  let onItsWay = ''

  const earlier = takeOverEarlier()
  if (earlier.waiting.length) entries.value = [...earlier.waiting, ...entries.value]
  if (earlier.aside.length) aside.value = [...earlier.aside, ...aside.value]

  const me = () => useSession().account?.id
  const mine = computed(() => entries.value.filter((each) => each.accountId === me()))
  const asideMine = computed(() =>
    aside.value.filter((each) => each.accountId === me() || each.accountId === ''),
  )

  /** Takes a job in and sends it as soon as may be; the entry's key, or null where nobody is signed in. */
  function put(job: Job): string | null {
    const accountId = me()
    if (!accountId) return null
    const entry: Entry = { id: newId(), accountId, made: Date.now(), tries: 0, again: 0, job }
    const others =
      job.kind === 'KIT'
        ? entries.value.filter(
            (each) =>
              each.id === onItsWay ||
              each.accountId !== accountId ||
              laneOf(each.job) !== laneOf(job),
          )
        : entries.value
    entries.value = [...others, entry]
    void send()
    return entry.id
  }

  /** What became of an entry once everything was tried that can go now. */
  async function outcome(id: string): Promise<Outcome> {
    await send()
    const refused = aside.value.find((each) => each.id === id)
    if (refused) return { is: 'aside', aside: refused }
    return { is: entries.value.some((each) => each.id === id) ? 'waits' : 'sent' }
  }

  /** Takes back an entry that has not left yet; tells whether it could. */
  function recall(which: (entry: Entry) => boolean): boolean {
    const last = entries.value.findLast(which)
    if (!last || last.id === onItsWay) return false
    remove(last.id)
    return true
  }

  /** Sends what waits, first in first out in each lane, until nothing can go now. */
  function send(): Promise<void> {
    sending ??= sendAll().finally(() => (sending = null))
    return sending
  }

  async function sendAll(): Promise<void> {
    for (;;) {
      const entry = nextOne()
      if (!entry || !(await deliver(entry))) return
    }
  }

  /** The first of the person signed in whose lane does not pause; nothing goes before a first password is changed. */
  function nextOne(): Entry | undefined {
    if (useSession().account?.firstPassword) return undefined
    const now = Date.now()
    const pausing = new Set<string>()
    return mine.value.find((each) => {
      const lane = laneOf(each.job)
      if (pausing.has(lane)) return false
      if (each.again > now) pausing.add(lane)
      return each.again <= now
    })
  }

  /** Tells whether others may be tried now. */
  async function deliver(entry: Entry): Promise<boolean> {
    onItsWay = entry.id
    const asked = Date.now()
    let answer: unknown
    try {
      answer = await sendJob(entry.job)
    } catch (thrown) {
      if (!(thrown instanceof Refused)) {
        reachable.value = false
        return false
      }
      reachable.value = true
      if (thrown.status === 401) {
        useSession().lost()
        return false
      }
      if (thrown.status < BROKEN || (thrown.status === BROKEN && entry.tries + 1 >= MOST_TRIES)) {
        setAside(entry, thrown)
      } else {
        pause(entry)
      }
      return true
    } finally {
      onItsWay = ''
    }
    reachable.value = true
    remove(entry.id)
    await sent.trigger({ entry, answer, asked })
    return true
  }

  function setAside(entry: Entry, why: Refused): void {
    aside.value = [...aside.value, { ...entry, says: words(why), fields: why.fields, seen: false }]
    remove(entry.id)
  }

  function pause(entry: Entry): void {
    const tries = entry.tries + 1
    const again = Date.now() + Math.min(LONGEST_PAUSE, FIRST_PAUSE * 2 ** (tries - 1))
    entries.value = entries.value.map((each) =>
      each.id === entry.id ? { ...each, tries, again } : each,
    )
  }

  function remove(id: string): void {
    entries.value = entries.value.filter((each) => each.id !== id)
  }

  /** Sends something that was set aside once more, mended if so wanted, as the person signed in. */
  function again(id: string, mended?: Job): void {
    const found = asideMine.value.find((each) => each.id === id)
    const accountId = me()
    if (!found || !accountId) return
    letGo(id)
    entries.value = [
      ...entries.value,
      { id, accountId, made: found.made, tries: 0, again: 0, job: mended ?? found.job },
    ]
    void send()
  }

  /** Throws away what was set aside. */
  function throwAway(id: string): void {
    const thrown = aside.value.find((each) => each.id === id)
    if (thrown) forgetJob(thrown.job)
    letGo(id)
  }

  function letGo(id: string): void {
    aside.value = aside.value.filter((each) => each.id !== id)
  }

  /** Marks what was set aside as read; it stays until it is mended or thrown away. */
  function read(which: (each: SetAside) => boolean): void {
    aside.value = aside.value.map((each) => (which(each) ? { ...each, seen: true } : each))
  }

  /** Tries again whenever the network is back, and every two seconds while something waits. */
  function watchNetwork(): void {
    useEventListener(window, 'online', () => void send())
    useIntervalFn(() => void (mine.value.length > 0 && send()), FIRST_PAUSE, {
      immediateCallback: true,
    })
  }

  return {
    entries,
    aside,
    mine,
    asideMine,
    reachable,
    waiting: computed(() => mine.value.length),
    /** How many of other people wait on this device until they sign in here. */
    others: computed(() => entries.value.length - mine.value.length),
    put,
    outcome,
    recall,
    send,
    again,
    throwAway,
    read,
    watchNetwork,
    onSent: sent.on,
  }
})
