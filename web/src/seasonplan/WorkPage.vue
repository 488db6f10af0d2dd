<script setup lang="ts">
import { computed, onMounted, reactive, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import { counted } from '../shared/format'
import { newId } from '../shared/ids'
import LineTable from '../shared/LineTable.vue'
import { numberIn } from '../shared/numbers'
import PlannedSeriesTable from './PlannedSeriesTable.vue'
import { useSeason } from './useSeason'
import { useRequest } from '../shared/request'
import PageState from '../shared/layout/PageState.vue'
import { t } from '../words/words'
import DayField from '../shared/units/DayField.vue'
import QuantityField from '../shared/units/QuantityField.vue'

/** What the season is to bring: the series of each apiary, added for many at once. */
const { view, problem, wrong, load, change } = useSeason()
const { problem: notFetched, attempt } = useRequest()
const yards = ref<Shapes['YardPresets'][]>([])
const sheets = ref<Shapes['RuleSheet'][]>([])
const tools = ref<string[]>([])
const occasion = ref<Shapes['SeasonPreset']['occasion']>('LATE_SUMMER')
const OCCASIONS = [
  { value: 'LATE_SUMMER', title: t('seasonplan.workPage.lateSummerFourWeekly') },
  { value: 'WINTER', title: t('seasonplan.workPage.winterOneRoundWhen') },
]
const typed = reactive({
  rounds: '4',
  least: '5',
  wanted: '7',
  most: '9',
  grams: '2',
  tool: '',
  sheet: '',
  reason: '',
})
const picked = ref<Set<string>>(new Set())
const starts = ref<Record<string, string>>({})
const span = reactive({ from: '', to: '' })
const said = ref('')

async function begin(): Promise<void> {
  await load()
  if (view.value) Object.assign(span, view.value.span)
  await attempt(async () => {
    const [found, all, gear] = await Promise.all([
      ask(api.GET('/api/season-plan/presets')),
      ask(api.GET('/api/rule-sheets')),
      ask(api.GET('/api/gear')),
    ])
    yards.value = found
    sheets.value = all
    tools.value = gear.tools.filter((each) => !each.tool.retired).map((each) => each.tool.name)
    typed.tool = tools.value[0] ?? ''
    typed.sheet = all.find((sheet) => !sheet.example)?.id ?? ''
    take()
  })
}
onMounted(begin)

const offered = computed(() =>
  yards.value.flatMap((yard) => {
    const preset = yard.presets.find((each) => each.occasion === occasion.value)
    return preset ? [{ yard, preset }] : []
  }),
)
const without = computed(() =>
  yards.value.filter((yard) => !offered.value.some((each) => each.yard === yard)),
)

/** Fills the form from what is usual. */
function take(): void {
  const first = offered.value[0]?.preset
  if (first) {
    typed.rounds = String(first.rounds)
    typed.least = String(first.gaps.least)
    typed.wanted = String(first.gaps.wanted)
    typed.most = String(first.gaps.most)
  }
  starts.value = Object.fromEntries(
    offered.value.map(({ yard, preset }) => [yard.apiaryId, preset.startOn]),
  )
  const planned = new Set(
    view.value?.allSeries
      .filter((each) => occasion.value === 'WINTER' || each.series.rounds > 1)
      .filter((each) => each.series.broodless === (occasion.value === 'WINTER'))
      .map((each) => each.series.apiaryId),
  )
  picked.value = new Set(
    offered.value
      .filter(({ yard }) => !planned.has(yard.apiaryId))
      .filter(({ yard }) => occasion.value === 'WINTER' || !yard.inSeries)
      .map(({ yard }) => yard.apiaryId),
  )
}

function toggle(id: string): void {
  const next = new Set(picked.value)
  if (!next.delete(id)) next.add(id)
  picked.value = next
}

async function add(): Promise<void> {
  said.value = ''
  const rounds = numberIn(typed.rounds)
  const allSeries = offered.value
    .filter(({ yard }) => picked.value.has(yard.apiaryId))
    .map(({ yard, preset }) => {
      const startOn = starts.value[yard.apiaryId] ?? preset.startOn
      return {
        id: newId(),
        apiaryId: yard.apiaryId,
        name:
          occasion.value === 'WINTER'
            ? t('seasonplan.workPage.winterSingle')
            : t('seasonplan.workPage.lateSummerSeries'),
        rounds,
        leastGap: numberIn(typed.least),
        wantedGap: numberIn(typed.wanted),
        mostGap: numberIn(typed.most),
        startOn,
        lastDay: startOn > preset.lastDay ? startOn : preset.lastDay,
        finishBy: preset.finishBy,
        broodless: preset.broodless,
        ruleSheetId: typed.sheet || undefined,
        gramsPerBox: numberIn(typed.grams),
        tool: typed.tool || t('seasonplan.workPage.tool'),
        offLabelReason: typed.reason || undefined,
      }
    })
  if (allSeries.some((each) => Object.values(each).some((value) => Number.isNaN(value)))) {
    problem.value = t('seasonplan.workPage.roundsDaysGramsAre')
    return
  }
  if (await change(api.POST('/api/season-plan/series', { body: allSeries }))) {
    said.value = t('seasonplan.workPage.addedGoOnPlan', {
      series: counted(allSeries.length, 'series'),
    })
    if (view.value) Object.assign(span, view.value.span)
    picked.value = new Set()
  }
}

async function keepSpan(): Promise<void> {
  said.value = ''
  if (await change(api.PUT('/api/season-plan/span', { body: { ...span } })))
    said.value = t('common.kept')
}

async function forget(id: string): Promise<void> {
  await change(api.DELETE('/api/season-plan/series/{id}', { params: { path: { id } } }))
}
</script>

<template>
  <div class="head">
    <h1>{{ t('common.whatBeDone') }}</h1>
    <router-link to="/season">{{ t('common.plan') }}</router-link>
  </div>
  <PageState
    :there="view !== null"
    :problem="problem || notFetched"
    :what="t('seasonplan.workPage.work')"
    @again="begin()"
  />
  <p role="status" class="said">{{ said }}</p>
  <form class="line" @submit.prevent="keepSpan">
    <DayField
      v-model="span.from"
      density="compact"
      :label="t('seasonplan.workPage.planFrom')"
      :error-messages="wrong.from"
    />
    <DayField
      v-model="span.to"
      density="compact"
      :label="t('seasonplan.workPage.to')"
      :error-messages="wrong.to"
    />
    <v-btn type="submit" min-height="40">{{ t('seasonplan.workPage.keepDays') }}</v-btn>
  </form>
  <h2>{{ t('seasonplan.workPage.addSeriesForMany') }}</h2>
  <form @submit.prevent="add">
    <div class="form-grid fields">
      <v-select
        v-model="occasion"
        class="wide"
        density="compact"
        :label="t('seasonplan.workPage.occasion')"
        :items="OCCASIONS"
        @update:model-value="take"
      />
      <v-text-field
        v-model="typed.rounds"
        density="compact"
        :label="t('common.rounds')"
        :error-messages="wrong.rounds"
      />
      <v-text-field
        v-model="typed.least"
        density="compact"
        :label="t('seasonplan.workPage.fewestDaysBetween')"
        :error-messages="wrong.leastGap"
      />
      <v-text-field
        v-model="typed.wanted"
        density="compact"
        :label="t('seasonplan.workPage.wanted')"
        :error-messages="wrong.wantedGap"
      />
      <v-text-field
        v-model="typed.most"
        density="compact"
        :label="t('seasonplan.workPage.most')"
        :error-messages="wrong.mostGap"
      />
      <QuantityField
        v-model="typed.grams"
        density="compact"
        :label="t('seasonplan.workPage.acidBox')"
        kind="mass"
        :error-messages="wrong.gramsPerBox"
      />
      <v-select
        v-model="typed.tool"
        density="compact"
        :label="t('common.tool')"
        :items="tools"
        :error-messages="wrong.tool"
      />
      <v-select
        v-model="typed.sheet"
        density="compact"
        :label="t('common.ruleSheet')"
        :items="[
          { value: '', title: t('common.none') },
          ...sheets.map((sheet) => ({
            value: sheet.id,
            title: sheet.name + (sheet.example ? ' ' + t('seasonplan.workPage.example') : ''),
          })),
        ]"
        :error-messages="wrong.ruleSheetId"
      />
      <v-text-field
        v-if="wrong.offLabelReason || typed.reason"
        v-model="typed.reason"
        class="wide"
        density="compact"
        :label="t('common.whyOffLabel')"
        :error-messages="wrong.offLabelReason"
      />
    </div>
    <LineTable :label="t('seasonplan.workPage.apiariesAddFor')">
      <thead>
        <tr>
          <th scope="col">{{ t('common.apiary') }}</th>
          <th scope="col">{{ t('common.hives') }}</th>
          <th scope="col">{{ t('seasonplan.workPage.beginOn') }}</th>
          <th scope="col">{{ t('seasonplan.workPage.notAfter') }}</th>
          <th scope="col">{{ t('seasonplan.workPage.beDoneBy') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ yard, preset } in offered" :key="yard.apiaryId">
          <th scope="row">
            <label class="tick">
              <input
                type="checkbox"
                :checked="picked.has(yard.apiaryId)"
                @change="toggle(yard.apiaryId)"
              />
              {{ yard.apiary }}
            </label>
            <span v-if="yard.inSeries" class="soft">{{
              t('seasonplan.workPage.seriesGoesOnThere')
            }}</span>
          </th>
          <td class="figure">{{ yard.hives }}</td>
          <td>
            <DayField
              v-model="starts[yard.apiaryId]"
              bare
              density="compact"
              :label="t('seasonplan.workPage.beginOn2', { apiary: yard.apiary })"
            />
          </td>
          <td>{{ shortDay(preset.lastDay) }}</td>
          <td>
            {{
              preset.finishBy
                ? shortDay(preset.finishBy)
                : preset.broodless
                  ? t('seasonplan.workPage.whileNothingCapped')
                  : ''
            }}
          </td>
        </tr>
      </tbody>
    </LineTable>
    <p v-for="yard in without" :key="yard.apiaryId" class="soft">
      <i18n-t keypath="seasonplan.workPage.noTimeWithoutCapped" scope="global"
        ><template #apiary>{{ yard.apiary }}</template
        ><template #link
          ><router-link :to="`/apiaries/${yard.apiaryId}/season`">{{
            t('seasonplan.workPage.year')
          }}</router-link></template
        ></i18n-t
      >
    </p>
    <v-btn type="submit" variant="flat" color="primary" :disabled="picked.size === 0">{{
      t('seasonplan.workPage.addFor', { apiarys: counted(picked.size, 'apiary') })
    }}</v-btn>
  </form>
  <PlannedSeriesTable v-if="view?.allSeries.length" :all-series="view.allSeries" @forget="forget" />
</template>

<style scoped>
.head,
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 8px 16px;
}

.line {
  max-width: 560px;
  align-items: start;
}

.fields {
  --field: 150px;

  margin-bottom: 10px;
}

form > .v-btn {
  margin: 12px 0;
}

.wide {
  grid-column: span 2;
}

.tick {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 32px;
  color: var(--ink);
}

.tick input {
  width: 20px;
  height: 20px;
}

input[type='date'] {
  padding: 4px 6px;
  border: 1px solid var(--rule-strong);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
}

.said {
  min-height: 1.4em;
  font-weight: 600;
}
</style>
