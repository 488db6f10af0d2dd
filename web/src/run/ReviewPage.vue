<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { counted, dayOf, grams, timeIn } from '../shared/format'
import { useSession } from '../shared/session'
import ReviewLines from './ReviewLines.vue'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'
import { degrees, windSpeed } from '../shared/units/quantity'

/** A run looked back on: planned against done, who, weather, what was out of the ordinary, what is next. */
const props = defineProps<{ id: string }>()
const session = useSession()
const looked = ref<Shapes['Looked'] | null>(null)
const { problem, attempt } = useRequest()

async function load(): Promise<void> {
  await attempt(async () => {
    looked.value = await ask(
      api.GET('/api/rounds/{id}/review', { params: { path: { id: props.id } } }),
    )
  })
}
onMounted(load)

const review = computed(() => looked.value?.review)
const zone = computed(() => looked.value?.apiary.zone ?? 'UTC')
const time = (at?: string) => (at ? timeIn(zone.value, at) : '')
const name = (hiveId?: string) => (hiveId ? (looked.value?.names[hiveId] ?? '') : '')
const names = (hiveIds: readonly string[]) => hiveIds.map((id) => name(id)).join(', ')
const left = computed(() => review.value?.hives.filter((hive) => hive.stage === 'SKIPPED') ?? [])
const stillToDo = computed(
  () =>
    review.value?.hives.filter((hive) => hive.stage !== 'SKIPPED' && hive.stage !== 'OPEN') ?? [],
)
const minutes = (seconds: number) => Math.round(seconds / 60)
const tools = computed(() => looked.value?.tools.map((tool) => tool.name).join(', ') ?? '')
const catchUp = computed(() => ({
  path: '/dose',
  query: {
    apiary: looked.value?.apiary.id,
    hives: left.value.map((hive) => hive.hiveId).join(','),
  },
}))
</script>

<template>
  <PageState :there="looked !== null" :problem="problem" what="the review" @again="load()" />
  <template v-if="looked">
    <div class="head">
      <h1>Looking back, {{ looked.apiary.name }}</h1>
      <router-link :to="`/run/${id}`">The run</router-link>
      <router-link :to="`/dose/sheet/${id}`">Its sheet</router-link>
    </div>
    <p v-if="!review">Nothing has happened in this round yet.</p>
    <template v-else>
      <p class="facts">
        <span>{{ dayOf(looked.round.day) }}, {{ time(review.from) }}–{{ time(review.to) }}</span>
        <span
          ><strong>{{ minutes(review.tookSeconds) }} min</strong>
          <template v-if="review.plannedSeconds !== undefined">
            against {{ minutes(review.plannedSeconds) }} reckoned</template
          ></span
        >
        <span
          ><strong>{{ grams(review.acidUsed) }}</strong> acid of {{ grams(review.acidPlanned) }} on
          the sheet</span
        >
        <span>at most {{ counted(review.mostShut, 'hive') }} shut at once</span>
        <span>{{ tools }}</span>
      </p>
      <p v-if="stillToDo.length" class="soft">
        {{ counted(stillToDo.length, 'hive') }} still to do: this run is not over.
      </p>

      <ReviewLines :review="review" :name="name" :zone="zone" />

      <div class="columns">
        <section>
          <h2>Out of the ordinary</h2>
          <p
            v-if="
              !review.exceptions.length && !looked.cameLate.length && !review.crew.pauses.length
            "
          >
            Nothing.
          </p>
          <ul>
            <li v-for="(each, i) in review.exceptions" :key="i" class="told">
              <span class="figure">{{ time(each.at) }}</span>
              <span
                ><strong v-if="each.hiveIds.length">{{ names(each.hiveIds) }}: </strong
                >{{ each.says }}</span
              >
            </li>
            <li v-for="each in looked.cameLate" :key="each.by" class="told">
              <span class="figure">{{ time(each.last) }}</span>
              <span
                >{{ counted(each.count, 'press', 'presses') }} of {{ each.by }} came later, from a
                device without network</span
              >
            </li>
            <li v-for="(pause, i) in review.crew.pauses" :key="`pause${i}`" class="told">
              <span class="figure">{{ time(pause.from) }}</span>
              <span>paused to {{ time(pause.to) || 'now' }}: {{ pause.why }}</span>
            </li>
          </ul>
        </section>
        <section>
          <h2>Who</h2>
          <ul>
            <li v-for="each in review.people" :key="each.name">
              <strong>{{ each.name }}</strong>: {{ counted(each.burns, 'load') }} begun,
              {{ counted(each.opened, 'hive') }} opened, {{ each.other }} other presses
            </li>
          </ul>
          <h2>Weather</h2>
          <ul>
            <li v-for="each in looked.weather" :key="each.weather.hour">
              <span class="figure">{{ time(each.weather.hour) }}</span>
              {{ degrees(each.weather.celsius, 0) }}, wind {{ windSpeed(each.weather.windMs)
              }}<template v-if="each.windSide"> from {{ each.windSide }}</template>
              <span class="soft"
                >({{ each.says }}<template v-if="each.madeUp">, made up</template>)</span
              >
            </li>
          </ul>
        </section>
        <section>
          <h2>What is next</h2>
          <ul class="ways">
            <li v-if="left.length">
              {{ counted(left.length, 'hive') }} left out:
              {{ names(left.map((hive) => hive.hiveId)) }}.
              <router-link v-if="session.isKeeper" :to="catchUp"
                >Plan a catch-up run for {{ left.length === 1 ? 'it' : 'them' }}</router-link
              >
            </li>
            <li>
              <router-link to="/gear">Clean the tool</router-link>, once it is cold, and tick it
              off.
            </li>
            <li>
              <router-link :to="{ path: '/counts', query: { apiary: looked.apiary.id } }"
                >Put boards in now</router-link
              >: read the drop after 12–24 h, 48 h and 72 h; Today reminds of them.
            </li>
            <li>
              <router-link :to="{ path: '/counts/results', query: { apiary: looked.apiary.id } }"
                >Did it work?</router-link
              >
              Drops and samples against what was expected.
            </li>
            <li v-if="looked.round.seriesId">
              <router-link :to="{ path: '/spacing', query: { apiary: looked.apiary.id } }"
                >Book the next round of its series</router-link
              >
            </li>
            <li v-else>
              <router-link :to="{ path: '/spacing', query: { apiary: looked.apiary.id } }"
                >Plan what follows</router-link
              >
            </li>
            <li><router-link to="/register">The register</router-link> holds every treatment.</li>
          </ul>
        </section>
      </div>
    </template>
  </template>
</template>

<style scoped>
.head,
.facts {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 20px;
}

.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 8px 28px;
  margin-top: 14px;
}

.told {
  display: grid;
  grid-template-columns: 56px 1fr;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
  line-height: 1.5;
}

h2 {
  margin: 0 0 4px;
}

section h2:not(:first-child) {
  margin-top: 12px;
}

.ways li {
  min-height: 40px;
  padding: 6px 0;
  border-top: 1px solid var(--rule);
}
</style>
