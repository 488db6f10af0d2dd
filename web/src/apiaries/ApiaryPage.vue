<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, words, type Shapes } from '../api/client'
import LineTable from '../parts/LineTable.vue'
import { useApiaryInHand } from '../parts/apiaryInHand'
import { counted } from '../parts/format'
import { useSession } from '../parts/session'
import HiveRow from './HiveRow.vue'
import PlaceForm from './PlaceForm.vue'

const props = defineProps<{ id: string }>()
const session = useSession()
const inHand = useApiaryInHand()
const whole = ref<Shapes['WholeApiary'] | null>(null)
const problem = ref('')
const chosen = ref<string>()
const asList = ref(false)
const placeShown = ref(false)

const hive = computed(() => whole.value?.hives.find((each) => each.id === chosen.value))
const wind = computed(() => inHand.dayline?.weatherNow)

const FLOORS = {
  SOLID: 'solid',
  MESH_TIGHT_TRAY: 'mesh, tray tight',
  MESH_LOOSE_TRAY: 'mesh, tray loose',
  BARE_MESH: 'bare mesh',
} as const

function boxes(of: Shapes['Hive']): string {
  return of.boxes.map((box) => `${box.kind.toLowerCase()}, ${box.frames} frames`).join(' + ')
}

watch(
  () => props.id,
  async (id) => {
    problem.value = ''
    try {
      whole.value = await ask(api.GET('/api/apiaries/{id}', { params: { path: { id } } }))
      void inHand.take(id)
    } catch (thrown) {
      problem.value = words(thrown)
    }
  },
  { immediate: true },
)

function kept(apiary: Shapes['Apiary']): void {
  if (whole.value) whole.value = { ...whole.value, apiary }
  placeShown.value = false
  void inHand.refresh()
}
</script>

<template>
  <p v-if="problem" role="alert">
    {{ problem }} <router-link to="/apiaries">All apiaries</router-link>
  </p>
  <template v-else-if="whole">
    <div class="top">
      <h1>{{ whole.apiary.name }}</h1>
      <span class="soft">{{ counted(whole.hives.length, 'hive') }}</span>
      <span class="spring"></span>
      <v-btn @click="asList = !asList">{{ asList ? 'Draw the row' : 'Show as a list' }}</v-btn>
      <v-btn :to="{ path: '/counts', query: { apiary: whole.apiary.id } }">Counts</v-btn>
      <v-btn v-if="session.isKeeper" :to="`/apiaries/${whole.apiary.id}/season`">Season</v-btn>
      <v-btn v-if="session.isKeeper" @click="placeShown = !placeShown">Name and place</v-btn>
      <v-btn
        v-if="session.isKeeper"
        variant="flat"
        color="primary"
        :to="{ path: '/dose', query: { apiary: whole.apiary.id } }"
        >Dose sheet</v-btn
      >
    </div>
    <div v-if="placeShown" class="sheet place">
      <PlaceForm :apiary="whole.apiary" @kept="kept" />
    </div>
    <p v-if="whole.hives.length === 0">No hive stands here.</p>
    <template v-else>
      <div v-if="!asList" class="yard">
        <p v-if="wind && inHand.dayline?.apiary.id === id" class="wind">
          <svg
            viewBox="-20 -20 40 40"
            aria-hidden="true"
            :style="{ rotate: wind.windFrom + 'deg' }"
          >
            <path d="M0 -17V15M-8 5 0 15 8 5" />
          </svg>
          <span>
            Wind from {{ inHand.dayline.windSide }}, {{ wind.windMs.toFixed(1) }} m/s, by the
            {{ inHand.dayline.day?.source }}.
            <strong>{{
              inHand.dayline.weatherMadeUp
                ? 'Made up: feel the wind, and stand where it comes from.'
                : `Stand ${inHand.dayline.windSide}.`
            }}</strong>
            <span class="soft"> North is up.</span>
          </span>
        </p>
        <HiveRow v-model="chosen" :hives="whole.hives" />
        <div class="foot" role="status">
          <template v-if="hive">
            <strong>{{ hive.name }}</strong>
            <span>place {{ hive.place }}</span>
            <span>{{ boxes(hive) }}</span>
            <span>{{ counted(hive.supers, 'super') }}</span>
            <span>floor {{ FLOORS[hive.floor] }}</span>
            <router-link v-if="session.mayWork" :to="`/spacing/${hive.id}`"
              >Brood and spacing</router-link
            >
          </template>
          <span v-else class="soft"
            >Choose a hive to read what stands there. The roster changes it.</span
          >
        </div>
      </div>
      <LineTable v-else label="Hives in walking order">
        <thead>
          <tr>
            <th scope="col">Place</th>
            <th scope="col">Hive</th>
            <th scope="col">Brood boxes, from the floor up</th>
            <th scope="col">Supers</th>
            <th scope="col">Floor</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in whole.hives" :key="each.id">
            <td class="figure">{{ each.place }}</td>
            <td>
              <strong>{{ each.name }}</strong>
            </td>
            <td>{{ boxes(each) }}</td>
            <td class="figure">{{ each.supers }}</td>
            <td>{{ FLOORS[each.floor] }}</td>
          </tr>
        </tbody>
      </LineTable>
    </template>
  </template>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  margin-bottom: 14px;
}

.spring {
  flex: 1;
}

.place {
  padding: 14px;
  margin-bottom: 14px;
}

.wind {
  display: flex;
  align-items: center;
  gap: 12px;
  margin: 0 0 16px;
}

.wind svg {
  width: 40px;
  height: 40px;
  flex: none;
}

.wind path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3.5;
}

.foot {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
  margin-top: 18px;
  padding: 12px 0;
}
</style>
