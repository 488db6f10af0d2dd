<script setup lang="ts">
import type { Shapes } from '../api/client'
import { dayOf, timeIn } from '../shared/format'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** What was read of the folder for weather, file by file. */
defineProps<{ files: readonly Shapes['FolderFile'][]; zone: string }>()
</script>

<template>
  <section v-if="files.length" class="folder" :aria-label="t('hours.folderFiles.folderForWeather')">
    <h2>{{ t('hours.folderFiles.folderForWeather') }}</h2>
    <ul>
      <li v-for="file in files" :key="file.name" :class="{ bad: !file.taken }">
        <strong>{{ file.name }}</strong>: {{ inWords(file.says) }}
        <span class="soft">{{
          t('hours.folderFiles.read', {
            readAt: dayOf(file.readAt.slice(0, 10)),
            readAt2: timeIn(zone, file.readAt),
          })
        }}</span>
      </li>
    </ul>
  </section>
  <p v-else class="soft">
    <i18n-t keypath="hours.folderFiles.filesScriptLaysInto" scope="global"
      ><template #code><code>weather</code></template
      ><template #code2><code>all.csv</code></template></i18n-t
    >
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
