<script setup lang="ts">
import HiveLink from '../shared/HiveLink.vue'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, type Shapes } from '../api/client'
import IntervalBar from '../shared/chart/IntervalBar.vue'
import ApiaryPick from '../shared/ApiaryPick.vue'
import LineTable from '../shared/LineTable.vue'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { shortDay } from '../shared/days'
import { counted } from '../shared/format'
import { percent } from '../shared/numbers'
import { useSession } from '../shared/session'
import DropChart from './DropChart.vue'
import ResultDetail from './ResultDetail.vue'
import RestCard from './RestCard.vue'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'
import { t } from '../words/words'

/** Did it work: counts before, during and after the rounds of an apiary, hive by hive. */
const session = useSession()
const inHand = useApiaryInHand()
const route = useRoute()
const apiaryId = ref(typeof route.query.apiary === 'string' ? route.query.apiary : inHand.id)
const from = ref<string | null>(null)
const results = ref<Shapes['ApiaryResults'] | null>(null)
const rests = ref<Shapes['SeriesRest'][]>([])
const chosen = ref('')
const { problem, attempt } = useRequest()

/** Answers may come out of order: only what is still asked for is shown. */
async function load(): Promise<void> {
  const id = apiaryId.value
  const day = from.value
  if (!id) return
  await attempt(async () => {
    const found = await ask(
      api.GET('/api/apiaries/{id}/results', {
        params: { path: { id }, query: day ? { from: day } : {} },
      }),
    )
    if (apiaryId.value !== id || from.value !== day) return
    results.value = found
    if (!found.lines.some((line) => line.hive.id === chosen.value && line.result)) {
      chosen.value = found.lines.find((line) => line.result)?.hive.id ?? ''
    }
  })
}
async function loadRest(): Promise<void> {
  const id = apiaryId.value
  rests.value = []
  if (!id) return
  await attempt(async () => {
    const found = await ask(
      api.GET('/api/apiaries/{id}/results/rest', { params: { path: { id } } }),
    )
    if (apiaryId.value === id) rests.value = found
  })
}
function taken(): void {
  void load()
  void loadRest()
}
watch(
  apiaryId,
  (id) => {
    if (id) void inHand.take(id)
    from.value = null
    void load()
    void loadRest()
  },
  { immediate: true },
)

const stretches = computed(
  () =>
    results.value?.stretches.map((each) => {
      const first = each.days[0] ?? ''
      const last = each.days[each.days.length - 1] ?? ''
      const days =
        first === last
          ? shortDay(first)
          : t('result.resultsPage.to2', { first: shortDay(first), last: shortDay(last) })
      return {
        value: first,
        title: `${days} ${last.slice(0, 4)}, ${counted(each.days.length, 'round')}`,
      }
    }) ?? [],
)
const shown = computed(() => results.value?.shown?.days[0] ?? null)
function choose(day: string | null): void {
  from.value = day
  void load()
}

const limit = computed(() => results.value?.limitPercent ?? 0)
const most = computed(() => {
  const highs =
    results.value?.lines.flatMap((line) => [
      line.result?.before?.interval.high ?? 0,
      line.result?.after?.interval.high ?? 0,
    ]) ?? []
  return Math.max(0.06, ...highs) * 1.05
})
const inFull = computed(() => results.value?.lines.find((line) => line.hive.id === chosen.value))
const share = (value: number) => `${Math.round(100 * value)} %`
const STEPS: Record<Shapes['NextStep']['kind'], string> = {
  STOP: t('result.resultsPage.stop'),
  ONE_MORE: t('result.resultsPage.oneMoreRound'),
  FIND_LEAK: t('result.resultsPage.findLeak'),
  INFLOW: t('result.resultsPage.lookForMitesComing'),
  OTHER_METHOD: t('result.resultsPage.anotherWayWhileBrood'),
  COUNT: t('result.resultsPage.count'),
}
const interval = (each: Shapes['Efficacy']) =>
  t('result.resultsPage.to3', { low: share(each.low), high: share(each.high) })
</script>

<template>
  <div class="top">
    <h1>{{ t('common.didWork') }}</h1>
    <ApiaryPick v-model="apiaryId" />
    <v-select
      v-if="stretches.length"
      class="stretch"
      :label="t('common.rounds')"
      :model-value="shown"
      :items="stretches"
      density="compact"
      @update:model-value="choose"
    />
    <router-link :to="{ path: '/counts', query: { apiary: apiaryId } }">{{
      t('common.counts')
    }}</router-link>
  </div>
  <PageState
    :there="results !== null || !apiaryId"
    :problem="problem"
    :what="t('result.resultsPage.results')"
    @again="load()"
  />
  <template v-if="results">
    <p v-if="!results.shown">
      {{ t('result.resultsPage.nothingHasBeenTreated') }}
    </p>
    <template v-else>
      <p class="whole" role="status">
        <template v-if="results.pooled.whole">
          <i18n-t keypath="result.resultsPage.fewerMitesOnBees" scope="global"
            ><template #strong
              ><strong>{{ share(results.pooled.whole.share) }}</strong></template
            ><template #hives>{{ counted(results.pooled.counted, 'hive') }}</template
            ><template #span
              ><span class="soft">({{ interval(results.pooled.whole) }})</span></template
            ></i18n-t
          >
        </template>
        <template v-else-if="results.pooled.counted">
          {{
            t('result.resultsPage.countedBeforeAfterToo', {
              hives: counted(results.pooled.counted, 'hive'),
            })
          }}
        </template>
        <template v-else>
          {{ t('result.resultsPage.noHiveWasCounted') }}
        </template>
        <span v-if="results.pooled.againstControls" class="controls">
          <i18n-t keypath="result.resultsPage.againstLeftUntreated" scope="global"
            ><template #hives>{{ counted(results.pooled.controls, 'hive') }}</template
            ><template #more
              ><template v-if="results.pooled.againstControls.tells">
                <strong>{{ share(results.pooled.againstControls.share) }}</strong>
                {{ ' ' }}<span class="soft">({{ interval(results.pooled.againstControls) }})</span>
              </template>
              <template v-else>{{ t('result.resultsPage.tooFewMitesCounted') }}</template></template
            ></i18n-t
          >
        </span>
        <span v-else-if="results.pooled.controls" class="controls">
          {{
            t('result.resultsPage.leftUntreatedCountedHold', {
              hives: counted(results.pooled.controls, 'hive'),
            })
          }}
        </span>
      </p>
      <LineTable :label="t('result.resultsPage.resultsByHive')">
        <thead>
          <tr>
            <th scope="col">{{ t('common.hive') }}</th>
            <th scope="col">{{ t('result.resultsPage.before') }}</th>
            <th scope="col">{{ t('result.resultsPage.after') }}</th>
            <th scope="col">{{ t('result.resultsPage.takenAway') }}</th>
            <th scope="col">{{ t('result.resultsPage.dropsByRound') }}</th>
            <th scope="col">{{ t('result.resultsPage.roundKilled') }}</th>
            <th scope="col">{{ t('result.resultsPage.whatDo') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in results.lines" :key="line.hive.id">
            <th scope="row">
              <button
                v-if="line.result"
                type="button"
                class="name"
                :class="{ bracketed: line.hive.id === chosen }"
                :aria-pressed="line.hive.id === chosen"
                @click="chosen = line.hive.id"
              >
                {{ line.hive.name }}
              </button>
              <HiveLink v-else :id="line.hive.id" :name="line.hive.name" />
            </th>
            <template v-if="line.result">
              <td v-for="(reading, i) in [line.result.before, line.result.after]" :key="i">
                <template v-if="reading">
                  {{ percent(reading.share) }}
                  <IntervalBar :reading="reading" :limit="limit / 100" :most="most" />
                </template>
                <span v-else class="soft">{{ t('common.notCounted') }}</span>
              </td>
              <td class="nowrap">
                <template v-if="line.result.reduction">
                  <strong>{{
                    line.result.reduction.tells
                      ? share(line.result.reduction.share)
                      : t('result.resultsPage.cannotTell')
                  }}</strong>
                  <span class="under soft">{{ interval(line.result.reduction) }}</span>
                </template>
                <span v-else class="soft">{{ t('common.notKnown') }}</span>
              </td>
              <td>
                <DropChart
                  v-if="line.result.drops.length || line.result.expected.length"
                  small
                  :rounds="line.result.rounds"
                  :drops="line.result.drops"
                  :expected="line.result.expected"
                />
                <span v-else class="soft">{{ t('result.resultsPage.noBoardRead') }}</span>
              </td>
              <td class="nowrap">
                <template v-if="line.result.fit">
                  <i18n-t keypath="result.resultsPage.to" scope="global"
                    ><template #span
                      ><span v-if="!line.result.fit.kill.tells" class="soft">{{
                        t('result.resultsPage.cannotTell2')
                      }}</span></template
                    ><template #low>{{ share(line.result.fit.kill.low) }}</template
                    ><template #high>{{ share(line.result.fit.kill.high) }}</template></i18n-t
                  >
                </template>
                <span v-else class="soft">{{ t('result.resultsPage.tooFewCounts') }}</span>
                <span class="under soft">{{
                  t('result.resultsPage.expected', {
                    expectedKill: share(line.result.expectedKill),
                  })
                }}</span>
              </td>
              <td class="next">
                <strong>{{ line.result.next.map((step) => STEPS[step.kind]).join(', ') }}</strong>
              </td>
            </template>
            <td v-else colspan="6" class="soft">
              {{ t('result.resultsPage.notTreatedTheseRounds') }}
            </td>
          </tr>
        </tbody>
      </LineTable>
      <RestCard
        v-for="each in rests"
        :key="each.seriesId"
        :rest="each"
        :may-plan="session.isKeeper"
        @taken="taken"
      />
      <ResultDetail
        v-if="inFull?.result"
        :hive="inFull.hive"
        :result="inFull.result"
        :limit="limit"
        :apiary-id="apiaryId"
        :may-plan="session.isKeeper"
      />
    </template>
  </template>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 20px;
  margin-bottom: 8px;
}

.stretch {
  flex: none;
  width: 300px;
}

.whole strong {
  font-size: 1.375rem;
}

.controls {
  display: block;
}

.name {
  min-height: 40px;
  padding: 0 8px;
  font-weight: 650;
  text-decoration: underline;
}

.under {
  display: block;
  font-size: 0.8125rem;
}

.next {
  min-width: 150px;
  max-width: 260px;
}
</style>
