<script setup lang="ts">
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

async function load(): Promise<void> {
  if (!apiaryId.value) return
  await attempt(async () => {
    const found = await ask(
      api.GET('/api/apiaries/{id}/results', {
        params: { path: { id: apiaryId.value }, query: from.value ? { from: from.value } : {} },
      }),
    )
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
      const days = first === last ? shortDay(first) : `${shortDay(first)} to ${shortDay(last)}`
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
  STOP: 'stop',
  ONE_MORE: 'one more round',
  FIND_LEAK: 'find the leak',
  INFLOW: 'look for mites coming in',
  OTHER_METHOD: 'another way while brood is heavy',
  COUNT: 'count',
}
const interval = (each: Shapes['Efficacy']) => `95 %: ${share(each.low)} to ${share(each.high)}`
</script>

<template>
  <div class="top">
    <h1>Did it work?</h1>
    <ApiaryPick v-model="apiaryId" />
    <v-select
      v-if="stretches.length"
      class="stretch"
      label="Rounds"
      :model-value="shown"
      :items="stretches"
      density="compact"
      @update:model-value="choose"
    />
    <router-link :to="{ path: '/counts', query: { apiary: apiaryId } }">Counts</router-link>
  </div>
  <PageState
    :there="results !== null || !apiaryId"
    :problem="problem"
    what="the results"
    @again="load()"
  />
  <template v-if="results">
    <p v-if="!results.shown">
      Nothing has been treated here yet. Results stand here from the first round on: take a sample
      before it, read the boards after it, and take a sample again two to four weeks after the last.
    </p>
    <template v-else>
      <p class="whole" role="status">
        <template v-if="results.pooled.whole">
          <strong>{{ share(results.pooled.whole.share) }}</strong> fewer mites on the bees of
          {{ counted(results.pooled.counted, 'hive') }} counted before and after
          <span class="soft">({{ interval(results.pooled.whole) }})</span>
        </template>
        <template v-else-if="results.pooled.counted">
          {{ counted(results.pooled.counted, 'hive') }} counted before and after: too few to tell of
          the yard. Each hive's own result stands below; from four on they are taken together.
        </template>
        <template v-else>
          No hive was counted both before and after: without that nobody knows whether it worked.
        </template>
        <span v-if="results.pooled.againstControls" class="controls">
          Against {{ counted(results.pooled.controls, 'hive') }} left untreated:
          <template v-if="results.pooled.againstControls.tells">
            <strong>{{ share(results.pooled.againstControls.share) }}</strong>
            {{ ' ' }}<span class="soft">({{ interval(results.pooled.againstControls) }})</span>
          </template>
          <template v-else>too few mites counted to tell.</template>
        </span>
        <span v-else-if="results.pooled.controls" class="controls">
          {{ counted(results.pooled.controls, 'hive') }} left untreated and counted: to hold the
          others against them takes four on either side.
        </span>
      </p>
      <LineTable label="Results by hive">
        <thead>
          <tr>
            <th scope="col">Hive</th>
            <th scope="col">Before</th>
            <th scope="col">After</th>
            <th scope="col">Taken away</th>
            <th scope="col">Drops by round</th>
            <th scope="col">A round killed</th>
            <th scope="col">What to do</th>
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
              <template v-else>{{ line.hive.name }}</template>
            </th>
            <template v-if="line.result">
              <td v-for="(reading, i) in [line.result.before, line.result.after]" :key="i">
                <template v-if="reading">
                  {{ percent(reading.share) }}
                  <IntervalBar :reading="reading" :limit="limit / 100" :most="most" />
                </template>
                <span v-else class="soft">not counted</span>
              </td>
              <td class="nowrap">
                <template v-if="line.result.reduction">
                  <strong>{{
                    line.result.reduction.tells ? share(line.result.reduction.share) : 'cannot tell'
                  }}</strong>
                  <span class="under soft">{{ interval(line.result.reduction) }}</span>
                </template>
                <span v-else class="soft">not known</span>
              </td>
              <td>
                <DropChart
                  v-if="line.result.drops.length || line.result.expected.length"
                  small
                  :rounds="line.result.rounds"
                  :drops="line.result.drops"
                  :expected="line.result.expected"
                />
                <span v-else class="soft">no board read</span>
              </td>
              <td class="nowrap">
                <template v-if="line.result.fit">
                  <span v-if="!line.result.fit.kill.tells" class="soft">cannot tell:</span>
                  {{ share(line.result.fit.kill.low) }} to {{ share(line.result.fit.kill.high) }}
                </template>
                <span v-else class="soft">too few counts</span>
                <span class="under soft">expected {{ share(line.result.expectedKill) }}</span>
              </td>
              <td class="next">
                <strong>{{ line.result.next.map((step) => STEPS[step.kind]).join(', ') }}</strong>
              </td>
            </template>
            <td v-else colspan="6" class="soft">not treated in these rounds</td>
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
