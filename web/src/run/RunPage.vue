<script setup lang="ts">
import { useEventListener, useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref, watch, watchEffect } from 'vue'
import { useApiaryInHand } from '../parts/apiaryInHand'
import { useServerNow } from '../parts/clock'
import { counted, dayOf, grams } from '../parts/format'
import { useSession } from '../parts/session'
import VerdictMark from '../parts/VerdictMark.vue'
import ActSlab from './ActSlab.vue'
import PeopleCheck from './PeopleCheck.vue'
import ReasonDialog from './ReasonDialog.vue'
import RunRow from './RunRow.vue'
import NextToOpen from './NextToOpen.vue'
import OutboxNotice from './OutboxNotice.vue'
import RunTools from './RunTools.vue'
import ToolGauge from './ToolGauge.vue'
import { useDueSound } from './dueSound'
import { useOutbox } from './outbox'
import { useTally } from './tally'
import { isUntouched } from './overlay'
import { RESIDUE, useRun } from './useRun'
import { useToolWatch } from './useToolWatch'

const props = defineProps<{ id: string }>()

const SKIP_REASONS = [
  'weak colony',
  'queen just introduced',
  'open brood hive, next time',
  'no time left',
  'wind turned',
]
const STOP_REASONS = ['wind turned', 'vapour pouring out', 'tool failed', 'nothing vaporizes']
const MARKS = [
  RESIDUE,
  'acid spat',
  'no vapour seen',
  'bees outside',
  'dead or burnt bees',
  'queen seen lost',
  'pollen coming in',
  'strong colony',
  'weak colony',
]
const EARLY_REASONS = ['bees overheating', 'cloth fell out', 'hive disturbed']

const run = useRun(props.id)
const outbox = useOutbox()
const session = useSession()
const inHand = useApiaryInHand()
const now = useServerNow(250)
const wakeLock = useWakeLock()

const chosenId = ref<string>()
type Question = 'skip' | 'stop' | 'early' | 'mark'
const asking = ref<Question | null>(null)
const askedHive = ref('')
const tools = ref<InstanceType<typeof RunTools>>()

const whole = run.whole
const checked = computed(() => Boolean(whole.value?.peopleCheck))
const chosen = computed(() => run.hives.value.find((hive) => hive.hiveId === chosenId.value))
const hive = computed(() => chosen.value ?? run.pointed.value)
const next = run.next
const name = (hiveId?: string) => (hiveId ? (run.sheet.value.get(hiveId)?.hiveName ?? '') : '')
const tally = useTally(run.hives, now)
const sound = useDueSound(tally.alarm, tally.dueIds, now)
const wind = computed(() => {
  const known = inHand.dayline?.there ?? whole.value?.there
  if (!known) return undefined
  return known.madeUp
    ? `The ${known.says} is made up; feel the wind, and stand where it comes from.`
    : `The wind comes from ${known.windSide}, ${known.says}: stand there, and feel it yourself.`
})
const standOn = computed(() => {
  const known = inHand.dayline?.there ?? whole.value?.there
  return known && !known.madeUp ? known.windSide : undefined
})
const undoes = computed(() => {
  const waiting = run.parcels.value.at(-1)?.events[0]
  return name(waiting ? waiting.hiveId : run.board.value?.lastStep?.hiveId)
})
const soundWords = computed(() => {
  if (!sound.on.value) return 'Sound off'
  return sound.awake.value ? 'Sound on' : 'Sound asleep'
})
const skipWord = computed(() => {
  if (hive.value?.stage === 'BURNING') return 'Stop'
  return hive.value && isUntouched(hive.value) ? 'Leave out' : null
})
const RANK = ['ALLOWED', 'CAUTION', 'NOT_ON_LABEL'] as const
/** What the rule sheet said of the worst of its hives. */
const verdict = computed(() => {
  const worst = Math.max(
    ...(whole.value?.hives ?? []).map((each) => RANK.indexOf(each.verdict)),
    -1,
  )
  return RANK[worst]
})
const questions = computed<Record<Question, { title: string; ready: readonly string[] }>>(() => {
  const asked = name(askedHive.value)
  return {
    skip: { title: `Leave ${asked} out of this round?`, ready: SKIP_REASONS },
    stop: { title: `Stop the burn in ${asked}?`, ready: STOP_REASONS },
    early: { title: `Open ${asked} early?`, ready: EARLY_REASONS },
    mark: { title: `What was seen at ${asked}?`, ready: MARKS },
  }
})
const works = computed(() => session.mayWork)
const tool = useToolWatch(
  props.id,
  computed(
    () => checked.value && whole.value?.round.toolFamily === 'HEATED_BOWL' && !tally.finished.value,
  ),
)
const watched = tool.view

watchEffect(() => {
  inHand.openings = run.hives.value
    .filter((each) => each.openFrom)
    .map((each) => ({ name: name(each.hiveId), at: Date.parse(each.openFrom ?? '') }))
})
/** After the people check the hive in hand is what one must see. */
watch(checked, (now_, before) => {
  if (now_ && !before) window.scrollTo(0, 0)
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
  if (Date.parse(shutHive.openFrom ?? '') > now.value) ask('early', shutHive.hiveId)
  else run.act(shutHive)
  letGo()
}

function ask(what: Question, hiveId: string): void {
  askedHive.value = hiveId
  asking.value = what
}

function skipOrStop(): void {
  const now_ = hive.value
  if (!now_) return
  if (now_.stage === 'BURNING') ask('stop', now_.hiveId)
  else if (isUntouched(now_)) ask('skip', now_.hiveId)
}

function said(reason: string, all: boolean): void {
  const hiveId = askedHive.value
  if (asking.value === 'skip') {
    run.skip(all ? tally.waiting.value.map((each) => each.hiveId) : [hiveId], reason)
  } else if (asking.value === 'stop') {
    run.stop(hiveId, reason)
  } else if (asking.value === 'mark') {
    run.mark(hiveId, reason)
    letGo()
    return
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

function mark(): void {
  if (hive.value) ask('mark', hive.value.hiveId)
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
    m: mark,
    s: skipOrStop,
    '?': () => tools.value?.toggleKeys(),
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
      <VerdictMark v-if="verdict" :verdict="verdict" />
      <router-link :to="`/dose/sheet/${id}`">Sheet and kit</router-link>
      <span v-if="whole.peopleCheck" class="soft"
        >people checked by {{ whole.peopleCheck.checkedBy }}</span
      >
    </p>

    <OutboxNotice :returned="run.returned.value" :name="name" @read="outbox.forgetReturned(id)" />

    <PeopleCheck v-if="!checked && works" :round-id="id" :wind="wind" :sends="run.confirmPeople" />
    <p v-else-if="!checked" class="soft">The people check has not been confirmed yet.</p>

    <template v-else>
      <div v-if="tally.finished.value" class="sheet finished">
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
        <div v-if="!tally.finished.value" class="hand">
          <ActSlab
            v-if="hive"
            :hive="hive"
            :sheet="run.sheet.value.get(hive.hiveId)"
            :now="now"
            :chosen="Boolean(chosen) && hive.hiveId !== run.pointed.value?.hiveId"
            :stand-on="standOn"
            @act="works && act()"
            @release="chosenId = undefined"
          />
          <NextToOpen
            :hive="next"
            :name="name(next?.hiveId)"
            :now="now"
            :may-open="works"
            @open="openNext"
          />
        </div>
        <div class="yard">
          <ToolGauge
            v-if="watched"
            :view="watched"
            :problem="tool.problem.value"
            :may-work="works"
            @begin="tool.begin"
            @play="tool.play"
            @by-itself="tool.byItself"
            @break-next="tool.breakNext"
            @pack-swapped="tool.packSwapped"
            @end="tool.end"
          />
          <p class="tally">
            <span
              ><strong class="figure">{{ tally.waiting.value.length }}</strong> waiting</span
            >
            <span
              ><strong class="figure">{{ tally.shut.value }}</strong> shut</span
            >
            <span
              ><strong class="figure">{{ tally.done.value }}</strong> done</span
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
            :in-hand="tally.finished.value ? undefined : hive?.hiveId"
            @choose="chosenId = $event"
          />
        </div>
      </div>

      <RunTools
        v-if="works"
        ref="tools"
        :undoes="undoes"
        :may-leak="Boolean(hive)"
        :skip="skipWord"
        :sound="soundWords"
        @undo="undo"
        @leak="leak"
        @mark="mark"
        @skip="skipOrStop"
        @sound="sound.on.value = !sound.on.value"
      />
    </template>

    <ReasonDialog
      :model-value="asking !== null"
      :title="questions[asking ?? 'skip'].title"
      :ready="questions[asking ?? 'skip'].ready"
      :waiting="asking === 'skip' ? tally.waiting.value.length : 0"
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

.yard {
  display: grid;
  gap: 10px;
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

  .where {
    font-size: 0.875rem;
  }
}
</style>
