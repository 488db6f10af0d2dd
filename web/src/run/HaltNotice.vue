<script setup lang="ts">
import type { Shapes } from '../api/client'
import { timeIn } from '../shared/format'

/** Burning is paused: why, since when, and the way on. Openings go on meanwhile. */
defineProps<{ halt: Shapes['Halt']; zone: string; mayWork: boolean }>()
defineEmits<{ goOn: [] }>()
</script>

<template>
  <div class="halt" role="status">
    <p>
      <strong>‖ Burning is paused</strong> since {{ timeIn(zone, Date.parse(halt.at)) }}:
      {{ halt.why }}. Nothing new is burned; hives that are due are opened.
    </p>
    <button v-if="mayWork" type="button" @click="$emit('goOn')">Go on burning</button>
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
