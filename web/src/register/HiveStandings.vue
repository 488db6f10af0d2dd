<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { dayOf } from '../shared/format'
import { useRequest } from '../shared/request'

/** An apiary's hives in a year: treatments against the label's most, and when honey supers may go back. */
const props = defineProps<{ apiaryId: string; year: number }>()
defineEmits<{ hive: [hiveId: string] }>()
const standings = ref<Shapes['HiveStanding'][]>([])
const { problem, attempt } = useRequest()
const today = todayHere(serverNow())

watch(
  () => [props.apiaryId, props.year],
  async () => {
    await attempt(async () => {
      standings.value = await ask(
        api.GET('/api/register/standing', {
          params: { query: { apiaryId: props.apiaryId, year: props.year } },
        }),
      )
    })
  },
  { immediate: true },
)

function honey(wait: Shapes['HoneyWait']): string {
  const silent = wait.silent ? ' · a sheet is silent: read the label' : ''
  if (!wait.from) return wait.silent ? 'the sheet is silent: read the label' : 'no wait named'
  return wait.from > today
    ? `from ${dayOf(wait.from)} ${wait.from.slice(0, 4)}${silent}`
    : `may be on, since ${dayOf(wait.from)}${silent}`
}
</script>

<template>
  <p v-if="problem" role="alert">{{ problem }}</p>
  <p v-else-if="standings.length === 0">
    No treatment stands here in {{ year - 1 }} and {{ year }}.
  </p>
  <LineTable v-else label="Hives against the label's limits">
    <thead>
      <tr>
        <th scope="col">Hive</th>
        <th scope="col">Oxalic acid in {{ year }}</th>
        <th scope="col">Other treatments in {{ year }}</th>
        <th scope="col">Last treatment</th>
        <th scope="col">Supers for honey</th>
        <th scope="col">Counted by</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="each in standings" :key="each.hiveId">
        <th scope="row">
          <button type="button" class="word" @click="$emit('hive', each.hiveId)">
            {{ each.hive }}
          </button>
        </th>
        <td class="figure" :class="{ over: each.over }">
          {{ each.says }}<strong v-if="each.over"> · over the sheet’s most</strong>
        </td>
        <td class="figure">{{ each.others || 'none' }}</td>
        <td class="nowrap">{{ dayOf(each.lastDay) }} {{ each.lastDay.slice(0, 4) }}</td>
        <td>{{ honey(each.honey) }}</td>
        <td>{{ each.ruleSheet ?? 'no sheet' }}</td>
      </tr>
    </tbody>
  </LineTable>
</template>

<style scoped>
.word {
  min-height: 32px;
  text-decoration: underline;
}

.over {
  color: var(--off-label);
}

.nowrap {
  white-space: nowrap;
}
</style>
