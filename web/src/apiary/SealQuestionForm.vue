<script setup lang="ts">
import type { SealQuestion } from './useSeals'
import { t } from '../words/words'

/** With what dose and how long shut the seal estimates are reckoned. */
defineProps<{ wrong: Readonly<Record<string, string>> }>()
const question = defineModel<SealQuestion>({ required: true })
</script>

<template>
  <form class="question" :aria-label="t('apiary.sealQuestionForm.reckonedWith')" @submit.prevent>
    <v-text-field
      :model-value="question.grams"
      density="compact"
      :label="t('apiary.sealQuestionForm.doseBox')"
      :suffix="t('common.gramsOfAcid')"
      inputmode="decimal"
      :error-messages="wrong.grams"
      @update:model-value="question = { ...question, grams: $event }"
    />
    <v-text-field
      :model-value="question.sealMinutes"
      density="compact"
      :label="t('apiary.sealQuestionForm.shut')"
      suffix="min"
      inputmode="decimal"
      :error-messages="wrong.sealMinutes"
      @update:model-value="question = { ...question, sealMinutes: $event }"
    />
  </form>
</template>

<style scoped>
.question {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
</style>
