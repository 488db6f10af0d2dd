<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, type Shapes } from '../api/client'
import { useServerNow } from '../shared/clock'
import { counted } from '../shared/format'
import { useSession } from '../shared/session'
import BeforeAfter from './BeforeAfter.vue'
import DayPanel from './DayPanel.vue'
import PlanFiguresTable from './PlanFiguresTable.vue'
import SeasonGrid from './SeasonGrid.vue'
import VisitPanel from './VisitPanel.vue'
import { keyOf, useSeason } from './useSeason'
import PageState from '../shared/layout/PageState.vue'

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
  { value: 'AS_IT_IS', title: 'the plan as it is, searched as long' },
  { value: 'ONE_MORE_CREW', title: 'one more crew' },
  { value: 'ONE_MORE_TOOL', title: 'one more tool in every crew' },
  { value: 'WIDER_GAPS', title: 'wider gaps' },
  { value: 'LATER_START', title: 'a later start' },
]
const asked = ref<Shapes['WhatIfQuestion']['what']>('ONE_MORE_CREW')
const chosen = ref<{ visit?: string; day?: string }>({})
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
    <h1>Season</h1>
    <router-link v-if="session.isKeeper" to="/season/work">What is to be done</router-link>
    <router-link to="/season/outfit">Crews and roads</router-link>
    <span v-if="view?.hoursMadeUp" class="madeUp"
      >made up: {{ view.hoursFrom.join('; ') }}. Dotted days are only usual for the date</span
    >
    <span v-else-if="view" class="soft"
      >{{
        view.hoursFrom.length
          ? `Hours told by ${view.hoursFrom.join('; ')}.`
          : 'No source tells of any hours.'
      }}
      Dotted days are only usual for the date: to be confirmed</span
    >
  </div>
  <PageState :there="view !== null" :problem="problem" what="the season plan" @again="load()" />
  <template v-if="view">
    <p v-if="view.missing" class="sheet first">
      {{ view.missing }}
      <router-link v-if="!view.depot || !view.crews.length" to="/season/outfit"
        >Crews and roads</router-link
      >
      <router-link v-else to="/season/work">What is to be done</router-link>
    </p>
    <ul v-if="view.leftOut.length" class="leftOut">
      <li v-for="each in view.leftOut" :key="each.apiaryId">
        <router-link :to="`/apiaries/${each.apiaryId}`">{{ each.apiary }}</router-link> is left out:
        {{ each.says }}
      </li>
    </ul>
    <template v-if="view.plan">
      <div v-if="session.isKeeper" class="bar">
        <template v-if="view.search.running">
          <v-btn
            variant="flat"
            color="primary"
            @click="change(api.POST('/api/season-plan/search/stop'))"
            >Stop</v-btn
          >
          <span role="status">
            Searching for {{ view.search.what }}:
            {{ Math.min(Math.round(gone), view.search.seconds) }} of {{ view.search.seconds }} s,
            {{ counted(view.search.better, 'better plan') }} found
          </span>
          <progress :value="gone" :max="view.search.seconds" aria-label="Search"></progress>
        </template>
        <template v-else>
          <v-btn variant="flat" color="primary" @click="search(seconds)">Search a plan</v-btn>
          <v-select
            v-model="seconds"
            density="compact"
            hide-details
            label="for"
            :items="LENGTHS"
            class="short"
          />
          <v-text-field
            v-if="view.differs && (wrong.offLabelReason || offLabelReason)"
            v-model="offLabelReason"
            density="compact"
            hide-details
            label="Why off the label?"
            class="why"
          />
          <v-btn v-if="view.differs" @click="agree">Agree: make it the rounds</v-btn>
          <v-btn
            v-if="view.differs && view.agreed.length"
            @click="change(api.POST('/api/season-plan/back-to-agreed'))"
            >Back to what was agreed</v-btn
          >
          <span v-if="!view.differs" class="soft">Agreed: Today, Dose and Run follow it.</span>
          <span v-if="view.search.failed" role="alert" class="problem">{{
            view.search.failed
          }}</span>
        </template>
      </div>
      <div class="desk">
        <SeasonGrid
          :view="view"
          :chosen="chosen.visit"
          :chosen-day="chosen.day"
          :may-move="session.isKeeper"
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
        <span class="key GOOD"></span> good hours <span class="key FAIR"></span> fair
        <span class="key none"></span> none <span class="key closed"></span> closed or locked ·
        dotted: no source tells of it yet, usual for the date, to be confirmed · A1: crew A, round 1
        · side bars: pinned · foot bar: bent · ring and !: broken · thin lines: supers and flow
        above, no laying and no capped brood below, red edge: winter bees. Press a round or a day
        for more; drag a round, or move it with Alt and an arrow, pin it with P.
      </p>
      <PlanFiguresTable :plan="view.plan.figures" :by-hand="view.byHand" :what-ifs="view.whatIfs" />
      <div v-if="session.isKeeper" class="bar">
        <v-select
          v-model="asked"
          density="compact"
          hide-details
          label="What would be with"
          :items="WHAT_IFS"
          class="long"
        />
        <v-btn :disabled="view.search.running" @click="whatIf(asked, seconds)">Ask</v-btn>
        <span class="soft">Searched for {{ seconds }} s; the plan stays as it is.</span>
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
