<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import StageMark from '../shared/StageMark.vue'
import { clockOf } from '../shared/format'
import { shownState } from '../shared/stage'
import { barred, isUntouched, type ShownHive } from './overlay'

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
  const load = several.value && step.value?.load ? ` ${step.value.load} of ${props.hive.loads}` : ''
  switch (step.value?.act) {
    case 'SHUT':
      return 'Shut: cloth in'
    case 'LOAD_COLD':
      return `Pan loaded cold${load}`
    case 'CONNECT':
      return `Pan in, connected${load}`
    case 'DISCONNECT':
      return 'Empty: disconnected'
    case 'OUT_TO_RELOAD':
    case 'OUT_AND_SHUT':
      return props.hive.leftOpen ? 'Pan out' : 'Pan out, entrance shut'
    case 'START_BURN':
      return `Start burn${load}`
    case 'END_LOAD':
      return `Load${load} burnt`
    case 'END_BURN':
      return 'Burn ended, nozzle out'
    case 'TAKE_OUT':
      return 'Nozzle out, port plugged'
    case 'OPEN':
      return early.value ? `Opens in ${clockOf(left.value)}` : `Open ${props.sheet?.hiveName ?? ''}`
    default:
      return 'Nothing left to do here'
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
      if (clock.value === undefined) return 'burning for'
      return over ? 'past its burn time' : 'to go by the burn time'
    case 'BURNT':
      if (clock.value === undefined) return 'since the load ended'
      if (loosened.value) return over ? 'loosened: the rest now' : 'until the rest may follow'
      return over ? 'cooled: take it out' : 'to cool in the hive'
    case 'RELOADING':
      if (clock.value === undefined) return 'since it came out'
      return over ? 'feel that it is cold' : 'to cool before loading'
    case 'SEALED':
      return 'until it may be opened'
    case 'DUE':
    case 'TOO_LONG':
    case 'STOPPED':
      return 'over its time'
    default:
      return ''
  }
})

const hint = computed(() => {
  if (bar.value) return bar.value
  if (loosened.value)
    return 'The small load loosens the cluster. Give the rest when the clock is out.'
  switch (step.value?.act) {
    case 'SHUT':
      return 'Wet cloth in, nothing gaping, then press. Its time shut runs from here.'
    case 'LOAD_COLD':
      return 'Only on a cold pan: acid on a hot one flashes into the face. Level, or spread thin.'
    case 'CONNECT':
      return 'Slide it in to mid-floor, cloth round the wand, then connect and press.'
    case 'DISCONNECT':
      return 'At its time, or when the tool shows the end: disconnect, leave the pan in, press.'
    case 'OUT_TO_RELOAD':
      if (props.hive.leftOpen) return 'Out. Cool it as its maker allows before the next load.'
      return 'Out, entrance shut again. Cool it as its maker allows before the next load.'
    case 'OUT_AND_SHUT':
      if (props.hive.leftOpen) return 'Out, pan on its rest. Nothing is shut in here.'
      return 'Out, entrance shut again, pan on its rest. The seal time runs from here.'
    case 'START_BURN':
      if (props.hive.leftOpen)
        return 'Nozzle in, acid released: press as the vapour starts. The entrance stays open.'
      return 'Hive shut, nozzle in, acid released: press as the vapour starts.'
    case 'END_LOAD':
      return 'Press when this load is gone; the next one follows.'
    case 'END_BURN':
      if (props.hive.leftOpen)
        return 'When the load is gone: take the nozzle out, plug the port, then press. Nothing is shut in here.'
      return 'When the load is gone: take the nozzle out, plug the port, then press. The seal time runs from here.'
    case 'TAKE_OUT':
      return 'Plug the port at once.'
    case 'OPEN':
      return early.value
        ? 'Keep it shut. To open early, press and say why.'
        : 'Take the cloth away, then press.'
    default:
      return ''
  }
})
/** Vapour comes out of a hive that nobody shuts. */
const front = computed(() =>
  props.hive.leftOpen && props.hive.stage !== 'SKIPPED'
    ? 'Entrance left open: vapour comes out of the front. Respirator on, upwind, nobody in front for ten minutes.'
    : '',
)
/** What to do before the burn, until it has begun. */
const tasks = computed(() =>
  isUntouched(props.hive) && props.sheet?.tasks ? props.sheet.tasks.split('\n') : [],
)
</script>

<template>
  <section class="slab" :class="state" aria-label="Act on this hive now">
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
        <p class="figure timer">{{ sheet.eachLoad }}</p>
        <p class="says">
          {{ sheet.loads === 1 ? 'in one load' : `in each of ${sheet.loads} loads` }}
        </p>
      </div>
    </div>
    <p class="hint">
      {{ hint }}
      <template v-if="standOn && (step?.act === 'START_BURN' || step?.act === 'CONNECT')"
        >Stand {{ standOn }}.</template
      >
    </p>
    <p v-if="front" class="front" role="note">{{ front }}</p>
    <ul v-if="tasks.length" class="tasks">
      <li v-for="task in tasks" :key="task">{{ task }}</li>
    </ul>
    <p v-if="state === 'BURNING' && sheet?.burnSays" class="soft basis">
      Burn time {{ sheet.burnSays }}.
    </p>
    <p v-if="sheet?.verdict === 'NOT_ON_LABEL'" class="off">Not on label: {{ sheet.labelSays }}</p>
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
      It did not start: take that back
    </button>
    <button v-if="chosen" class="release" type="button" @click="$emit('release')">
      Back to the hive whose turn it is
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
