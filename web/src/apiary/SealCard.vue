<script setup lang="ts">
import { computed } from 'vue'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import type { Shapes } from '../api/client'
import FootAxis from '../shared/chart/FootAxis.vue'
import ValueAxis from '../shared/chart/ValueAxis.vue'
import { clockOf } from '../shared/format'
import { roughly } from '../shared/numbers'
import { LEAKS } from '../shared/standing'

/** What a hive holds of its vapour, where the rest goes, and what to shut first. */
const props = defineProps<{ read: Shapes['HiveSeal']; name: string }>()

const WIDTH = 330
const HEIGHT = 128
const LEFT = 44
const TOP = 10

const seal = computed(() => props.read.seal)
const estimate = computed(() => props.read.estimate)
const end = computed(() => estimate.value.curve.at(-1)?.second ?? 600)
const minutesShut = computed(() => Math.round((end.value - estimate.value.withdrawnAt) / 60))
const x = computed(() =>
  scaleLinear()
    .domain([0, end.value])
    .range([LEFT, WIDTH - 8]),
)
const y = scaleLinear().range([HEIGHT - 28, TOP])

function drawn(of: 'inAir' | 'settled' | 'lost'): string | undefined {
  const path = line<Shapes['SealEstimate']['curve'][number]>(
    (point) => x.value(point.second),
    (point) => y(point[of]),
  )
  return path.digits(1)(estimate.value.curve) ?? undefined
}
const minutes = computed(() =>
  Array.from({ length: Math.floor(end.value / 120) + 1 }, (_, i) => ({
    x: x.value(120 * i),
    words: 2 * i,
  })),
)
const best = computed(() => seal.value.gains[0])
const gainOfGram = computed(() => seal.value.killGramMore - seal.value.kill)
</script>

<template>
  <section class="seal" :aria-label="`Seal estimate of ${name}`">
    <h3>
      Keeps <span class="figure">{{ roughly(estimate.kept) }}</span> of the acid
    </h3>
    <p class="soft">
      Model estimate, {{ estimate.litres.toFixed(0) }} L, opened {{ minutesShut }} min after the
      tool is out. Most is down after {{ clockOf(1000 * estimate.mostlyDownSeconds) }}.
    </p>
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="`Share of the acid over ${(end / 60).toFixed(0)} minutes: settled ${roughly(estimate.kept)}, lost ${roughly(estimate.lost)}, still in the air ${roughly(estimate.inAir)}`"
    >
      <ValueAxis
        :scale="y"
        :marks="[0, 0.5, 1]"
        :words="(share) => `${100 * share} %`"
        :from="LEFT"
        :to="WIDTH - 8"
      />
      <FootAxis
        :marks="minutes"
        :y="HEIGHT - 14"
        :what="{ words: 'minutes from the burn’s start', x: (WIDTH + LEFT) / 2, y: HEIGHT - 2 }"
      />
      <path class="settled" :d="drawn('settled')" />
      <path class="air" :d="drawn('inAir')" />
      <path class="lost" :d="drawn('lost')" />
      <path class="out" :d="`M${x(estimate.withdrawnAt)} ${TOP}V${y(0)}`" />
    </svg>
    <p class="legend">
      <span class="settled">settled {{ roughly(estimate.kept) }}</span>
      <span class="air">in the air {{ roughly(estimate.inAir) }}</span>
      <span class="lost">lost {{ roughly(estimate.lost) }}</span>
    </p>
    <p v-if="best" class="first">
      <strong>First: {{ best.remedy }}.</strong> Then it keeps {{ roughly(best.kept) }}, and
      {{ roughly(best.kill) }} of the mites on bees are killed instead of {{ roughly(seal.kill) }}.
      One gram a box more would give {{ roughly(seal.killGramMore) }}.
    </p>
    <p v-else class="first">
      Nothing left to shut that would show. One gram a box more would kill
      {{ (100 * gainOfGram).toFixed(0) }} in 100 mites on bees more.
    </p>
    <details v-if="seal.gains.length > 1">
      <summary>Every opening</summary>
      <ol>
        <li v-for="gain in seal.gains" :key="gain.kind">
          {{ gain.words }}: {{ gain.remedy }}, then keeps {{ roughly(gain.kept) }}
        </li>
      </ol>
      <p>
        All shut: keeps {{ roughly(seal.keptShut) }}, kills {{ roughly(seal.killShut) }} of the
        mites on bees.
      </p>
    </details>
    <details>
      <summary>Before the burn</summary>
      <h4>Heated bowl</h4>
      <ul>
        <li v-for="task in read.bowlTasks" :key="task.kind">{{ task.words }}</li>
      </ul>
      <h4>Pan wand</h4>
      <ul>
        <li v-for="task in read.panTasks" :key="task.kind">{{ task.words }}</li>
      </ul>
    </details>
    <details>
      <summary>Why, and what it leaves out</summary>
      <p>
        One mixed volume: vapour settles at a fixed share a second and leaves through each opening
        by its size ÷ the hive's litres. At {{ seal.gramsPerBox }} g a box, by the field curve.
      </p>
      <ul>
        <li v-for="leak in estimate.leaks" :key="leak.kind">
          {{ LEAKS[leak.kind] }}: {{ leak.cm2.toFixed(1) }} cm²,
          {{ (1000 * leak.litresASecond).toFixed(1) }} mL/s
        </li>
      </ul>
      <p class="soft">
        Calibrated on keepers' experience, not measured. Left out: wind and draught, warmth rising,
        bees fanning, a pan's open entrance between loads. For comparing set-ups.
      </p>
    </details>
  </section>
</template>

<style scoped>
.seal {
  display: grid;
  gap: 4px;
}

h3 {
  margin: 0;
  font-size: 1.2rem;
}

h4 {
  margin: 6px 0 0;
}

p {
  margin: 0;
}

svg > path {
  fill: none;
  stroke-width: 2.2;
}

svg .settled {
  stroke: var(--open);
  stroke-width: 3;
}

svg .air {
  stroke: var(--sealed);
  stroke-dasharray: 6 3;
}

svg .lost {
  stroke: var(--off-label);
  stroke-dasharray: 2 3;
}

svg .out {
  stroke: var(--rule-strong);
  stroke-width: 1;
}

.legend {
  display: flex;
  gap: 16px;
  font-size: 0.8125rem;
  font-weight: 600;
}

.legend .settled {
  color: var(--open);
}

.legend .air {
  color: var(--sealed);
}

.legend .lost {
  color: var(--off-label);
}

.first {
  padding: 4px 0;
}

summary {
  min-height: 32px;
  cursor: pointer;
}

ol,
ul {
  margin: 4px 0;
  padding-left: 20px;
}
</style>
