<script setup lang="ts">
import QuantityField from './QuantityField.vue'

/** A field for a number with its unit; a temperature is typed in the unit of who types. */
defineProps<{ unit: string; label: string; errorMessages?: string }>()
const text = defineModel<string>({ required: true })
</script>

<template>
  <QuantityField
    v-if="unit === '°C'"
    v-model="text"
    kind="temperature"
    :label="label"
    :error-messages="errorMessages"
  />
  <v-text-field
    v-else
    v-model="text"
    :label="label"
    :suffix="unit"
    inputmode="decimal"
    :error-messages="errorMessages"
  />
</template>
