<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, Refused, words, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { counted } from '../shared/format'
import { useRequest } from '../shared/request'
import { ZONES } from '../shared/zones'

/** Bringing in hives: choose a file, look at what it would do, then do it whole. */
const router = useRouter()
const file = ref<File | null>(null)
const preview = ref<Shapes['Preview'] | null>(null)
const { problem, busy, attempt } = useRequest(said)
const goodRowsOnly = ref(false)
const zone = ref('')
const outcome = ref<Shapes['Preview'] | null>(null)

const CHANGES = { NEW: 'new', CHANGED: 'changes', SAME: 'as it is' } as const
const good = computed(() =>
  preview.value ? preview.value.newHives + preview.value.changedHives + preview.value.sameHives : 0,
)
const blocked = computed(() => (preview.value?.errors.length ?? 0) > 0 && !goodRowsOnly.value)
const asksZone = computed(() => (preview.value?.zoneAsked.length ?? 0) > 0)
const zoneOf = computed(() => {
  const [first, ...others] = preview.value?.zoneAsked ?? []
  return others.length ? `${first} and ${others.length} more` : first
})

function form(): FormData {
  const data = new FormData()
  if (file.value) data.append('file', file.value)
  return data
}

function said(thrown: unknown): string {
  if (thrown instanceof Refused && thrown.at('zone')) return `The zone ${thrown.at('zone')}.`
  const at = thrown instanceof Refused ? thrown.at('file') : undefined
  return at ? `This file ${at}.` : words(thrown)
}

watch(file, async (chosen) => {
  preview.value = null
  outcome.value = null
  problem.value = ''
  goodRowsOnly.value = false
  if (!chosen) return
  if (chosen.size > 5 * 1024 * 1024) {
    problem.value = 'This file is larger than 5 MB; split it by apiary.'
    return
  }
  await attempt(async () => {
    preview.value = await ask(
      api.POST('/api/roster/preview', { body: { file: '' }, bodySerializer: form }),
    )
  })
})

async function bringIn(): Promise<void> {
  problem.value = ''
  await attempt(async () => {
    outcome.value = await ask(
      api.POST('/api/roster/import', {
        params: {
          query: {
            // For places that tell a zone it is found there; this stands where nothing tells it.
            zone: zone.value.trim() || Intl.DateTimeFormat().resolvedOptions().timeZone,
            goodRowsOnly: goodRowsOnly.value,
          },
        },
        body: { file: '' },
        bodySerializer: form,
      }),
    )
    preview.value = null
  })
}
</script>

<template>
  <h1>Bring in hives</h1>
  <p class="lead">
    One line a hive, from any spreadsheet saved as CSV. Commas, semicolons or tabs; any encoding.
    Boxes are written as <code>deep 10</code>, <code>2x deep</code> or <code>deep + medium</code>.
    <a href="/api/roster/template.csv" download>Download a template</a>
  </p>
  <v-file-input
    v-model="file"
    class="file"
    label="Roster file (CSV)"
    accept=".csv,.txt,.tsv,text/csv,text/plain"
    prepend-icon=""
    :loading="busy"
    :error-messages="problem"
  />
  <div v-if="outcome" class="sheet done" role="status">
    <h2 class="bracketed">Brought in</h2>
    <p>
      {{ counted(outcome.newHives, 'new hive') }}, {{ outcome.changedHives }} changed,
      {{ outcome.sameHives }} as they were;
      {{ counted(outcome.newApiaries, 'new apiary', 'new apiaries') }}.
    </p>
    <v-btn variant="flat" color="primary" height="48" @click="router.push('/apiaries')"
      >To the apiaries</v-btn
    >
  </div>
  <section v-if="preview" aria-label="Preview">
    <p class="sums">
      <strong>{{ counted(good, 'good row') }}</strong>: {{ preview.newHives }} new,
      {{ preview.changedHives }} change, {{ preview.sameHives }} as they are;
      {{ counted(preview.newApiaries, 'new apiary', 'new apiaries') }}.
      <strong v-if="preview.errors.length" class="bad"
        >{{ counted(preview.errors.length, 'bad row') }}.</strong
      >
      {{ ' ' }}<span class="soft">Read as {{ preview.readAs }}.</span>
    </p>
    <p v-for="note in preview.notes" :key="note" class="soft">{{ note }}</p>
    <template v-if="preview.errors.length">
      <h2>Rows that cannot be read</h2>
      <LineTable label="Rows that cannot be read">
        <thead>
          <tr>
            <th scope="col">Line</th>
            <th scope="col">Column</th>
            <th scope="col">Stands there</th>
            <th scope="col">What is wrong</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="error in preview.errors.slice(0, 200)" :key="error.line + error.column">
            <td class="figure">{{ error.line }}</td>
            <td>{{ error.column }}</td>
            <td>{{ error.found || 'nothing' }}</td>
            <td>{{ error.says }}</td>
          </tr>
        </tbody>
      </LineTable>
      <v-checkbox
        v-if="good > 0"
        v-model="goodRowsOnly"
        :label="`Leave the bad rows out and bring in the ${good} good ones`"
      />
      <p v-if="blocked" class="soft">
        Mend the file and choose it again, or leave the bad rows out.
      </p>
    </template>
    <template v-if="asksZone">
      <p>
        The time zone of {{ zoneOf }} cannot be told from the place: open sea, or a zone that is not
        known here. Say which it is.
      </p>
      <v-combobox v-model="zone" class="file" label="Time zone" :items="ZONES" />
    </template>
    <v-btn
      class="go"
      variant="flat"
      color="primary"
      height="56"
      :disabled="busy || blocked || good === 0 || (asksZone && !zone)"
      @click="bringIn"
    >
      Bring in {{ counted(good, 'hive') }}
    </v-btn>
    <h2>The first rows</h2>
    <LineTable label="The first rows">
      <thead>
        <tr>
          <th scope="col">Line</th>
          <th scope="col">Apiary</th>
          <th scope="col">Place</th>
          <th scope="col">Hive</th>
          <th scope="col">Brood boxes</th>
          <th scope="col">Supers</th>
          <th scope="col">Change</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in preview.rows" :key="row.row.line">
          <td class="figure">{{ row.row.line }}</td>
          <td>{{ row.row.apiary }}</td>
          <td class="figure">{{ row.row.place }}</td>
          <td>{{ row.row.hive }}</td>
          <td>{{ row.boxes }}</td>
          <td class="figure">{{ row.row.supers }}</td>
          <td>{{ CHANGES[row.change] }}</td>
        </tr>
      </tbody>
    </LineTable>
  </section>
</template>

<style scoped>
.lead {
  max-width: 74ch;
  margin: 8px 0 16px;
}

.file {
  max-width: 620px;
}

.done {
  display: grid;
  gap: 10px;
  justify-items: start;
  max-width: 620px;
  margin-top: 16px;
  padding: 18px;
  border-top: 8px solid var(--open);
}

.done h2 {
  padding: 2px 18px;
}

.sums {
  margin: 18px 0 6px;
}

.bad {
  color: var(--off-label);
}

h2 {
  margin: 18px 0 8px;
}

.go {
  margin-top: 12px;
}
</style>
