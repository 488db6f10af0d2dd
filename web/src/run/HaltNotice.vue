<script setup lang="ts">
import type { Shapes } from '../api/client'
import { timeIn } from '../shared/format'
import { reasonOf } from '../words/facts'
import { t } from '../words/words'

/** Burning is paused: why, since when, and the way on. Openings go on meanwhile. */
defineProps<{ halt: Shapes['Halt']; zone: string; mayWork: boolean }>()
defineEmits<{ goOn: [] }>()
</script>

<template>
  <div class="halt" role="status">
    <p>
      <i18n-t keypath="run.haltNotice.sinceNothingNewBurned" scope="global"
        ><template #strong
          ><strong>{{ t('run.haltNotice.burningPaused') }}</strong></template
        ><template #halt>{{ timeIn(zone, Date.parse(halt.at)) }}</template
        ><template #why>{{ reasonOf(halt.why) }}</template></i18n-t
      >
    </p>
    <button v-if="mayWork" type="button" @click="$emit('goOn')">
      {{ t('run.haltNotice.goOnBurning') }}
    </button>
  </div>
</template>

<style scoped>
.halt {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 8px 16px;
  padding: 8px 14px;
  border: 3px solid var(--caution);
  background: var(--sheet);
}

.halt p {
  margin: 0;
}

@media (width <= 900px) {
  .halt p {
    font-size: 0.875rem;
  }
}

.halt button {
  min-height: 56px;
  padding: 0 20px;
  border: 2px solid currentColor;
  font-weight: 650;
}
</style>
