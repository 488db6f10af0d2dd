<script setup lang="ts">
import HiveLink from '../shared/HiveLink.vue'
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { shortDay } from '../shared/days'
import { t } from '../words/words'
import { KINDS } from './kinds'

/** The latest counts, who made them, and a way to strike a mistaken one. */
const props = defineProps<{
  counts: readonly Shapes['KeptCount'][]
  lines: readonly Shapes['CountLine'][]
  mayWork: boolean
}>()
const emit = defineEmits<{ strike: [id: string] }>()

const names = computed(() => new Map(props.lines.map((line) => [line.hive.id, line.hive.name])))
</script>

<template>
  <details v-if="counts.length">
    <summary>{{ t('count.recentCounts.latestCounts') }}</summary>
    <LineTable :label="t('count.recentCounts.latestCounts')">
      <thead>
        <tr>
          <th scope="col">{{ t('common.day') }}</th>
          <th scope="col">{{ t('common.hive') }}</th>
          <th scope="col">{{ t('common.what') }}</th>
          <th scope="col">{{ t('common.mites') }}</th>
          <th scope="col">{{ t('count.recentCounts.by') }}</th>
          <th scope="col">
            <span class="visually-hidden">{{ t('count.recentCounts.strike') }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in counts" :key="each.id">
          <td>{{ shortDay(each.day) }}</td>
          <td><HiveLink :id="each.hiveId" :name="names.get(each.hiveId) ?? ''" /></td>
          <td>
            {{ KINDS[each.kind] }}
            {{
              each.bees
                ? t('count.recentCounts.bees', { bees: each.bees })
                : `${each.hours} h, ${each.natural ? t('count.recentCounts.natural') : t('count.recentCounts.afterTreatment')}`
            }}
          </td>
          <td class="figure">{{ each.mites }}</td>
          <td>{{ each.doneBy }}</td>
          <td>
            <button v-if="mayWork" type="button" class="strike" @click="emit('strike', each.id)">
              {{ t('common.strikeOut') }}
            </button>
          </td>
        </tr>
      </tbody>
    </LineTable>
  </details>
</template>

<style scoped>
details {
  margin-top: 14px;
}

summary {
  min-height: 44px;
  padding: 10px 0;
  cursor: pointer;
  font-weight: 600;
}

.strike {
  min-height: 36px;
  text-decoration: underline;
}
</style>
