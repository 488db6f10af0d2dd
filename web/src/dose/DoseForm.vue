<script setup lang="ts">
import { computed, watch } from 'vue'
import type { Shapes } from '../api/client'
import LotPick from './LotPick.vue'
import type { DoseDraft } from '../shared/dose/doseDraft'

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
    title: preset.name,
    subtitle: preset.reason,
  })),
  { value: OWN, title: 'my own amount' },
])
const measures = computed(() => [
  { value: 'SCALE', title: 'scale, to 0.1 g' },
  ...props.choices.spoons.map((each) => ({
    value: each.spoon,
    title: `level ${each.words}, about ${each.usualGrams.toFixed(2)} g`,
  })),
])
const ruleSheets = computed(() =>
  props.sheets.map((sheet) => ({
    value: sheet.id,
    title: sheet.example
      ? `Example: ${sheet.name}`
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
      subtitle: `${tool.family === 'PAN_WAND' ? 'pan wand' : 'heated bowl'}, ${tool.capacity} g a load`,
    })),
  { value: BY_NAME, title: 'another, by its name' },
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
  TABLESPOON_FOR_TEASPOON:
    'This spoon should hold about three times that. Tablespoon for teaspoon?',
  TEASPOON_FOR_TABLESPOON: 'This spoon should hold about a third of that. Teaspoon for tablespoon?',
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
  <form class="form" aria-label="What is given" @submit.prevent>
    <fieldset>
      <legend>Label</legend>
      <v-select
        :model-value="draft.ruleSheetId"
        :items="ruleSheets"
        label="Rule sheet"
        :error-messages="wrong.ruleSheetId"
        @update:model-value="set('ruleSheetId', $event)"
      />
      <button type="button" class="link" @click="$emit('makeSheet')">
        {{ draft.ruleSheetId ? 'Make my own sheet from it' : 'Copy my label into a sheet' }}
      </button>
    </fieldset>
    <fieldset>
      <legend>How much</legend>
      <v-select
        :model-value="draft.preset"
        :items="presets"
        label="Preset"
        @update:model-value="takePreset"
      />
      <div class="pair">
        <v-text-field
          :model-value="draft.grams"
          :label="draft.per === 'BOX' ? 'Grams a box' : 'Grams a hive'"
          inputmode="decimal"
          suffix="g"
          :error-messages="wrong['amount.grams']"
          @update:model-value="draft = { ...draft, preset: 'own', grams: $event }"
        />
        <v-select
          :model-value="draft.of"
          label="of"
          :items="[
            { value: 'ACID_DIHYDRATE', title: 'acid dihydrate' },
            { value: 'ACID_ANHYDROUS', title: 'anhydrous acid' },
            { value: 'PRODUCT', title: 'product' },
          ]"
          @update:model-value="draft = { ...draft, preset: 'own', of: $event }"
        />
      </div>
      <v-select
        :model-value="draft.mediums"
        label="A medium box counts"
        :items="[
          { value: 'BY_COMB', title: 'two thirds of a deep, by its comb' },
          { value: 'AS_BOXES', title: 'as a box, by my label' },
        ]"
        @update:model-value="set('mediums', $event)"
      />
    </fieldset>
    <fieldset>
      <legend>Product and measure</legend>
      <div class="pair">
        <v-text-field
          :model-value="draft.product"
          label="Product"
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
        label="Strength, acid dihydrate in the product"
        suffix="%"
        inputmode="decimal"
        :error-messages="wrong.strength"
        @update:model-value="set('strengthPercent', $event)"
      />
      <v-select
        :model-value="draft.measure"
        :items="measures"
        label="Measured with"
        @update:model-value="takeMeasure"
      />
      <v-text-field
        v-if="draft.measure !== 'SCALE'"
        :model-value="draft.gramsPerScoop"
        label="One level scoop holds"
        suffix="g product"
        inputmode="decimal"
        :hint="
          weighed
            ? `${weighed.scoops.weighings} level scoops weighed by ${weighed.by}: ${weighed.scoops.mean.toFixed(2)} ± ${weighed.scoops.spread.toFixed(2)} g.`
            : 'An estimate: weigh ten level scoops of this product and lot once.'
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
        >{{ weighed ? 'Scoop bench' : 'Weigh ten scoops' }}</router-link
      >
      <p v-if="SLIPS[slip]" role="alert" class="slip">{{ SLIPS[slip] }}</p>
    </fieldset>
    <fieldset>
      <legend>Tool and hive</legend>
      <v-select
        :model-value="chosenTool ? draft.toolId : BY_NAME"
        :items="toolItems"
        label="Tool"
        :error-messages="wrong.toolId"
        @update:model-value="takeTool"
      />
      <p v-if="chosenTool" class="hint">
        {{
          chosenTool.fit.basis === 'NOTHING'
            ? 'No burn time known: make a test burn under Gear.'
            : chosenTool.fit.basis === 'OWN_FIGURE'
              ? 'Burn time by its own figure only: make a test burn under Gear.'
              : `Burn time from ${chosenTool.burns.length} test burns.`
        }}
        <template v-if="chosenTool.wear.due.length">
          Before the day: {{ chosenTool.wear.due.join('; ') }}.
        </template>
      </p>
      <div class="pair">
        <v-text-field
          v-if="!chosenTool"
          :model-value="draft.tool"
          label="Heated bowl"
          :error-messages="wrong.tool"
          @update:model-value="set('tool', $event)"
        />
        <v-text-field
          :model-value="draft.capacity"
          label="Takes a load"
          suffix="g"
          inputmode="decimal"
          :error-messages="wrong.capacity"
          @update:model-value="set('capacity', $event)"
        />
      </div>
      <div class="pair">
        <v-select
          :model-value="draft.supersPlan"
          label="Supers will be"
          :items="[
            { value: 'EACH', title: 'as set at each hive' },
            { value: 'TAKEN_OFF', title: 'taken off' },
            { value: 'BOARD_BETWEEN', title: 'parted by a board' },
            { value: 'LEFT_ON', title: 'left on' },
          ]"
          @update:model-value="set('supersPlan', $event)"
        />
        <v-text-field
          :model-value="draft.sealMinutes"
          label="Shut after the burn"
          suffix="min"
          inputmode="numeric"
          :error-messages="wrong.sealMinutes"
          @update:model-value="set('sealMinutes', $event)"
        />
      </div>
      <v-text-field
        :model-value="draft.loosening"
        label="In frost: a small first load"
        suffix="g acid"
        inputmode="decimal"
        hint="Loosens a tight cluster; the rest follows a few minutes later, within the same total. A milder hour is better."
        persistent-hint
        :error-messages="wrong.loosening"
        @update:model-value="set('loosening', $event)"
      />
    </fieldset>
    <fieldset v-if="offLabel" class="off">
      <legend>Not on label</legend>
      <v-textarea
        :model-value="draft.offLabelReason"
        label="Why, in your own words; it stays in the register"
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
