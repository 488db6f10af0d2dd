<script setup lang="ts">
import type { Shapes } from '../api/client'
import { counted, grams } from '../shared/format'

/** All hives are open: what was done, and where to go on. */
defineProps<{ board: Shapes['RunBoard']; roundId: string }>()
</script>

<template>
  <div class="sheet finished">
    <h1 class="bracketed">All open</h1>
    <p class="figure sums">
      {{ counted(board.treated, 'hive') }} treated · {{ board.skipped }} left out ·
      {{ grams(board.acidUsed) }} acid
    </p>
    <p>
      Count cloths and tools, put reducers and supers back, clean the nozzle and bowl once they are
      cold.
    </p>
    <div class="ways">
      <v-btn variant="flat" color="primary" :to="`/run/${roundId}/review`"
        >Look back on the run</v-btn
      >
      <v-btn to="/register">To the register</v-btn>
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
