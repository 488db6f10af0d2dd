<script setup lang="ts">
import { useStorage, watchDebounced } from '@vueuse/core'
import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { fixed, numberIn } from '../shared/numbers'
import { useForm } from '../shared/request'
import { t } from '../words/words'

/** What a mains tool asks of an inverter and a battery bank. */
const FIELDS = [
  { key: 'watts', label: t('gear.powerBench.toolDraws'), unit: 'W' },
  { key: 'ampHours', label: t('gear.powerBench.bank'), unit: 'Ah' },
  { key: 'volts', label: t('gear.powerBench.at'), unit: 'V' },
  { key: 'usable', label: t('gear.powerBench.usableShare'), unit: '%' },
  { key: 'duty', label: t('gear.powerBench.heatsTime'), unit: '%' },
  { key: 'secondsPerBurn', label: t('gear.powerBench.fromBurnBurn'), unit: 's' },
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
      t('common.noNumber'),
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
  <section :aria-label="t('gear.powerBench.inverterBatteryBank')">
    <h2>{{ t('gear.powerBench.inverterBank') }}</h2>
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
      <i18n-t keypath="gear.powerBench.inverterAtLeastBank" scope="global"
        ><template #strong
          ><strong class="figure">{{ fixed(need.inverterWatts, 0) }} W</strong></template
        ><template #strong2
          ><strong class="figure">{{ fixed(need.hours, 1) }} h</strong></template
        ><template #strong3
          ><strong class="figure">{{ need.burns }}</strong></template
        ><template #amps>{{ fixed(need.amps, 0) }}</template></i18n-t
      >
    </p>
    <p class="soft">
      {{ t('gear.powerBench.ahVUsableShare') }}
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
