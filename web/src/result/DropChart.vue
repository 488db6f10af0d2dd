<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import FootAxis from '../shared/chart/FootAxis.vue'
import ValueAxis from '../shared/chart/ValueAxis.vue'
import { decadeMarks, decades } from '../shared/chart/scales'
import { shortDay } from '../shared/days'
import { whole } from '../shared/numbers'
import { t } from '../words/words'

/** Drops by round on a log scale, each beside the band that the model foretold. */
const props = defineProps<{
  rounds: readonly string[]
  drops: readonly Shapes['RoundDrop'][]
  expected: readonly Shapes['RoundEffect'][]
  natural?: number
  /** Without axes, for a line of a table. */
  small?: boolean
}>()

const WIDTH = computed(() => (props.small ? 150 : 520))
const HEIGHT = computed(() => (props.small ? 44 : 240))
const LEFT = computed(() => (props.small ? 4 : 64))
const BOTTOM = computed(() => (props.small ? 4 : 44))
const TOP = 8
const all = computed(() => [
  ...props.drops.map((drop) => drop.byTreatment),
  ...props.expected.flatMap((each) => [each.killedLow, each.killedHigh]),
  ...(props.natural && !props.small ? [props.natural] : []),
])
const y = computed(() => decades(all.value, [HEIGHT.value - BOTTOM.value, TOP]))
const marksOfScale = computed(() => decadeMarks(y.value))
const x = (i: number) =>
  LEFT.value + ((WIDTH.value - LEFT.value - 6) * (i + 0.5)) / Math.max(1, props.rounds.length)
const half = computed(() => Math.min(22, (WIDTH.value - LEFT.value) / props.rounds.length / 3))
const marks = computed(() =>
  props.rounds.map((day, i) => ({
    day,
    x: x(i),
    drop: props.drops.find((drop) => drop.day === day),
    band: props.expected.find((each) => each.day === day),
  })),
)
const says = computed(() =>
  marks.value
    .map(
      (mark) =>
        `${shortDay(mark.day)}: ${mark.drop ? whole(mark.drop.byTreatment) : t('result.dropChart.noBoardRead')}` +
        (mark.band
          ? t('result.dropChart.foretold', {
              killedLow: whole(mark.band.killedLow),
              killedHigh: whole(mark.band.killedHigh),
            })
          : ''),
    )
    .join('; '),
)
</script>

<template>
  <svg
    :class="{ small }"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    :aria-label="t('result.dropChart.mitesDroppedByRound', { says })"
  >
    <template v-if="!small">
      <ValueAxis :scale="y" :marks="marksOfScale" :from="LEFT" :to="WIDTH" />
      <text :x="LEFT + 6" :y="TOP + 16">{{ t('result.dropChart.mitesLogScale') }}</text>
      <FootAxis
        :marks="marks.map((mark) => ({ x: mark.x, words: shortDay(mark.day) }))"
        :y="HEIGHT - 24"
        :what="{ words: t('result.dropChart.dayRound'), x: (WIDTH + LEFT) / 2, y: HEIGHT - 6 }"
      />
      <path v-if="natural" class="natural" :d="`M${LEFT} ${y(natural)}H${WIDTH}`" />
      <text v-if="natural" class="end" :x="WIDTH - 2" :y="y(natural) - 4">
        {{ t('result.dropChart.fallsByItselfDay', { natural: whole(natural) }) }}
      </text>
    </template>
    <g v-for="mark in marks" :key="mark.day">
      <rect
        v-if="mark.band"
        class="band"
        :x="mark.x - half"
        :y="y(mark.band.killedHigh)"
        :width="2 * half"
        :height="Math.max(1.5, y(mark.band.killedLow) - y(mark.band.killedHigh))"
      />
      <path
        v-if="mark.band"
        class="middle-line"
        :d="`M${mark.x - half} ${y(mark.band.killed)}h${2 * half}`"
      />
      <circle
        v-if="mark.drop"
        class="drop"
        :cx="mark.x"
        :cy="y(mark.drop.byTreatment)"
        :r="small ? 4 : 6"
      />
      <text
        v-if="mark.drop && !small"
        class="value"
        :x="mark.x + half + 4"
        :y="y(mark.drop.byTreatment) + 4"
      >
        {{ whole(mark.drop.byTreatment) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 640px;
}

.small {
  width: 150px;
  height: 44px;
}

text {
  font-size: 12px;
  fill: var(--ink-soft);
}

.end {
  text-anchor: end;
}

.value {
  fill: var(--ink);
  font-family: var(--figure-face);
  font-size: 14px;
}

.natural {
  stroke: var(--open);
  stroke-dasharray: 4 4;
}

.band {
  fill: var(--sky);
  stroke: var(--rule-strong);
}

.middle-line {
  stroke: var(--rule-strong);
  stroke-width: 2;
}

.drop {
  fill: var(--ink);
  stroke: var(--sheet);
  stroke-width: 1.5;
}
</style>
