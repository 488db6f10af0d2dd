<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { dayOf } from '../shared/format'
import { whole } from '../shared/numbers'
import BringIn from './BringIn.vue'
import PhonesPart from './PhonesPart.vue'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'

/** The whole outfit out and in again, its backups, and open files for other programs. */
const safekeeping = ref<Shapes['Safekeeping'] | null>(null)
const apiaries = ref<{ value: string; title: string }[]>([])
const apiaryId = ref<string | null>(null)
const { problem, attempt } = useRequest()
const { problem: notMade, busy, attempt: making } = useRequest()
const year = Number(todayHere(serverNow()).slice(0, 4))

const files = computed(() => [
  {
    to: '/api/files/roster.csv',
    name: 'Roster',
    note: 'CSV: every hive, in the columns it is brought in by',
  },
  { to: '/api/counts.csv', name: 'Counts', note: 'CSV: washes, rolls and boards' },
  {
    to: `/api/files/burns.csv?year=${year}`,
    name: `Burns of ${year}`,
    note: 'CSV: every press of every run, also those taken back',
  },
  { to: '/api/files/apiaries.geojson', name: 'Apiaries', note: 'GeoJSON, for maps' },
  { to: '/api/files/apiaries.gpx', name: 'Apiaries', note: 'GPX way points, for a navigator' },
])

async function load(): Promise<void> {
  await attempt(async () => {
    safekeeping.value = await ask(api.GET('/api/outfit'))
  })
}

async function backUp(): Promise<void> {
  if (busy.value) return
  await making(async () => {
    await ask(api.POST('/api/outfit/backups'))
    await load()
  })
}

function written(at: string): string {
  const local = new Date(at)
  return `${dayOf(todayHere(local.getTime()))} ${local.toTimeString().slice(0, 5)}`
}

onMounted(async () => {
  await load()
  const listed = await ask(api.GET('/api/apiaries')).catch(() => [])
  apiaries.value = listed.map((each) => ({ value: each.apiary.id, title: each.apiary.name }))
})
</script>

<template>
  <h1>Safekeeping</h1>
  <PageState
    :there="safekeeping !== null"
    :problem="problem || notMade"
    what="the backups"
    @again="load()"
  />
  <template v-if="safekeeping">
    <section class="sheet part">
      <h2>Backups</h2>
      <p v-if="!safekeeping.kept">
        This is the demo: its outfit is made anew at each start, and nothing is kept. Your own is
        written into the folder of its data every night, and a backup is kept for two weeks.
      </p>
      <template v-else>
        <p>
          Written every night into the folder “backups” beside your data. A backup on the same disk
          does not help when the disk dies: take one away now and then.
        </p>
        <v-btn :loading="busy" @click="backUp">Write a backup now</v-btn>
        <LineTable v-if="safekeeping.backups.length" label="Backups" class="list">
          <thead>
            <tr>
              <th scope="col">Written</th>
              <th scope="col">File</th>
              <th scope="col">Size</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="each in safekeeping.backups" :key="each.name">
              <td>{{ written(each.at) }}</td>
              <td>
                <a :href="`/api/outfit/backups/${each.name}`" download>{{ each.name }}</a>
              </td>
              <td class="figure">{{ whole(each.bytes / 1024) }} kB</td>
            </tr>
          </tbody>
        </LineTable>
        <p v-else>None is there yet.</p>
      </template>
    </section>
    <section class="sheet part">
      <h2>The whole outfit</h2>
      <p>
        One file with everything: apiaries, rounds, register, counts, plans, people with their
        passwords scrambled. Keep it where you would keep the keys.
      </p>
      <p><a href="/api/outfit/outfit.zip" download>Take the whole outfit away as it is now</a></p>
      <BringIn v-if="safekeeping.kept" />
    </section>
  </template>
  <PhonesPart />
  <section class="sheet part">
    <h2>Open files, for other programs</h2>
    <ul>
      <li v-for="each in files" :key="each.to">
        <a :href="each.to" download>{{ each.name }}</a> <span class="soft">{{ each.note }}</span>
      </li>
      <li>
        <router-link to="/register">Treatments</router-link>{{ ' ' }}
        <span class="soft">CSV, JSON and PDF, from the register</span>
      </li>
      <li>
        <router-link to="/season/outfit">Calendars</router-link>{{ ' ' }}
        <span class="soft">iCalendar, a crew each</span>
      </li>
    </ul>
    <div class="weather">
      <v-select
        v-model="apiaryId"
        :items="apiaries"
        label="Weather from files, of"
        density="compact"
      />
      <a v-if="apiaryId" :href="`/api/files/weather.csv?apiaryId=${apiaryId}`" download
        >Take it away as CSV</a
      >
    </div>
  </section>
</template>

<style scoped>
.part {
  padding: 14px 18px;
  margin-top: 14px;
}

.part h2 {
  margin-top: 0;
}

.list {
  margin-top: 12px;
}

.weather {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  max-width: 560px;
}
</style>
