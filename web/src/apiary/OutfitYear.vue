<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { monthNames } from '../shared/days'
import { percent } from '../shared/numbers'
import { fromNothing } from '../shared/chart/scales'
import { t } from '../words/words'

/** What was counted this year, month by month, against the limit. */
const props = defineProps<{ months: readonly Shapes['SampledMonth'][]; limit: number }>()

const WIDTH = 640
const HEIGHT = 110
const names = monthNames()

const most = computed(() =>
  Math.max(1.5 * props.limit, ...props.months.map((each) => each.mites / each.bees)),
)
const y = computed(() => fromNothing(most.value, [HEIGHT - 22, 8], 3))
const step = (WIDTH - 50) / 12
const bars = computed(() =>
  props.months.map((each) => {
    const share = each.mites / each.bees
    return {
      ...each,
      x: 46 + (each.month - 1) * step,
      top: y.value(share),
      says: t('apiary.yards.month', {
        month: names[each.month - 1],
        share: percent(share),
        samples: t('apiary.yards.samples', { n: each.samples }, each.samples),
      }),
      above: share > props.limit,
    }
  }),
)
</script>

<template>
  <figure class="sheet year">
    <figcaption>
      <h2>{{ t('apiary.yards.year') }}</h2>
      <span class="soft">{{ t('apiary.yards.yearSays') }}</span>
    </figcaption>
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="group" :aria-label="t('apiary.yards.year')">
      <text class="axis" x="40" :y="y(0)">0</text>
      <text class="axis" x="40" :y="y(limit)">{{ percent(limit) }}</text>
      <g v-for="bar in bars" :key="bar.month" role="img" :aria-label="bar.says">
        <title>{{ bar.says }}</title>
        <rect
          :class="{ above: bar.above }"
          :x="bar.x"
          :y="bar.top"
          :width="step - 8"
          :height="Math.max(1, y(0) - bar.top)"
        />
      </g>
      <text
        v-for="(name, i) in names"
        :key="name"
        class="month"
        :x="46 + i * step + (step - 8) / 2"
        :y="HEIGHT - 8"
      >
        {{ name }}
      </text>
      <path class="limit" :d="`M44 ${y(limit)}H${WIDTH}`" />
      <path class="rule" :d="`M44 ${y(0)}H${WIDTH}`" />
    </svg>
  </figure>
</template>

<style scoped>
.year {
  margin: 0;
  padding: 10px 12px;
}

h2 {
  margin: 0;
}

text {
  font-size: 11px;
  fill: var(--ink-soft);
}

.axis {
  text-anchor: end;
  dominant-baseline: central;
}

.month {
  text-anchor: middle;
}

rect {
  fill: var(--rule-strong);
}

rect.above {
  fill: var(--off-label);
}

.limit {
  stroke: var(--ink);
  stroke-dasharray: 4 3;
}

.rule {
  stroke: var(--rule-strong);
}
</style>
