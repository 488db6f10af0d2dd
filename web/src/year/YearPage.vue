<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { counted, grams } from '../shared/format'
import { roughly } from '../shared/numbers'
import MonthBars from './MonthBars.vue'
import { OUTCOMES, SIGNS, WAYS } from './reviewWords'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'

/** The year on one page, to read and to print: done, found, what worked, and the winter's verdict. */
const thisYear = Number(todayHere(serverNow()).slice(0, 4))
const year = ref(thisYear)
const review = ref<Shapes['Reviewed'] | null>(null)
const { problem, attempt } = useRequest()
const years = computed(() => Array.from({ length: 8 }, (_, i) => thisYear - i))

async function load(): Promise<void> {
  const of = year.value
  await attempt(async () => {
    const answer = await ask(api.GET('/api/review', { params: { query: { year: of } } }))
    if (year.value === of) review.value = answer
  })
}
watch(year, load, { immediate: true })

function between(interval: { low: number; high: number }): string {
  return `${roughly(interval.low)} to ${roughly(interval.high)}`
}

function print(): void {
  window.print()
}
</script>

<template>
  <div class="top">
    <h1>The year {{ year }}</h1>
    <span class="spring"></span>
    <v-select v-model="year" :items="years" label="Year" density="compact" class="year no-print" />
    <router-link class="no-print" to="/counts/winter">Enter how hives wintered</router-link>
    <v-btn class="no-print" variant="outlined" @click="print">Print</v-btn>
  </div>
  <PageState :there="review !== null" :problem="problem" what="the year" @again="load()" />
  <template v-if="review">
    <div class="page">
      <section class="sheet part wide">
        <h2>Done and found, month by month</h2>
        <p>
          {{ counted(review.totals.lines - review.totals.struck, 'treatment') }} in
          {{ counted(review.totals.rounds, 'round') }} of
          {{ counted(review.totals.hives, 'hive') }} ·
          <span class="figure">{{ grams(review.totals.acid) }}</span> acid dihydrate
        </p>
        <MonthBars :months="review.months" />
      </section>
      <section class="sheet part">
        <h2>What the rounds took away</h2>
        <p v-if="!review.whole && review.cases">
          {{ counted(review.cases, 'hive') }} counted before and after: too few to tell of the
          outfit; from four on they are taken together.
        </p>
        <p v-else-if="!review.whole">
          No hive was counted both before and after its rounds. A wash in the month before, and one
          two to six weeks after the last round, tell.
        </p>
        <template v-if="review.whole">
          <p class="big">
            <strong class="figure">{{ roughly(review.whole.share) }}</strong> of the mites, 95 %:
            {{ between(review.whole) }}
          </p>
          <p class="soft">From {{ counted(review.cases, 'hive') }} counted before and after.</p>
        </template>
        <p v-if="review.whole && review.worked.length === 0" class="soft">
          All were treated alike: there is nothing to compare.
        </p>
        <div v-for="way in review.worked" :key="way.what" class="way">
          <h3>By {{ WAYS[way.what] }}</h3>
          <LineTable :label="`By ${WAYS[way.what]}`">
            <thead>
              <tr>
                <th scope="col">Way</th>
                <th scope="col">Hives</th>
                <th scope="col">Taken away</th>
                <th scope="col">95 %</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="group in way.groups" :key="group.name">
                <th scope="row">{{ group.name }}</th>
                <td class="figure">{{ group.hives }}</td>
                <template v-if="group.whole">
                  <td class="figure">{{ roughly(group.whole.share) }}</td>
                  <td class="figure">{{ between(group.whole) }}</td>
                </template>
                <td v-else colspan="2" class="soft">too few hives to tell</td>
              </tr>
            </tbody>
          </LineTable>
          <p v-if="way.compared.length === 0" class="soft">
            Yards differ by more than what was done in them: they are not held against each other.
          </p>
          <p
            v-for="pair in way.compared"
            :key="pair.one + pair.other"
            :class="pair.verdict === 'DIFFERENT' ? 'differs' : 'soft'"
          >
            {{ pair.says }}
          </p>
        </div>
      </section>
      <section class="sheet part">
        <h2>The winter {{ review.winterName }}</h2>
        <p v-if="!review.winter.lost">
          Nothing is entered of how the hives came through.
          <router-link class="no-print" to="/counts/winter">Enter it in spring</router-link>
        </p>
        <template v-else>
          <p class="big">
            <strong class="figure">{{ review.winter.lost.dead }}</strong> of
            {{ counted(review.winter.lost.of, 'hive') }} died:
            {{ roughly(review.winter.lost.share) }}, 95 %:
            {{ between(review.winter.lost.interval) }}
          </p>
          <ul>
            <li v-for="(number, outcome) in review.winter.outcomes" :key="outcome">
              {{ OUTCOMES[outcome] }}: {{ number }}
            </li>
            <li v-for="(number, sign) in review.winter.signs" :key="sign">
              died, {{ SIGNS[sign] }}: {{ number }}
            </li>
          </ul>
          <LineTable label="Losses by the load in autumn">
            <thead>
              <tr>
                <th scope="col">Mites in the last sample from August on</th>
                <th scope="col">Died</th>
                <th scope="col">Share</th>
                <th scope="col">95 %</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="band in review.winter.byLoad" :key="band.name">
                <th scope="row">{{ band.name }}</th>
                <template v-if="band.lost">
                  <td class="figure">{{ band.lost.dead }} of {{ band.lost.of }}</td>
                  <td class="figure">{{ roughly(band.lost.share) }}</td>
                  <td class="figure">{{ between(band.lost.interval) }}</td>
                </template>
                <td v-else colspan="3">no hive</td>
              </tr>
            </tbody>
          </LineTable>
        </template>
      </section>
    </div>
  </template>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
}

.spring {
  flex: 1;
}

.year {
  flex: none;
  width: 130px;
}

.page {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
  align-items: start;
}

.wide {
  grid-column: 1 / -1;
}

@media (width < 900px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
  }
}

.part {
  padding: 14px 18px;
  min-width: 0;
}

.part h2 {
  margin-top: 0;
}

.way h3 {
  margin-bottom: 4px;
}

.big .figure {
  font-size: 1.5rem;
}
</style>
