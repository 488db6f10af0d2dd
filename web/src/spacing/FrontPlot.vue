<script setup lang="ts">
import { computed } from 'vue'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import type { Shapes } from '../api/client'
import FootAxis from '../shared/chart/FootAxis.vue'
import ValueAxis from '../shared/chart/ValueAxis.vue'
import { decadeMarks, decades } from '../shared/chart/scales'
import { shortDay } from '../shared/days'
import { whole } from '../shared/numbers'
import { t } from '../words/words'
import { wordOf } from '../words/facts'

/** Visits against mites left: the best that each number of visits can do, and where the patterns fall. */
const props = defineProps<{ comparison: Shapes['Comparison'] }>()
const emit = defineEmits<{ take: [series: Shapes['EvenSeries']] }>()

const WIDTH = 520
const HEIGHT = 280
const LEFT = 64
const BOTTOM = 240
const patterns = computed(() => props.comparison.patterns.filter((each) => each.settled))
const single = computed(() =>
  props.comparison.breaks.reduce<Shapes['BroodBreak'] | null>(
    (best, each) => (best === null || each.left < best.left ? each : best),
    null,
  ),
)
const all = computed(() => [
  ...props.comparison.front.map((each) => each.left),
  ...patterns.value.map((each) => each.left),
  ...(single.value ? [single.value.left] : []),
])
const x = scaleLinear()
  .domain([0, 8.6])
  .range([LEFT, WIDTH - 10])
const visits = Array.from({ length: 8 }, (_, i) => ({ x: x(i + 1), words: i + 1 }))
const y = computed(() => decades([props.comparison.untreated, ...all.value], [BOTTOM, 16]))
const marks = computed(() => decadeMarks(y.value))
const path = computed(
  () =>
    line<Shapes['EvenSeries']>(
      (each) => x(each.rounds),
      (each) => y.value(each.left),
    )([...props.comparison.front]) ?? undefined,
)
</script>

<template>
  <figure>
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="group"
      :aria-label="t('spacing.frontPlot.visitsAgainstMitesLeft')"
    >
      <ValueAxis :scale="y" :marks="marks" :from="LEFT" :to="WIDTH - 10" />
      <FootAxis
        :marks="visits"
        :y="BOTTOM + 18"
        :what="{ words: t('spacing.frontPlot.visits'), x: (LEFT + WIDTH) / 2, y: HEIGHT - 4 }"
      />
      <text :transform="`rotate(-90 12 ${BOTTOM / 2})`" x="12" :y="BOTTOM / 2">
        {{ t('spacing.frontPlot.mitesLeftLogScale') }}
      </text>
      <path class="front" :d="path" />
      <g v-for="each in patterns" :key="each.id" class="pattern">
        <path
          :d="`M${x(each.days.length) - 5} ${y(each.left)}h10M${x(each.days.length)} ${y(each.left) - 5}v10`"
        >
          <title>
            {{
              t('spacing.frontPlot.mitesLeftAfterVisits', {
                name: wordOf(`SpacingPattern.${each.id}`),
                left: whole(each.left),
                days: each.days.length,
              })
            }}
          </title>
        </path>
      </g>
      <g v-if="single" class="single">
        <path :d="`M${x(1)} ${y(single.left) - 8}l8 8-8 8-8-8z`">
          <title>
            {{ t('spacing.frontPlot.oneRoundWithNothing', { left: whole(single.left) }) }}
          </title>
        </path>
        <text class="right" :x="x(1) + 14" :y="y(single.left) + 4">
          {{ t('spacing.frontPlot.oneRoundNothingCapped') }}
        </text>
      </g>
      <g
        v-for="each in comparison.front"
        :key="each.rounds"
        class="best"
        :class="{ off: each.verdict === 'NOT_ON_LABEL' }"
        tabindex="0"
        role="button"
        :aria-label="
          t('spacing.frontPlot.takeRoundsDaysApart', {
            rounds: each.rounds,
            gap: each.gap,
            start: shortDay(each.start),
            left: whole(each.left),
          })
        "
        @click="emit('take', each)"
        @keydown.enter="emit('take', each)"
      >
        <circle :cx="x(each.rounds)" :cy="y(each.left)" r="7" />
        <text class="right" :x="x(each.rounds) + 10" :y="y(each.left) - 8">
          {{ each.rounds === 1 ? '' : `× ${each.gap} d` }}
        </text>
      </g>
    </svg>
    <figcaption class="soft">
      {{ t('spacing.frontPlot.fewestMitesSoMany', { start: shortDay(comparison.start) }) }}
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

svg {
  width: 100%;
  max-width: 640px;
}

text {
  font-size: 11.5px;
  fill: var(--ink-soft);
  text-anchor: middle;
}

.right {
  text-anchor: start;
}

.front {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}

.pattern path {
  stroke: var(--dusk);
  stroke-width: 2;
}

.single path {
  fill: var(--open);
}

.best {
  cursor: pointer;
}

.best circle {
  fill: var(--ink);
  stroke: var(--ink);
  stroke-width: 2;
}

.best.off circle {
  fill: var(--paper);
}

figcaption {
  font-size: 0.875rem;
}
</style>
