<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Shapes } from '../api/client'
import TraceLine from './TraceLine.vue'
import type { Fault } from './useToolWatch'
import { degrees } from '../shared/units/quantity'
import { t } from '../words/words'
import { fixed } from '../shared/numbers'
import { inWords, wordOf } from '../words/facts'

/** The tool's own word on its burn: temperature with dip and recovery, pack, state, what is wrong. */
const props = defineProps<{
  view: Shapes['WatchView']
  problem: string
  mayWork: boolean
  /** Name of the hive that is asked about, where the bowl fell without a mark. */
  asked: string
}>()
const emit = defineEmits<{
  begin: [source: Shapes['NewWatch']['source']]
  play: [file: File]
  byItself: [on: boolean]
  breakNext: [fault: Fault]
  packSwapped: []
  burned: []
  answered: []
  end: []
}>()

/** Silent for longer than the watcher can bear. */
const SILENT = 6

const SHAPES: Record<Shapes['Seen']['state'], string> = {
  PREHEATING: '◔',
  READY: '●',
  CHARGED: '▼',
  RECOVERING: '▲',
  DONE: '■',
}
const FAULTS: readonly { value: Fault; title: string }[] = [
  { value: 'NONE', title: t('common.nothing') },
  { value: 'STUCK_CAP', title: t('run.toolGauge.stuckCap') },
  { value: 'CLOG', title: t('run.toolGauge.cloggedWayOut') },
  { value: 'WEAK_PACK', title: t('run.toolGauge.weakPack') },
  { value: 'OVERLOAD', title: t('run.toolGauge.threeTimesAcid') },
]

const fault = ref<Fault>('NONE')
const file = ref<HTMLInputElement>()
const seen = computed(() => props.view.seen)
const silent = computed(() => (seen.value?.silentFor ?? 0) > SILENT)
const swap = computed(() => seen.value?.alerts.includes('SWAP_PACK') ?? false)

function chosen(event: Event): void {
  const input = event.target as HTMLInputElement
  const trace = input.files?.[0]
  if (trace) emit('play', trace)
  input.value = ''
}

function breakNext(which: Fault): void {
  fault.value = which
  emit('breakNext', which)
}
</script>

<template>
  <section
    v-if="seen"
    class="sheet gauge"
    :aria-label="t('run.toolGauge.tool')"
    :data-state="seen.state"
  >
    <div class="told">
      <p class="state" role="status">
        <span aria-hidden="true">{{ silent ? '○' : SHAPES[seen.state] }}</span>
        {{
          silent
            ? t('run.toolGauge.silentForS', { silentFor: Math.round(seen.silentFor) })
            : wordOf(`WatchState.${seen.state}`)
        }}
      </p>
      <p class="figure now">
        {{ seen.celsius === undefined ? '–' : degrees(seen.celsius, 0) }}
      </p>
      <p v-if="seen.lowest !== undefined" class="soft">
        {{ t('run.toolGauge.lowest', { lowest: degrees(seen.lowest, 0) }) }}
      </p>
      <p v-if="seen.volts !== undefined" class="figure">
        {{ t('run.toolGauge.packV', { volts: fixed(seen.volts, 1) }) }}
      </p>
      <p :class="{ made: seen.standIn }">{{ inWords(seen.source) }}</p>
    </div>
    <TraceLine :seen="seen" />
    <ul v-if="seen.alerts.length" class="alerts" role="alert">
      <li v-for="each in seen.alerts" :key="each">
        <strong>{{ wordOf(`WatchAlert.${each}`) }}.</strong> {{ wordOf(`WatchAlertToDo.${each}`) }}
      </li>
    </ul>
    <p v-if="asked && mayWork" class="asks wide" role="alert">
      {{ t('run.toolGauge.wasAcidReleasedInto', { asked }) }}
      <v-btn color="primary" size="small" @click="$emit('burned')">{{
        t('run.toolGauge.yesBurns')
      }}</v-btn>
      <v-btn variant="outlined" size="small" @click="$emit('answered')">{{
        t('run.toolGauge.noNothingWent')
      }}</v-btn>
    </p>
    <p v-if="view.byItself && !view.mayLog" class="soft wide">
      {{ t('run.toolGauge.endsAreYoursPress') }}
    </p>
    <p v-if="view.tooSmall" class="soft wide">{{ t('run.toolGauge.mayBeTooSmall') }}</p>
    <details v-if="mayWork" class="wide">
      <summary>
        {{
          view.byItself && view.mayLog
            ? t('run.toolGauge.endsLoadsAreLogged')
            : t('run.toolGauge.endsLoadsAreYours')
        }}
      </summary>
      <div class="set">
        <v-switch
          :model-value="view.byItself"
          density="compact"
          hide-details
          color="primary"
          :label="t('run.toolGauge.logEndLoadBy')"
          @update:model-value="$emit('byItself', Boolean($event))"
        />
        <v-select
          v-if="view.simulated"
          :model-value="fault"
          :items="FAULTS"
          :label="t('run.toolGauge.wrongWithNextLoad')"
          density="compact"
          hide-details
          class="fault"
          @update:model-value="breakNext"
        />
        <v-btn
          v-if="swap || view.simulated"
          variant="outlined"
          size="small"
          @click="$emit('packSwapped')"
          >{{ t('run.toolGauge.fullPack') }}</v-btn
        >
        <v-btn variant="text" size="small" @click="$emit('end')">{{
          t('run.toolGauge.stopWatching')
        }}</v-btn>
      </div>
    </details>
    <p v-if="problem" role="alert" class="problem wide">{{ problem }}</p>
  </section>
  <details v-else-if="view.mayWatch && mayWork" class="begin">
    <summary>{{ t('run.toolGauge.watchToolsTemperature') }}</summary>
    <p>
      <v-btn variant="outlined" size="small" @click="$emit('begin', 'SENT')">{{
        t('run.toolGauge.toolSends')
      }}</v-btn>
      <v-btn variant="outlined" size="small" @click="file?.click()">{{
        t('run.toolGauge.playRecordedTrace')
      }}</v-btn>
      <v-btn
        v-if="view.maySimulate"
        variant="outlined"
        size="small"
        @click="$emit('begin', 'SIMULATED')"
        >{{ t('run.toolGauge.simulatedTool') }}</v-btn
      >
      <input
        ref="file"
        type="file"
        accept=".csv,text/csv"
        :aria-label="t('run.toolGauge.recordedTraceCsvSeconds')"
        hidden
        @change="chosen"
      />
    </p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </details>
</template>

<style scoped>
.gauge {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 4px 12px;
  padding: 8px 12px;
}

.told p {
  margin: 0;
}

.state {
  font-weight: 650;
}

.told .now {
  font-size: 1.75rem;
  line-height: 1.2;
}

.alerts,
.wide {
  grid-column: 1 / -1;
}

.wide {
  margin: 0;
}

.set {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 16px;
}

summary {
  min-height: 32px;
  cursor: pointer;
}

.asks {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  font-weight: 650;
}

.alerts {
  margin: 0;
  padding: 8px 12px;
  border: 2px solid var(--off-label);
  list-style: none;
}

.alerts strong {
  color: var(--off-label);
}

.made {
  color: var(--caution);
  font-weight: 600;
}

.fault {
  max-width: 220px;
}

.begin p {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

@media (width <= 600px) {
  .gauge {
    grid-template-columns: 1fr;
  }

  .told {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 14px;
  }
}
</style>
