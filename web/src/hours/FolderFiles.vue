<script setup lang="ts">
import type { Shapes } from '../api/client'
import { dayOf, timeIn } from '../shared/format'

/** What was read of the folder for weather, file by file. */
defineProps<{ files: readonly Shapes['FolderFile'][]; zone: string }>()
</script>

<template>
  <section v-if="files.length" class="folder" aria-label="The folder for weather">
    <h2>The folder for weather</h2>
    <ul>
      <li v-for="file in files" :key="file.name" :class="{ bad: !file.taken }">
        <strong>{{ file.name }}</strong>: {{ file.says }}
        <span class="soft"
          >(read {{ dayOf(file.readAt.slice(0, 10)) }} {{ timeIn(zone, file.readAt) }})</span
        >
      </li>
    </ul>
  </section>
  <p v-else class="soft">
    Files that a script lays into the folder <code>weather</code> beside the database are read by
    themselves: an apiary’s name, or <code>all.csv</code>.
  </p>
</template>

<style scoped>
.folder ul {
  margin: 4px 0 10px;
  padding-left: 22px;
}

.bad {
  color: var(--off-label);
}
</style>
