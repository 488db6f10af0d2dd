<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import FootAxis from '../shared/chart/FootAxis.vue'
import { addDays, daysBetween, shortDay } from '../shared/days'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** A colony's brood over the days: stages as bands, the days without capped brood in brackets, when to look. */
const props = defineProps<{ clock: Shapes['ClockView'] }>()

const WIDTH = 840
const LEFT = 118
const ROWS = [
  { stage: 'EGGS', words: t('common.eggs') },
  { stage: 'LARVAE', words: t('common.larvae') },
  { stage: 'CAPPED_WORKER', words: t('spacing.broodLine.cappedWorkers') },
  { stage: 'CAPPED_DRONE', words: t('spacing.broodLine.cappedDrones') },
] as const
const ROW = 20
const SHOWN = 70
const BASE = ROWS.length * ROW + 6

const last = computed(() => Math.min(SHOWN, daysBetween(props.clock.from, props.clock.to)))
const step = computed(() => (WIDTH - LEFT - 12) / last.value)
const at = (day: string) =>
  LEFT + Math.max(0, Math.min(last.value, daysBetween(props.clock.from, day))) * step.value
const weeks = computed(() =>
  Array.from({ length: Math.floor((last.value - 2) / 7) + 1 }, (_, i) => {
    const day = addDays(props.clock.from, i * 7)
    return { x: at(day), words: shortDay(day) }
  }),
)
const rows = computed(() =>
  ROWS.map((row, i) => ({
    ...row,
    y: 4 + i * ROW,
    bars: props.clock.bands
      .filter((each) => each.stage === row.stage)
      .map((each) => ({ x: at(each.days.from), to: at(addDays(each.days.to, 1)) }))
      .filter((bar) => bar.to > bar.x),
  })),
)
const windows = computed(() =>
  [
    { words: t('spacing.broodLine.freeWorkers'), window: props.clock.workers },
    { words: t('spacing.broodLine.drones'), window: props.clock.withDrones },
  ].map(({ words, window }, i) => ({
    words,
    y: BASE + 6 + i * 24,
    spans: [
      { days: window.likely, kind: 'likely' },
      { days: window.sure, kind: 'sure' },
    ].flatMap(({ days, kind }) =>
      days && at(days.from) < at(addDays(days.to, 1))
        ? [{ kind, x: at(days.from), to: at(addDays(days.to, 1)) }]
        : [],
    ),
  })),
)
const looks = computed(() =>
  props.clock.lookDates.filter((each) => daysBetween(props.clock.from, each.day) <= last.value),
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${BASE + 92}`"
    role="img"
    :aria-label="t('spacing.broodLine.broodByDay')"
  >
    <g v-for="row in rows" :key="row.stage" :class="row.stage">
      <text class="name" :x="LEFT - 8" :y="row.y + 12">{{ row.words }}</text>
      <rect
        v-for="(bar, i) in row.bars"
        :key="i"
        :x="bar.x"
        :y="row.y"
        :width="bar.to - bar.x"
        :height="ROW - 6"
      />
    </g>
    <g v-for="row in windows" :key="row.words" class="window">
      <text class="name" :x="LEFT - 8" :y="row.y + 13">{{ row.words }}</text>
      <template v-for="span in row.spans" :key="span.kind">
        <path
          :class="span.kind"
          :d="`M${span.x + 7} ${row.y}H${span.x + 1}v18h6M${span.to - 7} ${row.y}H${span.to - 1}v18h-6`"
        />
        <rect
          v-if="span.kind === 'sure'"
          :x="span.x"
          :y="row.y + 5"
          :width="span.to - span.x"
          height="8"
        />
      </template>
    </g>
    <g v-for="each in looks" :key="each.day + each.why.code" class="look">
      <path :d="`M${at(each.day)} ${BASE + 54}l-6 10h12z`">
        <title>{{ inWords(each.why) }}</title>
      </path>
    </g>
    <path class="now" :d="`M${at(clock.today)} 0V${BASE + 56}`" />
    <FootAxis :marks="weeks" :y="BASE + 84" />
    <text v-if="looks.length" class="name" :x="LEFT - 8" :y="BASE + 64">
      {{ t('spacing.broodLine.look') }}
    </text>
  </svg>
  <p class="soft">
    {{ t('spacing.broodLine.filledBracketsSureOpen') }}
  </p>
</template>

<style scoped>
svg {
  width: 100%;
}

text {
  font-size: 13px;
  fill: var(--ink-soft);
  text-anchor: middle;
}

.name {
  text-anchor: end;
}

.EGGS rect,
.LARVAE rect {
  fill: none;
  stroke: var(--rule-strong);
}

.LARVAE rect {
  stroke-dasharray: 2 2;
}

.CAPPED_WORKER rect {
  fill: var(--dusk);
}

.CAPPED_DRONE rect {
  fill: var(--rule-strong);
}

.window path {
  fill: none;
  stroke: var(--open);
  stroke-width: 2.5;
}

.window .likely {
  stroke-dasharray: 3 2;
}

.window rect {
  fill: var(--open);
}

.look path {
  fill: var(--caution);
}

.now {
  stroke: var(--ink);
  stroke-width: 2;
}

p {
  margin: 0;
  font-size: 0.875rem;
}
</style>
