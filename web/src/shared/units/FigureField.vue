<script setup lang="ts">
import { unitOf } from '../../words/facts'
import QuantityField from './QuantityField.vue'

/** A field for a number with its unit; temperatures and weights are typed in the unit of who types. */
defineProps<{ unit: string; label: string; errorMessages?: string }>()
const text = defineModel<string>({ required: true })
</script>

<template>
  <QuantityField
    v-if="unit === '°C' || unit === 'g'"
    v-model="text"
    :kind="unit === 'g' ? 'mass' : 'temperature'"
    :label="label"
    :error-messages="errorMessages"
  />
  <v-text-field
    v-else
    v-model="text"
    :label="label"
    :suffix="unitOf(unit)"
    inputmode="decimal"
    :error-messages="errorMessages"
  />
</template>
