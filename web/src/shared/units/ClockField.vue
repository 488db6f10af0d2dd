<script setup lang="ts">
import { clockInField, readClock } from './dayText'
import { useReadField } from './useReadField'

/** A field for an hour of the day, as the person's clock goes. Gives it on as 06:30; empty for none. */
defineProps<{ label: string; errorMessages?: string; hint?: string }>()
const time = defineModel<string | null>()

const { typed, wrong, says, take, settle } = useReadField(time, clockInField, readClock)
</script>

<template>
  <v-text-field
    :model-value="typed"
    :label="label"
    :hint="says || hint"
    :persistent-hint="Boolean(says || hint)"
    :error-messages="wrong || errorMessages"
    autocomplete="off"
    @update:model-value="take"
    @blur="settle"
  />
</template>
