<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, type Shapes } from '../api/client'
import { useServerNow } from '../shared/clock'
import { counted } from '../shared/format'
import { useSession } from '../shared/session'
import { useYardGroups } from '../shared/yardGroups'
import BeforeAfter from './BeforeAfter.vue'
import DayPanel from './DayPanel.vue'
import PlanFiguresTable from './PlanFiguresTable.vue'
import SeasonGrid from './SeasonGrid.vue'
import VisitPanel from './VisitPanel.vue'
import { useBegins } from './useBegins'
import { keyOf, useSeason } from './useSeason'
import PageState from '../shared/layout/PageState.vue'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** The season across apiaries: searched, looked at, moved by hand, mended, agreed. */
const session = useSession()
const now = useServerNow(1000)
const { view, problem, wrong, load, change, search, whatIf } = useSeason()
/** Why days stay that are not on the label; asked for once the plan was refused for it. */
const offLabelReason = ref('')
const seconds = ref(30)
const LENGTHS = [5, 30, 120, 600].map((value) => ({
  value,
  title: value < 60 ? `${value} s` : `${value / 60} min`,
}))
const WHAT_IFS: { value: Shapes['WhatIfQuestion']['what']; title: string }[] = [
  { value: 'AS_IT_IS', title: t('seasonplan.seasonPlanPage.planAsSearchedAs') },
  { value: 'ONE_MORE_CREW', title: t('seasonplan.seasonPlanPage.oneMoreCrew') },
  { value: 'ONE_MORE_TOOL', title: t('seasonplan.seasonPlanPage.oneMoreToolEvery') },
  { value: 'WIDER_GAPS', title: t('seasonplan.seasonPlanPage.widerGaps') },
  { value: 'LATER_START', title: t('seasonplan.seasonPlanPage.laterStart') },
]
const asked = ref<Shapes['WhatIfQuestion']['what']>('ONE_MORE_CREW')
const chosen = ref<{ visit?: string; day?: string }>({})
const begins = useBegins()
const groups = useYardGroups()
onMounted(load)

const visit = computed(() =>
  view.value?.plan?.visits.find((each) => keyOf(each) === chosen.value.visit),
)
const gone = computed(() =>
  view.value?.search.began ? (now.value - Date.parse(view.value.search.began)) / 1000 : 0,
)

function put(of: Shapes['PlacedVisit'], place: Shapes['NewPlace']): void {
  void change(
    api.PUT('/api/season-plan/visits/{seriesId}/{number}', {
      params: { path: { seriesId: of.seriesId, number: of.number } },
      body: place,
    }),
  )
}

function move(of: Shapes['PlacedVisit'], day: string): void {
  chosen.value = { visit: keyOf(of) }
  put(of, { crewId: of.crewId, day, pinned: true })
}

async function agree(): Promise<void> {
  const body = { offLabelReason: offLabelReason.value || undefined }
  if (await change(api.POST('/api/season-plan/agree', { body }))) offLabelReason.value = ''
}

function lock(day: string, reason: string): void {
  void change(
    api.PUT('/api/season-plan/locked/{day}', { params: { path: { day } }, body: { reason } }),
  )
}

function unlock(day: string): void {
  void change(api.DELETE('/api/season-plan/locked/{day}', { params: { path: { day } } }))
}

function rainedOff(day: string, reason: string): void {
  void change(
    api.POST('/api/season-plan/rained-off/{day}', { params: { path: { day } }, body: { reason } }),
  )
}
</script>

<template>
  <div class="head">
    <h1>{{ t('common.season') }}</h1>
    <router-link v-if="session.isKeeper" to="/season/work">{{
      t('common.whatBeDone')
    }}</router-link>
    <router-link to="/season/outfit">{{ t('common.crewsRoads') }}</router-link>
    <span v-if="view?.hoursMadeUp" class="madeUp">{{
      t('seasonplan.seasonPlanPage.madeUpDottedDays', {
        hoursFrom: view.hoursFrom.map(inWords).join('; '),
      })
    }}</span>
    <span v-else-if="view" class="soft">{{
      t('seasonplan.seasonPlanPage.dottedDaysAreOnly', {
        hoursFrom: view.hoursFrom.length
          ? t('seasonplan.seasonPlanPage.hoursToldBy', {
              hoursFrom: view.hoursFrom.map(inWords).join('; '),
            })
          : t('seasonplan.seasonPlanPage.noSourceTellsAny'),
      })
    }}</span>
  </div>
  <PageState
    :there="view !== null"
    :problem="problem"
    :what="t('seasonplan.seasonPlanPage.seasonPlan')"
    @again="load()"
  />
  <template v-if="view">
    <p v-if="view.missing" class="sheet first">
      {{ inWords(view.missing) }}
      <router-link v-if="!view.depot || !view.crews.length" to="/season/outfit">{{
        t('common.crewsRoads')
      }}</router-link>
      <router-link v-else to="/season/work">{{ t('common.whatBeDone') }}</router-link>
    </p>
    <ul v-if="view.leftOut.length" class="leftOut">
      <li v-for="each in view.leftOut" :key="each.apiaryId">
        <i18n-t keypath="seasonplan.seasonPlanPage.leftOut" scope="global"
          ><template #link
            ><router-link :to="`/apiaries/${each.apiaryId}`">{{
              each.apiary
            }}</router-link></template
          ><template #says>{{ inWords(each.says) }}</template></i18n-t
        >
      </li>
    </ul>
    <template v-if="view.plan">
      <div v-if="session.isKeeper" class="bar">
        <template v-if="view.search.running">
          <v-btn
            variant="flat"
            color="primary"
            @click="change(api.POST('/api/season-plan/search/stop'))"
            >{{ t('seasonplan.seasonPlanPage.stop') }}</v-btn
          >
          <span role="status">
            {{
              t('seasonplan.seasonPlanPage.searchingForSFound', {
                what: inWords(view.search.what),
                seconds: Math.min(Math.round(gone), view.search.seconds),
                seconds2: view.search.seconds,
                betters: counted(view.search.better, 'betterPlan'),
              })
            }}
          </span>
          <progress
            :value="gone"
            :max="view.search.seconds"
            :aria-label="t('seasonplan.seasonPlanPage.search')"
          ></progress>
        </template>
        <template v-else>
          <v-btn variant="flat" color="primary" @click="search(seconds)">{{
            t('seasonplan.seasonPlanPage.searchPlan')
          }}</v-btn>
          <v-select
            v-model="seconds"
            density="compact"
            hide-details
            :label="t('seasonplan.seasonPlanPage.for')"
            :items="LENGTHS"
            class="short"
          />
          <v-text-field
            v-if="view.differs && (wrong.offLabelReason || offLabelReason)"
            v-model="offLabelReason"
            density="compact"
            hide-details
            :label="t('common.whyOffLabel')"
            class="why"
          />
          <v-btn v-if="view.differs" @click="agree">{{
            t('seasonplan.seasonPlanPage.agreeMakeRounds')
          }}</v-btn>
          <v-btn
            v-if="view.differs && view.agreed.length"
            @click="change(api.POST('/api/season-plan/back-to-agreed'))"
            >{{ t('seasonplan.seasonPlanPage.backWhatWasAgreed') }}</v-btn
          >
          <span v-if="!view.differs" class="soft">{{
            t('seasonplan.seasonPlanPage.agreedTodayDoseRun')
          }}</span>
          <span v-if="view.search.failed" role="alert" class="problem">{{
            inWords(view.search.failed)
          }}</span>
        </template>
      </div>
      <div class="desk">
        <SeasonGrid
          :view="view"
          :chosen="chosen.visit"
          :chosen-day="chosen.day"
          :may-move="session.isKeeper"
          :shows="groups.shows"
          :begins="begins"
          @choose="chosen = { visit: keyOf($event) }"
          @choose-day="chosen = { day: $event }"
          @move="move"
          @pin="$event.day && put($event, { ...$event, pinned: !$event.pinned })"
        />
        <VisitPanel
          v-if="visit"
          :view="view"
          :visit="visit"
          :may-move="session.isKeeper"
          @put="put(visit, $event)"
        />
        <DayPanel
          v-else-if="chosen.day"
          :key="chosen.day"
          :view="view"
          :day="chosen.day"
          :may-move="session.isKeeper"
          @lock="lock(chosen.day, $event)"
          @unlock="unlock(chosen.day)"
          @rained-off="rainedOff(chosen.day, $event)"
        />
      </div>
      <p class="legend soft">
        <i18n-t keypath="seasonplan.seasonPlanPage.goodHoursFairNone" scope="global"
          ><template #span><span class="key GOOD"></span></template
          ><template #span2><span class="key FAIR"></span></template
          ><template #span3><span class="key none"></span></template
          ><template #span4><span class="key closed"></span></template
        ></i18n-t>
        {{ begins.size ? t('seasonplan.seasonGrid.wallMeans') : '' }}
      </p>
      <PlanFiguresTable :plan="view.plan.figures" :by-hand="view.byHand" :what-ifs="view.whatIfs" />
      <div v-if="session.isKeeper" class="bar">
        <v-select
          v-model="asked"
          density="compact"
          hide-details
          :label="t('seasonplan.seasonPlanPage.whatWouldBeWith')"
          :items="WHAT_IFS"
          class="long"
        />
        <v-btn :disabled="view.search.running" @click="whatIf(asked, seconds)">{{
          t('seasonplan.seasonPlanPage.ask')
        }}</v-btn>
        <span class="soft">{{ t('seasonplan.seasonPlanPage.searchedForSPlan', { seconds }) }}</span>
      </div>
      <BeforeAfter v-if="view.differs" :view="view" />
    </template>
  </template>
</template>

<style scoped>
.head,
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
}

.bar {
  margin: 10px 0;
}

.short {
  flex: 0 0 110px;
}

.why {
  flex: 1 1 240px;
  max-width: 420px;
}

.long {
  flex: 0 1 320px;
}

.first {
  padding: 16px;
  font-weight: 600;
}

.leftOut {
  margin: 6px 0;
  padding-left: 18px;
}

.desk {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
}

.legend {
  font-size: 0.8125rem;
}

.key {
  display: inline-block;
  width: 14px;
  height: 12px;
  border: 1px solid var(--rule-strong);
}

.GOOD {
  background: color-mix(in srgb, var(--open) 20%, var(--sheet));
}

.FAIR {
  background: var(--sky);
}

.none {
  background: var(--wash);
}

.closed {
  background: repeating-linear-gradient(135deg, var(--rule) 0 2px, var(--sheet) 2px 6px);
}

.madeUp {
  color: var(--caution);
  font-weight: 600;
}

@media (min-width: 1200px) {
  .desk:has(> :nth-child(2)) {
    grid-template-columns: minmax(0, 1fr) 300px;
    align-items: start;
  }
}
</style>
