<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { timeIn } from '../shared/format'
import type { ShownHive } from './overlay'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** Tells the crew where two phones did the same at one hive, and that it counts once. */
const props = defineProps<{
  roundId: string
  hives: readonly ShownHive[]
  name: (hiveId?: string) => string
  zone: string
}>()

const STEPS: ReadonlySet<string> = new Set([
  'PREPARED',
  'BURN_STARTED',
  'BURN_ENDED',
  'REMOVED',
  'OPENED',
])
const read = useStorage<string[]>(`tavrel.merged.${props.roundId}`, [])
const merged = computed(() =>
  props.hives
    .flatMap((hive) =>
      hive.marks
        .filter((mark) => STEPS.has(mark.kind))
        .map((mark) => ({ id: hive.hiveId + mark.kind + mark.at, hiveId: hive.hiveId, mark })),
    )
    .filter((each) => !read.value.includes(each.id)),
)
</script>

<template>
  <div v-if="merged.length" class="merged" role="status">
    <p>
      <i18n-t keypath="run.mergedNotice.eachCountsOnce" scope="global"
        ><template #strong
          ><strong>{{ t('run.mergedNotice.twoPeopleOneHive') }}</strong></template
        ><template #span
          ><span v-for="each in merged" :key="each.id">
            {{ name(each.hiveId) }}: {{ inWords(each.mark.says) }} ({{
              timeIn(zone, Date.parse(each.mark.at))
            }}).</span
          ></template
        ></i18n-t
      >
    </p>
    <button type="button" @click="read = [...read, ...merged.map((each) => each.id)]">
      {{ t('run.mergedNotice.read') }}
    </button>
  </div>
</template>

<style scoped>
.merged {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  padding: 6px 14px;
  border: 2px solid var(--caution);
  background: var(--sheet);
}

.merged p {
  margin: 0;
}

.merged button {
  min-height: 56px;
  padding: 0 20px;
  border: 1px solid currentColor;
}
</style>
