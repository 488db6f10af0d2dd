<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { area, line } from 'd3-shape'
import { computed, ref } from 'vue'
import type { Shapes } from '../api/client'
import FootAxis from '../shared/chart/FootAxis.vue'
import ValueAxis from '../shared/chart/ValueAxis.vue'
import { fromNothing } from '../shared/chart/scales'
import { addDays, daysBetween, shortDay } from '../shared/days'
import { useLimits } from '../shared/limits'
import { t } from '../words/words'

const props = defineProps<{
  forecast: Shapes['MiteForecast']
  bands: readonly Shapes['StageBand'][]
  marks: readonly string[]
  winterBees: string
  supers?: Shapes['DaySpan']
}>()
const emit = defineEmits<{ move: [days: string[]] }>()
/**
 * Brood above, mites below, over the same days. Treatment marks are dragged, moved by arrow keys, added and taken out.
 */
const limits = useLimits()
const LEFT = 68
const RIGHT = 14
const LANES = [
  { stage: 'EGGS', words: t('common.eggs') },
  { stage: 'LARVAE', words: t('common.larvae') },
  { stage: 'CAPPED_WORKER', words: t('spacing.benchChart.capped') },
  { stage: 'CAPPED_DRONE', words: t('spacing.benchChart.drones') },
] as const
const LANE = 15
const MARKS = LANES.length * LANE + 32
const TOP = MARKS + 12
const HEIGHT = 200
const BOTTOM = TOP + HEIGHT

const narrow = useMediaQuery('(width <= 900px)')
/** Drawn in fewer units on a narrow screen, so that its words stay readable. */
const width = computed(() => (narrow.value ? 430 : 840))
const svg = ref<SVGSVGElement | null>(null)
const held = ref<number | null>(null)

const from = computed(() => props.forecast.from)
const span = computed(() => props.forecast.exposed.length - 1)
const step = computed(() => (width.value - LEFT - RIGHT) / span.value)
const x = (day: number) => LEFT + day * step.value
const rows = computed(() =>
  props.forecast.exposed.map((exposed, i) => ({
    exposed,
    total: exposed + (props.forecast.capped[i] ?? 0),
    killed: props.forecast.killed[i] ?? 0,
    untreated: props.forecast.untreated[i] ?? 0,
    low: props.forecast.low[i] ?? 0,
    high: props.forecast.high[i] ?? 0,
  })),
)
type Row = (typeof rows.value)[number]
const y = computed(() =>
  fromNothing(Math.max(50, ...rows.value.map((row) => Math.max(row.high, row.total))), [
    BOTTOM,
    TOP,
  ]),
)
const weeks = computed(() => {
  const every = narrow.value ? 14 : 7 * Math.ceil(span.value / 70)
  return Array.from({ length: Math.floor(span.value / every) + 1 }, (_, i) => ({
    x: x(i * every),
    words: shortDay(addDays(from.value, i * every)),
  }))
})

function between(lower: (row: Row) => number, upper: (row: Row) => number): string | undefined {
  const drawn = area<Row>(
    (_, i) => x(i),
    (row) => y.value(lower(row)),
    (row) => y.value(upper(row)),
  )
  return drawn.digits(1)(rows.value) ?? undefined
}
function along(value: (row: Row) => number): string | undefined {
  const drawn = line<Row>(
    (_, i) => x(i),
    (row) => y.value(value(row)),
  )
  return drawn.digits(1)(rows.value) ?? undefined
}
const areas = computed(() => ({
  band: between(
    (row) => row.low,
    (row) => row.high,
  ),
  capped: between(
    (row) => row.exposed,
    (row) => row.total,
  ),
  exposed: between(
    () => 0,
    (row) => row.exposed,
  ),
  untreated: along((row) => row.untreated),
  killed: along((row) => row.killed),
}))
const lanes = computed(() =>
  LANES.map((lane, row) => ({
    ...lane,
    y: 6 + row * LANE,
    bars: props.bands
      .filter((each) => each.stage === lane.stage)
      .map((each) => ({
        from: Math.max(0, daysBetween(from.value, each.days.from)),
        to: Math.min(span.value, daysBetween(from.value, each.days.to) + 1),
      }))
      .filter((bar) => bar.to > bar.from),
  })),
)
const marks = computed(() => props.marks.map((day) => ({ day, at: daysBetween(from.value, day) })))
const supers = computed(() => {
  if (!props.supers) return null
  const begin = Math.max(0, daysBetween(from.value, props.supers.from))
  const end = Math.min(span.value, daysBetween(from.value, props.supers.to) + 1)
  return end > begin ? { begin, end } : null
})
const winter = computed(() => daysBetween(from.value, props.winterBees))

function dayAt(event: PointerEvent | MouseEvent): number {
  const box = svg.value?.getBoundingClientRect()
  if (!box) return 0
  const px = ((event.clientX - box.left) / box.width) * width.value
  return Math.max(0, Math.min(span.value, Math.round((px - LEFT) / step.value)))
}

function place(index: number, day: number): void {
  const wanted = addDays(from.value, Math.max(0, Math.min(span.value, day)))
  if (props.marks[index] === wanted) return
  const others = props.marks.filter((_, i) => i !== index)
  if (others.includes(wanted)) return
  const days = [...others, wanted].sort()
  held.value = held.value === null ? null : days.indexOf(wanted)
  emit('move', days)
}

function grab(index: number, event: PointerEvent): void {
  held.value = index
  svg.value?.setPointerCapture(event.pointerId)
}

function drag(event: PointerEvent): void {
  if (held.value !== null) place(held.value, dayAt(event))
}

function add(day: number): void {
  const wanted = addDays(from.value, day)
  if (
    !props.marks.includes(wanted) &&
    props.marks.length < limits.of('roundsInASchedule', Infinity)
  ) {
    emit('move', [...props.marks, wanted].sort())
  }
}

function remove(index: number): void {
  emit(
    'move',
    props.marks.filter((_, i) => i !== index),
  )
}

function keys(index: number, event: KeyboardEvent): void {
  const at = marks.value[index]?.at ?? 0
  if (event.key === 'ArrowRight') place(index, at + (event.shiftKey ? 7 : 1))
  else if (event.key === 'ArrowLeft') place(index, at - (event.shiftKey ? 7 : 1))
  else if (event.key === 'Delete' || event.key === 'Backspace') remove(index)
  else return
  event.preventDefault()
}

function addOne(): void {
  const last = marks.value.at(-1)?.at ?? -7
  const free = [last + 7, last + 1, 0].find(
    (day) => day <= span.value && !props.marks.includes(addDays(from.value, day)),
  )
  if (free !== undefined) add(free)
}
defineExpose({ addOne })
</script>

<template>
  <!-- Rounds are buttons that arrow keys move; dragging is the quicker way for a mouse. -->
  <!-- eslint-disable-next-line vuejs-accessibility/no-static-element-interactions -->
  <svg
    ref="svg"
    class="chart"
    :viewBox="`0 0 ${width} ${BOTTOM + 34}`"
    role="group"
    :aria-label="t('spacing.benchChart.broodMitesByDay')"
    @pointermove="drag"
    @pointerup="held = null"
    @pointercancel="held = null"
    @dblclick="(event) => add(dayAt(event))"
  >
    <g v-for="lane in lanes" :key="lane.stage" :class="lane.stage">
      <text class="lane" :x="LEFT - 6" :y="lane.y + 9">{{ lane.words }}</text>
      <rect
        v-for="(bar, i) in lane.bars"
        :key="i"
        :x="x(bar.from)"
        :y="lane.y"
        :width="x(bar.to) - x(bar.from)"
        :height="LANE - 3"
      />
    </g>
    <ValueAxis :scale="y" :from="LEFT" :to="width - RIGHT" />
    <g>
      <text
        class="axis"
        :x="12"
        :y="TOP + HEIGHT / 2"
        :transform="`rotate(-90 12 ${TOP + HEIGHT / 2})`"
      >
        {{ t('spacing.benchChart.mites') }}
      </text>
    </g>
    <path class="band" :d="areas.band" />
    <path class="capped" :d="areas.capped" />
    <path class="exposed" :d="areas.exposed" />
    <clipPath id="mites-panel">
      <rect :x="LEFT" :y="TOP" :width="width - LEFT - RIGHT" :height="HEIGHT" />
    </clipPath>
    <path class="untreated" :d="areas.untreated" clip-path="url(#mites-panel)" />
    <path class="killed" :d="areas.killed" />
    <g v-if="supers" class="supers">
      <rect
        :x="x(supers.begin)"
        :y="BOTTOM - 14"
        :width="x(supers.end) - x(supers.begin)"
        height="14"
      />
      <text :x="x(supers.begin) + 4" :y="BOTTOM - 18">{{ t('spacing.benchChart.supersOn') }}</text>
    </g>
    <g v-if="winter >= 0 && winter <= span" class="winter">
      <path :d="`M${x(winter)} ${TOP}V${BOTTOM}`" />
      <text :x="x(winter) + 4" :y="TOP + 12">{{ t('spacing.benchChart.winterBees') }}</text>
    </g>
    <FootAxis :marks="weeks" :y="BOTTOM + 19" :lines="[BOTTOM, BOTTOM + 5]" />
    <g
      v-for="(mark, i) in marks"
      :key="mark.day"
      class="mark"
      :class="{ held: held === i }"
      tabindex="0"
      role="slider"
      :aria-label="t('spacing.benchChart.round', { i: i + 1 })"
      aria-valuemin="0"
      :aria-valuemax="span"
      :aria-valuenow="mark.at"
      :aria-valuetext="shortDay(mark.day)"
      :data-mark="i + 1"
      @pointerdown.prevent="grab(i, $event)"
      @dblclick.stop
      @keydown="keys(i, $event)"
    >
      <path class="stem" :d="`M${x(mark.at)} ${MARKS}V${BOTTOM}`" />
      <rect :x="x(mark.at) - 12" :y="MARKS - 22" width="24" height="24" rx="2" />
      <text :x="x(mark.at)" :y="MARKS - 5">{{ i + 1 }}</text>
    </g>
  </svg>
</template>

<style scoped>
.chart {
  display: block;
  width: 100%;
  touch-action: none;
  user-select: none;
}

text {
  font-size: 13px;
  fill: var(--ink-soft);
  text-anchor: middle;
}

.lane {
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

.band {
  fill: var(--sky);
}

.capped {
  fill: var(--dusk);
  opacity: 0.85;
}

.exposed {
  fill: var(--dawn);
}

.untreated,
.killed {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
  stroke-dasharray: 5 4;
}

.killed {
  stroke: var(--open);
  stroke-dasharray: none;
  stroke-width: 2;
}

.supers rect {
  fill: none;
  stroke: var(--caution);
  stroke-dasharray: 4 3;
}

.supers text {
  text-anchor: start;
  fill: var(--caution);
}

.winter path {
  stroke: var(--sealed);
  stroke-dasharray: 2 3;
}

.winter text {
  text-anchor: start;
  fill: var(--sealed);
}

.mark {
  cursor: ew-resize;
}

.mark:focus-visible {
  outline: none !important;
}

.mark rect {
  fill: var(--ink);
}

.mark text {
  fill: var(--paper);
  font-size: 14px;
  font-weight: 700;
}

.mark .stem {
  stroke: var(--ink);
  stroke-width: 1.6;
}

.mark.held rect,
.mark:focus-visible rect {
  stroke: var(--focus);
  stroke-width: 3;
}
</style>
