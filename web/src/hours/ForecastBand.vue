<script setup lang="ts">
import { computed } from 'vue'
import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import type { Shapes } from '../api/client'
import FootAxis from '../shared/chart/FootAxis.vue'
import ValueAxis from '../shared/chart/ValueAxis.vue'
import { dayOf } from '../shared/format'
import { degrees, degreesBetween, signOf } from '../shared/units/quantity'
import { t } from '../words/words'
import { fixed } from '../shared/numbers'

/** Temperatures of the next days: the likely line in a band that widens with the days ahead. */
const props = defineProps<{ days: readonly Shapes['YardDay'][] }>()
const WIDTH = 1000
const HEIGHT = 120
const LEFT = 46
const BOTTOM = 20

interface Point {
  x: number
  celsius: number
  unsure: number
}

/** Stretches of hours that somebody tells of. */
const stretches = computed<Point[][]>(() => {
  const all = props.days.flatMap((day) =>
    day.hours.map((hour) => ({ celsius: hour.weather?.celsius, unsure: day.unsure })),
  )
  const found: Point[][] = [[]]
  all.forEach(({ celsius, unsure }, i) => {
    const x = LEFT + ((WIDTH - LEFT) * i) / Math.max(1, all.length - 1)
    if (celsius === undefined) found.push([])
    else found.at(-1)?.push({ x, celsius, unsure })
  })
  return found.filter((each) => each.length > 0)
})
const points = computed(() => stretches.value.flat())
const isUnsure = computed(() => points.value.some((p) => p.unsure > 0))
const y = computed(() =>
  scaleLinear()
    .domain([
      Math.min(...points.value.map((p) => p.celsius - p.unsure)),
      Math.max(...points.value.map((p) => p.celsius + p.unsure)),
    ])
    .range([HEIGHT - BOTTOM, 6])
    .nice(6),
)
const begins = computed(() =>
  props.days.map((day, i) => ({
    x: LEFT + ((WIDTH - LEFT) * i) / props.days.length,
    words: dayOf(day.date).split(' ').slice(0, 2).join(' '),
  })),
)
const drawn = computed(() =>
  stretches.value.map((stretch) => ({
    line:
      line<Point>(
        (p) => p.x,
        (p) => y.value(p.celsius),
      )(stretch) ?? undefined,
    band:
      area<Point>(
        (p) => p.x,
        (p) => y.value(p.celsius - p.unsure),
        (p) => y.value(p.celsius + p.unsure),
      )(stretch) ?? undefined,
  })),
)
const says = computed(() =>
  t('hours.forecastBand.temperatureNextDays', {
    signOf: signOf('temperature'),
    days: props.days
      .map((day) => {
        const all = day.hours.flatMap((hour) => (hour.weather ? [hour.weather.celsius] : []))
        if (all.length === 0) return t('hours.forecastBand.unknown', { date: dayOf(day.date) })
        const range = `${dayOf(day.date)} ${degreesBetween(Math.min(...all), Math.max(...all))}`
        return day.unsure > 0
          ? t('hours.forecastBand.giveOrTake', { range, unsure: fixed(day.unsure, 1) })
          : range
      })
      .join('; '),
  }),
)
</script>

<template>
  <figure>
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="says">
      <ValueAxis
        :scale="y"
        :marks="y.ticks(3)"
        :words="(celsius) => degrees(celsius, 0)"
        :from="LEFT"
        :to="WIDTH"
      />
      <FootAxis :marks="begins" :y="HEIGHT - 4" beside />
      <template v-for="each in drawn" :key="each.line">
        <path :d="each.band" class="band" />
        <path :d="each.line" class="line" />
      </template>
    </svg>
    <figcaption v-if="isUnsure" class="soft">
      {{ t('hours.forecastBand.lineLikelyTemperatureFour') }}
    </figcaption>
    <figcaption v-else class="soft">
      {{ t('hours.forecastBand.temperaturesAsTheyAre') }}
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 8px 0;
}

svg {
  width: 100%;
  max-width: 1100px;
}

.band {
  fill: var(--dawn);
  opacity: 0.35;
}

.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}

figcaption {
  font-size: 0.8125rem;
}
</style>
