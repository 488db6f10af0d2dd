<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import FootAxis from '../shared/chart/FootAxis.vue'
import ValueAxis from '../shared/chart/ValueAxis.vue'
import { fromNothing } from '../shared/chart/scales'
import { monthNames } from '../shared/days'
import { percent } from '../shared/numbers'
import { t } from '../words/words'

/** Twelve months: treatments as bars, the share of bees with mites as points with their interval. */
const props = defineProps<{ months: readonly Shapes['Month'][] }>()
const NAMES = monthNames()
const WIDTH = 920
const LEFT = 62
const RIGHT = 62
const TOP = 26
const FLOOR = 190
const HEIGHT = 222

const treatments = computed(() =>
  fromNothing(Math.max(1, ...props.months.map((each) => each.treatments)), [FLOOR, TOP], 2),
)
const shares = computed(() =>
  fromNothing(
    Math.max(0.01, ...props.months.map((each) => each.interval?.high ?? 0)),
    [FLOOR, TOP],
    2,
  ),
)
const step = (WIDTH - LEFT - RIGHT) / 12
const bars = computed(() =>
  props.months.map((each, i) => ({
    ...each,
    name: NAMES[i] ?? '',
    x: LEFT + step * i,
    top: treatments.value(each.treatments),
    point: each.share === undefined ? undefined : shares.value(each.share),
    low: shares.value(each.interval?.low ?? 0),
    high: shares.value(each.interval?.high ?? 0),
  })),
)
const monthMarks = NAMES.map((words, i) => ({ x: LEFT + step * (i + 0.5), words }))
const says = computed(() =>
  bars.value
    .filter((each) => each.treatments || each.samples)
    .map((each) =>
      t('year.monthBars.treatments2', {
        name: each.name,
        treatments: each.treatments,
        samples:
          each.share === undefined
            ? ''
            : t('year.monthBars.beesWithMitesSamples', {
                share: percent(each.share),
                samples: each.samples,
              }),
      }),
    )
    .join('; '),
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    :aria-label="says || t('year.monthBars.nothingThisYear')"
  >
    <ValueAxis :scale="treatments" :marks="treatments.domain()" :from="LEFT" :to="WIDTH - RIGHT" />
    <ValueAxis
      :scale="shares"
      :marks="shares.domain()"
      :words="percent"
      :from="LEFT"
      :to="WIDTH - RIGHT"
      right
    />
    <FootAxis :marks="monthMarks" :y="HEIGHT - 10" />
    <text :x="4" :y="12">{{ t('year.monthBars.treatments') }}</text>
    <text class="end" :x="WIDTH - 4" :y="12">{{ t('year.monthBars.beesWithMitesAll') }}</text>
    <g v-for="each in bars" :key="each.name">
      <rect
        v-if="each.treatments"
        class="bar"
        :x="each.x + 8"
        :y="each.top"
        :width="step - 34"
        :height="FLOOR - each.top"
      />
      <text
        v-if="each.treatments"
        class="middle"
        :x="each.x + 8 + (step - 34) / 2"
        :y="each.top - 4"
      >
        {{ each.treatments }}
      </text>
      <template v-if="each.point !== undefined">
        <path class="range" :d="`M${each.x + step - 14} ${each.low}V${each.high}`" />
        <path class="point" :d="`M${each.x + step - 14} ${each.point - 6}l6 6l-6 6l-6 -6z`" />
      </template>
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
