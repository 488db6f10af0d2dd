<script setup lang="ts">
import { useStorage, watchDebounced } from '@vueuse/core'
import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { numberIn } from '../shared/numbers'
import { useForm } from '../shared/request'

/** What a mains tool asks of an inverter and a battery bank. */
const FIELDS = [
  { key: 'watts', label: 'Tool draws', unit: 'W' },
  { key: 'ampHours', label: 'Bank', unit: 'Ah' },
  { key: 'volts', label: 'at', unit: 'V' },
  { key: 'usable', label: 'Usable share', unit: '%' },
  { key: 'duty', label: 'Heats of the time', unit: '%' },
  { key: 'secondsPerBurn', label: 'From burn to burn', unit: 's' },
] as const
const form = useStorage('tavrel.power', {
  watts: '275',
  ampHours: '100',
  volts: '12',
  usable: '50',
  duty: '60',
  secondsPerBurn: '60',
})
const need = ref<Shapes['PowerNeed'] | null>(null)
const { problem, wrong, attempt } = useForm({ nameOf: (field) => NAMES[field] ?? field })
const NAMES: Record<string, string> = { usableShare: 'usable' }

async function reckon(): Promise<void> {
  wrong.value = Object.fromEntries(
    FIELDS.filter(({ key }) => !Number.isFinite(numberIn(form.value[key]))).map(({ key }) => [
      key,
      'is no number',
    ]),
  )
  if (Object.keys(wrong.value).length > 0) return
  const of = (key: keyof typeof form.value) => numberIn(form.value[key])
  const answered = await attempt(async () => {
    need.value = await ask(
      api.POST('/api/gear/power', {
        body: {
          watts: of('watts'),
          ampHours: of('ampHours'),
          volts: of('volts'),
          usableShare: of('usable') / 100,
          duty: of('duty') / 100,
          secondsPerBurn: of('secondsPerBurn'),
        },
      }),
    )
  })
  if (!answered) need.value = null
}

onMounted(reckon)
watchDebounced(form, reckon, { debounce: 200, deep: true })
</script>

<template>
  <section aria-label="Inverter and battery bank">
    <h2>Inverter and bank</h2>
    <div class="form-grid fields">
      <v-text-field
        v-for="field in FIELDS"
        :key="field.key"
        v-model="form[field.key]"
        density="compact"
        inputmode="decimal"
        :label="field.label"
        :suffix="field.unit"
        :error-messages="wrong[field.key]"
      />
    </div>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <p v-if="need" class="answer" aria-live="polite">
      Inverter of <strong class="figure">{{ need.inverterWatts.toFixed(0) }} W</strong> at least;
      the bank lasts <strong class="figure">{{ need.hours.toFixed(1) }} h</strong>, about
      <strong class="figure">{{ need.burns }}</strong> burns, drawing {{ need.amps.toFixed(0) }} A
      while it heats.
    </p>
    <p class="soft">
      Ah × V × usable share × 0.85 ÷ W ÷ share of time heating; inverter a quarter over the tool. An
      estimate: cold batteries give less. Residual-current device, dry cables, exhaust away from
      people.
    </p>
  </section>
</template>

<style scoped>
.fields {
  --field: 130px;
}

.answer {
  font-size: 1.05rem;
}
</style>
