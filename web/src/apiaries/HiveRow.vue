<script setup lang="ts">
import type { Shapes } from '../api/client'
import HiveFigure from '../parts/HiveFigure.vue'

/** The row as it stands, in walking order; each hive opens its details. */
defineProps<{ hives: readonly Shapes['Hive'][] }>()
const chosen = defineModel<string>()
</script>

<template>
  <ol class="row" aria-label="Hives in walking order">
    <li v-for="hive in hives" :key="hive.id">
      <button
        type="button"
        :class="{ bracketed: hive.id === chosen }"
        :aria-pressed="hive.id === chosen"
        @click="chosen = hive.id === chosen ? undefined : hive.id"
      >
        <HiveFigure :boxes="hive.boxes" :supers="hive.supers" :floor="hive.floor" :scale="1.25" />
        <span class="name">{{ hive.name }}</span>
      </button>
    </li>
  </ol>
</template>

<style scoped>
.row {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 14px 4px;
  align-items: end;
}

button {
  display: grid;
  justify-items: center;
  align-content: end;
  gap: 2px;
  min-width: 82px;
  padding: 8px 12px 4px;
}

button:hover {
  background: var(--wash);
}

.name {
  font-weight: 650;
}

li {
  border-bottom: 2px solid var(--rule-strong);
}
</style>
