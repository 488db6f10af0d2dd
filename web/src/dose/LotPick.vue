<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { t } from '../words/words'
import { weight } from '../shared/units/quantity'

/** The lot in use: one of the stock, oldest first, or any other by its name. */
const props = defineProps<{
  lot: string
  lots: readonly Shapes['LotState'][]
  wrong?: string | undefined
}>()
const emit = defineEmits<{ lot: [name: string]; chosen: [lot: Shapes['AcidLot']] }>()
const items = computed(() =>
  props.lots
    .filter((each) => each.left > 0)
    .toReversed()
    .map((each) => ({
      value: each.lot.name,
      title: each.lot.name,
      subtitle: t('dose.lotPick.aboutGLeft', {
        product: each.lot.product,
        left: weight(each.left, 0),
      }),
    })),
)

function take(value: unknown): void {
  const name = typeof value === 'string' ? value : ''
  if (name === props.lot) return
  const known = props.lots.find((each) => each.lot.name === name)
  if (known) emit('chosen', known.lot)
  else emit('lot', name)
}
</script>

<template>
  <v-text-field
    v-if="items.length === 0"
    :model-value="lot"
    :label="t('common.lot')"
    :error-messages="wrong"
    @update:model-value="$emit('lot', $event)"
  />
  <v-combobox
    v-else
    :model-value="lot"
    :items="items"
    :return-object="false"
    item-props
    :label="t('common.lot')"
    :error-messages="wrong"
    @update:model-value="take"
  />
</template>
