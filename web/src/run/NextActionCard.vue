<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import StageMark from '../shared/StageMark.vue'
import { clockOf } from '../shared/format'
import { shownState } from '../shared/stage'
import { barred, isUntouched, type ShownHive } from './overlay'
import { tasksOf } from '../shared/readyWords'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** The hive in hand, what to do with it, and the button that says it is done. */
const props = defineProps<{
  hive: ShownHive
  sheet?: Shapes['RoundHive']
  now: number
  chosen: boolean
  standOn?: string
  /** Number of the tool in hand, or none. */
  part: number
  halted: boolean
}>()
defineEmits<{ act: []; release: []; takeBack: [] }>()

const step = computed(() => props.hive.ahead[0])
const state = computed(() => shownState(props.hive, props.now))
const left = computed(() => (props.hive.openFrom ? Date.parse(props.hive.openFrom) - props.now : 0))
const early = computed(() => step.value?.act === 'OPEN' && left.value > 0)
const bar = computed(() => barred(props.hive, props.part, props.halted))
const loosened = computed(
  () =>
    props.hive.stage === 'BURNT' && step.value?.act === 'START_BURN' && Boolean(props.hive.clockTo),
)
const several = computed(() => props.hive.loads > 1)

const clock = computed(() =>
  props.hive.clockTo ? Date.parse(props.hive.clockTo) - props.now : undefined,
)

const button = computed(() => {
  const load =
    several.value && step.value?.load
      ? t('run.nextActionCard.of', { load: step.value.load, loads: props.hive.loads })
      : ''
  switch (step.value?.act) {
    case 'SHUT':
      return t('run.nextActionCard.shutCloth')
    case 'LOAD_COLD':
      return t('run.nextActionCard.panLoadedCold', { load })
    case 'CONNECT':
      return t('run.nextActionCard.panConnected', { load })
    case 'DISCONNECT':
      return t('run.nextActionCard.emptyDisconnected')
    case 'OUT_TO_RELOAD':
    case 'OUT_AND_SHUT':
      return props.hive.leftOpen
        ? t('run.nextActionCard.panOut')
        : t('run.nextActionCard.panOutEntranceShut')
    case 'START_BURN':
      return t('run.nextActionCard.startBurn', { load })
    case 'END_LOAD':
      return t('run.nextActionCard.loadBurnt', { load })
    case 'END_BURN':
      return t('run.nextActionCard.burnEndedNozzleOut')
    case 'TAKE_OUT':
      return t('run.nextActionCard.nozzleOutPortPlugged')
    case 'OPEN':
      return early.value
        ? t('run.nextActionCard.opens', { left: clockOf(left.value) })
        : t('run.nextActionCard.open', { hiveName: props.sheet?.hiveName ?? '' })
    default:
      return t('run.nextActionCard.nothingLeftDoHere')
  }
})

const timer = computed(() => {
  switch (state.value) {
    case 'BURNING':
    case 'BURNT':
    case 'RELOADING':
      if (clock.value !== undefined) {
        return clock.value > 0 ? clockOf(clock.value) : '+' + clockOf(-clock.value)
      }
      return props.hive.since ? clockOf(props.now - Date.parse(props.hive.since)) : ''
    case 'SEALED':
      return clockOf(left.value)
    case 'DUE':
    case 'TOO_LONG':
    case 'STOPPED':
      return props.hive.openFrom ? '+' + clockOf(-left.value) : ''
    default:
      return ''
  }
})

const timerSays = computed(() => {
  const over = clock.value !== undefined && clock.value <= 0
  switch (state.value) {
    case 'BURNING':
      if (clock.value === undefined) return t('run.nextActionCard.burningFor')
      return over ? t('run.nextActionCard.pastItsBurnTime') : t('run.nextActionCard.goByBurnTime')
    case 'BURNT':
      if (clock.value === undefined) return t('run.nextActionCard.sinceLoadEnded')
      if (loosened.value)
        return over
          ? t('run.nextActionCard.loosenedRestNow')
          : t('run.nextActionCard.untilRestMayFollow')
      return over ? t('run.nextActionCard.cooledTakeOut') : t('run.nextActionCard.coolHive')
    case 'RELOADING':
      if (clock.value === undefined) return t('run.nextActionCard.sinceCameOut')
      return over ? t('run.nextActionCard.feelCold') : t('run.nextActionCard.coolBeforeLoading')
    case 'SEALED':
      return t('run.nextActionCard.untilMayBeOpened')
    case 'DUE':
    case 'TOO_LONG':
    case 'STOPPED':
      return t('run.nextActionCard.overItsTime')
    default:
      return ''
  }
})

const hint = computed(() => {
  if (bar.value) return bar.value
  if (loosened.value) return t('run.nextActionCard.smallLoadLoosensCluster')
  switch (step.value?.act) {
    case 'SHUT':
      return t('run.nextActionCard.wetClothNothingGaping')
    case 'LOAD_COLD':
      return t('run.nextActionCard.onlyOnColdPan')
    case 'CONNECT':
      return t('run.nextActionCard.slideMidFloorCloth')
    case 'DISCONNECT':
      return t('run.nextActionCard.atItsTimeOr')
    case 'OUT_TO_RELOAD':
      if (props.hive.leftOpen) return t('run.nextActionCard.outCoolAsIts')
      return t('run.nextActionCard.outEntranceShutAgain')
    case 'OUT_AND_SHUT':
      if (props.hive.leftOpen) return t('run.nextActionCard.outPanOnIts')
      return t('run.nextActionCard.outEntranceShutAgain2')
    case 'START_BURN':
      if (props.hive.leftOpen) return t('run.nextActionCard.nozzleAcidReleasedPress')
      return t('run.nextActionCard.hiveShutNozzleAcid')
    case 'END_LOAD':
      return t('run.nextActionCard.pressWhenThisLoad')
    case 'END_BURN':
      if (props.hive.leftOpen) return t('run.nextActionCard.whenLoadGoneTake')
      return t('run.nextActionCard.whenLoadGoneTake2')
    case 'TAKE_OUT':
      return t('run.nextActionCard.plugPortAtOnce')
    case 'OPEN':
      return early.value
        ? t('run.nextActionCard.keepShutOpenEarly')
        : t('run.nextActionCard.takeClothAwayThen')
    default:
      return ''
  }
})
/** Vapour comes out of a hive that nobody shuts. */
const front = computed(() =>
  props.hive.leftOpen && props.hive.stage !== 'SKIPPED'
    ? t('run.nextActionCard.entranceLeftOpenVapour')
    : '',
)
/** What to do before the burn, until it has begun. */
const tasks = computed(() => (isUntouched(props.hive) && props.sheet ? tasksOf(props.sheet) : []))
</script>

<template>
  <section class="slab" :class="state" :aria-label="t('run.nextActionCard.actOnThisHive')">
    <div class="head">
      <!-- What is read aloud when it changes: the hive and how it stands, never the running clock. -->
      <div aria-live="polite">
        <p class="hive-name bracketed">{{ sheet?.hiveName }}</p>
        <p class="state"><StageMark :state="state" /></p>
      </div>
      <div v-if="timer" class="time">
        <p class="figure timer">{{ timer }}</p>
        <p class="says">{{ timerSays }}</p>
      </div>
      <div v-else-if="sheet && step" class="time">
        <p class="figure timer">{{ inWords(sheet.eachLoad) }}</p>
        <p class="says">
          {{
            sheet.loads === 1
              ? t('run.nextActionCard.oneLoad')
              : t('run.nextActionCard.eachLoads', { loads: sheet.loads })
          }}
        </p>
      </div>
    </div>
    <p class="hint">
      {{ hint }}
      <template v-if="standOn && (step?.act === 'START_BURN' || step?.act === 'CONNECT')">{{
        t('run.nextActionCard.stand', { standOn })
      }}</template>
    </p>
    <p v-if="front" class="front" role="note">{{ front }}</p>
    <ul v-if="tasks.length" class="tasks">
      <li v-for="task in tasks" :key="task">{{ task }}</li>
    </ul>
    <p v-if="state === 'BURNING' && sheet?.burnSays" class="soft basis">
      {{ t('run.nextActionCard.burnTime', { burnSays: inWords(sheet.burnSays) }) }}
    </p>
    <p v-if="sheet?.verdict === 'NOT_ON_LABEL'" class="off">
      {{ t('run.nextActionCard.notOnLabel', { labelSays: inWords(sheet.labelSays) }) }}
    </p>
    <button
      class="act"
      :class="{ early }"
      type="button"
      :disabled="!step || bar !== ''"
      data-act="main"
      @click="$emit('act')"
    >
      {{ button }}
    </button>
    <button
      v-if="hive.stage === 'BURNING' && part > 0"
      class="release"
      type="button"
      @click="$emit('takeBack')"
    >
      {{ t('run.nextActionCard.didNotStartTake') }}
    </button>
    <button v-if="chosen" class="release" type="button" @click="$emit('release')">
      {{ t('run.nextActionCard.backHiveWhoseTurn') }}
    </button>
  </section>
</template>

<style scoped>
.front {
  padding: 8px 12px;
  margin: 8px 0;
  font-weight: 600;
  border-left: 6px solid var(--off-label);
}

.slab {
  --state: var(--waiting);

  padding: 14px 16px 16px;
  background: var(--sheet);
  border: 2px solid var(--ink);
  border-top-width: 10px;
  border-top-color: var(--state);
  border-radius: 2px;
}

.BURNING,
.RELOADING,
.BURNT {
  --state: var(--burning);
}

.SEALED {
  --state: var(--sealed);
}

.DUE,
.STOPPED {
  --state: var(--due);
}

.TOO_LONG {
  --state: var(--off-label);
}

.OPEN {
  --state: var(--open);
}

.head {
  display: flex;
  justify-content: space-between;
  gap: 12px;
}

.hive-name {
  display: inline-block;
  margin: 0;
  padding: 0 20px;
  font-size: 2.75rem;
  font-weight: 700;
  line-height: 1.2;
  overflow-wrap: anywhere;
}

.state {
  margin: 8px 0 0;
  font-size: 1.125rem;
}

.time {
  text-align: right;
}

.timer {
  margin: 0;
  font-size: 3rem;
  line-height: 1.05;
  color: var(--state);
  white-space: nowrap;
}

.says {
  margin: 2px 0 0;
  color: var(--ink-soft);
}

.hint {
  min-height: 3em;
  margin: 10px 0;
  line-height: 1.4;
}

.off {
  margin: 0 0 10px;
  color: var(--off-label);
  font-weight: 600;
}

.tasks {
  margin: 0 0 10px;
  padding-left: 20px;
  font-size: 0.9375rem;
}

.basis {
  margin: 0 0 8px;
  font-size: 0.875rem;
}

.act {
  width: 100%;
  min-height: 84px;
  background: var(--ink);
  color: var(--paper);
  font-size: 1.5rem;
  font-weight: 700;
  border-radius: 2px;
}

.BURNING .act,
.BURNT .act,
.RELOADING .act,
.DUE .act,
.TOO_LONG .act,
.STOPPED .act {
  background: var(--state);
  color: var(--on-state);
}

.act.early {
  background: var(--sheet);
  color: var(--sealed);
  border: 2px dashed var(--sealed);
}

.act:disabled {
  background: var(--wash);
  color: var(--ink-soft);
}

.release {
  width: 100%;
  min-height: 56px;
  margin-top: 8px;
  text-decoration: underline;
}

@media (width <= 900px) {
  .slab {
    padding: 10px 12px 12px;
  }

  .timer {
    font-size: 2.75rem;
  }

  .hint {
    margin: 6px 0;
  }
}
</style>
