<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import VerdictMark from '../shared/VerdictMark.vue'
import { counted, grams } from '../shared/format'

/** What the round comes to, and the button that keeps it. */
const props = defineProps<{ sheet: Shapes['DoseSheet']; disabled: boolean }>()
defineEmits<{ plan: [] }>()

const tally = computed(() => {
  const count = { ALLOWED: 0, CAUTION: 0, NOT_ON_LABEL: 0 }
  for (const line of props.sheet.hives) count[line.judgement.verdict]++
  return (['ALLOWED', 'CAUTION', 'NOT_ON_LABEL'] as const)
    .map((verdict) => ({ verdict, hives: count[verdict] }))
    .filter(({ hives }) => hives > 0)
})
</script>

<template>
  <div class="sums sheet">
    <p class="total">
      <span class="figure big">{{ grams(sheet.totalAcid) }}</span> acid dihydrate for
      {{ counted(sheet.hives.length, 'hive') }}
      <span class="soft"
        >= {{ grams(sheet.totalProduct) }} product in {{ counted(sheet.caps, 'load') }}, shut
        {{ sheet.sealMinutes }} min each</span
      >
    </p>
    <p class="verdicts">
      <span v-for="each in tally" :key="each.verdict"
        ><VerdictMark :verdict="each.verdict" /> {{ each.hives }}</span
      >
    </p>
    <button type="button" class="plan" :disabled="disabled" @click="$emit('plan')">
      Keep it and go to the run
    </button>
  </div>
</template>

<style scoped>
.sums {
  position: sticky;
  top: 92px;
  z-index: 2;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 22px;
  padding: 10px 10px 10px 16px;
  margin-bottom: 10px;
}

.sums p {
  margin: 0;
}

.total {
  flex: 1 1 260px;
}

.big {
  font-size: 1.75rem;
}

.verdicts {
  display: flex;
  gap: 16px;
}

.plan {
  min-height: 56px;
  padding: 0 20px;
  background: var(--ink);
  color: var(--paper);
  font-weight: 650;
  border-radius: 2px;
}

.plan:disabled {
  background: var(--wash);
  color: var(--ink-soft);
}

@media (width <= 900px) {
  .sums {
    top: 70px;
  }
}
</style>
