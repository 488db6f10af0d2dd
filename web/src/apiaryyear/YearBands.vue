<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import FootAxis from '../shared/chart/FootAxis.vue'
import { addDays, daysBetween, shortDay } from '../shared/days'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** The next twelve months of an apiary as bands: supers, flows, laying, winter bees, days off. */
const props = defineProps<{ year: readonly Shapes['YearStretch'][] }>()
const LANES: { kinds: Shapes['YearStretch']['kind'][]; name: string }[] = [
  { kinds: ['SUPERS'], name: t('apiaryyear.yearBands.supersOn') },
  { kinds: ['FLOW'], name: t('apiaryyear.yearBands.flows') },
  { kinds: ['NO_LAYING'], name: t('apiaryyear.yearBands.noLaying') },
  { kinds: ['BROODLESS'], name: t('common.nothingCapped') },
  { kinds: ['WINTER_BEES'], name: t('apiaryyear.yearBands.winterBees') },
  { kinds: ['OFF'], name: t('apiaryyear.yearBands.daysOff') },
]
const DAYS = 365
const LABEL = 110
const WIDTH = 1000
const LANE = 22

const from = computed(() => {
  const first = props.year.map((each) => each.from).sort()[0]
  return first ?? new Date().toISOString().slice(0, 10)
})
const months = computed(() =>
  Array.from({ length: DAYS }, (_, i) => addDays(from.value, i))
    .filter((day) => day.endsWith('-01'))
    .map((day) => ({ x: x(day), words: shortDay(day).split(' ')[1] ?? '' })),
)

function x(day: string): number {
  return LABEL + ((WIDTH - LABEL) * daysBetween(from.value, day)) / DAYS
}

function saysOf(each: Shapes['YearStretch']): string {
  return t('apiaryyear.yearBands.to', {
    from: shortDay(each.from),
    to: shortDay(each.to),
    says: inWords(each.says),
  })
}
</script>

<template>
  <svg
    class="bands"
    :viewBox="`0 0 ${WIDTH} ${24 + LANE * LANES.length}`"
    role="img"
    aria-labelledby="bands-say"
  >
    <title id="bands-say">
      {{
        t('apiaryyear.yearBands.nextTwelveMonths', {
          saysOf: year.map(saysOf).join('. ') || t('apiaryyear.yearBands.nothingEntered'),
        })
      }}
    </title>
    <FootAxis :marks="months" :y="12" :lines="[16, 20 + LANE * LANES.length]" beside />
    <g v-for="(lane, i) in LANES" :key="lane.name">
      <text x="0" :y="36 + LANE * i">{{ lane.name }}</text>
      <rect
        v-for="each in year.filter((stretch) => lane.kinds.includes(stretch.kind))"
        :key="each.kind + each.from"
        :class="each.kind"
        :x="x(each.from)"
        :y="23 + LANE * i"
        :width="Math.max(3, x(addDays(each.to, 1)) - x(each.from))"
        height="15"
      >
        <title>{{ saysOf(each) }}</title>
      </rect>
    </g>
  </svg>
</template>

<style scoped>
.bands {
  width: 100%;
  max-width: 1100px;
  margin: 6px 0 12px;
}

text {
  font-size: 13px;
  fill: var(--ink);
}

.SUPERS,
.FLOW {
  fill: var(--dusk);
}

.FLOW {
  opacity: 0.6;
}

.NO_LAYING {
  fill: var(--sky);
  stroke: var(--sealed);
}

.BROODLESS {
  fill: var(--sealed);
}

.WINTER_BEES {
  fill: var(--off-label);
}

.OFF {
  fill: var(--ink-soft);
}
</style>
