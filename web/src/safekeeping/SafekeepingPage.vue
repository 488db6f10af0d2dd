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
import DayField from '../shared/units/DayField.vue'
import { t } from '../words/words'
import { clockInField } from '../shared/units/dayText'

/** The whole outfit out and in again, its backups, and open files for other programs. */
const safekeeping = ref<Shapes['Safekeeping'] | null>(null)
const apiaries = ref<{ value: string; title: string }[]>([])
const apiaryId = ref<string | null>(null)
const rosterDay = ref<string | null>(null)
const { problem, attempt } = useRequest()
const { problem: notMade, busy, attempt: making } = useRequest()
const year = Number(todayHere(serverNow()).slice(0, 4))

const files = computed(() => [
  {
    to: '/api/files/roster.csv',
    name: t('safekeeping.safekeepingPage.roster'),
    note: t('safekeeping.safekeepingPage.csvEveryHiveColumns'),
  },
  {
    to: '/api/counts.csv',
    name: t('common.counts'),
    note: t('safekeeping.safekeepingPage.csvWashesRollsBoards'),
  },
  {
    to: `/api/files/burns.csv?year=${year}`,
    name: t('safekeeping.safekeepingPage.burns', { year }),
    note: t('safekeeping.safekeepingPage.csvEveryPressEvery'),
  },
  {
    to: '/api/files/apiaries.geojson',
    name: t('common.apiaries'),
    note: t('safekeeping.safekeepingPage.geojsonForMaps'),
  },
  {
    to: '/api/files/apiaries.gpx',
    name: t('common.apiaries'),
    note: t('safekeeping.safekeepingPage.gpxWayPointsFor'),
  },
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
  return `${dayOf(todayHere(local.getTime()))} ${clockInField(local.toTimeString())}`
}

onMounted(async () => {
  await load()
  const listed = await ask(api.GET('/api/apiaries')).catch(() => [])
  apiaries.value = listed.map((each) => ({ value: each.apiary.id, title: each.apiary.name }))
})
</script>

<template>
  <h1>{{ t('common.safekeeping') }}</h1>
  <PageState
    :there="safekeeping !== null"
    :problem="problem || notMade"
    :what="t('safekeeping.safekeepingPage.backups')"
    @again="load()"
  />
  <template v-if="safekeeping">
    <section class="sheet part">
      <h2>{{ t('safekeeping.safekeepingPage.backups2') }}</h2>
      <p v-if="!safekeeping.kept">
        {{ t('safekeeping.safekeepingPage.thisDemoItsOutfit') }}
      </p>
      <template v-else>
        <p>
          {{ t('safekeeping.safekeepingPage.writtenEveryNightInto') }}
        </p>
        <v-btn :loading="busy" @click="backUp">{{
          t('safekeeping.safekeepingPage.writeBackupNow')
        }}</v-btn>
        <LineTable
          v-if="safekeeping.backups.length"
          :label="t('safekeeping.safekeepingPage.backups2')"
          class="list"
        >
          <thead>
            <tr>
              <th scope="col">{{ t('safekeeping.safekeepingPage.written') }}</th>
              <th scope="col">{{ t('safekeeping.safekeepingPage.file') }}</th>
              <th scope="col">{{ t('safekeeping.safekeepingPage.size') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="each in safekeeping.backups" :key="each.name">
              <td>{{ written(each.at) }}</td>
              <td>
                <a :href="`/api/outfit/backups/${each.name}`" download>{{ each.name }}</a>
              </td>
              <td class="figure">
                {{ t('safekeeping.safekeepingPage.kb', { bytes: whole(each.bytes / 1024) }) }}
              </td>
            </tr>
          </tbody>
        </LineTable>
        <p v-else>{{ t('safekeeping.safekeepingPage.noneThereYet') }}</p>
      </template>
    </section>
    <section class="sheet part">
      <h2>{{ t('safekeeping.safekeepingPage.wholeOutfit') }}</h2>
      <p>
        {{ t('safekeeping.safekeepingPage.oneFileWithEverything') }}
      </p>
      <p>
        <a href="/api/outfit/outfit.zip" download>{{
          t('safekeeping.safekeepingPage.takeWholeOutfitAway')
        }}</a>
      </p>
      <p v-if="safekeeping.pictures">
        {{ t('safekeeping.safekeepingPage.pictures', { named: whole(safekeeping.pictures) }) }}
      </p>
      <template v-if="safekeeping.missingPictures.length">
        <p role="alert" class="problem">
          {{
            t('safekeeping.safekeepingPage.missingPictures', {
              missing: whole(safekeeping.missingPictures.length),
            })
          }}
        </p>
        <ul class="missing figure">
          <li v-for="name in safekeeping.missingPictures" :key="name">{{ name }}</li>
        </ul>
      </template>
      <BringIn v-if="safekeeping.kept" />
    </section>
  </template>
  <PhonesPart />
  <section class="sheet part">
    <h2>{{ t('safekeeping.safekeepingPage.openFilesForOther') }}</h2>
    <ul>
      <li v-for="each in files" :key="each.to">
        <a :href="each.to" download>{{ each.name }}</a> <span class="soft">{{ each.note }}</span>
      </li>
      <li>
        <router-link to="/register">{{ t('common.treatments') }}</router-link>{{ ' ' }}
        <span class="soft">{{ t('safekeeping.safekeepingPage.csvJsonPdfFrom') }}</span>
      </li>
      <li>
        <router-link to="/season/outfit">{{
          t('safekeeping.safekeepingPage.calendars')
        }}</router-link>{{ ' ' }}
        <span class="soft">{{ t('safekeeping.safekeepingPage.icalendarCrewEach') }}</span>
      </li>
    </ul>
    <div class="weather">
      <DayField v-model="rosterDay" :label="t('safekeeping.safekeepingPage.rosterAsOf')" />
      <a v-if="rosterDay" :href="`/api/files/roster.csv?on=${rosterDay}`" download>{{
        t('safekeeping.safekeepingPage.takeAwayAsCsv')
      }}</a>
    </div>
    <div class="weather">
      <v-select
        v-model="apiaryId"
        :items="apiaries"
        :label="t('safekeeping.safekeepingPage.weatherFromFiles')"
        density="compact"
      />
      <a v-if="apiaryId" :href="`/api/files/weather.csv?apiaryId=${apiaryId}`" download>{{
        t('safekeeping.safekeepingPage.takeAwayAsCsv')
      }}</a>
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

.missing {
  overflow-wrap: anywhere;
  max-height: 12em;
  overflow-y: auto;
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
