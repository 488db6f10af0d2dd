<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Shapes } from '../api/client'
import { numberIn } from '../parts/numbers'
import type { DoseException } from './doseDraft'

/** Gives one hive another amount than the round, with its reason. */
const props = defineProps<{
  hiveId: string
  per: Shapes['Amount']['per']
  exception?: DoseException
}>()
const emit = defineEmits<{ except: [exception: DoseException]; unexcept: [] }>()
const grams = ref('')
const reason = ref('')
const wrong = ref({ grams: '', reason: '' })

watch(
  () => props.exception,
  (kept) => {
    grams.value = kept?.grams ?? ''
    reason.value = kept?.reason ?? ''
  },
  { immediate: true },
)

function give(): void {
  const value = numberIn(grams.value)
  const most = props.per === 'BOX' ? 10 : 20
  wrong.value = {
    grams: value >= 0.1 && value <= most ? '' : `allowed is 0.1 to ${most} g`,
    reason: reason.value.trim() ? '' : 'say why in a few words',
  }
  if (wrong.value.grams || wrong.value.reason) return
  emit('except', { hiveId: props.hiveId, grams: grams.value, reason: reason.value.trim() })
}
</script>

<template>
  <form class="form" @submit.prevent="give">
    <v-text-field
      v-model="grams"
      density="compact"
      :label="per === 'BOX' ? 'This hive instead, g a box' : 'This hive instead, g'"
      inputmode="decimal"
      :error-messages="wrong.grams"
    />
    <v-text-field
      v-model="reason"
      density="compact"
      label="because"
      :error-messages="wrong.reason"
    />
    <v-btn type="submit">Give it</v-btn>
    <v-btn v-if="exception" @click="$emit('unexcept')">As the round</v-btn>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 1fr 1fr auto auto;
  gap: 8px;
  align-items: start;
}

@media (width <= 900px) {
  .form {
    grid-template-columns: 1fr;
  }
}
</style>
