<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, reactive, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { newId } from '../shared/ids'
import { numberIn } from '../shared/numbers'
import { useSession } from '../shared/session'
import PageState from '../shared/layout/PageState.vue'
import { useLimits } from '../shared/limits'
import { useForm } from '../shared/request'

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
    title: `level ${each.words}, usually ${each.usualGrams.toFixed(2)} g`,
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
    else wrong.value[`grams[${i}]`] = 'no number'
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
    said.value = 'Kept. Dose sheets for this product and lot reckon with it from now on.'
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
    <h1>Scoop bench</h1>
    <router-link to="/dose">Dose sheet</router-link>
  </div>
  <p class="soft">
    Fill the spoon, level it with a straight edge, weigh it, write it down: ten times, five at
    least. Gloves on, out of the wind, never with a kitchen's spoons.
  </p>
  <PageState :there="fetched" :problem="fetched ? '' : problem" what="the spoons" @again="load()" />
  <div v-if="fetched" class="bench">
    <form aria-label="Scoops weighed" class="form" @submit.prevent="keep">
      <div class="pair">
        <v-text-field v-model="form.product" label="Product" :error-messages="wrong.product" />
        <v-text-field v-model="form.lot" label="Lot" :error-messages="wrong.lot" />
      </div>
      <v-select v-model="form.spoon" :items="items" label="Spoon" />
      <fieldset>
        <legend>Grams of each level scoop</legend>
        <div class="form-grid scoops">
          <v-text-field
            v-for="(_, i) in form.grams"
            :key="i"
            v-model="form.grams[i]"
            density="compact"
            inputmode="decimal"
            :label="`Scoop ${i + 1}`"
            suffix="g"
            :error-messages="wrong[`grams[${i}]`]"
          />
        </div>
        <button
          v-if="form.grams.length < limits.of('mostScoops', Infinity)"
          type="button"
          class="word"
          @click="form.grams.push('')"
        >
          one more
        </button>
      </fieldset>
      <p v-if="wrong.grams" role="alert" class="problem">{{ wrong.grams }}</p>
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    </form>
    <section class="sheet result" aria-label="What a scoop holds" aria-live="polite">
      <template v-if="reading">
        <p>One level scoop holds</p>
        <p class="figure big">{{ reading.mean.toFixed(2) }} g</p>
        <p>
          ± {{ reading.spread.toFixed(3) }} g from scoop to scoop ({{
            reading.spreadPercent.toFixed(1)
          }}
          %), {{ reading.weighings }} weighed. This spoon usually holds
          {{ reading.usualGrams.toFixed(2) }} g.
        </p>
        <p v-for="warning in reading.warnings" :key="warning" class="problem">{{ warning }}</p>
        <v-btn variant="flat" color="primary" @click="keep">Keep it for this product lot</v-btn>
      </template>
      <p v-else class="soft">
        {{ filled.length }} of at least 5 weighed. The mean and its spread show here.
      </p>
      <p v-if="said" role="status">{{ said }}</p>
    </section>
  </div>
  <h2>Weighed before</h2>
  <p v-if="kept.length === 0" class="soft">Nothing yet.</p>
  <LineTable v-else label="Weighed scoops">
    <thead>
      <tr>
        <th scope="col">Product</th>
        <th scope="col">Lot</th>
        <th scope="col">Spoon</th>
        <th scope="col">Holds</th>
        <th scope="col">Spread</th>
        <th scope="col">By</th>
        <th v-if="session.isKeeper" scope="col"><span class="visually-hidden">Strike out</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="each in kept" :key="each.id">
        <td>{{ each.product }}</td>
        <td>{{ each.lot }}</td>
        <td>{{ each.spoonWords }}</td>
        <td class="figure">{{ each.scoops.mean.toFixed(2) }} g</td>
        <td class="figure">{{ each.scoops.spreadPercent.toFixed(1) }} %</td>
        <td>{{ each.by }}, {{ each.at.slice(0, 10) }}</td>
        <td v-if="session.isKeeper">
          <button type="button" class="word" @click="strike(each.id)">strike out</button>
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
