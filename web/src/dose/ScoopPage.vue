<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, reactive, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { newId } from '../shared/ids'
import { fixed, numberIn } from '../shared/numbers'
import { weight } from '../shared/units/quantity'
import { useSession } from '../shared/session'
import PageState from '../shared/layout/PageState.vue'
import { useLimits } from '../shared/limits'
import { useForm } from '../shared/request'
import { t } from '../words/words'
import { inWords, wordOf } from '../words/facts'
import QuantityField from '../shared/units/QuantityField.vue'

/** The scoop bench: ten level scoops weighed one by one, so that a scoop is a figure and not a hope. */
const route = useRoute()
const session = useSession()
const limits = useLimits()
const spoons = ref<Shapes['OfferedSpoon'][]>([])
const kept = ref<Shapes['Weighed'][]>([])
const reading = ref<Shapes['Scoops'] | null>(null)
const { problem, wrong, attempt } = useForm({ nameOf: placed })
const fetched = ref(false)
const said = ref('')
const form = reactive({
  product: String(route.query.product ?? ''),
  lot: String(route.query.lot ?? ''),
  spoon: String(route.query.spoon || 'QUARTER_TSP_US') as Shapes['OfferedSpoon']['spoon'],
  grams: Array.from({ length: 10 }, () => ''),
})
let id = newId()

const filled = computed(() => form.grams.filter((text) => text.trim() !== ''))
const items = computed(() =>
  spoons.value.map((each) => ({
    value: each.spoon,
    title: t('dose.scoopPage.levelUsuallyG', {
      words: wordOf(`Spoon.${each.spoon}`),
      usualGrams: weight(each.usualGrams, 2),
    }),
  })),
)

async function load(): Promise<void> {
  await attempt(async () => {
    const [choices, all] = await Promise.all([
      ask(api.GET('/api/choices')),
      ask(api.GET('/api/scoops')),
    ])
    spoons.value = choices.spoons
    kept.value = all
    fetched.value = true
  })
}
onMounted(load)

/** The weighings as numbers; marks those that are none, by their place on the screen. */
function read(): number[] | null {
  wrong.value = {}
  const grams: number[] = []
  form.grams.forEach((text, i) => {
    if (text.trim() === '') return
    const value = numberIn(text)
    if (Number.isFinite(value)) grams.push(value)
    else wrong.value[`grams[${i}]`] = t('dose.scoopPage.noNumber')
  })
  return Object.keys(wrong.value).length === 0 ? grams : null
}

/** The server counts the filled fields; the screen counts all of them. */
function placed(field: string): string {
  const places = form.grams.flatMap((text, i) => (text.trim() === '' ? [] : [i]))
  return field.replace(/\[(\d+)]/, (_, index: string) => `[${places[Number(index)]}]`)
}

watchDebounced(
  form,
  async () => {
    if (filled.value.length > 0) said.value = ''
    const grams = read()
    if (!grams || grams.length < limits.of('fewestScoops', 1)) {
      reading.value = null
      return
    }
    const answered = await attempt(async () => {
      reading.value = await ask(
        api.POST('/api/scoops/reading', { body: { spoon: form.spoon, grams } }),
      )
    })
    if (!answered) reading.value = null
  },
  { debounce: 150, deep: true },
)

async function keep(): Promise<void> {
  const grams = read()
  if (!grams) return
  await attempt(async () => {
    kept.value = await ask(
      api.PUT('/api/scoops/{id}', {
        params: { path: { id } },
        body: { product: form.product, lot: form.lot || undefined, spoon: form.spoon, grams },
      }),
    )
    id = newId()
    form.grams = form.grams.map(() => '')
    said.value = t('dose.scoopPage.keptDoseSheetsFor')
  })
}

async function strike(weighedId: string): Promise<void> {
  await attempt(async () => {
    kept.value = await ask(api.DELETE('/api/scoops/{id}', { params: { path: { id: weighedId } } }))
  })
}
</script>

<template>
  <div class="top">
    <h1>{{ t('common.scoopBench') }}</h1>
    <router-link to="/dose">{{ t('common.doseSheet') }}</router-link>
  </div>
  <p class="soft">
    {{ t('dose.scoopPage.fillSpoonLevelWith') }}
  </p>
  <PageState
    :there="fetched"
    :problem="fetched ? '' : problem"
    :what="t('dose.scoopPage.spoons')"
    @again="load()"
  />
  <div v-if="fetched" class="bench">
    <form :aria-label="t('dose.scoopPage.scoopsWeighed')" class="form" @submit.prevent="keep">
      <div class="pair">
        <v-text-field
          v-model="form.product"
          :label="t('common.product2')"
          :error-messages="wrong.product"
        />
        <v-text-field v-model="form.lot" :label="t('common.lot')" :error-messages="wrong.lot" />
      </div>
      <v-select v-model="form.spoon" :items="items" :label="t('dose.scoopPage.spoon')" />
      <fieldset>
        <legend>{{ t('dose.scoopPage.gramsEachLevelScoop') }}</legend>
        <div class="form-grid scoops">
          <QuantityField
            v-for="(scoop, i) in form.grams"
            :key="i"
            :model-value="scoop"
            density="compact"
            :label="t('dose.scoopPage.scoop', { i: i + 1 })"
            kind="mass"
            :error-messages="wrong[`grams[${i}]`]"
            @update:model-value="form.grams[i] = $event"
          />
        </div>
        <button
          v-if="form.grams.length < limits.of('mostScoops', Infinity)"
          type="button"
          class="word"
          @click="form.grams.push('')"
        >
          {{ t('dose.scoopPage.oneMore') }}
        </button>
      </fieldset>
      <p v-if="wrong.grams" role="alert" class="problem">{{ wrong.grams }}</p>
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    </form>
    <section
      class="sheet result"
      :aria-label="t('dose.scoopPage.whatScoopHolds')"
      aria-live="polite"
    >
      <template v-if="reading">
        <p>{{ t('dose.scoopPage.oneLevelScoopHolds') }}</p>
        <p class="figure big">{{ weight(reading.mean, 2) }}</p>
        <p>
          {{
            t('dose.scoopPage.gFromScoopScoop', {
              spread: weight(reading.spread, 3),
              spreadPercent: fixed(reading.spreadPercent, 1),
              weighings: reading.weighings,
              usualGrams: weight(reading.usualGrams, 2),
            })
          }}
        </p>
        <p v-for="warning in reading.warnings" :key="warning.code" class="problem">
          {{ inWords(warning) }}
        </p>
        <v-btn variant="flat" color="primary" @click="keep">{{
          t('dose.scoopPage.keepForThisProduct')
        }}</v-btn>
      </template>
      <p v-else class="soft">
        {{ t('dose.scoopPage.atLeastWeighedMean', { filled: filled.length }) }}
      </p>
      <p v-if="said" role="status">{{ said }}</p>
    </section>
  </div>
  <h2>{{ t('dose.scoopPage.weighedBefore') }}</h2>
  <p v-if="kept.length === 0" class="soft">{{ t('dose.scoopPage.nothingYet') }}</p>
  <LineTable v-else :label="t('dose.scoopPage.weighedScoops')">
    <thead>
      <tr>
        <th scope="col">{{ t('common.product2') }}</th>
        <th scope="col">{{ t('common.lot') }}</th>
        <th scope="col">{{ t('dose.scoopPage.spoon') }}</th>
        <th scope="col">{{ t('dose.scoopPage.holds') }}</th>
        <th scope="col">{{ t('dose.scoopPage.spread') }}</th>
        <th scope="col">{{ t('dose.scoopPage.by') }}</th>
        <th v-if="session.isKeeper" scope="col">
          <span class="visually-hidden">{{ t('common.strikeOut') }}</span>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="each in kept" :key="each.id">
        <td>{{ each.product }}</td>
        <td>{{ each.lot }}</td>
        <td>{{ wordOf(`Spoon.${each.scoops.spoon}`) }}</td>
        <td class="figure">{{ weight(each.scoops.mean, 2) }}</td>
        <td class="figure">{{ fixed(each.scoops.spreadPercent, 1) }} %</td>
        <td>{{ each.by }}, {{ each.at.slice(0, 10) }}</td>
        <td v-if="session.isKeeper">
          <button type="button" class="word" @click="strike(each.id)">
            {{ t('dose.scoopPage.strikeOut') }}
          </button>
        </td>
      </tr>
    </tbody>
  </LineTable>
</template>

<style scoped>
.top {
  display: flex;
  align-items: baseline;
  gap: 20px;
}

.bench {
  display: grid;
  grid-template-columns: 1fr 340px;
  gap: 24px;
  align-items: start;
  margin: 12px 0 20px;
}

.form {
  display: grid;
  gap: 12px;
}

.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

fieldset {
  border: 0;
  padding: 0;
}

legend {
  margin-bottom: 8px;
  font-weight: 650;
}

.scoops {
  --field: 120px;
}

.word {
  min-height: 40px;
  text-decoration: underline;
}

.result {
  padding: 16px 18px;
}

.big {
  font-size: 3rem;
  margin: 0;
}

@media (width <= 900px) {
  .bench {
    grid-template-columns: 1fr;
  }
}
</style>
