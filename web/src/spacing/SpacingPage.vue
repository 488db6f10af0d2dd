<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, type Shapes } from '../api/client'
import ApiaryPick from '../shared/ApiaryPick.vue'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { counted } from '../shared/format'
import { spanOf } from '../shared/days'
import { useSession } from '../shared/session'
import BroodEventForm from './BroodEventForm.vue'
import SeriesCard from './SeriesCard.vue'
import WindowTable from './WindowTable.vue'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'
import { t } from '../words/words'

const session = useSession()
const inHand = useApiaryInHand()
const router = useRouter()
const apiaryId = ref(inHand.id)
const windows = ref<Shapes['Windows'] | null>(null)
const series = ref<Shapes['Series'][]>([])
const hives = ref<Shapes['Hive'][]>([])
const states = ref<Record<string, string>>({})
const { problem, attempt } = useRequest()
const telling = ref(false)

const today = computed(() => inHand.dayline?.day?.date ?? inHand.dayline?.now.slice(0, 10) ?? '')

async function load(): Promise<void> {
  await attempt(async () => {
    const [found, open] = await Promise.all([
      ask(api.GET('/api/brood')),
      ask(api.GET('/api/series')),
    ])
    windows.value = found
    series.value = open
  })
}

async function loadHives(): Promise<void> {
  if (!apiaryId.value) return
  const path = { id: apiaryId.value }
  await attempt(async () => {
    const [whole, brood] = await Promise.all([
      ask(api.GET('/api/apiaries/{id}', { params: { path } })),
      ask(api.GET('/api/apiaries/{id}/brood', { params: { path } })),
    ])
    hives.value = whole.hives
    states.value = brood
  })
}

onMounted(load)
watch(
  apiaryId,
  (id) => {
    if (id) void inHand.take(id)
    void loadHives()
  },
  { immediate: true },
)

async function changed(): Promise<void> {
  await Promise.all([load(), loadHives()])
}
</script>

<template>
  <div class="top">
    <h1>{{ t('common.spacing') }}</h1>
    <ApiaryPick v-model="apiaryId" />
    <v-btn v-if="session.mayWork && hives.length" @click="telling = true">{{
      t('common.whatHappened')
    }}</v-btn>
  </div>
  <PageState
    :there="windows !== null"
    :problem="problem"
    :what="t('spacing.spacingPage.broodSeries')"
    @again="load()"
  />
  <section v-if="hives.length" :aria-label="t('spacing.spacingPage.putHiveOnBench')">
    <p class="lead">
      {{ t('spacing.spacingPage.putHiveOnBench2') }}
    </p>
    <div class="hives">
      <button
        v-for="hive in hives"
        :key="hive.id"
        type="button"
        :class="states[hive.id]"
        @click="router.push(`/spacing/${hive.id}`)"
      >
        <strong>{{ hive.name }}</strong>
        <span>{{
          states[hive.id] === 'FREE'
            ? t('spacing.spacingPage.free')
            : states[hive.id] === 'LIKELY_FREE'
              ? t('spacing.spacingPage.likely')
              : states[hive.id] === 'CAPPED'
                ? t('spacing.spacingPage.capped')
                : t('spacing.spacingPage.noRecord')
        }}</span>
      </button>
    </div>
  </section>
  <section v-if="series.length" class="part" :aria-label="t('spacing.spacingPage.seriesGoOn')">
    <h2>{{ t('spacing.spacingPage.seriesGoOn') }}</h2>
    <SeriesCard
      v-for="each in series"
      :key="each.id"
      :series="each"
      :is-keeper="session.isKeeper"
      @changed="changed"
    />
  </section>
  <section
    v-if="windows"
    class="part lists"
    :aria-label="t('spacing.spacingPage.windowsWithoutCappedBrood')"
  >
    <WindowTable
      :title="t('spacing.spacingPage.freeNow')"
      :list="windows.freeNow"
      empty="No hive on record is free of capped brood."
    />
    <WindowTable
      :title="t('spacing.spacingPage.freeNextDays')"
      :list="windows.freeSoon"
      empty="None opens in the next 14 days."
    />
    <WindowTable
      :title="t('spacing.spacingPage.aboutClose')"
      :list="windows.closing"
      empty="None closes within a week."
    />
    <div v-if="windows.unrecorded.length">
      <h2>{{ t('spacing.spacingPage.nothingOnRecord') }}</h2>
      <ul>
        <li v-for="each in windows.unrecorded" :key="each.apiaryId">
          <strong>{{ each.apiary }}</strong>: {{ counted(each.hives, 'hive')
          }}<span class="soft"
            >{{
              each.expected
                ? t('spacing.spacingPage.winterExpectedLookConfirm', {
                    expected: spanOf(each.expected),
                  })
                : t('spacing.spacingPage.noWindowExpectedAhead')
            }}
          </span>
        </li>
      </ul>
    </div>
  </section>
  <BroodEventForm v-model="telling" :apiary-id="apiaryId" :today="today" @kept="changed" />
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 20px;
  margin-bottom: 8px;
}

.lead {
  margin: 0 0 8px;
}

.hives {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.hives button {
  display: grid;
  min-width: 84px;
  min-height: 56px;
  padding: 6px 10px;
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
  text-align: left;
  font-size: 0.8125rem;
}

.hives strong {
  font-size: 1rem;
}

.hives .FREE {
  border: 2px solid var(--open);
  color: var(--open);
}

.hives .LIKELY_FREE {
  border: 2px dashed var(--open);
  color: var(--open);
}

.part {
  margin-top: 22px;
}

.lists {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 22px;
}

ul {
  padding-left: 18px;
}
</style>
