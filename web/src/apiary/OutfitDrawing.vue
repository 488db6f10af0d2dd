<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { counted } from '../shared/format'
import { fixed } from '../shared/numbers'
import { t } from '../words/words'
import { placed } from './places'
import { SHAPES, STATES, stateWords } from './yardLook'

/** The outfit drawn by its places: state of each yard by colour, shape and word, today's drives, what is near what. */
const props = defineProps<{ yards: readonly Shapes['YardLine'][] }>()

const WIDTH = 640
const HEIGHT = 400

const marks = computed(() =>
  placed(props.yards, WIDTH, HEIGHT, 34, (yard) => STATES.indexOf(yard.state)),
)
const without = computed(() => props.yards.length - marks.value.length)
/** What each crew was agreed to visit today, joined. */
const drives = computed(() => {
  const byCrew = new Map<string, string[]>()
  for (const { yard, x, y } of marks.value) {
    if (yard.crewToday)
      byCrew.set(yard.crewToday, [...(byCrew.get(yard.crewToday) ?? []), `${x},${y}`])
  }
  return [...byCrew].map(([crew, points]) => ({ crew, points: points.join(' ') }))
})

function says(yard: Shapes['YardLine']): string {
  const near = yard.near
    .map((each) => `${each.name} ${fixed(each.km, each.km < 10 ? 1 : 0)} km`)
    .join(', ')
  const words = [yard.apiary.name, stateWords[yard.state], counted(yard.hives, 'hive')]
  if (near) words.push(t('apiary.yards.near', { yards: near }))
  return words.join(', ')
}
const used = computed(() =>
  STATES.filter((state) => props.yards.some((yard) => yard.state === state)),
)
</script>

<template>
  <figure class="sheet drawn">
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="group" :aria-label="t('apiary.yards.drawn')">
      <polyline v-for="each in drives" :key="each.crew" class="drive" :points="each.points" />
      <router-link
        v-for="each in marks"
        :key="each.yard.apiary.id"
        :to="`/apiaries/${each.yard.apiary.id}`"
        class="mark"
        :class="each.yard.state"
        :aria-label="says(each.yard)"
      >
        <title>{{ says(each.yard) }}</title>
        <circle class="hit" :cx="each.x" :cy="each.y" r="13" />
        <text class="shape" :x="each.x" :y="each.y">{{ SHAPES[each.yard.state] }}</text>
        <text v-if="each.named" class="name" :x="each.x + 12" :y="each.y">
          {{ each.yard.apiary.name }}
        </text>
      </router-link>
    </svg>
    <figcaption class="soft">
      <span v-for="state in used" :key="state" class="key" :class="state"
        ><span aria-hidden="true">{{ SHAPES[state] }}</span> {{ stateWords[state] }}</span
      >
      {{ t('apiary.yards.drawnSays') }}
      <template v-if="without">{{
        ' ' + t('apiary.yards.noPlace', { n: without }, without) + '.'
      }}</template>
    </figcaption>
  </figure>
</template>

<style scoped>
.drawn {
  margin: 0;
  padding: 10px 12px;
}

svg {
  display: block;
  width: 100%;
  max-height: 420px;
}

.drive {
  fill: none;
  stroke: var(--rule-strong);
  stroke-width: 1.5;
  stroke-dasharray: 5 4;
}

.hit {
  fill: transparent;
}

.mark:hover .hit,
.mark:focus-visible .hit {
  fill: var(--wash);
  stroke: var(--ink);
}

text {
  dominant-baseline: central;
  fill: var(--ink);
}

.shape {
  text-anchor: middle;
  font-size: 17px;
  font-weight: 700;
}

.name {
  font-size: 12px;
}

.DANGER .shape,
.ABOVE .shape,
.key.DANGER,
.key.ABOVE {
  fill: var(--off-label);
  color: var(--off-label);
}

.NEEDS .shape,
.key.NEEDS {
  fill: var(--caution);
  color: var(--caution);
}

.key {
  margin-right: 14px;
  font-weight: 650;
}
</style>
