<script setup lang="ts">
import { computed, onMounted, reactive, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { dayOf } from '../shared/format'
import { newId } from '../shared/ids'
import { numberIn } from '../shared/numbers'
import { useForm } from '../shared/request'
import QuantityField from '../shared/units/QuantityField.vue'
import { degreesBetween, rainfall, windSpeed } from '../shared/units/quantity'
import { t } from '../words/words'

/** What a keeper expects of a day in four figures; a daily curve goes through them. */
const props = defineProps<{
  apiary: Shapes['Apiary']
  days: readonly Shapes['YardDay'][]
  forecasts: readonly Shapes['OwnForecast'][]
}>()
const emit = defineEmits<{ kept: [] }>()

const others = ref<Shapes['Apiary'][]>([])
const form = reactive({
  day: props.days[1]?.date ?? props.days[0]?.date ?? '',
  low: '',
  high: '',
  wind: '',
  rain: '',
  rainFrom: '',
  rainTo: '',
  thunderOrIce: false,
  also: [] as string[],
})
const { problem, wrong, attempt } = useForm()
const said = ref('')
let id = newId()

const choices = computed(() =>
  props.days.map((day) => ({ value: day.date, title: dayOf(day.date) })),
)
const rains = computed(() => (numberIn(form.rain) || 0) > 0)

onMounted(async () => {
  await attempt(async () => {
    others.value = (await ask(api.GET('/api/apiaries')))
      .map((each) => each.apiary)
      .filter((each) => each.id !== props.apiary.id)
  })
})

/** A figure of the form, or a word of what is wrong at its field. */
function figure(field: 'low' | 'high' | 'wind' | 'rain', name: string): number {
  const value = numberIn(form[field])
  if (!Number.isFinite(value)) wrong.value = { ...wrong.value, [name]: t('common.noNumber') }
  return value
}

function hour(text: string): number | undefined {
  return text.trim() === '' ? undefined : numberIn(text)
}

async function keep(): Promise<void> {
  wrong.value = {}
  said.value = ''
  const body = {
    day: form.day,
    low: figure('low', 'low'),
    high: figure('high', 'high'),
    windMs: figure('wind', 'windMs'),
    rainMm: form.rain.trim() === '' ? 0 : figure('rain', 'rainMm'),
    rainFrom: rains.value ? hour(form.rainFrom) : undefined,
    rainTo: rains.value ? hour(form.rainTo) : undefined,
    thunderOrIce: form.thunderOrIce,
    also: form.also,
  }
  if (Object.keys(wrong.value).length) return
  await attempt(async () => {
    await ask(
      api.PUT('/api/apiaries/{id}/own-forecasts/{forecastId}', {
        params: { path: { id: props.apiary.id, forecastId: id } },
        body,
      }),
    )
    id = newId()
    said.value = t('hours.ownForecastForm.keptFor', { day: dayOf(form.day) })
    emit('kept')
  })
}

async function takeBack(day: string): Promise<void> {
  await attempt(async () => {
    await ask(
      api.DELETE('/api/apiaries/{id}/own-forecasts/of/{day}', {
        params: { path: { id: props.apiary.id, day } },
      }),
    )
    said.value = t('hours.ownForecastForm.whatWasSaidTaken', { day: dayOf(day) })
    emit('kept')
  })
}

function wordsOf(each: Shapes['OwnForecast']): string {
  const rain =
    each.rainMm === 0
      ? t('hours.ownForecastForm.dry')
      : t('hours.ownForecastForm.rainMm', {
          rainMm: rainfall(each.rainMm),
          rainTo:
            each.rainFrom === undefined
              ? ''
              : ' ' +
                t('hours.ownForecastForm.fromH', { rainFrom: each.rainFrom, rainTo: each.rainTo }),
        })
  const danger = each.thunderOrIce ? t('hours.ownForecastForm.thunderOrIce2') : ''
  return t('hours.ownForecastForm.wind', {
    high: degreesBetween(each.low, each.high),
    windMs: windSpeed(each.windMs),
    rain,
    danger,
  })
}
</script>

<template>
  <section class="own" aria-labelledby="own-forecast">
    <h2 id="own-forecast">{{ t('hours.ownForecastForm.whatYouExpectDay') }}</h2>
    <p class="soft">
      {{ t('hours.ownForecastForm.fourFiguresFromAny') }}
    </p>
    <form class="form-grid" @submit.prevent="keep">
      <v-select
        v-model="form.day"
        density="compact"
        :label="t('common.day')"
        :items="choices"
        :error-messages="wrong.day"
      />
      <QuantityField
        v-model="form.low"
        density="compact"
        kind="temperature"
        :label="t('hours.ownForecastForm.low')"
        :error-messages="wrong.low"
      />
      <QuantityField
        v-model="form.high"
        density="compact"
        kind="temperature"
        :label="t('hours.ownForecastForm.high')"
        :error-messages="wrong.high"
      />
      <QuantityField
        v-model="form.wind"
        density="compact"
        kind="wind"
        :label="t('common.wind')"
        :error-messages="wrong.windMs"
      />
      <QuantityField
        v-model="form.rain"
        density="compact"
        kind="rain"
        :label="t('hours.ownForecastForm.rainDay')"
        placeholder="0"
        inputmode="decimal"
        :error-messages="wrong.rainMm"
      />
      <template v-if="rains">
        <v-text-field
          v-model="form.rainFrom"
          density="compact"
          :label="t('hours.ownForecastForm.rainFrom')"
          :suffix="t('hours.ownForecastForm.oClock')"
          inputmode="numeric"
          :hint="t('hours.ownForecastForm.unknownMayFallAny')"
          :error-messages="wrong.rainFrom"
        />
        <v-text-field
          v-model="form.rainTo"
          density="compact"
          :label="t('hours.ownForecastForm.to')"
          :suffix="t('hours.ownForecastForm.oClock')"
          inputmode="numeric"
          :error-messages="wrong.rainTo"
        />
      </template>
      <v-checkbox
        v-model="form.thunderOrIce"
        density="compact"
        :label="t('hours.ownForecastForm.thunderOrIce')"
      />
      <v-select
        v-if="others.length"
        v-model="form.also"
        multiple
        density="compact"
        :label="t('hours.ownForecastForm.alsoFor')"
        :items="others.map((each) => ({ value: each.id, title: each.name }))"
      />
      <v-btn type="submit" min-height="40" variant="flat" color="primary">{{
        t('hours.ownForecastForm.keep')
      }}</v-btn>
    </form>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <p role="status">{{ said }}</p>
    <ul v-if="forecasts.length">
      <li v-for="each in forecasts" :key="each.day">
        <strong>{{ dayOf(each.day) }}</strong>: {{ wordsOf(each) }}
        <span class="soft">({{ each.by }})</span>
        <button type="button" @click="takeBack(each.day)">
          {{ t('hours.ownForecastForm.takeBack') }}
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.own {
  margin-top: 16px;
}

form {
  --field: 140px;

  max-width: 1000px;
}

ul {
  margin: 4px 0;
  padding-left: 22px;
}

li button {
  min-height: 32px;
  padding: 0 8px;
  text-decoration: underline;
}
</style>
