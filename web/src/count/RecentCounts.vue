<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { shortDay } from '../shared/days'

/** The latest counts, who made them, and a way to strike a mistaken one. */
const props = defineProps<{
  counts: readonly Shapes['KeptCount'][]
  lines: readonly Shapes['CountLine'][]
  mayWork: boolean
}>()
const emit = defineEmits<{ strike: [id: string] }>()

const KINDS = { WASH: 'wash', SUGAR_ROLL: 'sugar roll', BOARD: 'board' } as const
const names = computed(() => new Map(props.lines.map((line) => [line.hive.id, line.hive.name])))
</script>

<template>
  <details v-if="counts.length">
    <summary>Latest counts</summary>
    <LineTable label="Latest counts">
      <thead>
        <tr>
          <th scope="col">Day</th>
          <th scope="col">Hive</th>
          <th scope="col">What</th>
          <th scope="col">Mites</th>
          <th scope="col">By</th>
          <th scope="col"><span class="visually-hidden">Strike</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in counts" :key="each.id">
          <td>{{ shortDay(each.day) }}</td>
          <td>{{ names.get(each.hiveId) }}</td>
          <td>
            {{ KINDS[each.kind] }}
            {{
              each.bees
                ? `of ${each.bees} bees`
                : `${each.hours} h, ${each.natural ? 'natural' : 'after treatment'}`
            }}
          </td>
          <td class="figure">{{ each.mites }}</td>
          <td>{{ each.doneBy }}</td>
          <td>
            <button v-if="mayWork" type="button" class="strike" @click="emit('strike', each.id)">
              Strike out
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
