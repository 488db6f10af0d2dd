<script setup lang="ts">
import { computed } from 'vue'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import type { Shapes } from '../api/client'
import FootAxis from '../shared/chart/FootAxis.vue'
import ValueAxis from '../shared/chart/ValueAxis.vue'
import { clockOf } from '../shared/format'
import { fixed, roughly } from '../shared/numbers'
import { LEAKS } from '../shared/standing'
import { taskWords } from '../shared/readyWords'
import { t } from '../words/words'
import { wordOf } from '../words/facts'
import { litres, weight } from '../shared/units/quantity'

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
  <section class="seal" :aria-label="t('apiary.sealCard.sealEstimate', { name })">
    <h3>
      <i18n-t keypath="apiary.sealCard.keepsAcid" scope="global"
        ><template #span
          ><span class="figure">{{ roughly(estimate.kept) }}</span></template
        ></i18n-t
      >
    </h3>
    <p class="soft">
      {{
        t('apiary.sealCard.modelEstimateLOpened', {
          litres: litres(estimate.litres),
          minutesShut,
          mostlyDownSeconds: clockOf(1000 * estimate.mostlyDownSeconds),
        })
      }}
    </p>
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="
        t('apiary.sealCard.shareAcidOverMinutes', {
          end: fixed(end / 60, 0),
          kept: roughly(estimate.kept),
          lost: roughly(estimate.lost),
          inAir: roughly(estimate.inAir),
        })
      "
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
        :what="{
          words: t('apiary.sealCard.minutesFromBurnsStart'),
          x: (WIDTH + LEFT) / 2,
          y: HEIGHT - 2,
        }"
      />
      <path class="settled" :d="drawn('settled')" />
      <path class="air" :d="drawn('inAir')" />
      <path class="lost" :d="drawn('lost')" />
      <path class="out" :d="`M${x(estimate.withdrawnAt)} ${TOP}V${y(0)}`" />
    </svg>
    <p class="legend">
      <span class="settled">{{
        t('apiary.sealCard.settled', { kept: roughly(estimate.kept) })
      }}</span>
      <span class="air">{{ t('apiary.sealCard.air', { inAir: roughly(estimate.inAir) }) }}</span>
      <span class="lost">{{ t('apiary.sealCard.lost', { lost: roughly(estimate.lost) }) }}</span>
    </p>
    <p v-if="best" class="first">
      <i18n-t keypath="apiary.sealCard.thenKeepsMitesOn" scope="global"
        ><template #strong
          ><strong>{{
            t('apiary.sealCard.first', { remedy: wordOf(`LeakRemedy.${best.kind}`) })
          }}</strong></template
        ><template #kept>{{ roughly(best.kept) }}</template
        ><template #kill>{{ roughly(best.kill) }}</template
        ><template #kill2>{{ roughly(seal.kill) }}</template
        ><template #killGramMore>{{ roughly(seal.killGramMore) }}</template></i18n-t
      >
    </p>
    <p v-else class="first">
      {{ t('apiary.sealCard.nothingLeftShutWould', { gainOfGram: fixed(100 * gainOfGram, 0) }) }}
    </p>
    <details v-if="seal.gains.length > 1">
      <summary>{{ t('apiary.sealCard.everyOpening') }}</summary>
      <ol>
        <li v-for="gain in seal.gains" :key="gain.kind">
          {{
            t('apiary.sealCard.thenKeeps', {
              words: wordOf(`LeakKind.${gain.kind}`),
              remedy: wordOf(`LeakRemedy.${gain.kind}`),
              kept: roughly(gain.kept),
            })
          }}
        </li>
      </ol>
      <p>
        {{
          t('apiary.sealCard.allShutKeepsKills', {
            keptShut: roughly(seal.keptShut),
            killShut: roughly(seal.killShut),
          })
        }}
      </p>
    </details>
    <details>
      <summary>{{ t('common.beforeBurn') }}</summary>
      <h4>{{ t('apiary.sealCard.heatedBowl') }}</h4>
      <ul>
        <li v-for="task in read.bowlTasks" :key="task.what">{{ taskWords(task) }}</li>
      </ul>
      <h4>{{ t('apiary.sealCard.panWand') }}</h4>
      <ul>
        <li v-for="task in read.panTasks" :key="task.what">{{ taskWords(task) }}</li>
      </ul>
    </details>
    <details>
      <summary>{{ t('apiary.sealCard.whyWhatLeavesOut') }}</summary>
      <p>
        {{ t('apiary.sealCard.oneMixedVolumeVapour', { gramsPerBox: weight(seal.gramsPerBox) }) }}
      </p>
      <ul>
        <li v-for="leak in estimate.leaks" :key="leak.kind">
          {{
            t('apiary.sealCard.cmMlS', {
              kind: LEAKS[leak.kind],
              cm2: fixed(leak.cm2, 1),
              litresASecond: fixed(1000 * leak.litresASecond, 1),
            })
          }}
        </li>
      </ul>
      <p class="soft">
        {{ t('apiary.sealCard.calibratedOnKeepersExperience') }}
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
