<script setup lang="ts">
import type { Shapes } from '../api/client'
import { shortDay, spanOf } from '../parts/days'

/** A list of hives with their window without capped brood. */
defineProps<{ title: string; list: Shapes['WindowList']; empty: string }>()

function says(line: Shapes['WindowLine']): string {
  const days = line.window.likely ?? line.window.sure
  if (!days) return ''
  if (line.window.openEnded) return `from ${shortDay(days.from)}, no end on record`
  return `${spanOf(days)}${line.window.sure ? '' : ', likely'}`
}
</script>

<template>
  <div>
    <h2>
      {{ title }} <span class="soft figure">{{ list.total }}</span>
    </h2>
    <p v-if="list.total === 0" class="soft">{{ empty }}</p>
    <ul>
      <li v-for="each in list.lines" :key="each.hiveId">
        <router-link :to="`/spacing/${each.hiveId}`">{{ each.hive }}</router-link>
        <span class="soft">{{ each.apiary }}</span>
        <span>{{ says(each) }}</span>
      </li>
    </ul>
    <p v-if="list.total > list.lines.length" class="soft">
      {{ list.lines.length }} of {{ list.total }} shown, soonest to end first.
    </p>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 6px 0;
  padding: 0;
  max-height: 320px;
  overflow-y: auto;
}

li {
  display: grid;
  grid-template-columns: 52px 110px 1fr;
  gap: 8px;
  align-items: center;
  min-height: 40px;
  border-bottom: 1px solid var(--rule);
}
</style>
