<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask, words, type Shapes } from '../api/client'
import LineTable from '../parts/LineTable.vue'
import VerdictMark from '../parts/VerdictMark.vue'
import { counted, dayOf, grams, timeIn } from '../parts/format'

const PAGE = 100
const page = ref<Shapes['Page'] | null>(null)
const apiaries = ref<{ value: string; title: string }[]>([])
const year = ref<number | null>(null)
const apiaryId = ref<string | null>(null)
const problem = ref('')
const lines = ref<Shapes['TreatmentLine'][]>([])

const query = computed(() => ({
  ...(year.value ? { year: year.value } : {}),
  ...(apiaryId.value ? { apiaryId: apiaryId.value } : {}),
}))
const csv = computed(() => {
  const parameters = new URLSearchParams(
    Object.entries(query.value).map(([key, value]) => [key, String(value)]),
  )
  return `/api/register/treatments.csv?${parameters}`
})
const SUPERS = { TAKEN_OFF: 'off', BOARD_BETWEEN: 'parted', LEFT_ON: 'left on' } as const

async function load(offset = 0): Promise<void> {
  try {
    page.value = await ask(
      api.GET('/api/register', { params: { query: { ...query.value, limit: PAGE, offset } } }),
    )
    lines.value = offset === 0 ? page.value.lines : [...lines.value, ...page.value.lines]
    problem.value = ''
  } catch (thrown) {
    problem.value = words(thrown)
  }
}

watch(query, () => load())
onMounted(async () => {
  await load()
  const listed = await ask(api.GET('/api/apiaries')).catch(() => [])
  apiaries.value = listed.map((each) => ({ value: each.apiary.id, title: each.apiary.name }))
})
</script>

<template>
  <div class="top">
    <h1>Register</h1>
    <span class="spring"></span>
    <v-select
      v-model="year"
      class="filter no-print"
      label="Year"
      :items="page?.years ?? []"
      clearable
      density="compact"
    />
    <v-select
      v-model="apiaryId"
      class="filter no-print"
      label="Apiary"
      :items="apiaries"
      clearable
      density="compact"
    />
    <v-btn class="no-print" :href="csv" download>Take away as CSV</v-btn>
  </div>
  <p v-if="problem" role="alert">{{ problem }}</p>
  <template v-if="page">
    <p class="sums">
      <strong>{{ counted(page.totals.lines, 'treatment') }}</strong> in
      {{ counted(page.totals.rounds, 'round') }} of {{ counted(page.totals.hives, 'hive') }} ·
      <span class="figure">{{ grams(page.totals.acid) }}</span> acid dihydrate ·
      <span class="figure">{{ grams(page.totals.productGrams) }}</span> product
    </p>
    <p v-if="lines.length === 0">
      Nothing has been done here yet. A hive stands here as soon as a burn has ended in it.
    </p>
    <div v-else class="scroll" tabindex="0" role="region" aria-label="Treatments">
      <LineTable label="Treatments" class="table">
        <thead>
          <tr>
            <th scope="col">Day</th>
            <th scope="col">Apiary</th>
            <th scope="col">Hive</th>
            <th scope="col">Burn, out, open</th>
            <th scope="col">Acid</th>
            <th scope="col">Product, lot</th>
            <th scope="col">Who</th>
            <th scope="col">Supers</th>
            <th scope="col">Air</th>
            <th scope="col">Label</th>
            <th scope="col">Remarks</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in lines" :key="line.roundId + line.hiveId">
            <td class="nowrap">
              <router-link :to="`/run/${line.roundId}/review`"
                >{{ dayOf(line.day) }} {{ line.day.slice(0, 4) }}</router-link
              >
            </td>
            <td class="nowrap">{{ line.apiary }}</td>
            <td>
              <strong>{{ line.hive }}</strong>
            </td>
            <td class="figure nowrap">
              {{ timeIn(line.zone, line.startedAt) }}
              {{ line.removedAt ? timeIn(line.zone, line.removedAt) : 'tool in' }}
              {{ line.openedAt ? timeIn(line.zone, line.openedAt) : 'shut' }}
            </td>
            <td class="figure nowrap">{{ grams(line.acid) }}</td>
            <td>{{ [line.product, line.lot].filter(Boolean).join(', ') || 'not given' }}</td>
            <td>{{ line.people }}</td>
            <td>{{ line.supers ? `${line.supers}, ${SUPERS[line.supersPlan]}` : 'none' }}</td>
            <td class="figure nowrap" :title="line.weatherFrom">
              {{ line.celsius === undefined ? 'not known' : line.celsius.toFixed(1) + ' °C' }}
              <span v-if="line.weatherMadeUp" class="madeUp">simulated</span>
            </td>
            <td>
              <VerdictMark :verdict="line.verdict" />
              <span class="sheet-name soft">{{ line.ruleSheet }}</span>
            </td>
            <td class="remarks">
              {{ line.remarks }}
              <em v-if="line.offLabelReason">Off label because: {{ line.offLabelReason }}</em>
            </td>
          </tr>
        </tbody>
      </LineTable>
    </div>
    <v-btn
      v-if="lines.length < page.totals.lines"
      class="more no-print"
      @click="load(lines.length)"
    >
      Show more ({{ page.totals.lines - lines.length }} left)
    </v-btn>
  </template>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
}

.spring {
  flex: 1;
}

.filter {
  flex: none;
  width: 180px;
}

.sums {
  margin: 10px 0;
}

.table :deep(table) {
  min-width: 1080px;
}

.nowrap {
  white-space: nowrap;
}

.sheet-name {
  display: block;
  font-size: 0.8125rem;
}

.madeUp {
  display: block;
  color: var(--caution);
  font-weight: 650;
}

.remarks {
  min-width: 130px;
}

.more {
  margin-top: 12px;
}
</style>
