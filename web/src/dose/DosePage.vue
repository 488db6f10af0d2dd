<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, type Shapes } from '../api/client'
import HiveChoice from '../shared/HiveChoice.vue'
import { apiaryItems } from '../shared/apiaryItems'
import { useYardGroups } from '../shared/yardGroups'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { counted, dayOf } from '../shared/format'
import { newId } from '../shared/ids'
import DoseForm from './DoseForm.vue'
import DoseSums from './DoseSums.vue'
import DoseTable from './DoseTable.vue'
import RuleSheetForm from '../shared/dose/RuleSheetForm.vue'
import { settingsOf, useDoseDraft, withSheet, type DoseException } from '../shared/dose/doseDraft'
import { useChosenHives } from '../shared/dose/useChosenHives'
import { fieldName, useYardSheet } from './useYardSheet'
import PageState from '../shared/layout/PageState.vue'
import { useForm, useRequest } from '../shared/request'
import { t } from '../words/words'
import { inWords } from '../words/facts'

const route = useRoute()
const router = useRouter()
const inHand = useApiaryInHand()
const apiaries = ref<Shapes['ListedApiary'][]>([])
const choices = ref<Shapes['Choices'] | null>(null)
const ruleSheets = ref<Shapes['RuleSheet'][]>([])
const apiaryId = ref('')
const draft = useDoseDraft(apiaryId)
const { hives, chosen, series, number, leftBy, body: whom } = useChosenHives(apiaryId)
const gear = ref<Shapes['AllGear'] | null>(null)
const scoops = ref<Shapes['Weighed'][]>([])
const lots = ref<Shapes['LotState'][]>([])
const openRound = ref<Shapes['Round'] | null>(null)
const { problem: notFetched, attempt } = useRequest()
/** What planning was refused for; stands until something is changed. */
const planning = useForm({
  nameOf: fieldName,
  marked: () => t('dose.dosePage.notKeptYetLook'),
})
const notKept = computed(() => ({ fields: planning.wrong.value, says: planning.problem.value }))
const busy = planning.busy
const making = ref(false)

const groups = useYardGroups()
/** Those of the group in hand, and the one that was asked for or chosen before. */
const listed = computed(() =>
  apiaryItems(apiaries.value, (id) => id === apiaryId.value || groups.shows(id)),
)
const ruleSheet = computed(() =>
  ruleSheets.value.find((each) => each.id === draft.value.ruleSheetId),
)
/** The tool from the gear, where it is still there. */
const toolId = computed(() => {
  const known = gear.value?.tools.find(
    ({ tool }) => tool.id === draft.value.toolId && !tool.retired,
  )
  return known?.tool.id
})
const { yard, wrong, problem } = useYardSheet(
  apiaryId,
  draft,
  whom,
  toolId,
  () => chosen.value.length === 0,
  () => inHand.dayline?.there && inWords(inHand.dayline.there.says),
)
const sheet = computed(() => yard.value?.dose ?? null)
/** Hives that the tool must not come near. */
const unfit = computed(() => {
  const ids = new Set(yard.value?.hives.filter((each) => each.unfit).map((each) => each.hiveId))
  return hives.value.filter((each) => ids.has(each.id))
})
const offLabel = computed(() => sheet.value?.verdict === 'NOT_ON_LABEL')

async function load(): Promise<void> {
  await attempt(async () => {
    const [found, offered, sheets, known, weighed, stock] = await Promise.all([
      ask(api.GET('/api/apiaries')),
      ask(api.GET('/api/choices')),
      ask(api.GET('/api/rule-sheets')),
      ask(api.GET('/api/gear')),
      ask(api.GET('/api/scoops')),
      ask(api.GET('/api/stock')),
    ])
    gear.value = known
    scoops.value = weighed
    lots.value = stock.lots
    apiaries.value = found
    choices.value = offered
    ruleSheets.value = sheets
    const asked = (await series.load(route.query)) ?? route.query.apiary
    const wanted =
      apiaryItems(apiaries.value, (id) => id === asked).find((each) => each.value === asked) ??
      listed.value.find((each) => each.value === inHand.id) ??
      listed.value[0]
    apiaryId.value = wanted?.value ?? ''
  })
}
onMounted(load)

watch(apiaryId, async (id) => {
  if (!id) return
  if (!draft.value.roundId) draft.value = { ...draft.value, roundId: newId() }
  draft.value = withSheet(draft.value, ruleSheets.value)
  yard.value = null
  if (!draft.value.toolId) {
    const named = gear.value?.tools.find(({ tool }) => tool.name === draft.value.tool)
    if (named) draft.value = { ...draft.value, toolId: named.tool.id }
  }
  const planned = series.of(id)
  if (planned) {
    draft.value = {
      ...draft.value,
      preset: '',
      grams: String(planned.gramsPerBox),
      per: 'BOX',
      of: 'ACID_DIHYDRATE',
      tool: planned.tool,
      toolId: gear.value?.tools.find(({ tool }) => tool.name === planned.tool)?.tool.id ?? '',
      ruleSheetId: planned.ruleSheetId ?? draft.value.ruleSheetId,
    }
  }
  void inHand.take(id)
  await attempt(async () => {
    const rounds = await ask(api.GET('/api/rounds'))
    openRound.value = rounds.find((round) => round.apiaryId === id) ?? null
  })
})

watch(draft, planning.forget, { deep: true })

async function plan(): Promise<void> {
  await planning.attempt(async () => {
    const round = await ask(
      api.PUT('/api/rounds/{id}', {
        params: { path: { id: draft.value.roundId } },
        body: {
          apiaryId: apiaryId.value,
          ruleSheetId: draft.value.ruleSheetId,
          settings: settingsOf(draft.value),
          tool: draft.value.tool,
          toolId: toolId.value,
          product: draft.value.product || undefined,
          lot: draft.value.lot || undefined,
          offLabelReason: draft.value.offLabelReason || undefined,
          ...whom.value,
        },
      }),
    )
    draft.value = { ...draft.value, roundId: newId(), offLabelReason: '', exceptions: [] }
    await router.push(`/run/${round.id}`)
  })
}

function leaveOut(): void {
  const out = new Set(unfit.value.map((each) => each.id))
  chosen.value = chosen.value.filter((id) => !out.has(id))
}

function except(exception: DoseException): void {
  unexcept(exception.hiveId)
  draft.value = { ...draft.value, exceptions: [...draft.value.exceptions, exception] }
}

function unexcept(hiveId: string): void {
  const exceptions = draft.value.exceptions.filter((each) => each.hiveId !== hiveId)
  draft.value = { ...draft.value, exceptions }
}

async function discard(): Promise<void> {
  const id = openRound.value?.id
  if (!id) return
  await attempt(async () => {
    await ask(api.DELETE('/api/rounds/{id}', { params: { path: { id } } }))
    openRound.value = null
  })
}

function sheetKept(kept: Shapes['RuleSheet']): void {
  ruleSheets.value = [kept, ...ruleSheets.value]
  draft.value = { ...draft.value, ruleSheetId: kept.id }
}
</script>

<template>
  <div class="head">
    <h1>{{ t('common.doseSheet') }}</h1>
    <v-select
      v-model="apiaryId"
      class="apiary"
      :items="listed"
      :label="t('common.apiary')"
      density="compact"
    />
  </div>
  <PageState
    :there="choices !== null"
    :problem="choices ? '' : notFetched || problem"
    :what="t('dose.dosePage.hivesGearRuleSheets')"
    @again="load()"
  />
  <p v-if="choices && listed.length === 0">
    <i18n-t keypath="dose.dosePage.noHivesYet" scope="global"
      ><template #link
        ><router-link to="/apiaries/import">{{
          t('dose.dosePage.bringRosterFirst')
        }}</router-link></template
      ></i18n-t
    >
  </p>
  <p v-if="openRound" class="sheet notice" role="status">
    <span>{{ t('dose.dosePage.roundOpenHere', { day: dayOf(openRound.day) }) }}</span>
    <router-link :to="`/run/${openRound.id}`">{{ t('dose.dosePage.go') }}</router-link>
    <router-link :to="`/dose/sheet/${openRound.id}`">{{ t('dose.dosePage.sheetKit') }}</router-link>
    <button type="button" @click="discard">{{ t('dose.dosePage.throwItsPlanAway') }}</button>
  </p>
  <p v-if="number" class="sheet notice" role="status">
    {{ t('dose.dosePage.roundItsHivesGrams', { number, name: series.of(apiaryId)?.name }) }}
  </p>
  <details v-if="hives.length" class="whom">
    <summary>
      {{
        chosen.length === hives.length
          ? t('dose.dosePage.allHives', { hives: hives.length })
          : t('dose.dosePage.hives', { chosen: chosen.length, hives: hives.length })
      }}
      <span v-if="leftBy" class="soft">{{ leftBy }}</span>
    </summary>
    <HiveChoice v-model="chosen" :hives="hives" />
  </details>
  <div v-if="choices && apiaryId" class="bench">
    <DoseForm
      v-model="draft"
      :choices="choices"
      :sheets="ruleSheets"
      :wrong="{ ...wrong, ...notKept.fields }"
      :slip="sheet?.slip ?? 'NONE'"
      :off-label="offLabel"
      :tools="gear?.tools ?? []"
      :scoops="scoops"
      :lots="lots"
      @make-sheet="making = true"
    />
    <section v-if="sheet" class="result" :aria-label="t('common.doseSheet')">
      <DoseSums :sheet="sheet" :disabled="busy || openRound !== null" @plan="plan" />
      <p v-if="problem || notFetched || notKept.says" role="alert" class="problem">
        {{ problem || notFetched || notKept.says }}
      </p>
      <p v-if="unfit.length" class="unfit" role="status">
        {{
          t('dose.dosePage.mustNotComeNear', {
            tool: draft.tool,
            unfit: unfit.map((each) => each.name).join(', '),
          })
        }}
        <button type="button" @click="leaveOut">
          {{ t('dose.dosePage.leaveOut', { hives: counted(unfit.length, 'hive') }) }}
        </button>
      </p>
      <p v-if="sheet.unmeasurable.length" role="alert" class="problem">
        {{
          t('dose.dosePage.tooCoarseMeasureFor', { unmeasurable: sheet.unmeasurable.join(', ') })
        }}
      </p>
      <DoseTable
        :sheet="sheet"
        :ready="yard?.hives ?? []"
        :exceptions="draft.exceptions"
        :per="draft.per"
        :wrong="{ ...wrong, ...notKept.fields }"
        @except="except"
        @unexcept="unexcept"
      />
      <details class="kit">
        <summary>
          {{
            t('dose.dosePage.kitForThisRound', { lines: counted(yard?.kit.length ?? 0, 'line') })
          }}
        </summary>
        <ul>
          <li v-for="item in yard?.kit" :key="item.key">
            <strong>{{ inWords(item.amount) }}</strong> {{ inWords(item.name) }}
            <span class="soft">{{ inWords(item.why) }}</span>
          </li>
        </ul>
      </details>
      <router-link class="long" :to="{ path: '/dose/how-long', query: { apiary: apiaryId } }">{{
        t('dose.dosePage.howLongWillTake')
      }}</router-link>
      <p class="soft care">
        {{ t('dose.dosePage.labelHandLocalRules') }}
      </p>
    </section>
    <p v-else-if="problem" role="alert" class="problem">{{ problem }}</p>
    <div v-else-if="!draft.ruleSheetId" class="sheet ask">
      <h2>{{ t('dose.dosePage.whichRulesApply') }}</h2>
      <p>
        {{ t('dose.dosePage.chooseSheetSaysWhat') }}
      </p>
    </div>
  </div>
  <RuleSheetForm
    v-model="making"
    :from="ruleSheet"
    :today="sheet?.day ?? inHand.dayline?.day?.date ?? todayHere(serverNow())"
    @kept="sheetKept"
  />
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 20px;
  margin-bottom: 12px;
}

.apiary {
  flex: none;
  width: 290px;
}

.notice {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 20px;
  padding: 10px 16px;
  border-left: 8px solid var(--caution);
}

.notice button {
  min-height: 40px;
  text-decoration: underline;
}

.whom {
  margin-bottom: 12px;
}

.whom summary {
  min-height: 40px;
  cursor: pointer;
  font-weight: 600;
}

.bench {
  display: grid;
  grid-template-columns: 320px 1fr;
  gap: 24px;
  align-items: start;
}

.result {
  min-width: 0;
}

.unfit {
  margin: 0 0 10px;
  font-weight: 600;
}

.unfit button {
  min-height: 40px;
  margin-left: 8px;
  text-decoration: underline;
}

.ask {
  padding: 18px 20px;
  border-left: 8px solid var(--ink);
}

.long {
  display: inline-block;
  margin: 6px 0;
}

.kit summary {
  min-height: 40px;
  cursor: pointer;
  font-weight: 600;
}

.care {
  margin-top: 12px;
  font-size: 0.875rem;
}

@media (width <= 900px) {
  .bench {
    grid-template-columns: 1fr;
  }
}
</style>
