<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'

/** The bowl's temperature over the latest three minutes, with what it is set to. */
const props = defineProps<{ seen: Shapes['Seen'] }>()

const WIDTH = 440
const HEIGHT = 132
const LEFT = 40
const BOTTOM = 30
const SPAN = 180
/** A load is gone once the bowl is back within ten degrees of its set temperature. */
const GONE = 10

const set = computed(() => props.seen.tool.setCelsius)
/** While it heats up, all of it; once it is hot, close enough to see the dip. */
const lowest = computed(() => {
  const hot = props.seen.state !== 'PREHEATING'
  const dip = Math.min(set.value - 30, (props.seen.lowest ?? set.value) - 5)
  const coldest = hot ? dip : Math.min(dip, ...props.seen.latest.map((each) => each.celsius))
  return Math.floor(coldest / 20) * 20
})
const highest = computed(() => {
  const hottest = Math.max(set.value + 12, ...props.seen.latest.map((each) => each.celsius))
  return Math.ceil(hottest / 10) * 10
})
const x = (seconds: number) =>
  LEFT + ((WIDTH - LEFT - 6) * (SPAN - (props.seen.seconds - seconds))) / SPAN
const y = (celsius: number) =>
  8 + ((HEIGHT - BOTTOM - 8) * (highest.value - celsius)) / (highest.value - lowest.value)
const line = computed(() =>
  props.seen.latest
    .filter((each) => each.seconds > props.seen.seconds - SPAN && each.celsius >= lowest.value)
    .map((each, i) => `${i ? 'L' : 'M'}${x(each.seconds).toFixed(1)} ${y(each.celsius).toFixed(1)}`)
    .join(''),
)
const marks = computed(() => {
  const step = highest.value - lowest.value > 120 ? 50 : 20
  const found: number[] = []
  for (let each = Math.ceil(lowest.value / step) * step; each <= highest.value; each += step)
    found.push(each)
  return found
})
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    :aria-label="`Bowl over three minutes, now ${seen.celsius?.toFixed(0) ?? 'unknown'} °C, set to ${set} °C`"
  >
    <g v-for="mark in marks" :key="mark">
      <path class="grid" :d="`M${LEFT} ${y(mark)}H${WIDTH - 6}`" />
      <text class="left" :x="LEFT - 5" :y="y(mark) + 4">{{ mark }}</text>
    </g>
    <rect
      class="gone"
      :x="LEFT"
      :y="y(set)"
      :width="WIDTH - LEFT - 6"
      :height="y(set - GONE) - y(set)"
    />
    <path class="set" :d="`M${LEFT} ${y(set)}H${WIDTH - 6}`" />
    <path class="bowl" :d="line" />
    <text
      v-for="ago in [180, 120, 60, 0]"
      :key="ago"
      class="middle"
      :x="x(seen.seconds - ago) - (ago ? 0 : 8)"
      :y="HEIGHT - 16"
    >
      {{ ago ? `−${ago}` : 'now' }}
    </text>
    <text class="middle" :x="(WIDTH + LEFT) / 2" :y="HEIGHT - 2">
      seconds; bowl in °C, dashed: set
    </text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}

text {
  fill: var(--ink-soft);
  font-size: 11px;
}

.left {
  text-anchor: end;
}

.middle {
  text-anchor: middle;
}

.grid {
  stroke: var(--rule);
  stroke-width: 1;
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
