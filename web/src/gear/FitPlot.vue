<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { useLimits } from '../shared/limits'

/** Burn time against load: test burns as points, the fit as a line, the planned time above it. */
const props = defineProps<{ fit: Shapes['BurnFit'] }>()
const limits = useLimits()
/** Loads for which a burn time is foretold. */
const tested = computed(() => ({
  from: limits.of('testedBelow', 1) * (props.fit.smallest ?? 0),
  to: limits.of('testedAbove', 1) * (props.fit.largest ?? 0),
}))

const WIDTH = 440
const HEIGHT = 220
const LEFT = 48
const BOTTOM = 36

const loads = computed(() => {
  const top = Math.max(props.fit.largest ?? 2, ...props.fit.points.map((point) => point.load))
  return Math.ceil(top * 1.35)
})
const at = (load: number, margin = 0) =>
  (props.fit.intercept + props.fit.slope * load) * (1 + margin / 100)
const seconds = computed(() => {
  const most = Math.max(
    at(loads.value, props.fit.marginPercent),
    ...props.fit.points.map((point) => point.seconds),
  )
  return Math.ceil((most * 1.05) / 20) * 20 || 20
})
const x = (load: number) => LEFT + ((WIDTH - LEFT - 10) * load) / loads.value
const y = (second: number) => HEIGHT - BOTTOM - ((HEIGHT - BOTTOM - 10) * second) / seconds.value
const line = (margin: number) =>
  `M${x(0)} ${y(at(0, margin))}L${x(loads.value)} ${y(at(loads.value, margin))}`
const ticks = computed(() => Array.from({ length: loads.value + 1 }, (_, i) => i))
const marks = computed(() => [0, 0.25, 0.5, 0.75, 1].map((share) => share * seconds.value))
const formula = computed(
  () => `${props.fit.intercept.toFixed(0)} s + ${props.fit.slope.toFixed(1)} s × grams`,
)
</script>

<template>
  <figure>
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="`Burn time ${formula}, from ${fit.points.length} test burns`"
    >
      <rect
        v-if="fit.smallest && fit.largest"
        class="tested"
        :x="x(tested.from)"
        y="10"
        :width="x(Math.min(loads, tested.to)) - x(tested.from)"
        :height="HEIGHT - BOTTOM - 10"
      />
      <g v-for="mark in marks" :key="mark">
        <path class="grid" :d="`M${LEFT} ${y(mark)}H${WIDTH - 10}`" />
        <text class="left" :x="LEFT - 6" :y="y(mark) + 4">{{ mark.toFixed(0) }}</text>
      </g>
      <text v-for="tick in ticks" :key="tick" class="middle" :x="x(tick)" :y="HEIGHT - 20">
        {{ tick }}
      </text>
      <text class="middle" :x="(WIDTH + LEFT) / 2" :y="HEIGHT - 4">load, g of product</text>
      <text :x="LEFT + 6" y="22">burn, seconds</text>
      <path class="planned" :d="line(fit.marginPercent)" />
      <path class="fit" :d="line(0)" />
      <circle
        v-for="(point, i) in fit.points"
        :key="i"
        :cx="x(point.load)"
        :cy="y(point.seconds)"
        r="4.5"
      />
    </svg>
    <figcaption>
      {{ formula }}<template v-if="fit.r2 !== undefined">, R² {{ fit.r2.toFixed(2) }}</template>
      <template v-if="fit.basis === 'ONE_LOAD'"
        >, scaled from one load: 0.6 of it fixed, 0.4 by the grams</template
      >. Dashed: planned, {{ fit.marginPercent }} % more. Shaded: loads near a tested one; outside
      it, test first.
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

svg {
  width: 100%;
  max-width: 560px;
}

text {
  font-size: 11px;
  fill: var(--ink-soft);
}

.left {
  text-anchor: end;
}

.middle {
  text-anchor: middle;
}

.grid {
  stroke: var(--rule);
}

.tested {
  fill: var(--wash);
}

.fit {
  stroke: var(--ink);
  stroke-width: 2;
}

.planned {
  stroke: var(--burning);
  stroke-width: 2;
  stroke-dasharray: 6 4;
}

circle {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 2;
}

figcaption {
  font-size: 0.875rem;
  color: var(--ink-soft);
}
</style>
