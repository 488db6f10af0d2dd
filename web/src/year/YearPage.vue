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
import { t } from '../words/words'
import { inWords, shown } from '../words/facts'

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
  return t('year.yearPage.to', { low: roughly(interval.low), high: roughly(interval.high) })
}

function print(): void {
  window.print()
}
</script>

<template>
  <div class="top">
    <h1>{{ t('year.yearPage.year', { year }) }}</h1>
    <span class="spring"></span>
    <v-select
      v-model="year"
      :items="years"
      :label="t('common.year')"
      density="compact"
      class="year no-print"
    />
    <router-link class="no-print" to="/counts/winter">{{
      t('year.yearPage.enterHowHivesWintered')
    }}</router-link>
    <v-btn class="no-print" variant="outlined" @click="print">{{ t('common.print') }}</v-btn>
  </div>
  <PageState
    :there="review !== null"
    :problem="problem"
    :what="t('year.yearPage.year2')"
    @again="load()"
  />
  <template v-if="review">
    <div class="page">
      <section class="sheet part wide">
        <h2>{{ t('year.yearPage.doneFoundMonthBy') }}</h2>
        <p>
          <i18n-t keypath="year.yearPage.acidDihydrate" scope="global"
            ><template #treatments>{{
              counted(review.totals.lines - review.totals.struck, 'treatment')
            }}</template
            ><template #rounds>{{ counted(review.totals.rounds, 'round') }}</template
            ><template #hives>{{ counted(review.totals.hives, 'hive') }}</template
            ><template #span
              ><span class="figure">{{ grams(review.totals.acid) }}</span></template
            ></i18n-t
          >
        </p>
        <MonthBars :months="review.months" />
      </section>
      <section class="sheet part">
        <h2>{{ t('year.yearPage.whatRoundsTookAway') }}</h2>
        <p v-if="!review.whole && review.cases">
          {{ t('year.yearPage.countedBeforeAfterToo', { hives: counted(review.cases, 'hive') }) }}
        </p>
        <p v-else-if="!review.whole">
          {{ t('year.yearPage.noHiveWasCounted') }}
        </p>
        <template v-if="review.whole">
          <p class="big">
            <i18n-t keypath="year.yearPage.mites" scope="global"
              ><template #strong
                ><strong class="figure">{{ roughly(review.whole.share) }}</strong></template
              ><template #whole>{{ between(review.whole) }}</template></i18n-t
            >
          </p>
          <p class="soft">
            {{
              t('year.yearPage.fromCountedBeforeAfter', { hives: counted(review.cases, 'hive') })
            }}
          </p>
        </template>
        <p v-if="review.whole && review.worked.length === 0" class="soft">
          {{ t('year.yearPage.allWereTreatedAlike') }}
        </p>
        <div v-for="way in review.worked" :key="way.what" class="way">
          <h3>{{ t('year.yearPage.by', { what: WAYS[way.what] }) }}</h3>
          <LineTable :label="t('year.yearPage.by', { what: WAYS[way.what] })">
            <thead>
              <tr>
                <th scope="col">{{ t('common.way') }}</th>
                <th scope="col">{{ t('common.hives') }}</th>
                <th scope="col">{{ t('year.yearPage.takenAway') }}</th>
                <th scope="col">95 %</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(group, i) in way.groups" :key="i">
                <th scope="row">{{ shown(group.name) }}</th>
                <td class="figure">{{ group.hives }}</td>
                <template v-if="group.whole">
                  <td class="figure">{{ roughly(group.whole.share) }}</td>
                  <td class="figure">{{ between(group.whole) }}</td>
                </template>
                <td v-else colspan="2" class="soft">{{ t('year.yearPage.tooFewHivesTell') }}</td>
              </tr>
            </tbody>
          </LineTable>
          <p v-if="way.compared.length === 0" class="soft">
            {{ t('year.yearPage.yardsDifferByMore') }}
          </p>
          <p
            v-for="(pair, i) in way.compared"
            :key="i"
            :class="pair.verdict === 'DIFFERENT' ? 'differs' : 'soft'"
          >
            {{ inWords(pair.says) }}
          </p>
        </div>
      </section>
      <section class="sheet part">
        <h2>{{ t('year.yearPage.winter', { winterName: inWords(review.winterName) }) }}</h2>
        <p v-if="!review.winter.lost">
          <i18n-t keypath="year.yearPage.nothingEnteredHowHives" scope="global"
            ><template #link
              ><router-link class="no-print" to="/counts/winter">{{
                t('year.yearPage.enterSpring')
              }}</router-link></template
            ></i18n-t
          >
        </p>
        <template v-else>
          <p class="big">
            <i18n-t keypath="year.yearPage.died" scope="global"
              ><template #strong
                ><strong class="figure">{{ review.winter.lost.dead }}</strong></template
              ><template #hives>{{ counted(review.winter.lost.of, 'hive') }}</template
              ><template #share>{{ roughly(review.winter.lost.share) }}</template
              ><template #interval>{{ between(review.winter.lost.interval) }}</template></i18n-t
            >
          </p>
          <ul>
            <li v-for="(number, outcome) in review.winter.outcomes" :key="outcome">
              {{ OUTCOMES[outcome] }}: {{ number }}
            </li>
            <li v-for="(number, sign) in review.winter.signs" :key="sign">
              {{ t('year.yearPage.died2', { sign: SIGNS[sign], number }) }}
            </li>
          </ul>
          <LineTable :label="t('year.yearPage.lossesByLoadAutumn')">
            <thead>
              <tr>
                <th scope="col">{{ t('year.yearPage.mitesLastSampleFrom') }}</th>
                <th scope="col">{{ t('year.yearPage.died3') }}</th>
                <th scope="col">{{ t('year.yearPage.share') }}</th>
                <th scope="col">95 %</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(band, i) in review.winter.byLoad" :key="i">
                <th scope="row">{{ inWords(band.name) }}</th>
                <template v-if="band.lost">
                  <td class="figure">
                    {{ t('year.yearPage.of', { dead: band.lost.dead, of: band.lost.of }) }}
                  </td>
                  <td class="figure">{{ roughly(band.lost.share) }}</td>
                  <td class="figure">{{ between(band.lost.interval) }}</td>
                </template>
                <td v-else colspan="3">{{ t('year.yearPage.noHive') }}</td>
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
