<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, type Shapes } from '../api/client'
import { useDoseDraft, withSheet } from '../shared/dose/doseDraft'
import { useChosenHives } from '../shared/dose/useChosenHives'
import { gradesOf } from '../shared/gradeWords'
import ApiaryPick from '../shared/ApiaryPick.vue'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { clockOf, counted, timeIn } from '../shared/format'
import { useSession } from '../shared/session'
import PaceChart from './PaceChart.vue'
import PaceFacts from './PaceFacts.vue'
import { draftOf, PACE_TIMES, usePace, type WorkDraft } from './usePace'
import PageState from '../shared/layout/PageState.vue'
import { useLimits } from '../shared/limits'
import { useRequest } from '../shared/request'
import { t } from '../words/words'

/** How long a round takes with these tools and this crew, and what one more would gain. */
const route = useRoute()
const session = useSession()
const limits = useLimits()
const inHand = useApiaryInHand()
const none = ref(false)
const gear = ref<Shapes['AllGear'] | null>(null)
const apiaryId = ref('')
const dose = useDoseDraft(apiaryId)
const { hives, chosen, body: whom } = useChosenHives(apiaryId)
const toolIds = ref<string[]>([])
const work = ref<WorkDraft | null>(null)
const sheets = ref<Shapes['RuleSheet'][]>([])
const { problem: loading, attempt: fetching } = useRequest()
const { problem: notKept, attempt } = useRequest()
const kept = ref('')
const { length, problem, wrong, work: readWork } = usePace(apiaryId, dose, whom, toolIds, work)

const tools = computed(() => gear.value?.tools.filter(({ tool }) => !tool.retired) ?? [])
const pace = computed(() => length.value?.pace)
const saving = computed(() => length.value?.savings.filter((gain) => gain.saved > 0) ?? [])
const window_ = computed(() =>
  inHand.dayline?.apiary.id === apiaryId.value
    ? inHand.dayline.day?.windows.find(
        (each) => Date.parse(each.to) > Date.parse(inHand.dayline?.now ?? ''),
      )
    : undefined,
)
const begun = computed(() => {
  const from = window_.value && Date.parse(window_.value.from)
  return from === undefined ? undefined : Math.max(from, Date.parse(inHand.dayline?.now ?? ''))
})
/** Whether a run begun with the next window is over while it lasts. */
const fits = computed(() => {
  if (begun.value === undefined || !window_.value || !pace.value) return undefined
  return begun.value + 1000 * pace.value.finish <= Date.parse(window_.value.to)
})

async function load(): Promise<void> {
  await fetching(async () => {
    const [all, usual, labels] = await Promise.all([
      ask(api.GET('/api/gear')),
      ask(api.GET('/api/usual-work')),
      ask(api.GET('/api/rule-sheets')),
    ])
    sheets.value = labels
    gear.value = all
    work.value = draftOf(usual)
    apiaryId.value = String(route.query.apiary ?? inHand.id)
  })
}
onMounted(load)

watch(apiaryId, (id) => {
  if (!id) return
  dose.value = withSheet(dose.value, sheets.value)
  void inHand.take(id)
  const own = tools.value.find(({ tool }) => tool.id === dose.value.toolId)
  const first = own ?? tools.value.find(({ fit }) => fit.basis !== 'NOTHING')
  toolIds.value = first ? [first.tool.id] : []
})

function count(id: string): number {
  return toolIds.value.filter((each) => each === id).length
}

function more(id: string): void {
  toolIds.value = [...toolIds.value, id]
}

function fewer(id: string): void {
  const at = toolIds.value.lastIndexOf(id)
  toolIds.value = toolIds.value.filter((_, i) => i !== at)
}

async function keepUsual(): Promise<void> {
  const body = readWork.value
  if (!body) return
  await attempt(async () => {
    await ask(api.PUT('/api/usual-work', { body }))
    kept.value = t('pace.pacePage.keptWindowsEverywhereTell')
    void inHand.refresh()
  })
}
watch(work, () => (kept.value = ''), { deep: true })
</script>

<template>
  <div class="head">
    <h1>{{ t('pace.pacePage.howLong') }}</h1>
    <ApiaryPick v-if="work" v-model="apiaryId" @none="none = true" />
    <router-link :to="{ path: '/dose', query: { apiary: apiaryId } }">{{
      t('common.doseSheet')
    }}</router-link>
  </div>
  <PageState
    :there="work !== null"
    :problem="loading"
    :what="t('pace.pacePage.gearUsualWork')"
    @again="load()"
  />
  <p v-if="none">
    <i18n-t keypath="pace.pacePage.noHivesYet" scope="global"
      ><template #link
        ><router-link to="/apiaries/import">{{
          t('pace.pacePage.bringRosterFirst')
        }}</router-link></template
      ></i18n-t
    >
  </p>
  <div v-if="work && apiaryId" class="bench">
    <form class="form" :aria-label="t('pace.pacePage.toolsCrew')" @submit.prevent>
      <fieldset>
        <legend>{{ t('pace.pacePage.toolsComeAlong') }}</legend>
        <p v-if="tools.length === 0">
          <i18n-t keypath="pace.pacePage.noToolYet" scope="global"
            ><template #link
              ><router-link to="/gear">{{
                t('pace.pacePage.addOneWithTest')
              }}</router-link></template
            ></i18n-t
          >
        </p>
        <div v-for="{ tool, fit } in tools" :key="tool.id" class="tool">
          <span>
            <strong>{{ tool.name }}</strong>
            <span class="soft">{{
              fit.basis === 'NOTHING' ? t('pace.pacePage.noBurnTimeKnown') : ''
            }}</span>
          </span>
          <span class="count">
            <button
              type="button"
              :disabled="count(tool.id) === 0"
              :aria-label="t('pace.pacePage.oneLess', { name: tool.name })"
              @click="fewer(tool.id)"
            >
              −
            </button>
            <span class="figure" :aria-label="t('pace.pacePage.taken', { name: tool.name })">{{
              count(tool.id)
            }}</span>
            <button
              type="button"
              :disabled="toolIds.length >= limits.of('toolsInARun', Infinity)"
              :aria-label="t('pace.pacePage.oneMore', { name: tool.name })"
              @click="more(tool.id)"
            >
              +
            </button>
          </span>
        </div>
      </fieldset>
      <fieldset class="pairs">
        <legend>{{ t('pace.pacePage.crewCloths') }}</legend>
        <v-text-field
          v-model="work.burners"
          density="compact"
          :label="t('common.burn')"
          :suffix="t('pace.pacePage.people')"
          inputmode="numeric"
          :error-messages="wrong['crew.burners']"
        />
        <v-text-field
          v-model="work.helpers"
          density="compact"
          :label="t('pace.pacePage.help')"
          :suffix="t('pace.pacePage.people')"
          inputmode="numeric"
          :error-messages="wrong['crew.helpers']"
        />
        <v-text-field
          v-model="work.cloths"
          density="compact"
          :label="t('common.cloths')"
          inputmode="numeric"
          :error-messages="wrong.cloths"
        />
        <v-text-field
          v-model="work.caps"
          density="compact"
          :label="t('pace.pacePage.caps')"
          :placeholder="t('pace.pacePage.enough')"
          inputmode="numeric"
          :error-messages="wrong.caps"
        />
        <v-checkbox
          v-model="work.preparedAhead"
          class="wide"
          density="compact"
          :label="t('pace.pacePage.hivesMadeReadyEvening')"
        />
        <v-checkbox
          v-model="work.staysWithBowl"
          class="wide"
          density="compact"
          :label="t('pace.pacePage.whoeverBurnsStaysWhile')"
        />
      </fieldset>
      <details>
        <summary>{{ t('pace.pacePage.howLongHandsTake') }}</summary>
        <div class="pairs">
          <v-text-field
            v-for="field in PACE_TIMES"
            :key="field.key"
            v-model="work.times[field.key]"
            density="compact"
            inputmode="numeric"
            :label="field.label"
            :suffix="field.unit"
            :error-messages="wrong[`times.${field.key}`]"
          />
        </div>
      </details>
      <v-btn v-if="session.isKeeper" @click="keepUsual">{{
        t('pace.pacePage.keepAsOurUsual')
      }}</v-btn>
      <p v-if="notKept || kept" role="status" class="soft">{{ notKept || kept }}</p>
    </form>
    <section class="result" :aria-label="t('pace.pacePage.howLongTakes')" aria-live="polite">
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <p v-if="!dose.ruleSheetId" class="sheet ask">
        <i18n-t keypath="pace.pacePage.doseDecidesLoadsBurn" scope="global"
          ><template #link
            ><router-link :to="{ path: '/dose', query: { apiary: apiaryId } }">{{
              t('pace.pacePage.chooseRuleSheetDose')
            }}</router-link></template
          ></i18n-t
        >
      </p>
      <template v-else-if="pace && length">
        <div class="sums sheet">
          <p>
            <i18n-t keypath="pace.pacePage.hMinSFrom" scope="global"
              ><template #span
                ><span class="figure big">{{ clockOf(1000 * pace.finish) }}</span></template
              ><template #chosen>{{ chosen.length }}</template
              ><template #hives>{{ counted(hives.length, 'hive') }}</template></i18n-t
            >
          </p>
          <p v-if="fits !== undefined && begun !== undefined && window_" :class="{ late: !fits }">
            <i18n-t keypath="pace.pacePage.begunAtOverAt" scope="global"
              ><template #begun>{{ timeIn(inHand.zone ?? 'UTC', begun) }}</template
              ><template #finish>{{
                timeIn(inHand.zone ?? 'UTC', begun + 1000 * pace.finish)
              }}</template
              ><template #fits>{{
                fits ? t('pace.pacePage.within') : t('pace.pacePage.beyond')
              }}</template
              ><template #window_>{{ gradesOf(window_) }}</template
              ><template #to>{{ timeIn(inHand.zone ?? 'UTC', window_.to) }}</template
              ><template #more
                ><template v-if="inHand.dayline?.there?.madeUp">{{
                  ' ' + t('pace.pacePage.madeUpWeather')
                }}</template></template
              ></i18n-t
            >
          </p>
        </div>
        <p v-if="pace.unfinished" class="problem">
          {{ t('pace.pacePage.packsRunOutNot', { hives: counted(pace.unfinished, 'hive') }) }}
        </p>
        <PaceFacts :pace="pace" :saving="saving" />
        <PaceChart :pace="pace" />
        <p class="soft">
          {{
            t('pace.pacePage.estimateAsTrueAs', {
              openFirstAfter: clockOf(1000 * Number(work.times.openFirstAfter)),
            })
          }}
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 20px;
  margin-bottom: 12px;
}

.bench {
  display: grid;
  grid-template-columns: 290px minmax(0, 1fr);
  gap: 24px;
  align-items: start;
}

.form,
fieldset {
  display: grid;
  gap: 10px;
  min-width: 0;
}

fieldset {
  padding: 0;
  border: 0;
}

legend {
  margin-bottom: 6px;
  font-weight: 650;
}

.pairs {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.wide {
  grid-column: 1 / -1;
}

.tool {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
}

.tool .soft {
  display: block;
  font-size: 0.8125rem;
}

.count {
  display: flex;
  align-items: center;
  gap: 10px;
}

.count button {
  width: 44px;
  height: 44px;
  border: 1px solid var(--ink);
  font-size: 1.25rem;
}

.count button:disabled {
  border-color: var(--rule);
  color: var(--ink-soft);
}

summary {
  min-height: 36px;
  cursor: pointer;
}

.sums {
  padding: 10px 16px;
}

.sums p {
  margin: 0;
}

.big {
  font-size: 1.9rem;
}

.late {
  color: var(--off-label);
  font-weight: 600;
}

.ask {
  padding: 16px 20px;
}

@media (width <= 900px) {
  .bench {
    grid-template-columns: 1fr;
  }
}
</style>
