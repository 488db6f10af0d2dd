<script setup lang="ts">
import { computed } from 'vue'
import { scaleLinear } from 'd3-scale'
import { line as path } from 'd3-shape'
import type { Shapes } from '../api/client'
import FootAxis from '../shared/chart/FootAxis.vue'
import ValueAxis from '../shared/chart/ValueAxis.vue'
import { fromNothing } from '../shared/chart/scales'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** Burn time against load: test burns as points, the fit as a line, the planned time above it. */
const props = defineProps<{ fit: Shapes['BurnFit']; line: Shapes['BurnLine'] }>()

const WIDTH = 440
const HEIGHT = 220
const LEFT = 48
const BOTTOM = 36

const loads = computed(() => props.line.to.load)
const x = computed(() =>
  scaleLinear()
    .domain([0, loads.value])
    .range([LEFT, WIDTH - 10]),
)
const y = computed(() =>
  fromNothing(Math.max(props.line.to.planned, ...props.fit.points.map((point) => point.seconds)), [
    HEIGHT - BOTTOM,
    10,
  ]),
)
const drawn = (which: 'seconds' | 'planned') =>
  path<Shapes['End']>(
    (end) => x.value(end.load),
    (end) => y.value(end[which]),
  )([props.line.from, props.line.to]) ?? undefined
const ticks = computed(() =>
  Array.from({ length: loads.value + 1 }, (_, i) => ({ x: x.value(i), words: i })),
)
</script>

<template>
  <figure>
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="
        t('gear.fitPlot.burnTimeFromTest', { says: inWords(line.says), points: fit.points.length })
      "
    >
      <rect
        class="tested"
        :x="x(line.testedFrom)"
        y="10"
        :width="x(Math.min(loads, line.testedTo)) - x(line.testedFrom)"
        :height="HEIGHT - BOTTOM - 10"
      />
      <ValueAxis :scale="y" :from="LEFT" :to="WIDTH - 10" />
      <FootAxis
        :marks="ticks"
        :y="HEIGHT - 20"
        :what="{ words: t('gear.fitPlot.loadGProduct'), x: (WIDTH + LEFT) / 2, y: HEIGHT - 4 }"
      />
      <text :x="LEFT + 6" y="22">{{ t('gear.fitPlot.burnSeconds') }}</text>
      <path class="planned" :d="drawn('planned')" />
      <path class="fit" :d="drawn('seconds')" />
      <circle
        v-for="(point, i) in fit.points"
        :key="i"
        :cx="x(point.load)"
        :cy="y(point.seconds)"
        r="4.5"
      />
    </svg>
    <figcaption>
      {{
        t('gear.fitPlot.dashedPlannedMoreShaded', {
          says: inWords(line.says),
          marginPercent: fit.marginPercent,
        })
      }}
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
