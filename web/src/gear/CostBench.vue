<script setup lang="ts">
import { useStorage, watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { fixed, numberIn } from '../shared/numbers'
import { useForm } from '../shared/request'
import { t } from '../words/words'

const props = defineProps<{ tools: readonly Shapes['KnownTool'][] }>()
/** Which of two tools pays at how many hives, with the keeper's own prices and rates. */
const TOOL_FIELDS = [
  { key: 'price', label: t('gear.costBench.price'), unit: '' },
  { key: 'minutesPerHive', label: t('gear.costBench.minutesHive'), unit: 'min' },
  { key: 'years', label: t('gear.costBench.lasts'), unit: t('gear.costBench.years') },
] as const
const RATE_FIELDS = [
  { key: 'hourly', label: t('gear.costBench.hourWorth'), unit: '' },
  { key: 'roundsPerYear', label: t('gear.costBench.roundsYear'), unit: '' },
  { key: 'setUpMinutes', label: t('gear.costBench.settingUp'), unit: 'min' },
] as const
const form = useStorage('tavrel.toolcost', {
  first: { name: t('gear.costBench.pan'), price: '', minutesPerHive: '10', years: '8' },
  second: { name: t('gear.costBench.bowl'), price: '', minutesPerHive: '1.5', years: '8' },
  rates: { hourly: '', roundsPerYear: '4', setUpMinutes: '30' },
})
const own = computed(() => props.tools.map(({ tool }) => ({ value: tool.id, title: tool.name })))

/** A name typed, or a tool of the gear chosen. */
function named(which: 'first' | 'second', value: string | null): void {
  if (props.tools.some((each) => each.tool.id === value)) take(which, value ?? '')
  else form.value[which] = { ...form.value[which], name: value ?? '' }
}

/** Name and price of a tool from the gear; the minutes are the keeper's to say. */
function take(which: 'first' | 'second', id: string): void {
  const tool = props.tools.find((each) => each.tool.id === id)?.tool
  if (!tool) return
  const price = tool.price === undefined ? form.value[which].price : String(tool.price)
  form.value[which] = { ...form.value[which], name: tool.name, price }
}
const compared = ref<Shapes['ToolsCompared'] | null>(null)
const { problem, wrong, attempt } = useForm()

function tool(which: 'first' | 'second'): Shapes['ToolCost'] {
  const of = form.value[which]
  return {
    name: of.name,
    price: numberIn(of.price),
    minutesPerHive: numberIn(of.minutesPerHive),
    years: numberIn(of.years),
  }
}

async function reckon(): Promise<void> {
  wrong.value = {}
  const { first, second, rates } = form.value
  if ([first.price, second.price, rates.hourly].some((text) => text.trim() === '')) {
    compared.value = null
    return
  }
  const answered = await attempt(async () => {
    compared.value = await ask(
      api.POST('/api/gear/cost', {
        body: {
          first: tool('first'),
          second: tool('second'),
          rates: {
            hourly: numberIn(rates.hourly),
            roundsPerYear: numberIn(rates.roundsPerYear),
            setUpMinutes: numberIn(rates.setUpMinutes),
          },
        },
      }),
    )
  })
  if (!answered) compared.value = null
}

onMounted(reckon)
watchDebounced(form, reckon, { debounce: 200, deep: true })
</script>

<template>
  <section :aria-label="t('gear.costBench.whichToolPays')">
    <h2>{{ t('gear.costBench.whichToolPays') }}</h2>
    <div v-for="which in ['first', 'second'] as const" :key="which" class="form-grid fields">
      <v-combobox
        :model-value="form[which].name"
        density="compact"
        :label="t('common.tool')"
        :items="own"
        :return-object="false"
        :error-messages="wrong[`${which}.name`]"
        @update:model-value="named(which, $event)"
      />
      <v-text-field
        v-for="field in TOOL_FIELDS"
        :key="field.key"
        v-model="form[which][field.key]"
        density="compact"
        inputmode="decimal"
        :label="field.label"
        :suffix="field.unit"
        :error-messages="wrong[`${which}.${field.key}`]"
      />
    </div>
    <div class="form-grid fields">
      <v-text-field
        v-for="field in RATE_FIELDS"
        :key="field.key"
        v-model="form.rates[field.key]"
        density="compact"
        inputmode="decimal"
        :label="field.label"
        :suffix="field.unit"
        :error-messages="wrong[`rates.${field.key}`]"
      />
    </div>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <template v-if="compared">
      <p class="answer" aria-live="polite">
        {{ form.second.name }}
        {{
          compared.paysFrom === undefined
            ? t('gear.costBench.neverCostsLessThan', { name: form.first.name })
            : t('gear.costBench.costsLessFromHives', { paysFrom: compared.paysFrom })
        }}
      </p>
      <table>
        <caption class="visually-hidden">
          {{
            t('gear.costBench.yearEachToolBy')
          }}
        </caption>
        <thead>
          <tr>
            <th scope="col">{{ t('common.hives') }}</th>
            <th v-for="row in compared.rows" :key="row.hives" scope="col">{{ row.hives }}</th>
          </tr>
        </thead>
        <tbody class="figure">
          <tr>
            <th scope="row">{{ form.first.name }}</th>
            <td v-for="row in compared.rows" :key="row.hives">{{ fixed(row.first, 0) }}</td>
          </tr>
          <tr>
            <th scope="row">{{ form.second.name }}</th>
            <td v-for="row in compared.rows" :key="row.hives">{{ fixed(row.second, 0) }}</td>
          </tr>
        </tbody>
      </table>
    </template>
    <p v-else class="soft">{{ t('gear.costBench.enterBothPricesWhat') }}</p>
    <p class="soft">
      {{ t('gear.costBench.yearPriceYearsMinutes') }}
    </p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 8px;
  min-width: 0;
}

.fields {
  --field: 110px;
}

.answer {
  font-weight: 650;
}

table {
  border-collapse: collapse;
  font-size: 0.8125rem;
}

th,
td {
  padding: 3px 5px;
  text-align: right;
  border-bottom: 1px solid var(--rule);
}
</style>
