<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { percent } from '../shared/numbers'

/** Twelve months: treatments as bars, the share of bees with mites as points with their interval. */
const props = defineProps<{ months: readonly Shapes['Month'][] }>()
const NAMES = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']
const WIDTH = 920
const LEFT = 62
const RIGHT = 62
const TOP = 26
const FLOOR = 190
const HEIGHT = 222

/** The next of 1, 2, 5, 10, 20, 50 … that is not below. */
function roundUp(value: number): number {
  const decade = 10 ** Math.floor(Math.log10(value))
  return (([1, 2, 5, 10].find((step) => step * decade >= value) ?? 10) as number) * decade
}

const most = computed(() => roundUp(Math.max(1, ...props.months.map((each) => each.treatments))))
const highest = computed(() =>
  roundUp(Math.max(0.01, ...props.months.map((each) => each.interval?.high ?? 0))),
)
const step = (WIDTH - LEFT - RIGHT) / 12
const bars = computed(() =>
  props.months.map((each, i) => ({
    ...each,
    name: NAMES[i] ?? '',
    x: LEFT + step * i,
    height: ((FLOOR - TOP) * each.treatments) / most.value,
    point: each.share === undefined ? undefined : y(each.share),
    low: y(each.interval?.low ?? 0),
    high: y(each.interval?.high ?? 0),
  })),
)
function y(share: number): number {
  return FLOOR - ((FLOOR - TOP) * share) / highest.value
}
const says = computed(() =>
  bars.value
    .filter((each) => each.treatments || each.samples)
    .map(
      (each) =>
        `${each.name}: ${each.treatments} treatments` +
        (each.share === undefined
          ? ''
          : `, ${percent(each.share)} of bees with mites in ${each.samples} samples`),
    )
    .join('; '),
)
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="says || 'Nothing in this year'">
    <path class="grid" :d="`M${LEFT} ${FLOOR}H${WIDTH - RIGHT}`" />
    <text class="end" :x="LEFT - 8" :y="TOP + 4">{{ most }}</text>
    <text class="end" :x="LEFT - 8" :y="FLOOR">0</text>
    <text :x="4" :y="12">treatments ▮</text>
    <text :x="WIDTH - RIGHT + 8" :y="TOP + 4">{{ percent(highest) }}</text>
    <text :x="WIDTH - RIGHT + 8" :y="FLOOR">0 %</text>
    <text class="end" :x="WIDTH - 4" :y="12">bees with mites, all samples, 95 % ◆</text>
    <g v-for="each in bars" :key="each.name">
      <rect
        v-if="each.treatments"
        class="bar"
        :x="each.x + 8"
        :y="FLOOR - each.height"
        :width="step - 34"
        :height="each.height"
      />
      <text
        v-if="each.treatments"
        class="middle"
        :x="each.x + 8 + (step - 34) / 2"
        :y="FLOOR - each.height - 4"
      >
        {{ each.treatments }}
      </text>
      <template v-if="each.point !== undefined">
        <path class="range" :d="`M${each.x + step - 14} ${each.low}V${each.high}`" />
        <path class="point" :d="`M${each.x + step - 14} ${each.point - 6}l6 6l-6 6l-6 -6z`" />
      </template>
      <text class="middle" :x="each.x + step / 2" :y="HEIGHT - 10">{{ each.name }}</text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  font-size: 13px;
}

text {
  fill: var(--ink-soft);
}

.end {
  text-anchor: end;
}

.middle {
  text-anchor: middle;
}

.grid {
  stroke: var(--rule-strong);
}

.bar {
  fill: var(--rule-strong);
}

.range {
  stroke: var(--ink);
  stroke-width: 2;
}

.point {
  fill: var(--ink);
}
</style>
