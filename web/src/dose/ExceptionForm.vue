<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Shapes } from '../api/client'
import { numberIn } from '../shared/numbers'
import type { DoseException } from '../shared/dose/doseDraft'
import { t } from '../words/words'

/** Gives one hive another amount than the round, with its reason. */
const props = defineProps<{
  hiveId: string
  per: Shapes['Amount']['per']
  exception?: DoseException
  /** What the server says of the exception that stands. */
  refused: Readonly<Record<string, string>>
}>()
const emit = defineEmits<{ except: [exception: DoseException]; unexcept: [] }>()
const grams = ref('')
const reason = ref('')
const unread = ref<Record<string, string>>({})
const wrong = computed(() => ({ ...props.refused, ...unread.value }))

watch(
  () => props.exception,
  (kept) => {
    grams.value = kept?.grams ?? ''
    reason.value = kept?.reason ?? ''
  },
  { immediate: true },
)

function give(): void {
  unread.value = {
    ...(Number.isFinite(numberIn(grams.value)) ? {} : { 'amount.grams': t('common.noNumber') }),
    ...(reason.value.trim() ? {} : { reason: t('dose.exceptionForm.sayWhyFewWords') }),
  }
  if (Object.keys(unread.value).length > 0) return
  emit('except', { hiveId: props.hiveId, grams: grams.value, reason: reason.value.trim() })
}
</script>

<template>
  <form class="form" @submit.prevent="give">
    <v-text-field
      v-model="grams"
      density="compact"
      :label="
        per === 'BOX'
          ? t('dose.exceptionForm.thisHiveInsteadG')
          : t('dose.exceptionForm.thisHiveInsteadG2')
      "
      inputmode="decimal"
      :error-messages="wrong['amount.grams']"
    />
    <v-text-field
      v-model="reason"
      density="compact"
      :label="t('dose.exceptionForm.because')"
      :error-messages="wrong.reason"
    />
    <v-btn type="submit">{{ t('dose.exceptionForm.give') }}</v-btn>
    <v-btn v-if="exception" @click="$emit('unexcept')">{{ t('dose.exceptionForm.asRound') }}</v-btn>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 1fr auto auto;
  gap: 8px;
  align-items: start;
}

.form > :first-child {
  grid-column: 1 / -1;
}

@media (width <= 900px) {
  .form {
    grid-template-columns: 1fr;
  }
}
</style>
