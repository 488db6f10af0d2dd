<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { numberIn } from '../shared/numbers'
import CopyYear from './CopyYear.vue'
import YearBandForm from './YearBandForm.vue'
import YearBands from './YearBands.vue'
import PageState from '../shared/layout/PageState.vue'
import { useForm } from '../shared/request'

/** An apiary's year: limits by season, the expected winter, supers, the winter-bee date. */
const props = defineProps<{ id: string }>()

type Season = Shapes['ApiarySeason']
const FIELDS: { key: keyof Season; label: string; kind: 'day' | 'number'; unit?: string }[] = [
  { key: 'springFrom', label: 'Spring begins', kind: 'day' },
  { key: 'spring', label: 'Limit in spring and summer', kind: 'number', unit: '% of bees' },
  { key: 'lateSummerFrom', label: 'Late summer begins', kind: 'day' },
  { key: 'lateSummer', label: 'Limit in late summer', kind: 'number', unit: '% of bees' },
  { key: 'winterFrom', label: 'Winter cluster begins', kind: 'day' },
  { key: 'winter', label: 'Limit in winter', kind: 'number', unit: '% of bees' },
  { key: 'layingStops', label: 'Queens usually stop laying', kind: 'day' },
  { key: 'layingStarts', label: 'They usually begin again', kind: 'day' },
  { key: 'shiftDays', label: 'This winter is later by', kind: 'number', unit: 'days' },
  { key: 'supersOn', label: 'Supers usually go on', kind: 'day' },
  { key: 'supersOff', label: 'Supers are usually off', kind: 'day' },
  { key: 'winterBees', label: 'Mites should be down by (winter bees)', kind: 'day' },
  {
    key: 'rollRecovery',
    label: 'Share of mites a sugar roll finds',
    kind: 'number',
    unit: '0.2 to 1',
  },
]
const name = ref('')
const own = ref(false)
const whole = ref<Shapes['WholeSeason'] | null>(null)
const typed = ref<Record<string, string>>({})
const { problem, wrong, attempt } = useForm({ marked: () => 'Not kept: look at the marked field.' })
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
      if (!/^\d{2}-\d{2}$/.test(text)) found[key] = 'is written month-day, as 09-05'
      season[key] = '--' + text
    } else {
      season[key] = numberIn(text)
      if (!Number.isFinite(season[key])) found[key] = 'is no number'
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
    said.value = `${band.name} kept.`
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
    said.value = 'Kept.'
  })
}
</script>

<template>
  <h1>Season and limits · {{ name }}</h1>
  <p class="soft">
    {{ own ? 'As you set them.' : 'As is usual at this latitude; set them as they are with you.' }}
    Days are written month-day. The winter is only expected: a look inside decides.
  </p>
  <PageState
    :there="whole !== null"
    :problem="problem || bandProblem"
    what="the apiary’s year"
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
      <v-btn type="submit" variant="flat" color="primary">Keep</v-btn>
      <span role="status">{{ said }}</span>
      <router-link :to="{ path: '/counts', query: { apiary: id } }">Counts</router-link>
      <router-link :to="`/apiaries/${id}`">Apiary</router-link>
      <router-link to="/season">Season</router-link>
    </div>
  </form>
  <template v-if="whole">
    <h2>Flows, further supers, days off</h2>
    <YearBandForm :bands="whole.bands" @keep="keepBand" @forget="forgetBand" />
    <h2>Copy this year to other apiaries</h2>
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
