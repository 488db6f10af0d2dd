<script setup lang="ts">
import { grams } from '../shared/format'

/** How many hives wait, are shut and are done, and what acid went in. */
defineProps<{
  waiting: number
  shut: number
  done: number
  /** Grams of acid dihydrate. */
  acidUsed: number
  acidLeft: number
}>()
</script>

<template>
  <p>
    <span
      ><strong class="figure">{{ waiting }}</strong> waiting</span
    >
    <span
      ><strong class="figure">{{ shut }}</strong> shut</span
    >
    <span
      ><strong class="figure">{{ done }}</strong> done</span
    >
    <span
      ><strong class="figure">{{ grams(acidUsed) }}</strong> acid used,
      <strong class="figure">{{ grams(acidLeft) }}</strong> to go</span
    >
  </p>
</template>

<style scoped>
p {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
  margin: 0 0 10px;
}

.figure {
  font-size: 1.125rem;
}
</style>
