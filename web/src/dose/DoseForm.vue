<script setup lang="ts">
import { computed, watch } from 'vue'
import type { Shapes } from '../api/client'
import LotPick from './LotPick.vue'
import type { DoseDraft } from '../shared/dose/doseDraft'
import { t } from '../words/words'
import { inWords, wordOf } from '../words/facts'
import QuantityField from '../shared/units/QuantityField.vue'
import { weight } from '../shared/units/quantity'

const props = defineProps<{
  choices: Shapes['Choices']
  sheets: readonly Shapes['RuleSheet'][]
  /** What is wrong with a field, by the field's name. */
  wrong: Readonly<Record<string, string>>
  slip: Shapes['DoseSheet']['slip']
  offLabel: boolean
  tools: readonly Shapes['KnownTool'][]
  scoops: readonly Shapes['Weighed'][]
  lots: readonly Shapes['LotState'][]
}>()
defineEmits<{ makeSheet: [] }>()
/** What the keeper decides once for a round. */
const draft = defineModel<DoseDraft>({ required: true })
const OWN = 'own'
const presets = computed(() => [
  ...props.choices.presets.map((preset) => ({
    value: preset.id,
    title: t(preset.amount.per === 'BOX' ? 'dose.doseForm.presetBox' : 'dose.doseForm.presetHive', {
      weight: weight(preset.amount.grams),
    }),
    subtitle: wordOf(`DosePresetReason.${preset.id}`),
  })),
  { value: OWN, title: t('dose.doseForm.myOwnAmount') },
])
const measures = computed(() => [
  { value: 'SCALE', title: t('dose.doseForm.scaleG', { weight: weight(0.1) }) },
  ...props.choices.spoons.map((each) => ({
    value: each.spoon,
    title: t('dose.doseForm.levelAboutG', {
      words: wordOf(`Spoon.${each.spoon}`),
      usualGrams: weight(each.usualGrams, 2),
    }),
  })),
])
const ruleSheets = computed(() =>
  props.sheets.map((sheet) => ({
    value: sheet.id,
    title: sheet.example
      ? t('common.example', { name: sheet.name })
      : `${sheet.name} (${sheet.copiedBy}, ${sheet.copiedOn})`,
  })),
)
const BY_NAME = 'none'
const toolItems = computed(() => [
  ...props.tools
    .filter(({ tool }) => !tool.retired)
    .map(({ tool }) => ({
      value: tool.id,
      title: tool.name,
      subtitle: t('dose.doseForm.gLoad', {
        family: tool.family === 'PAN_WAND' ? t('common.panWand') : t('common.heatedBowl'),
        capacity: weight(tool.capacity),
      }),
    })),
  { value: BY_NAME, title: t('dose.doseForm.anotherByItsName') },
])
const chosenTool = computed(() =>
  props.tools.find(({ tool }) => tool.id === draft.value.toolId && !tool.retired),
)
/** The scoop weighed for this product lot and spoon, if it was. */
const weighed = computed(() =>
  props.scoops.find(
    (each) =>
      each.scoops.spoon === draft.value.measure &&
      same(each.product, draft.value.product) &&
      same(each.lot ?? '', draft.value.lot),
  ),
)
/** A weighing is taken once; what is typed over it afterwards stands. */
watch(
  weighed,
  (found) => {
    if (!found || draft.value.scoopFrom === found.id) return
    const gramsPerScoop = found.scoops.mean.toFixed(3)
    draft.value = { ...draft.value, gramsPerScoop, scoopFrom: found.id }
  },
  { immediate: true },
)

/** A lot of the stock brings its product and strength along. */
function takeLot(lot: Shapes['AcidLot']): void {
  draft.value = {
    ...draft.value,
    lot: lot.name,
    product: lot.product,
    strengthPercent: String(Math.round(1_000 * lot.strength) / 10),
  }
}

function same(one: string, other: string): boolean {
  return one.trim().toLowerCase() === other.trim().toLowerCase()
}

function takeTool(id: string): void {
  const found = props.tools.find(({ tool }) => tool.id === id)?.tool
  draft.value = found
    ? { ...draft.value, toolId: id, tool: found.name, capacity: String(found.capacity) }
    : { ...draft.value, toolId: '' }
}

const SLIPS = {
  NONE: '',
  TABLESPOON_FOR_TEASPOON: t('dose.doseForm.thisSpoonShouldHold'),
  TEASPOON_FOR_TABLESPOON: t('dose.doseForm.thisSpoonShouldHold2'),
} as const

function takePreset(id: string): void {
  const preset = props.choices.presets.find((each) => each.id === id)
  draft.value = {
    ...draft.value,
    preset: id,
    ...(preset
      ? { grams: String(preset.amount.grams), per: preset.amount.per, of: preset.amount.of }
      : {}),
  }
}

function takeMeasure(measure: string): void {
  const spoon = props.choices.spoons.find((each) => each.spoon === measure)
  draft.value = {
    ...draft.value,
    measure,
    gramsPerScoop: spoon ? spoon.usualGrams.toFixed(2) : '',
    scoopFrom: '',
  }
}

function set<K extends keyof DoseDraft>(key: K, value: DoseDraft[K]): void {
  draft.value = { ...draft.value, [key]: value }
}
</script>

<template>
  <form class="form" :aria-label="t('dose.doseForm.whatGiven')" @submit.prevent>
    <fieldset>
      <legend>{{ t('common.label') }}</legend>
      <v-select
        :model-value="draft.ruleSheetId"
        :items="ruleSheets"
        :label="t('common.ruleSheet')"
        :error-messages="wrong.ruleSheetId"
        @update:model-value="set('ruleSheetId', $event)"
      />
      <button type="button" class="link" @click="$emit('makeSheet')">
        {{
          draft.ruleSheetId ? t('dose.doseForm.makeMyOwnSheet') : t('dose.doseForm.copyMyLabelInto')
        }}
      </button>
    </fieldset>
    <fieldset>
      <legend>{{ t('dose.doseForm.howMuch') }}</legend>
      <v-select
        :model-value="draft.preset"
        :items="presets"
        :label="t('dose.doseForm.preset')"
        @update:model-value="takePreset"
      />
      <div class="pair">
        <QuantityField
          :model-value="draft.grams"
          :label="draft.per === 'BOX' ? t('dose.doseForm.gramsBox') : t('dose.doseForm.gramsHive')"
          kind="mass"
          :error-messages="wrong['amount.grams']"
          @update:model-value="draft = { ...draft, preset: 'own', grams: $event }"
        />
        <v-select
          :model-value="draft.of"
          :label="t('dose.doseForm.of')"
          :items="[
            { value: 'ACID_DIHYDRATE', title: t('dose.doseForm.acidDihydrate') },
            { value: 'ACID_ANHYDROUS', title: t('dose.doseForm.anhydrousAcid') },
            { value: 'PRODUCT', title: t('common.product') },
          ]"
          @update:model-value="draft = { ...draft, preset: 'own', of: $event }"
        />
      </div>
      <v-select
        :model-value="draft.mediums"
        :label="t('dose.doseForm.mediumBoxCounts')"
        :items="[
          { value: 'BY_COMB', title: t('dose.doseForm.twoThirdsDeepBy') },
          { value: 'AS_BOXES', title: t('dose.doseForm.asBoxByMy') },
        ]"
        @update:model-value="set('mediums', $event)"
      />
    </fieldset>
    <fieldset>
      <legend>{{ t('dose.doseForm.productMeasure') }}</legend>
      <div class="pair">
        <v-text-field
          :model-value="draft.product"
          :label="t('common.product2')"
          :error-messages="wrong.product"
          @update:model-value="set('product', $event)"
        />
        <LotPick
          :lot="draft.lot"
          :lots="lots"
          :wrong="wrong.lot"
          @lot="set('lot', $event)"
          @chosen="takeLot"
        />
      </div>
      <v-text-field
        :model-value="draft.strengthPercent"
        :label="t('dose.doseForm.strengthAcidDihydrateProduct')"
        suffix="%"
        inputmode="decimal"
        :error-messages="wrong.strength"
        @update:model-value="set('strengthPercent', $event)"
      />
      <v-select
        :model-value="draft.measure"
        :items="measures"
        :label="t('dose.doseForm.measuredWith')"
        @update:model-value="takeMeasure"
      />
      <QuantityField
        v-if="draft.measure !== 'SCALE'"
        :model-value="draft.gramsPerScoop"
        :label="t('dose.doseForm.oneLevelScoopHolds')"
        kind="mass"
        :hint="
          weighed
            ? t('dose.doseForm.levelScoopsWeighedBy', {
                weighings: weighed.scoops.weighings,
                by: weighed.by,
                mean: weight(weighed.scoops.mean, 2),
                spread: weight(weighed.scoops.spread, 2),
              })
            : t('dose.doseForm.estimateWeighTenLevel')
        "
        persistent-hint
        :error-messages="wrong['measure.step'] ?? wrong['settings.measure']"
        @update:model-value="set('gramsPerScoop', $event)"
      />
      <router-link
        v-if="draft.measure !== 'SCALE'"
        class="link"
        :to="{
          path: '/dose/scoops',
          query: { product: draft.product, lot: draft.lot, spoon: draft.measure },
        }"
        >{{ weighed ? t('common.scoopBench') : t('dose.doseForm.weighTenScoops') }}</router-link
      >
      <p v-if="SLIPS[slip]" role="alert" class="slip">{{ SLIPS[slip] }}</p>
    </fieldset>
    <fieldset>
      <legend>{{ t('dose.doseForm.toolHive') }}</legend>
      <v-select
        :model-value="chosenTool ? draft.toolId : BY_NAME"
        :items="toolItems"
        :label="t('common.tool')"
        :error-messages="wrong.toolId"
        @update:model-value="takeTool"
      />
      <p v-if="chosenTool" class="hint">
        {{
          chosenTool.fit.basis === 'NOTHING'
            ? t('dose.doseForm.noBurnTimeKnown')
            : chosenTool.fit.basis === 'OWN_FIGURE'
              ? t('dose.doseForm.burnTimeByIts')
              : t('dose.doseForm.burnTimeFromTest', { burns: chosenTool.burns.length })
        }}
        <template v-if="chosenTool.wear.due.length">
          {{ t('dose.doseForm.beforeDay', { due: chosenTool.wear.due.map(inWords).join('; ') }) }}
        </template>
      </p>
      <div class="pair">
        <v-text-field
          v-if="!chosenTool"
          :model-value="draft.tool"
          :label="t('dose.doseForm.heatedBowl')"
          :error-messages="wrong.tool"
          @update:model-value="set('tool', $event)"
        />
        <QuantityField
          :model-value="draft.capacity"
          :label="t('dose.doseForm.takesLoad')"
          kind="mass"
          :error-messages="wrong.capacity"
          @update:model-value="set('capacity', $event)"
        />
      </div>
      <div class="pair">
        <v-select
          :model-value="draft.supersPlan"
          :label="t('dose.doseForm.supersWillBe')"
          :items="[
            { value: 'EACH', title: t('dose.doseForm.asSetAtEach') },
            { value: 'TAKEN_OFF', title: t('common.takenOff') },
            { value: 'BOARD_BETWEEN', title: t('common.partedByBoard') },
            { value: 'LEFT_ON', title: t('dose.doseForm.leftOn') },
          ]"
          @update:model-value="set('supersPlan', $event)"
        />
        <v-text-field
          :model-value="draft.sealMinutes"
          :label="t('dose.doseForm.shutAfterBurn')"
          suffix="min"
          inputmode="numeric"
          :error-messages="wrong.sealMinutes"
          @update:model-value="set('sealMinutes', $event)"
        />
      </div>
      <v-text-field
        :model-value="draft.loosening"
        :label="t('dose.doseForm.frostSmallFirstLoad')"
        :suffix="t('common.gramsOfAcid')"
        inputmode="decimal"
        :hint="t('dose.doseForm.loosensTightClusterRest')"
        persistent-hint
        :error-messages="wrong.loosening"
        @update:model-value="set('loosening', $event)"
      />
    </fieldset>
    <fieldset v-if="offLabel" class="off">
      <legend>{{ t('dose.doseForm.notOnLabel') }}</legend>
      <v-textarea
        :model-value="draft.offLabelReason"
        :label="t('dose.doseForm.whyYourOwnWords')"
        :error-messages="wrong.offLabelReason"
        @update:model-value="set('offLabelReason', $event)"
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
  min-width: 0;
  padding: 0;
  border: 0;
}

legend {
  margin-bottom: 6px;
  font-weight: 650;
}

.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.hint {
  margin: 0;
  font-size: 0.875rem;
  color: var(--ink-soft);
}

.link {
  justify-self: start;
  min-height: 32px;
  text-decoration: underline;
  text-underline-offset: 0.18em;
}

.slip,
.off legend {
  margin: 0;
  color: var(--off-label);
  font-weight: 650;
}
</style>
