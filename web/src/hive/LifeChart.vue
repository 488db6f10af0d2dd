<script setup lang="ts">
import { scaleLinear, scaleUtc } from 'd3-scale'
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import FootAxis from '../shared/chart/FootAxis.vue'
import ValueAxis from '../shared/chart/ValueAxis.vue'
import { shortDay } from '../shared/days'
import { percent } from '../shared/numbers'
import { inWords } from '../words/facts'
import { t } from '../words/words'

/** A hive's life on one line of time: where it stood, when it was treated, and what was counted with its interval. */
const props = defineProps<{ page: Shapes['HivePage'] }>()

const WIDTH = 900
const LEFT = 52
const RIGHT = WIDTH - 10
const STAYS = 22
const ROUNDS = 52
const TOP = 78
const FOOT = 214
const DAY = 24 * 3_600_000

const at = (day: string) => Date.parse(day)
const end = computed(() => at(props.page.endedOn ?? props.page.today) + DAY)
const begin = computed(() => {
  const days = [
    ...props.page.stays.map((each) => each.from),
    ...props.page.lines.map((each) => each.day),
  ].filter((day) => day !== undefined)
  const first = days.length ? Math.min(...days.map(at)) : end.value
  return Math.min(first, end.value - 60 * DAY) - 5 * DAY
})
const x = computed(() => scaleUtc().domain([begin.value, end.value]).range([LEFT, RIGHT]))
const most = computed(() => Math.max(0.04, ...props.page.samples.map((each) => each.high)))
const y = computed(() =>
  scaleLinear()
    .domain([0, 100 * Math.min(1, most.value)])
    .range([FOOT, TOP])
    .nice(4),
)
const stays = computed(() =>
  props.page.stays.map((each) => {
    const from = x.value(each.from ? at(each.from) : begin.value)
    const to = x.value(each.to ? at(each.to) : end.value)
    return { ...each, x: from, width: Math.max(2, to - from) }
  }),
)
const rounds = computed(() =>
  props.page.lines.flatMap((each) =>
    each.kind === 'TREATED' && each.day
      ? [{ x: x.value(at(each.day)), says: `${shortDay(each.day)}: ${inWords(each.says)}` }]
      : [],
  ),
)
const marks = computed(() =>
  x.value.ticks(7).map((day) => ({
    x: x.value(day),
    words: shortDay(day.toISOString().slice(0, 10)),
  })),
)
</script>

<template>
  <svg
    class="life"
    role="img"
    :viewBox="`0 0 ${WIDTH} 246`"
    :aria-label="t('hive.lifeChart.lifeDrawn', { name: page.hive.name })"
  >
    <ValueAxis :scale="y" :from="LEFT" :to="RIGHT" :words="(value) => `${value} %`" />
    <FootAxis :marks="marks" :y="FOOT + 18" :lines="[STAYS - 12, FOOT]" />
    <g v-for="each in stays" :key="each.x" class="stay">
      <title>{{ each.apiary }}, {{ each.name }}</title>
      <rect :x="each.x" :y="STAYS - 12" :width="each.width" height="22" />
      <text v-if="each.width > 60" :x="each.x + 6" :y="STAYS + 3">{{ each.apiary }}</text>
    </g>
    <text class="lane" :x="LEFT - 6" :y="ROUNDS + 4">{{ t('hive.lifeChart.rounds') }}</text>
    <g v-for="(each, i) in rounds" :key="i" class="round">
      <title>{{ each.says }}</title>
      <path :d="`M${each.x} ${ROUNDS - 9}l7 9-7 9-7-9z`" />
    </g>
    <g v-for="each in page.samples" :key="each.day" class="sample">
      <title>
        {{ shortDay(each.day) }}: {{ percent(each.share) }} ({{ percent(each.low) }}–{{
          percent(each.high)
        }})
      </title>
      <path :d="`M${x(at(each.day))} ${y(100 * each.low)}V${y(100 * each.high)}`" />
      <circle :cx="x(at(each.day))" :cy="y(100 * each.share)" r="4" />
    </g>
    <path v-if="page.endedOn" class="end" :d="`M${x(at(page.endedOn))} ${STAYS - 14}V${FOOT}`" />
  </svg>
</template>

<style scoped>
.life {
  width: 100%;
  min-width: 620px;
  height: auto;
}

text {
  font-size: 11.5px;
}

.stay rect {
  fill: var(--sky);
  stroke: var(--rule-strong);
}

.stay text {
  fill: var(--ink);
}

.lane {
  text-anchor: end;
  fill: var(--ink-soft);
}

.round path {
  fill: var(--sealed);
}

.sample path {
  stroke: var(--ink);
  stroke-width: 1.6;
}

.sample circle {
  fill: var(--burning);
}

.end {
  stroke: var(--off-label);
  stroke-width: 2.5;
  stroke-dasharray: 5 3;
}
</style>
