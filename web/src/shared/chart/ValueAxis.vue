<script setup lang="ts">
import { computed } from 'vue'
import { whole } from '../numbers'
import type { Scale } from './scales'

/** Lines across a drawing at round values, with what they stand for at one end. */
const props = withDefaults(
  defineProps<{
    scale: Scale
    /** Where the lines begin and end, in units of the drawing. */
    from: number
    to: number
    /** Values to mark; round ones of the scale where none are given. */
    marks?: readonly number[]
    words?: (value: number) => string
    /** Whether the values stand at the right end. */
    right?: boolean
  }>(),
  { marks: undefined, words: whole },
)
const lines = computed(() =>
  (props.marks ?? props.scale.ticks(4)).map((value) => ({ value, y: props.scale(value) })),
)
</script>

<template>
  <g :class="{ right }">
    <template v-for="line in lines" :key="line.value">
      <path :d="`M${from} ${line.y}H${to}`" />
      <text :x="right ? to + 8 : from - 6" :y="line.y + 4">{{ words(line.value) }}</text>
    </template>
  </g>
</template>

<style scoped>
path {
  stroke: var(--rule);
  stroke-width: 0.8;
}

text {
  font-size: 11.5px;
  fill: var(--ink-soft);
  text-anchor: end;
}

.right text {
  text-anchor: start;
}
</style>
