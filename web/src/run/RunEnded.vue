<script setup lang="ts">
import type { Shapes } from '../api/client'
import { counted, grams } from '../shared/format'
import { t } from '../words/words'

/** All hives are open: what was done, and where to go on. */
defineProps<{ board: Shapes['RunBoard']; roundId: string }>()
</script>

<template>
  <div class="sheet finished">
    <h1 class="bracketed">{{ t('run.runEnded.allOpen') }}</h1>
    <p class="figure sums">
      {{
        t('run.runEnded.treatedLeftOutAcid', {
          hives: counted(board.treated, 'hive'),
          skipped: board.skipped,
          acidUsed: grams(board.acidUsed),
        })
      }}
    </p>
    <p>
      {{ t('run.runEnded.countClothsToolsPut') }}
    </p>
    <div class="ways">
      <v-btn variant="flat" color="primary" :to="`/run/${roundId}/review`">{{
        t('run.runEnded.lookBackOnRun')
      }}</v-btn>
      <v-btn to="/register">{{ t('run.runEnded.register') }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.finished {
  display: grid;
  justify-items: start;
  gap: 10px;
  padding: 20px;
  border-top: 10px solid var(--open);
}

.finished h1 {
  padding: 2px 22px;
}

.finished p {
  margin: 0;
}

.sums {
  font-size: 1.25rem;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
