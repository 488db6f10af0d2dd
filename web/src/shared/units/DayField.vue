<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue'
import { t } from '../../words/words'
import { dayInField, isDay, readDay } from './dayText'
import { useReadField } from './useReadField'

/**
 * A field for a calendar day, typed or taken from a month, in the order and the language of who types. Gives it on as
 * 2026-08-18; empty for none. Says when a day was set: picked, or typed and left.
 */
defineProps<{ label: string; errorMessages?: string; hint?: string; bare?: boolean }>()
const emit = defineEmits<{ set: [] }>()
const date = defineModel<string | null>()

const DayCalendar = defineAsyncComponent(() => import('./DayCalendar.vue'))
const { typed, wrong, says, take, settle } = useReadField(date, dayInField, (text) =>
  readDay(text, Date.now()),
)
const open = ref(false)

function pick(day: string): void {
  open.value = false
  take(day)
  settle()
  emit('set')
}
</script>

<template>
  <v-text-field
    class="day"
    :model-value="typed"
    :label="bare ? undefined : label"
    :aria-label="bare ? label : undefined"
    :hint="says || hint"
    :persistent-hint="Boolean(says || hint)"
    :error-messages="wrong || errorMessages"
    autocomplete="off"
    @update:model-value="take"
    @blur="settle"
    @change="emit('set')"
  >
    <template #append-inner>
      <v-menu v-model="open" :close-on-content-click="false" location="bottom end">
        <template #activator="{ props: menu }">
          <v-btn
            v-bind="menu"
            icon="$calendar"
            variant="text"
            class="month"
            size="small"
            width="30"
            min-height="36"
            :aria-label="t('shared.dayField.month', { field: label })"
          />
        </template>
        <DayCalendar :date="date && isDay(date) ? date : null" @pick="pick" />
      </v-menu>
    </template>
  </v-text-field>
</template>

<style scoped>
.day :deep(.v-field) {
  --v-field-padding-end: 4px;
}

.day :deep(.v-field__input) {
  --v-field-padding-start: 10px;
  --v-field-padding-end: 0;

  padding-inline: 10px 0;
}
</style>
