<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import { whole } from '../shared/numbers'

/** Visits against mites left: the best that each number of visits can do, and where the schools fall. */
const props = defineProps<{ comparison: Shapes['Comparison'] }>()
const emit = defineEmits<{ take: [series: Shapes['EvenSeries']] }>()

const WIDTH = 520
const HEIGHT = 280
const LEFT = 64
const BOTTOM = 240
const schools = computed(() => props.comparison.schools.filter((each) => each.settled))
const single = computed(() =>
  props.comparison.breaks.reduce<Shapes['BroodBreak'] | null>(
    (best, each) => (best === null || each.left < best.left ? each : best),
    null,
  ),
)
const all = computed(() => [
  ...props.comparison.front.map((each) => each.left),
  ...schools.value.map((each) => each.left),
  ...(single.value ? [single.value.left] : []),
])
const high = computed(() => Math.max(10, props.comparison.untreated, ...all.value) * 1.3)
const low = computed(() => Math.max(1, Math.min(...all.value) / 1.6))
const x = (visits: number) => LEFT + (visits / 8.6) * (WIDTH - LEFT - 10)
const y = (left: number) =>
  BOTTOM -
  ((Math.log(Math.max(left, low.value)) - Math.log(low.value)) /
    (Math.log(high.value) - Math.log(low.value))) *
    (BOTTOM - 16)
const ticks = computed(() => {
  const found: number[] = []
  for (let power = 1; power < 1e7; power *= 10) {
    for (const n of [1, 3]) {
      const tick = n * power
      if (tick >= low.value && tick <= high.value) found.push(tick)
    }
  }
  return found
})
const path = computed(() =>
  props.comparison.front
    .map((each, i) => `${i ? 'L' : 'M'}${x(each.rounds)} ${y(each.left)}`)
    .join(''),
)
</script>

<template>
  <figure>
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="group" aria-label="Visits against mites left">
      <g v-for="tick in ticks" :key="tick" class="grid">
        <path :d="`M${LEFT} ${y(tick)}H${WIDTH - 10}`" />
        <text class="left" :x="LEFT - 6" :y="y(tick) + 4">{{ whole(tick) }}</text>
      </g>
      <text v-for="visits in 8" :key="visits" :x="x(visits)" :y="BOTTOM + 18">{{ visits }}</text>
      <text :x="(LEFT + WIDTH) / 2" :y="HEIGHT - 4">visits</text>
      <text :transform="`rotate(-90 12 ${BOTTOM / 2})`" x="12" :y="BOTTOM / 2">
        mites left, each line three times the last
      </text>
      <path class="front" :d="path" />
      <g v-for="each in schools" :key="each.id" class="school">
        <path
          :d="`M${x(each.days.length) - 5} ${y(each.left)}h10M${x(each.days.length)} ${y(each.left) - 5}v10`"
        >
          <title>
            {{ each.name }}: {{ whole(each.left) }} mites left after {{ each.days.length }} visits
          </title>
        </path>
      </g>
      <g v-if="single" class="single">
        <path :d="`M${x(1)} ${y(single.left) - 8}l8 8-8 8-8-8z`">
          <title>one round with nothing capped: {{ whole(single.left) }} mites left</title>
        </path>
        <text class="right" :x="x(1) + 14" :y="y(single.left) + 4">one round, nothing capped</text>
      </g>
      <g
        v-for="each in comparison.front"
        :key="each.rounds"
        class="best"
        :class="{ off: each.verdict === 'NOT_ON_LABEL' }"
        tabindex="0"
        role="button"
        :aria-label="`Take ${each.rounds} rounds, ${each.gap} days apart from ${shortDay(each.start)}: ${whole(each.left)} mites left`"
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
      ● the fewest mites that so many visits can leave, whichever of 14 days they begin (hollow: not
      on the rule sheet) · + schools from {{ shortDay(comparison.start) }} · ◆ one round with
      nothing capped. Press a ● to put it on the bench.
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

.left {
  text-anchor: end;
}

.right {
  text-anchor: start;
}

.grid path {
  stroke: var(--rule);
  stroke-width: 0.6;
}

.front {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}

.school path {
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
