<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import type { BenchDraft } from './useBench'
import { t } from '../words/words'
import { wordOf, inWords, type Fact } from '../words/facts'
import DayField from '../shared/units/DayField.vue'

/** What the bench reckons with: count, brood, dose, limits. */
const props = defineProps<{
  choices: Shapes['SpacingChoices']
  ruleSheets: readonly Shapes['RuleSheet'][]
  wrong: Record<string, string>
  from: readonly Fact[]
  /** Share of the acid that the hive keeps as it stands, a model estimate. */
  kept: number
}>()
const draft = defineModel<BenchDraft>({ required: true })

const shuts = computed(() => [
  {
    value: 'AS_IT_STANDS' as const,
    title: t('spacing.benchForm.asStandsKeepsEstimate', { kept: Math.round(100 * props.kept) }),
  },
  ...props.choices.shuts.map((each) => ({
    value: each.shut,
    title: t('spacing.benchForm.keeps', {
      words: wordOf(`HiveShut.${each.shut}`),
      kept: Math.round(100 * each.kept),
    }),
  })),
])
const curves = computed(() =>
  props.choices.curves.map((each) => ({ value: each, title: wordOf(`CurveChoice.${each}`) })),
)
const sheets = computed(() => [
  { value: '', title: t('spacing.benchForm.noneNothingJudged') },
  ...props.ruleSheets.map((each) => ({
    value: each.id,
    title: each.name + (each.example ? ' ' + t('spacing.benchForm.example') : ''),
  })),
])

function set<K extends keyof BenchDraft>(key: K, value: BenchDraft[K]): void {
  draft.value = { ...draft.value, [key]: value }
}
</script>

<template>
  <form class="form" :aria-label="t('spacing.benchForm.whatReckonedWith')" @submit.prevent>
    <fieldset>
      <legend>{{ t('spacing.benchForm.countBrood') }}</legend>
      <div class="pair">
        <v-text-field
          :label="t('common.mites')"
          inputmode="numeric"
          density="compact"
          :model-value="draft.mites"
          :error-messages="wrong['load.mites']"
          @update:model-value="(text) => set('mites', text)"
        />
        <v-text-field
          :label="t('spacing.benchForm.bees')"
          inputmode="numeric"
          density="compact"
          :model-value="draft.sampleBees"
          :error-messages="wrong['load.sampleBees']"
          @update:model-value="(text) => set('sampleBees', text)"
        />
        <v-text-field
          :label="t('spacing.benchForm.framesBees')"
          inputmode="decimal"
          density="compact"
          :model-value="draft.framesOfBees"
          :error-messages="wrong['load.framesOfBees']"
          @update:model-value="(text) => set('framesOfBees', text)"
        />
        <v-text-field
          :label="t('spacing.benchForm.cappedFrames')"
          inputmode="decimal"
          density="compact"
          :model-value="draft.cappedFrames"
          :error-messages="wrong['load.cappedFrames']"
          @update:model-value="(text) => set('cappedFrames', text)"
        />
      </div>
      <v-text-field
        :label="t('spacing.benchForm.droneCellsCapped')"
        inputmode="decimal"
        density="compact"
        :model-value="draft.dronePercent"
        :error-messages="wrong['load.droneShare']"
        @update:model-value="(text) => set('dronePercent', text)"
      />
      <details>
        <summary>{{ t('spacing.benchForm.whereTheseComeFrom') }}</summary>
        <ul>
          <li v-for="each in from" :key="each.code">{{ inWords(each) }}</li>
        </ul>
      </details>
    </fieldset>
    <fieldset>
      <legend>{{ t('spacing.benchForm.eachRound') }}</legend>
      <v-text-field
        :label="t('spacing.benchForm.acidDihydrateGBox')"
        inputmode="decimal"
        density="compact"
        :model-value="draft.gramsPerBox"
        :error-messages="wrong.gramsPerBox"
        @update:model-value="(text) => set('gramsPerBox', text)"
      />
      <v-select
        :label="t('spacing.benchForm.howTightHive')"
        density="compact"
        :model-value="draft.shut"
        :items="shuts"
        @update:model-value="(shut) => set('shut', shut)"
      />
      <v-select
        :label="t('spacing.benchForm.killCurve')"
        density="compact"
        :model-value="draft.curve"
        :items="curves"
        @update:model-value="(curve) => set('curve', curve)"
      />
    </fieldset>
    <fieldset>
      <legend>{{ t('spacing.benchForm.heldAgainst') }}</legend>
      <v-select
        :label="t('common.ruleSheet')"
        density="compact"
        :model-value="draft.ruleSheetId"
        :items="sheets"
        @update:model-value="(id) => set('ruleSheetId', id)"
      />
      <DayField
        :label="t('spacing.benchForm.commonDate')"
        density="compact"
        :model-value="draft.commonDate"
        :error-messages="wrong.commonDate"
        @update:model-value="(date) => set('commonDate', date ?? '')"
      />
      <v-text-field
        :label="t('spacing.benchForm.limitThenBees')"
        inputmode="decimal"
        density="compact"
        :model-value="draft.targetPercent"
        :error-messages="wrong.targetPercent"
        @update:model-value="(text) => set('targetPercent', text)"
      />
    </fieldset>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  gap: 14px;
}

fieldset {
  display: grid;
  gap: 10px;
  border: 0;
  padding: 0;
}

legend {
  font-weight: 650;
  margin-bottom: 8px;
}

.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

summary {
  cursor: pointer;
  min-height: 32px;
  font-size: 0.875rem;
}

ul {
  margin: 0;
  padding-left: 18px;
  font-size: 0.875rem;
}
</style>
