<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, words, type Shapes } from '../api/client'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { counted, grams } from '../shared/format'
import { useSession } from '../shared/session'
import CorrectionDialog from './CorrectionDialog.vue'
import HiveStandings from './HiveStandings.vue'
import RegisterTable from './RegisterTable.vue'
import TakenOutDialog from './TakenOutDialog.vue'
import TreatmentFile from './TreatmentFile.vue'
import TreatmentForm from './TreatmentForm.vue'
import type { RegisterEntry } from './registerWords'
import PageState from '../shared/layout/PageState.vue'
import { t } from '../words/words'

type Only = 'ALL' | 'OFF_LABEL' | 'CORRECTED' | 'TYPED'

const PAGE = 100
const ONLY: { value: Only; title: string }[] = [
  { value: 'ALL', title: t('register.registerPage.everyLine') },
  { value: 'OFF_LABEL', title: t('register.registerPage.notOnLabel') },
  { value: 'CORRECTED', title: t('register.registerPage.putRightLater') },
  { value: 'TYPED', title: t('register.registerPage.writtenByHand') },
]

const session = useSession()
const page = ref<Shapes['Page'] | null>(null)
const lines = ref<RegisterEntry[]>([])
const apiaries = ref<{ value: string; title: string }[]>([])
const hives = ref<{ value: string; title: string }[]>([])
const thisYear = Number(todayHere(serverNow()).slice(0, 4))
const year = ref<number | null>(thisYear)
const apiaryId = ref<string | null>(null)
const hiveId = ref<string | null>(null)
const only = ref<Only>('ALL')
const limits = ref(false)
const problem = ref('')
const corrected = ref<RegisterEntry | null>(null)
const correcting = ref(false)
const writing = ref(false)
const route = useRoute()
const router = useRouter()
/** The yard whose strips are taken out; Today leads here. */
const out = computed(() => (typeof route.query.out === 'string' ? route.query.out : ''))

const years = computed(() => [...new Set([thisYear, ...(page.value?.years ?? [])])])
const query = computed(() => ({
  ...(year.value ? { year: year.value } : {}),
  ...(hiveId.value ? { hiveId: hiveId.value } : {}),
  ...(apiaryId.value && !hiveId.value ? { apiaryId: apiaryId.value } : {}),
  ...(only.value === 'ALL' ? {} : { only: only.value }),
}))

function file(kind: 'csv' | 'json' | 'pdf' | 'ics'): string {
  const parameters = new URLSearchParams(
    Object.entries(query.value).map(([key, value]) => [key, String(value)]),
  )
  return `/api/register/treatments.${kind}?${parameters}`
}

/** Answers may come out of order: only the one asked for last is shown. */
let asked = 0

async function load(offset = 0): Promise<void> {
  const mine = ++asked
  try {
    const answer = await ask(
      api.GET('/api/register', { params: { query: { ...query.value, limit: PAGE, offset } } }),
    )
    if (mine !== asked) return
    page.value = answer
    lines.value = offset === 0 ? answer.lines : [...lines.value, ...answer.lines]
    problem.value = ''
  } catch (thrown) {
    if (mine === asked) problem.value = words(thrown)
  }
}

function correct(entry: RegisterEntry): void {
  corrected.value = entry
  correcting.value = true
}

/** What came from a file lies in other years than the one that is shown. */
function showAllYears(): void {
  if (year.value === null) void load()
  year.value = null
}

function choose(id: string): void {
  hiveId.value = id
  limits.value = false
}

watch(query, () => load())
watch(apiaryId, async (id) => {
  hiveId.value = null
  hives.value = []
  if (!id) return
  const found = await ask(api.GET('/api/apiaries/{id}', { params: { path: { id } } })).catch(
    () => null,
  )
  if (apiaryId.value === id)
    hives.value = (found?.hives ?? []).map((each) => ({ value: each.id, title: each.name }))
})
onMounted(async () => {
  await load()
  const listed = await ask(api.GET('/api/apiaries')).catch(() => [])
  apiaries.value = listed.map((each) => ({ value: each.apiary.id, title: each.apiary.name }))
})
</script>

<template>
  <div class="top">
    <h1>{{ t('common.register') }}</h1>
    <span class="spring"></span>
    <v-btn v-if="session.isKeeper" class="no-print" variant="outlined" @click="writing = true">{{
      t('register.registerPage.writeLineByHand')
    }}</v-btn>
    <span class="away no-print">
      <i18n-t keypath="register.registerPage.takeAway" scope="global"
        ><template #link><a :href="file('pdf')" download>PDF</a></template
        ><template #link2><a :href="file('csv')" download>CSV</a></template
        ><template #link3><a :href="file('json')" download>JSON</a></template
        ><template #link4
          ><a :href="file('ics')" download>{{ t('register.registerPage.calendar') }}</a></template
        ></i18n-t
      >
    </span>
  </div>
  <TreatmentFile v-if="session.isKeeper" @brought="showAllYears" />
  <div class="form-grid filters no-print">
    <v-select
      v-model="year"
      :label="t('common.year')"
      :items="years"
      :placeholder="t('register.registerPage.allYears')"
      persistent-placeholder
      clearable
      density="compact"
    />
    <v-select
      v-model="apiaryId"
      :label="t('common.apiary')"
      :items="apiaries"
      :placeholder="t('register.registerPage.allApiaries')"
      persistent-placeholder
      clearable
      density="compact"
    />
    <v-select
      v-model="hiveId"
      :label="t('common.hive')"
      :items="hives"
      :disabled="!apiaryId"
      :placeholder="
        apiaryId
          ? t('register.registerPage.allHives')
          : t('register.registerPage.chooseApiaryFirst')
      "
      persistent-placeholder
      clearable
      density="compact"
    />
    <v-select
      v-model="only"
      :label="t('register.registerPage.show')"
      :items="ONLY"
      density="compact"
    />
  </div>
  <PageState
    :there="page !== null"
    :problem="problem"
    :what="t('register.registerPage.register')"
    @again="load()"
  />
  <template v-if="page">
    <p class="sums">
      <i18n-t keypath="register.registerPage.acidDihydrateProduct" scope="global"
        ><template #strong
          ><strong>{{
            counted(page.totals.lines - page.totals.struck, 'treatment')
          }}</strong></template
        ><template #rounds>{{ counted(page.totals.rounds, 'round') }}</template
        ><template #hives>{{ counted(page.totals.hives, 'hive') }}</template
        ><template #span
          ><span class="figure">{{ grams(page.totals.acid) }}</span></template
        ><template #span2
          ><span class="figure">{{ grams(page.totals.productGrams) }}</span></template
        ><template #more
          ><template v-if="page.totals.struck">{{
            ' ' + t('register.registerPage.struckOut', { struck: page.totals.struck })
          }}</template></template
        ></i18n-t
      >
    </p>
    <p v-if="apiaryId" class="no-print">
      <button type="button" class="word" :aria-expanded="limits" @click="limits = !limits">
        {{
          limits
            ? t('register.registerPage.backLines')
            : t('register.registerPage.labelsLimitsHoneySupers')
        }}
      </button>
    </p>
    <HiveStandings
      v-if="limits && apiaryId"
      :apiary-id="apiaryId"
      :year="year ?? thisYear"
      @hive="choose"
    />
    <p v-else-if="lines.length === 0">
      {{ t('register.registerPage.nothingStandsHereHive') }}
    </p>
    <template v-else>
      <RegisterTable :entries="lines" :may-correct="session.isKeeper" @correct="correct" />
      <v-btn
        v-if="lines.length < page.totals.lines"
        class="more no-print"
        @click="load(lines.length)"
      >
        {{ t('register.registerPage.showMoreLeft', { lines: page.totals.lines - lines.length }) }}
      </v-btn>
    </template>
  </template>
  <CorrectionDialog v-if="corrected" v-model="correcting" :entry="corrected" @written="load()" />
  <TreatmentForm v-model="writing" :apiaries="apiaries" @written="load()" />
  <TakenOutDialog
    v-if="out"
    :model-value="true"
    :apiary-id="out"
    @update:model-value="router.replace({ query: {} })"
    @written="load()"
  />
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

.away a {
  display: inline-block;
  min-height: 32px;
  padding: 6px 4px;
}

.filters {
  --field: 180px;

  margin-top: 10px;
}

.sums {
  margin: 10px 0;
}

.word {
  min-height: 32px;
  text-decoration: underline;
}

.more {
  margin-top: 12px;
}
</style>
