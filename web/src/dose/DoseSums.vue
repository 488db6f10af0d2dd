<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import VerdictMark from '../shared/VerdictMark.vue'
import { counted, grams } from '../shared/format'
import { t } from '../words/words'

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
      <i18n-t keypath="dose.doseSums.acidDihydrateFor" scope="global"
        ><template #span
          ><span class="figure big">{{ grams(sheet.totalAcid) }}</span></template
        ><template #hives>{{ counted(sheet.hives.length, 'hive') }}</template
        ><template #span2
          ><span class="soft">{{
            t('dose.doseSums.productShutMinEach', {
              totalProduct: grams(sheet.totalProduct),
              loads: counted(sheet.caps, 'load'),
              sealMinutes: sheet.sealMinutes,
            })
          }}</span></template
        ></i18n-t
      >
    </p>
    <p class="verdicts">
      <span v-for="each in tally" :key="each.verdict"
        ><VerdictMark :verdict="each.verdict" /> {{ each.hives }}</span
      >
    </p>
    <button type="button" class="plan" :disabled="disabled" @click="$emit('plan')">
      {{ t('dose.doseSums.keepGoRun') }}
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
