<script setup lang="ts">
import { useEventListener, useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref, watch, watchEffect } from 'vue'
import { useApiaryInHand } from '../parts/apiaryInHand'
import { useServerNow } from '../parts/clock'
import { clockOf, counted, dayOf, grams } from '../parts/format'
import { useSession } from '../parts/session'
import { shownState } from '../parts/stage'
import ActSlab from './ActSlab.vue'
import PeopleCheck from './PeopleCheck.vue'
import ReasonDialog from './ReasonDialog.vue'
import RunRow from './RunRow.vue'
import { useDueSound, type Alarm } from './dueSound'
import { useOutbox } from './outbox'
import { useRun } from './useRun'

const props = defineProps<{ id: string }>()

const SKIP_REASONS = [
  'weak colony',
  'queen just introduced',
  'open brood hive, next time',
  'no time left',
  'wind turned',
]
const STOP_REASONS = ['wind turned', 'vapour pouring out', 'tool failed', 'nothing vaporizes']
const EARLY_REASONS = ['bees overheating', 'cloth fell out', 'hive disturbed']

const run = useRun(props.id)
const outbox = useOutbox()
const session = useSession()
const inHand = useApiaryInHand()
const now = useServerNow(250)
const wakeLock = useWakeLock()

const chosenId = ref<string>()
const asking = ref<'skip' | 'stop' | 'early' | null>(null)
const askedHive = ref('')
const keysShown = ref(false)

const whole = run.whole
const checked = computed(() => Boolean(whole.value?.peopleCheck))
const chosen = computed(() => run.hives.value.find((hive) => hive.hiveId === chosenId.value))
const hive = computed(() => chosen.value ?? run.pointed.value)
const next = run.next
const nextLeft = computed(() =>
  next.value?.openFrom ? Date.parse(next.value.openFrom) - now.value : 0,
)
const name = (hiveId?: string) => (hiveId ? (run.sheet.value.get(hiveId)?.hiveName ?? '') : '')
const states = computed(() =>
  run.hives.value.map((each) => ({ each, state: shownState(each, now.value) })),
)
const due = computed(() =>
  states.value.filter(
    ({ state }) => state === 'DUE' || state === 'STOPPED' || state === 'TOO_LONG',
  ),
)
const alarm = computed<Alarm>(() =>
  due.value.some(({ state }) => state === 'TOO_LONG')
    ? 'too long'
    : due.value.length > 0
      ? 'due'
      : 'none',
)
const sound = useDueSound(
  alarm,
  computed(() => due.value.map(({ each }) => each.hiveId).join()),
  now,
)
const waitingHives = computed(() =>
  run.hives.value.filter((each) => each.stage === 'WAITING' || each.stage === 'PREPARED'),
)
const done = computed(
  () => run.hives.value.filter((each) => each.stage === 'OPEN' || each.stage === 'SKIPPED').length,
)
const shut = computed(() => run.hives.value.length - done.value - waitingHives.value.length)
const finished = computed(() => run.hives.value.length > 0 && done.value === run.hives.value.length)
const wind = computed(() => {
  const known = whole.value
  if (!known?.windSide) return undefined
  return known.weatherMadeUp
    ? `The ${known.weatherFrom} is made up; feel the wind, and stand where it comes from.`
    : `The wind comes from ${known.windSide}: stand there, and feel it yourself.`
})
const undoes = computed(() => {
  const waiting = run.parcels.value.at(-1)?.events[0]
  return name(waiting ? waiting.hiveId : run.board.value?.lastStep?.hiveId)
})
const soundWords = computed(() => {
  if (!sound.on.value) return 'Sound off'
  return sound.awake.value ? 'Sound on' : 'Sound asleep: touch the page'
})
const works = computed(() => session.mayWork)

watchEffect(() => {
  inHand.openings = states.value
    .filter(({ each }) => each.openFrom && !finished.value)
    .map(({ each }) => ({ name: name(each.hiveId), at: Date.parse(each.openFrom ?? '') }))
})
watch(whole, (loaded) => {
  if (loaded) void inHand.take(loaded.apiary.id)
})
watch(hive, (inHandNow) => {
  if (inHandNow && chosen.value && inHandNow.ahead.length === 0) chosenId.value = undefined
})
onMounted(() => {
  if (wakeLock.isSupported.value) void wakeLock.request('screen').catch(() => undefined)
})

/** After a tap, Space belongs to the next step again. */
function letGo(): void {
  if (document.activeElement instanceof HTMLElement) document.activeElement.blur()
}

function act(): void {
  const now_ = hive.value
  if (!now_) return
  if (now_.ahead[0]?.act === 'OPEN' && now_.openFrom && Date.parse(now_.openFrom) > now.value) {
    ask('early', now_.hiveId)
    return
  }
  if (run.act(now_)) chosenId.value = undefined
  letGo()
}

function openNext(): void {
  const shutHive = next.value
  if (!shutHive) return
  if (nextLeft.value > 0) ask('early', shutHive.hiveId)
  else run.act(shutHive)
  letGo()
}

function ask(what: 'skip' | 'stop' | 'early', hiveId: string): void {
  askedHive.value = hiveId
  asking.value = what
}

function skipOrStop(): void {
  const now_ = hive.value
  if (!now_) return
  if (now_.stage === 'BURNING') ask('stop', now_.hiveId)
  else if (now_.stage === 'WAITING' || now_.stage === 'PREPARED') ask('skip', now_.hiveId)
}

function said(reason: string, all: boolean): void {
  const hiveId = askedHive.value
  if (asking.value === 'skip') {
    run.skip(all ? waitingHives.value.map((each) => each.hiveId) : [hiveId], reason)
  } else if (asking.value === 'stop') {
    run.stop(hiveId, reason)
  } else {
    const shutHive = run.hives.value.find((each) => each.hiveId === hiveId)
    if (shutHive) run.act(shutHive, reason)
  }
  chosenId.value = undefined
  letGo()
}

function leak(): void {
  if (hive.value) run.leak(hive.value.hiveId)
  letGo()
}

function undo(): void {
  run.undo()
  chosenId.value = undefined
  letGo()
}

useEventListener(window, 'keydown', (event) => {
  const target = event.target as HTMLElement
  const typing = target.closest('input, textarea, select, [role="dialog"], [role="menu"]')
  if (
    typing ||
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    asking.value ||
    !checked.value ||
    !works.value
  )
    return
  if (event.repeat || (event.key === ' ' && target.closest('button, a'))) return
  const keys: Record<string, () => void> = {
    ' ': act,
    o: openNext,
    u: undo,
    l: leak,
    s: skipOrStop,
    '?': () => (keysShown.value = !keysShown.value),
  }
  const pressed = keys[event.key.toLowerCase()]
  if (pressed) {
    event.preventDefault()
    pressed()
  }
})
</script>

<template>
  <div v-if="run.problem.value && !whole" class="sheet empty">
    <h1>This round cannot be shown</h1>
    <p role="alert">{{ run.problem.value }}</p>
    <router-link to="/run">All rounds</router-link>
  </div>
  <div v-else-if="whole" class="run">
    <p class="where">
      <router-link to="/run" class="back">Rounds</router-link>
      <strong>{{ whole.apiary.name }}</strong>
      <span>{{ dayOf(whole.round.day) }}</span>
      <span>{{ whole.round.tool }}</span>
      <span>sealed {{ whole.round.sealMinutes }} min</span>
      <span v-if="whole.peopleCheck" class="soft"
        >people checked by {{ whole.peopleCheck.checkedBy }}</span
      >
    </p>

    <p v-if="outbox.waiting || !outbox.reachable" class="device" role="status">
      <strong>{{ outbox.reachable ? 'Sending' : 'No network' }}.</strong>
      Kept on this device: {{ outbox.waiting }}. Go on; nothing is lost.
    </p>
    <div v-if="run.returned.value.length" class="returned" role="alert">
      <p v-for="each in run.returned.value" :key="each.events[0]?.id">
        <strong>{{ name(each.events[0]?.hiveId) }}: not taken.</strong> {{ each.says }}
      </p>
      <button type="button" @click="outbox.forgetReturned(id)">Read</button>
    </div>

    <PeopleCheck v-if="!checked && works" :round-id="id" :wind="wind" :sends="run.confirmPeople" />
    <p v-else-if="!checked" class="soft">The people check has not been confirmed yet.</p>

    <template v-else>
      <div v-if="finished" class="sheet finished">
        <h1 class="bracketed">All open</h1>
        <p class="figure sums">
          {{ counted(run.board.value?.treated ?? 0, 'hive') }} treated ·
          {{ run.board.value?.skipped ?? 0 }} left out ·
          {{ grams(run.board.value?.acidUsed ?? 0) }} acid
        </p>
        <p>
          Count cloths and tools, put reducers and supers back, clean the nozzle and bowl once they
          are cold.
        </p>
        <v-btn to="/register">To the register</v-btn>
      </div>

      <div class="work">
        <div v-if="!finished" class="hand">
          <ActSlab
            v-if="hive"
            :hive="hive"
            :sheet="run.sheet.value.get(hive.hiveId)"
            :now="now"
            :chosen="Boolean(chosen) && hive.hiveId !== run.pointed.value?.hiveId"
            :stand-on="whole.weatherMadeUp ? undefined : whole.windSide"
            @act="works && act()"
            @release="chosenId = undefined"
          />
          <div class="next" :class="{ isDue: next && nextLeft <= 0 }">
            <template v-if="next">
              <p>
                <span class="soft">Next to open</span>
                <strong>{{ name(next.hiveId) }}</strong>
                <span class="figure count">{{
                  nextLeft > 0 ? clockOf(nextLeft) : '+' + clockOf(-nextLeft)
                }}</span>
              </p>
              <button type="button" :disabled="!works" @click="openNext">
                Open {{ name(next.hiveId) }}{{ nextLeft > 0 ? ' early' : '' }}
              </button>
            </template>
            <p v-else class="soft">No hive is shut yet.</p>
          </div>
        </div>
        <div class="yard">
          <p class="tally">
            <span
              ><strong class="figure">{{ waitingHives.length }}</strong> waiting</span
            >
            <span
              ><strong class="figure">{{ shut }}</strong> shut</span
            >
            <span
              ><strong class="figure">{{ done }}</strong> done</span
            >
            <span
              ><strong class="figure">{{ grams(run.board.value?.acidUsed ?? 0) }}</strong> acid
              used</span
            >
          </p>
          <RunRow
            :hives="run.hives.value"
            :sheet="run.sheet.value"
            :now="now"
            :in-hand="finished ? undefined : hive?.hiveId"
            @choose="chosenId = $event"
          />
        </div>
      </div>

      <div v-if="works" class="tools no-print">
        <button
          type="button"
          :disabled="!run.board.value?.lastStep && !outbox.waiting"
          @click="undo"
        >
          Undo {{ undoes }}<kbd>U</kbd>
        </button>
        <button type="button" :disabled="!hive" @click="leak">Leak<kbd>L</kbd></button>
        <button
          type="button"
          :disabled="!hive || !['WAITING', 'PREPARED', 'BURNING'].includes(hive.stage)"
          @click="skipOrStop"
        >
          {{ hive?.stage === 'BURNING' ? 'Stop' : 'Leave out' }}<kbd>S</kbd>
        </button>
        <button type="button" @click="sound.on.value = !sound.on.value">
          {{ soundWords }}
        </button>
        <button type="button" class="keys" @click="keysShown = !keysShown">Keys<kbd>?</kbd></button>
      </div>
      <p v-if="keysShown" class="sheet help">
        <kbd>Space</kbd> next step of the hive in hand · <kbd>O</kbd> open the one due ·
        <kbd>U</kbd> undo · <kbd>L</kbd> leak seen · <kbd>S</kbd> leave out or stop ·
        <kbd>?</kbd> these keys
      </p>
    </template>

    <ReasonDialog
      :model-value="asking !== null"
      :title="
        asking === 'skip'
          ? `Leave ${name(askedHive)} out of this round?`
          : asking === 'stop'
            ? `Stop the burn in ${name(askedHive)}?`
            : `Open ${name(askedHive)} early?`
      "
      :ready="asking === 'skip' ? SKIP_REASONS : asking === 'stop' ? STOP_REASONS : EARLY_REASONS"
      :waiting="asking === 'skip' ? waitingHives.length : 0"
      @update:model-value="asking = null"
      @said="said"
    />
  </div>
</template>

<style scoped>
.run {
  display: grid;
  gap: 12px;
}

.where {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin: 0;
}

.device,
.returned {
  margin: 0;
  padding: 10px 14px;
  border: 2px solid var(--caution);
  border-left-width: 10px;
  background: var(--sheet);
}

.returned {
  border-color: var(--off-label);
}

.returned button {
  min-height: 56px;
  padding: 0 20px;
  border: 1px solid currentColor;
}

.work {
  display: grid;
  grid-template-columns: minmax(380px, 460px) 1fr;
  gap: 18px;
  align-items: start;
}

.work:has(> :only-child) {
  grid-template-columns: 1fr;
}

.hand {
  display: grid;
  gap: 10px;
  position: sticky;
  top: 100px;
}

.next {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 12px;
  min-height: 72px;
  padding: 8px 8px 8px 14px;
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
}

.next p {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 10px;
  margin: 0;
  font-size: 1.125rem;
}

.count {
  font-size: 2.5rem;
  line-height: 1.1;
}

.next button {
  min-height: 60px;
  padding: 0 16px;
  border: 2px solid var(--rule-strong);
  font-weight: 650;
  border-radius: 2px;
}

.next.isDue {
  border: 3px solid var(--due);
}

.next.isDue button {
  background: var(--due);
  border-color: var(--due);
  color: var(--on-state);
}

.tally {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
  margin: 0 0 10px;
}

.tally .figure {
  font-size: 1.125rem;
}

.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.tools button {
  flex: 1;
  min-width: 96px;
  min-height: 60px;
  padding: 0 10px;
  border: 1px solid var(--rule-strong);
  background: var(--sheet);
  font-weight: 650;
  border-radius: 2px;
}

.tools button:disabled {
  color: var(--ink-soft);
  border-style: dashed;
}

kbd {
  margin-left: 8px;
  padding: 1px 7px;
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
  font-family: var(--figure-face);
  font-size: 0.875rem;
}

.help {
  margin: 0;
  padding: 12px 16px;
  line-height: 2;
}

.help kbd {
  margin-left: 0;
}

.finished {
  display: grid;
  justify-items: start;
  gap: 10px;
  padding: 20px;
  border-top: 10px solid var(--open);
}

.finished h1 {
  padding: 2px 22px;
}

.finished p {
  margin: 0;
}

.sums {
  font-size: 1.25rem;
}

.empty {
  padding: 24px;
}

@media (width <= 900px) {
  .work {
    grid-template-columns: 1fr;
    gap: 10px;
  }

  .hand {
    position: static;
  }

  .tools {
    position: sticky;
    bottom: 0;
    padding: 6px 0;
    background: var(--paper);
  }

  .tools button {
    min-width: 76px;
  }

  .keys,
  kbd {
    display: none;
  }

  .where {
    font-size: 0.875rem;
  }
}
</style>
