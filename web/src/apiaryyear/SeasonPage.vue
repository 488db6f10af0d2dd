<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { numberIn } from '../shared/numbers'
import CopyYear from './CopyYear.vue'
import YearBandForm from './YearBandForm.vue'
import YearBands from './YearBands.vue'
import PageState from '../shared/layout/PageState.vue'
import { useForm } from '../shared/request'
import { t } from '../words/words'

/** An apiary's year: limits by season, the expected winter, supers, the winter-bee date. */
const props = defineProps<{ id: string }>()

type Season = Shapes['ApiarySeason']
const FIELDS: { key: keyof Season; label: string; kind: 'day' | 'number'; unit?: string }[] = [
  { key: 'springFrom', label: t('apiaryyear.seasonPage.springBegins'), kind: 'day' },
  {
    key: 'spring',
    label: t('apiaryyear.seasonPage.limitSpringSummer'),
    kind: 'number',
    unit: t('apiaryyear.seasonPage.bees'),
  },
  { key: 'lateSummerFrom', label: t('apiaryyear.seasonPage.lateSummerBegins'), kind: 'day' },
  {
    key: 'lateSummer',
    label: t('apiaryyear.seasonPage.limitLateSummer'),
    kind: 'number',
    unit: t('apiaryyear.seasonPage.bees'),
  },
  { key: 'winterFrom', label: t('apiaryyear.seasonPage.winterClusterBegins'), kind: 'day' },
  {
    key: 'winter',
    label: t('apiaryyear.seasonPage.limitWinter'),
    kind: 'number',
    unit: t('apiaryyear.seasonPage.bees'),
  },
  { key: 'layingStops', label: t('apiaryyear.seasonPage.queensUsuallyStopLaying'), kind: 'day' },
  { key: 'layingStarts', label: t('apiaryyear.seasonPage.theyUsuallyBeginAgain'), kind: 'day' },
  {
    key: 'shiftDays',
    label: t('apiaryyear.seasonPage.thisWinterLaterBy'),
    kind: 'number',
    unit: t('apiaryyear.seasonPage.days'),
  },
  { key: 'supersOn', label: t('apiaryyear.seasonPage.supersUsuallyGoOn'), kind: 'day' },
  { key: 'supersOff', label: t('apiaryyear.seasonPage.supersAreUsuallyOff'), kind: 'day' },
  { key: 'winterBees', label: t('apiaryyear.seasonPage.mitesShouldBeDown'), kind: 'day' },
  {
    key: 'rollRecovery',
    label: t('apiaryyear.seasonPage.shareMitesSugarRoll'),
    kind: 'number',
    unit: t('apiaryyear.seasonPage.share'),
  },
]
const name = ref('')
const own = ref(false)
const whole = ref<Shapes['WholeSeason'] | null>(null)
const typed = ref<Record<string, string>>({})
const { problem, wrong, attempt } = useForm({
  marked: () => t('apiaryyear.seasonPage.notKeptLookAt'),
})
let bandName = ''
/** Bands have no fields that could be marked: all is said beside them. */
const { problem: bandProblem, attempt: withBands } = useForm({
  marked: (fields) => `${bandName} ${Object.values(fields).join('; ')}`,
})
const said = ref('')

function show(found: Shapes['WholeSeason']): void {
  whole.value = found
  own.value = found.own
  typed.value = Object.fromEntries(
    FIELDS.map(({ key, kind }) => {
      const value = found.season[key]
      return [
        key,
        value === undefined ? '' : kind === 'day' ? String(value).slice(2) : String(value),
      ]
    }),
  )
}

async function load(): Promise<void> {
  const id = props.id
  await attempt(async () => {
    const [apiary, season] = await Promise.all([
      ask(api.GET('/api/apiaries/{id}', { params: { path: { id } } })),
      ask(api.GET('/api/apiaries/{apiaryId}/season', { params: { path: { apiaryId: id } } })),
    ])
    name.value = apiary.apiary.name
    show(season)
  })
}
watch(() => props.id, load, { immediate: true })

function read(): Season | null {
  const found: Record<string, string> = {}
  const season: Record<string, unknown> = {}
  for (const { key, kind } of FIELDS) {
    const text = (typed.value[key] ?? '').trim()
    const maybe = key === 'supersOn' || key === 'supersOff'
    if (text === '' && maybe) continue
    if (kind === 'day') {
      if (!/^\d{2}-\d{2}$/.test(text)) found[key] = t('apiaryyear.seasonPage.writtenMonthDayAs')
      season[key] = '--' + text
    } else {
      season[key] = numberIn(text)
      if (!Number.isFinite(season[key])) found[key] = t('common.noNumber')
    }
  }
  wrong.value = found
  return Object.keys(found).length > 0 ? null : (season as unknown as Season)
}

async function keepBand(band: Shapes['YearBand']): Promise<void> {
  bandName = band.name
  await withBands(async () => {
    show(
      await ask(
        api.PUT('/api/apiaries/{apiaryId}/season/bands/{bandId}', {
          params: { path: { apiaryId: props.id, bandId: band.id } },
          body: band,
        }),
      ),
    )
    said.value = t('apiaryyear.seasonPage.kept', { name: band.name })
  })
}

async function forgetBand(band: Shapes['YearBand']): Promise<void> {
  await withBands(async () => {
    show(
      await ask(
        api.DELETE('/api/apiaries/{apiaryId}/season/bands/{bandId}', {
          params: { path: { apiaryId: props.id, bandId: band.id } },
        }),
      ),
    )
  })
}

async function keep(): Promise<void> {
  const season = read()
  said.value = ''
  if (!season) return
  await attempt(async () => {
    show(
      await ask(
        api.PUT('/api/apiaries/{apiaryId}/season', {
          params: { path: { apiaryId: props.id } },
          body: season,
        }),
      ),
    )
    said.value = t('common.kept')
  })
}
</script>

<template>
  <h1>{{ t('apiaryyear.seasonPage.seasonLimits', { name }) }}</h1>
  <p class="soft">
    {{
      t('apiaryyear.seasonPage.daysAreWrittenMonth', {
        own: own
          ? t('apiaryyear.seasonPage.asYouSetThem')
          : t('apiaryyear.seasonPage.asUsualAtThis'),
      })
    }}
  </p>
  <PageState
    :there="whole !== null"
    :problem="problem || bandProblem"
    :what="t('apiaryyear.seasonPage.apiarysYear')"
    @again="load()"
  />
  <YearBands v-if="whole" :year="whole.year" />
  <form class="form" @submit.prevent="keep">
    <v-text-field
      v-for="each in FIELDS"
      :key="each.key"
      v-model="typed[each.key]"
      :label="each.label"
      :suffix="each.unit"
      :error-messages="wrong[each.key]"
    />
    <div class="buttons">
      <v-btn type="submit" variant="flat" color="primary">{{ t('common.keep') }}</v-btn>
      <span role="status">{{ said }}</span>
      <router-link :to="{ path: '/counts', query: { apiary: id } }">{{
        t('common.counts')
      }}</router-link>
      <router-link :to="`/apiaries/${id}`">{{ t('common.apiary') }}</router-link>
      <router-link to="/season">{{ t('common.season') }}</router-link>
    </div>
  </form>
  <template v-if="whole">
    <h2>{{ t('apiaryyear.seasonPage.flowsFurtherSupersDays') }}</h2>
    <YearBandForm :bands="whole.bands" @keep="keepBand" @forget="forgetBand" />
    <h2>{{ t('apiaryyear.seasonPage.copyThisYearOther') }}</h2>
    <CopyYear :id="id" />
  </template>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
  gap: 14px;
  max-width: 960px;
}

.buttons {
  grid-column: 1 / -1;
  display: flex;
  align-items: center;
  gap: 20px;
}
</style>
