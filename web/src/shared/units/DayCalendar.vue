<script setup lang="ts">
import { computed } from 'vue'
import { todayHere } from '../days'
import { unitsNow } from './units'

/** A month to take a day from; its weeks begin as those of who looks. */
const props = defineProps<{ date: string | null }>()
const emit = defineEmits<{ pick: [date: string] }>()

const FIRST = { SUNDAY: 0, MONDAY: 1, SATURDAY: 6 } as const
const shown = computed(() => new Date((props.date ?? todayHere(Date.now())) + 'T12:00:00'))

function pick(day: unknown): void {
  if (day instanceof Date) emit('pick', todayHere(+day))
}
</script>

<template>
  <v-date-picker
    :model-value="date ? shown : null"
    :month="shown.getMonth()"
    :year="shown.getFullYear()"
    :first-day-of-week="FIRST[unitsNow().weekStart]"
    color="primary"
    hide-header
    show-adjacent-months
    @update:model-value="pick"
  />
</template>
