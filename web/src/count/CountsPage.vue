<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, type Shapes } from '../api/client'
import ApiaryPick from '../shared/ApiaryPick.vue'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { counted } from '../shared/format'
import { newId } from '../shared/ids'
import { useSession } from '../shared/session'
import CountFile from './CountFile.vue'
import CountPad from './CountPad.vue'
import CountRow from './CountRow.vue'
import JarForm from './JarForm.vue'
import RecentCounts from './RecentCounts.vue'
import SamplingCard from './SamplingCard.vue'
import { useOutbox } from '../shared/offline/outbox'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'
import { t } from '../words/words'
import { inWords, wordOf } from '../words/facts'

const session = useSession()
const inHand = useApiaryInHand()
const outbox = useOutbox()
const route = useRoute()
const apiaryId = ref(typeof route.query.apiary === 'string' ? route.query.apiary : inHand.id)
const board = ref<Shapes['CountBoard'] | null>(null)
const hiveId = ref('')
const { problem, attempt } = useRequest()
const neighbours = ref('')
/** Whose bees somebody wants to put into one jar. */
const jarOf = ref<readonly string[]>([])

const most = computed(() => {
  const highs = board.value?.lines.map((line) => line.reading?.interval.high ?? 0) ?? []
  return Math.max(0.06, ...highs) * 1.05
})
const limit = computed(() => (board.value?.limit.percent ?? 0) / 100)

async function load(): Promise<void> {
  const id = apiaryId.value
  if (!id) return
  await attempt(async () => {
    const found = await ask(api.GET('/api/apiaries/{id}/counts', { params: { path: { id } } }))
    if (apiaryId.value !== id) return
    board.value = found
    if (!found.lines.some((line) => line.hive.id === hiveId.value)) {
      hiveId.value = found.lines[0]?.hive.id ?? ''
    }
  })
}
watch(
  apiaryId,
  (id) => {
    if (id) void inHand.take(id)
    void load()
  },
  { immediate: true },
)
onMounted(() => void outbox.send())

async function act(asked: () => Promise<unknown>): Promise<void> {
  await attempt(async () => {
    await asked()
    await load()
  })
}

function sign(hive: string, seen: Shapes['NewSign']['sign']): Promise<void> {
  return act(() => ask(api.POST('/api/signs', { body: { id: newId(), hiveId: hive, sign: seen } })))
}

function strikeSign(id: string): Promise<void> {
  return act(() => ask(api.DELETE('/api/signs/{id}', { params: { path: { id } } })))
}

function decide(
  hive: string,
  choice: Shapes['NewDecision']['choice'],
  reason?: string,
): Promise<void> {
  return act(async () => {
    const decided = await ask(
      api.PUT('/api/hives/{id}/decision', {
        params: { path: { id: hive } },
        body: { id: newId(), choice, reason },
      }),
    )
    neighbours.value = inWords(decided.says)
  })
}

function lay(): Promise<void> {
  const hives = board.value?.lines.filter((line) => !line.boardLaidAt) ?? []
  const body = Object.fromEntries(hives.map((line) => [line.hive.id, newId()]))
  return act(() => ask(api.POST('/api/boards', { body })))
}

function strike(id: string): Promise<void> {
  return act(() => ask(api.DELETE('/api/counts/{id}', { params: { path: { id } } })))
}
</script>

<template>
  <div class="top">
    <h1>{{ t('common.counts') }}</h1>
    <ApiaryPick v-model="apiaryId" />
    <p v-if="board" class="limit">
      <i18n-t keypath="count.countsPage.limitNow" scope="global"
        ><template #strong
          ><strong>{{ board.limit.percent }} %</strong></template
        ><template #season>{{ wordOf(`Season.${board.limit.season}`) }}</template
        ><template #link
          ><router-link :to="`/apiaries/${apiaryId}/season`">{{
            t('count.countsPage.seasonLimits')
          }}</router-link></template
        ><template #link2
          ><router-link :to="{ path: '/counts/results', query: { apiary: apiaryId } }">{{
            t('common.didWork')
          }}</router-link></template
        ><template #link3
          ><router-link to="/counts/year">{{ t('count.countsPage.year') }}</router-link></template
        ><template #link4
          ><router-link to="/counts/winter">{{
            t('count.countsPage.wintering')
          }}</router-link></template
        ></i18n-t
      >
    </p>
  </div>
  <PageState
    :there="board !== null || !apiaryId"
    :problem="problem"
    :what="t('count.countsPage.counts')"
    @again="load()"
  />
  <p v-if="neighbours" role="status" class="sheet word">{{ neighbours }}</p>
  <div v-if="board && board.lines.length" class="bench">
    <CountPad
      v-if="session.mayWork"
      v-model="hiveId"
      :lines="board.lines"
      :today="board.today"
      @kept="load"
    />
    <section class="rows" :aria-label="t('common.hivesWalkingOrder')">
      <SamplingCard
        :apiary-id="apiaryId"
        :counts="board"
        :is-keeper="session.isKeeper"
        @choose="hiveId = $event"
        @jar="jarOf = $event"
      />
      <p class="whole" role="status">
        <template v-if="board.whole">
          <i18n-t keypath="count.countsPage.thisWeeksSamples" scope="global"
            ><template #strong
              ><strong>{{ inWords(board.whole.says) }}</strong></template
            ></i18n-t
          >
        </template>
        <template v-else-if="board.counted">
          {{ t('count.countsPage.sampledThisWeekFrom', { hives: counted(board.counted, 'hive') }) }}
        </template>
        <template v-else>{{ t('count.countsPage.nothingWashedThisWeek') }}</template>
      </p>
      <ul class="sheet">
        <CountRow
          v-for="line in board.lines"
          :key="line.hive.id"
          :line="line"
          :limit="limit"
          :most="most"
          :may-work="session.mayWork"
          :is-keeper="session.isKeeper"
          :current="line.hive.id === hiveId"
          @choose="hiveId = line.hive.id"
          @sign="(seen) => sign(line.hive.id, seen)"
          @strike-sign="strikeSign"
          @decide="(choice, reason) => decide(line.hive.id, choice, reason)"
        />
      </ul>
      <div class="tools">
        <v-btn v-if="session.mayWork" @click="lay">{{
          t('count.countsPage.boardsLaidEveryHive')
        }}</v-btn>
        <v-btn :href="`/api/counts.csv?apiaryId=${apiaryId}`" download>{{
          t('count.countsPage.countsAsCsv')
        }}</v-btn>
        <CountFile v-if="session.isKeeper" @brought="load" />
      </div>
      <JarForm
        :apiary-id="apiaryId"
        :hives="board.lines.map((line) => line.hive)"
        :today="board.today"
        :may-work="session.mayWork"
        :proposed="jarOf"
        @kept="load"
      />
      <RecentCounts
        :counts="board.recent"
        :lines="board.lines"
        :may-work="session.mayWork"
        @strike="strike"
      />
      <p class="soft care">
        {{ t('count.countsPage.washKillsItsBees') }}
      </p>
    </section>
  </div>
  <p v-else-if="board">
    <i18n-t keypath="count.countsPage.noHiveStandsHere" scope="global"
      ><template #link
        ><router-link to="/apiaries/import">{{
          t('count.countsPage.bringRoster')
        }}</router-link></template
      ></i18n-t
    >
  </p>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 20px;
  margin-bottom: 12px;
}

.limit {
  margin: 0;
}

.word {
  padding: 10px 16px;
  border-left: 8px solid var(--caution);
}

.bench {
  display: grid;
  grid-template-columns: 320px 1fr;
  gap: 24px;
  align-items: start;
}

.rows {
  min-width: 0;
}

ul {
  list-style: none;
  margin: 8px 0;
  padding: 0;
}

.whole {
  margin: 0;
}

.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}

.care {
  font-size: 0.875rem;
}

@media (width <= 900px) {
  .limit {
    display: none;
  }

  .top {
    margin: 0 0 4px;
  }

  .top h1 {
    font-size: 1.25rem;
    margin: 0;
  }

  .top :deep(.pick) {
    flex: 1;
    width: auto;
  }

  .bench {
    grid-template-columns: 1fr;
  }
}
</style>
