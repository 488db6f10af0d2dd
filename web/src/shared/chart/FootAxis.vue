<script setup lang="ts">
/** What stands along the foot of a drawing, or over its head: days, minutes, loads; with lines up from them where wanted. */
withDefaults(
  defineProps<{
    marks: readonly { x: number; words: string | number }[]
    /** The line that the words stand on, in units of the drawing. */
    y: number
    /** From where to where a line goes at each mark. */
    lines?: readonly [number, number]
    /** What the marks are, in words of their own. */
    what?: { words: string; x: number; y: number }
    /** Whether words begin at their mark instead of standing in the middle of it. */
    beside?: boolean
  }>(),
  { lines: undefined, what: undefined },
)
</script>

<template>
  <g :class="{ beside }">
    <template v-for="mark in marks" :key="mark.x">
      <path v-if="lines" :d="`M${mark.x} ${lines[0]}V${lines[1]}`" />
      <text :x="mark.x + (beside ? 3 : 0)" :y="y">{{ mark.words }}</text>
    </template>
    <text v-if="what" class="what" :x="what.x" :y="what.y">{{ what.words }}</text>
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
  text-anchor: middle;
}

.beside text:not(.what) {
  text-anchor: start;
}
</style>
