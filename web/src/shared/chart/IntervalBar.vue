<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../../api/client'
import { percent } from '../numbers'
import { t } from '../../words/words'

/** Where an infestation truly lies, drawn against the limit of the season. */
const props = defineProps<{ reading: Shapes['SampleReading']; limit: number; most: number }>()

const x = (share: number) => Math.min(100, (share / props.most) * 100)
const words = computed(() =>
  t('shared.intervalBar.limit', {
    share: percent(props.reading.share),
    low: percent(props.reading.interval.low),
    high: percent(props.reading.interval.high),
    limit: percent(props.limit),
  }),
)
</script>

<template>
  <svg
    class="bar"
    :class="reading.standing"
    viewBox="0 0 100 20"
    preserveAspectRatio="none"
    role="img"
    :aria-label="words"
  >
    <path class="axis" d="M0 10H100" />
    <rect
      class="span"
      :x="x(reading.interval.low)"
      y="5"
      :width="Math.max(0.8, x(reading.interval.high) - x(reading.interval.low))"
      height="10"
    />
    <rect class="point" :x="x(reading.share) - 0.6" y="2" width="1.2" height="16" />
    <path class="limit" :d="`M${x(limit)} 0V20`" />
  </svg>
</template>

<style scoped>
.bar {
  display: block;
  width: 100%;
  min-width: 140px;
  height: 20px;
}

.axis {
  stroke: var(--rule);
  vector-effect: non-scaling-stroke;
}

.span {
  fill: var(--rule-strong);
  opacity: 0.55;
}

.DANGER .span,
.ABOVE .span {
  fill: var(--off-label);
}

.BELOW .span {
  fill: var(--open);
}

.point {
  fill: var(--ink);
}

.limit {
  stroke: var(--ink);
  stroke-width: 2;
  stroke-dasharray: 3 2;
  vector-effect: non-scaling-stroke;
}
</style>
