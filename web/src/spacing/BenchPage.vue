<script setup lang="ts">
import HiveLink from '../shared/HiveLink.vue'
import { computed, ref, toRef, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Shapes } from '../api/client'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { addDays, shortDay, spanOf } from '../shared/days'
import { counted } from '../shared/format'
import { numberIn } from '../shared/numbers'
import { useSession } from '../shared/session'
import AdoptPanel from './AdoptPanel.vue'
import AdviceCard from './AdviceCard.vue'
import BenchChart from './BenchChart.vue'
import BenchForm from './BenchForm.vue'
import BroodEventForm from './BroodEventForm.vue'
import BroodEvents from './BroodEvents.vue'
import FrontPlot from './FrontPlot.vue'
import FurtherGrid from './FurtherGrid.vue'
import OutcomeLine from './OutcomeLine.vue'
import PatternTable from './PatternTable.vue'
import { useBench } from './useBench'
import PageState from '../shared/layout/PageState.vue'
import { t } from '../words/words'
import { inWords, wordOf } from '../words/facts'

const props = defineProps<{ id: string }>()
const session = useSession()
const inHand = useApiaryInHand()
const router = useRouter()
const bench = useBench(toRef(props, 'id'))
const { start, choices, ruleSheets, draft, question, forecast, comparison, wrong, problem } = bench
const chart = useTemplateRef<InstanceType<typeof BenchChart>>('chart')
const view = ref<'patterns' | 'further' | 'front' | 'brood' | 'how'>('patterns')
const telling = ref(false)
const picked = ref('')

watch(start, (found) => {
  if (found) void inHand.take(found.clock.apiaryId)
})

const patterns = computed(
  () =>
    choices.value?.patterns.map((each) => ({
      value: each.id,
      title: `${wordOf(`SpacingPattern.${each.id}`)}: ${each.rounds} × ${each.gap} d`,
    })) ?? [],
)
const target = computed(() => numberIn(draft.value.targetPercent) / 100)
const hasCount = computed(() => draft.value.mites !== '' && draft.value.sampleBees !== '')
const STATES = {
  FREE: t('spacing.benchPage.nothingCappedToday'),
  LIKELY_FREE: t('spacing.benchPage.likelyNothingCappedLook'),
  CAPPED: t('spacing.benchPage.cappedBroodToday'),
} as const
const VIEWS = [
  { key: 'patterns', words: t('spacing.benchPage.patterns') },
  { key: 'further', words: t('spacing.benchPage.eachFurtherRound') },
  { key: 'front', words: t('spacing.benchPage.visitsAgainstMites') },
  { key: 'brood', words: t('spacing.benchPage.broodClock') },
  { key: 'how', words: t('spacing.benchPage.howReckoned') },
] as const

function windowWords(window: Shapes['FreeWindow']): string {
  const days = window.likely ?? window.sure
  if (!days) return t('spacing.benchPage.noneAhead')
  const end = window.openEnded
    ? t('spacing.benchPage.fromNoEndOn', { from: shortDay(days.from) })
    : spanOf(days)
  if (!window.sure) return t('spacing.benchPage.likely', { end })
  return window.likely && window.sure.to === window.likely.to
    ? t('spacing.benchPage.sure', { end })
    : t('spacing.benchPage.sure2', { end, to: shortDay(window.sure.to) })
}

function take(days: readonly string[]): void {
  draft.value = { ...draft.value, days: [...days] }
}

function takeSeries(series: Shapes['EvenSeries']): void {
  take(Array.from({ length: series.rounds }, (_, i) => addDays(series.start, i * series.gap)))
}

function takePattern(id: string): void {
  const pattern = choices.value?.patterns.find((each) => each.id === id)
  const first = draft.value.days[0] ?? start.value?.clock.today
  if (!pattern || !first) return
  const end = draft.value.commonDate
  take(
    Array.from({ length: pattern.rounds }, (_, i) => addDays(first, i * pattern.gap)).filter(
      (day) => day <= end,
    ),
  )
}
</script>

<template>
  <PageState
    :there="start !== null && choices !== null"
    :problem="problem"
    :what="t('spacing.benchPage.bench')"
    @again="bench.load()"
  />
  <template v-if="start && choices">
    <div class="top">
      <h1>{{ t('spacing.benchPage.spacing', { name: start.hive.name }) }}</h1>
      <HiveLink :id="start.hive.id" :name="t('common.lifeOfHive')" />
      <p class="state">
        <i18n-t keypath="spacing.benchPage.withoutCappedWorkersDrones" scope="global"
          ><template #strong
            ><strong>{{ STATES[start.clock.state] }}</strong></template
          ><template #workers>{{ windowWords(start.clock.workers) }}</template
          ><template #withDrones>{{ windowWords(start.clock.withDrones) }}</template></i18n-t
        >
      </p>
      <v-btn v-if="session.mayWork" @click="telling = true">{{
        t('spacing.benchPage.whatHappenedHere')
      }}</v-btn>
      <v-btn to="/spacing">{{ t('spacing.benchPage.allHives') }}</v-btn>
    </div>
    <div class="bench">
      <BenchForm
        v-model="draft"
        :choices="choices"
        :rule-sheets="ruleSheets"
        :wrong="wrong"
        :from="start.from"
        :kept="start.kept"
      />
      <div class="work">
        <p v-if="!hasCount" class="sheet ask">
          <i18n-t keypath="spacing.benchPage.enterCountFirstMites" scope="global"
            ><template #link
              ><router-link :to="{ path: '/counts', query: { apiary: start.clock.apiaryId } }">{{
                t('spacing.benchPage.counts')
              }}</router-link></template
            ></i18n-t
          >
        </p>
        <template v-if="forecast && hasCount">
          <div class="marks">
            <v-select
              class="pattern"
              :label="t('spacing.benchPage.startFromPattern')"
              density="compact"
              :model-value="picked"
              :items="patterns"
              @update:model-value="takePattern"
            />
            <v-btn @click="chart?.addOne()">{{ t('spacing.benchPage.addRound') }}</v-btn>
            <v-btn :disabled="!draft.days.length" @click="take(draft.days.slice(0, -1))">{{
              t('spacing.benchPage.takeLastOut')
            }}</v-btn>
            <span class="soft"
              >{{ counted(forecast.visits, 'visit') }},
              {{ inWords(forecast.ruleOfThumb.says) }}</span
            >
          </div>
          <BenchChart
            ref="chart"
            :forecast="forecast"
            :bands="start.clock.bands"
            :marks="draft.days"
            :winter-bees="start.winterBees"
            :supers="start.supers"
            @move="take"
          />
          <p class="legend soft">
            <i18n-t keypath="spacing.benchPage.onBeesUnderCappings" scope="global"
              ><template #span><span class="key exposed"></span></template
              ><template #span2><span class="key capped"></span></template
              ><template #span3><span class="key band"></span></template
              ><template #span4><span class="key dash"></span></template
              ><template #span5><span class="key killed"></span></template
            ></i18n-t>
          </p>
          <OutcomeLine :forecast="forecast" :target="target" />
        </template>
        <template v-if="comparison && hasCount">
          <AdviceCard :advice="comparison.advice" @take="take" />
          <div class="views" role="tablist" :aria-label="t('spacing.benchPage.compare')">
            <button
              v-for="each in VIEWS"
              :key="each.key"
              type="button"
              role="tab"
              :aria-selected="view === each.key"
              :class="{ bracketed: view === each.key }"
              @click="view = each.key"
            >
              {{ each.words }}
            </button>
          </div>
          <PatternTable
            v-if="view === 'patterns'"
            :comparison="comparison"
            :target="target"
            @take="take"
          />
          <FurtherGrid
            v-else-if="view === 'further'"
            :comparison="comparison"
            :target="target"
            @take="takeSeries"
          />
          <FrontPlot v-else-if="view === 'front'" :comparison="comparison" @take="takeSeries" />
          <BroodEvents
            v-else-if="view === 'brood'"
            :clock="start.clock"
            :may-work="session.mayWork"
            @changed="bench.load()"
          />
          <section v-else class="how">
            <p>
              {{
                t('spacing.benchPage.eachDayMitesEmerge', {
                  killShare: forecast ? Math.round(100 * forecast.killShare) : 0,
                })
              }}
            </p>
            <p>{{ t('spacing.benchPage.leftOut') }}</p>
            <ul>
              <li v-for="each in choices.leftOut" :key="each.code">{{ inWords(each) }}</li>
            </ul>
            <p v-if="session.isKeeper">
              <router-link to="/parameters">{{
                t('spacing.benchPage.allFiguresWithTheir')
              }}</router-link>
            </p>
          </section>
          <AdoptPanel
            v-if="session.isKeeper"
            :start="start"
            :question="question"
            :days="draft.days"
            :off-label="forecast?.judgement?.verdict === 'NOT_ON_LABEL'"
            @take="take"
            @adopted="router.push('/spacing')"
          />
        </template>
        <BroodEvents
          v-if="!hasCount"
          :clock="start.clock"
          :may-work="session.mayWork"
          @changed="bench.load()"
        />
      </div>
    </div>
    <BroodEventForm
      v-model="telling"
      :apiary-id="start.clock.apiaryId"
      :today="start.clock.today"
      :hive-id="id"
      @kept="bench.load()"
    />
  </template>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 18px;
  margin-bottom: 12px;
}

.state {
  flex: 1 1 320px;
  margin: 0;
}

.bench {
  display: grid;
  grid-template-columns: 270px minmax(0, 1fr);
  gap: 26px;
  align-items: start;
}

.work {
  display: grid;
  gap: 12px;
  min-width: 0;
}

.marks {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}

.pattern {
  flex: none;
  width: 230px;
}

.ask {
  padding: 14px 18px;
  border-left: 8px solid var(--caution);
}

.legend {
  margin: 0;
  font-size: 0.875rem;
}

.key {
  display: inline-block;
  width: 18px;
  height: 11px;
  margin: 0 5px 0 12px;
}

.key.exposed {
  background: var(--dawn);
  margin-left: 0;
}

.key.capped {
  background: var(--dusk);
}

.key.band {
  background: var(--sky);
  border: 1px solid var(--rule);
}

.key.dash {
  height: 0;
  vertical-align: middle;
  border-top: 2px dashed var(--ink);
}

.key.killed {
  height: 0;
  vertical-align: middle;
  border-top: 3px solid var(--open);
}

.views {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}

.views button {
  min-height: 44px;
  padding: 0 18px;
  font-weight: 600;
}

.how {
  max-width: 720px;
}

@media (width <= 900px) {
  .bench {
    grid-template-columns: 1fr;
  }

  .work {
    order: -1;
  }
}
</style>
