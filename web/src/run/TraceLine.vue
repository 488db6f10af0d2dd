<script setup lang="ts">
import { computed } from 'vue'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import type { Shapes } from '../api/client'
import FootAxis from '../shared/chart/FootAxis.vue'
import ValueAxis from '../shared/chart/ValueAxis.vue'
import { degrees } from '../shared/units/quantity'
import { t } from '../words/words'

/** The bowl's temperature over the latest three minutes, with what it is set to. */
const props = defineProps<{ seen: Shapes['Seen'] }>()

const WIDTH = 440
const HEIGHT = 132
const LEFT = 52
const BOTTOM = 30
const SPAN = 180
const set = computed(() => props.seen.tool.setCelsius)
/** While it heats up, all of it; once it is hot, close enough to see the dip. */
const lowest = computed(() => {
  const hot = props.seen.state !== 'PREHEATING'
  const dip = Math.min(set.value - 30, (props.seen.lowest ?? set.value) - 5)
  const coldest = hot ? dip : Math.min(dip, ...props.seen.latest.map((each) => each.celsius))
  return Math.floor(coldest / 20) * 20
})
const x = computed(() =>
  scaleLinear()
    .domain([props.seen.seconds - SPAN, props.seen.seconds])
    .range([LEFT, WIDTH - 6]),
)
const y = computed(() => {
  const hottest = Math.max(set.value + 12, ...props.seen.latest.map((each) => each.celsius))
  return scaleLinear()
    .domain([lowest.value, Math.ceil(hottest / 10) * 10])
    .range([HEIGHT - BOTTOM, 8])
})
const agos = computed(() =>
  [180, 120, 60, 0].map((ago) => ({
    x: x.value(props.seen.seconds - ago) - (ago ? 0 : 8),
    words: ago ? `−${ago}` : t('run.traceLine.now'),
  })),
)
const bowl = computed(
  () =>
    line<Shapes['Seen']['latest'][number]>(
      (each) => x.value(each.seconds),
      (each) => y.value(each.celsius),
    ).digits(1)(
      props.seen.latest.filter(
        (each) => each.seconds > props.seen.seconds - SPAN && each.celsius >= lowest.value,
      ),
    ) ?? undefined,
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    :aria-label="
      t('run.traceLine.bowlOverThreeMinutes', {
        celsius: seen.celsius === undefined ? t('common.unknown') : degrees(seen.celsius, 0),
        set: degrees(set, 0),
      })
    "
  >
    <ValueAxis :scale="y" :words="(celsius) => degrees(celsius, 0)" :from="LEFT" :to="WIDTH - 6" />
    <rect
      class="gone"
      :x="LEFT"
      :y="y(set)"
      :width="WIDTH - LEFT - 6"
      :height="y(set - seen.goneWithin) - y(set)"
    />
    <path class="set" :d="`M${LEFT} ${y(set)}H${WIDTH - 6}`" />
    <path class="bowl" :d="bowl" />
    <FootAxis
      :marks="agos"
      :y="HEIGHT - 16"
      :what="{ words: t('run.traceLine.secondsDashedSet'), x: (WIDTH + LEFT) / 2, y: HEIGHT - 2 }"
    />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}

.gone {
  fill: var(--ink);
  opacity: 0.07;
}

.set {
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-dasharray: 6 4;
}

.bowl {
  fill: none;
  stroke: var(--burning, var(--ink));
  stroke-width: 2.5;
  stroke-linejoin: round;
}
</style>
