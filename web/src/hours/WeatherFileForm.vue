<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask, Refused, words, type Shapes } from '../api/client'
import { counted, dayOf, timeIn } from '../shared/format'
import { useRequest } from '../shared/request'
import { t } from '../words/words'
import { inWords } from '../words/facts'
import { degrees as inDegrees } from '../shared/units/quantity'

/** Hourly weather from a table file: looked at first, units told where the file does not, kept. */
const props = defineProps<{ apiary: Shapes['Apiary'] }>()
const emit = defineEmits<{ brought: [] }>()
type Degrees = 'CELSIUS' | 'FAHRENHEIT'
const file = ref<File | null>(null)
const degrees = ref<Degrees | undefined>()
const also = ref<string[]>([])
const others = ref<Shapes['Apiary'][]>([])
const preview = ref<Shapes['WeatherPreview'] | null>(null)
const { problem, attempt } = useRequest(refusal)
const said = ref('')

onMounted(async () => {
  await attempt(async () => {
    others.value = (await ask(api.GET('/api/apiaries')))
      .map((each) => each.apiary)
      .filter((each) => each.id !== props.apiary.id)
  })
})

function body(): FormData {
  const form = new FormData()
  if (file.value) form.append('file', file.value)
  return form
}

function refusal(thrown: unknown): string {
  return thrown instanceof Refused && thrown.fields.length
    ? t('hours.weatherFileForm.file2', {
        fields: thrown.fields.map((each) => each.says).join('; '),
      })
    : words(thrown)
}

function choose(event: Event): void {
  const input = event.target as HTMLInputElement
  file.value = input.files?.[0] ?? null
  input.value = ''
  degrees.value = undefined
  said.value = ''
  void look()
}

async function look(): Promise<void> {
  if (!file.value) return
  const looked = await attempt(async () => {
    preview.value = await ask(
      api.POST('/api/apiaries/{id}/weather-file/preview', {
        params: { path: { id: props.apiary.id }, query: { degrees: degrees.value } },
        body: { file: '' },
        bodySerializer: body,
      }),
    )
  })
  if (!looked) preview.value = null
}

async function bring(): Promise<void> {
  await attempt(async () => {
    const done = await ask(
      api.POST('/api/apiaries/{id}/weather-file/import', {
        params: {
          path: { id: props.apiary.id },
          query: {
            degrees: degrees.value,
            goodRowsOnly: (preview.value?.errors.length ?? 0) > 0,
            also: also.value,
          },
        },
        body: { file: '' },
        bodySerializer: body,
      }),
    )
    said.value = t('hours.weatherFileForm.brought', { hours: counted(done.hours, 'hour') })
    preview.value = null
    emit('brought')
  })
}

async function forget(): Promise<void> {
  await attempt(async () => {
    await ask(
      api.DELETE('/api/apiaries/{id}/weather-file', { params: { path: { id: props.apiary.id } } }),
    )
    said.value = t('hours.weatherFileForm.whatFilesSaidForgotten')
    emit('brought')
  })
}

function moment(at: string | undefined): string {
  if (!at) return ''
  const time = timeIn(props.apiary.zone, at)
  return `${dayOf(at.slice(0, 10))} ${time}`
}
</script>

<template>
  <div class="bar">
    <label class="file-pick">
      {{ t('hours.weatherFileForm.hourlyWeatherFromCsv') }}
      <input type="file" accept=".csv,text/csv,text/plain" @change="choose" />
    </label>
    <v-btn @click="forget">{{ t('hours.weatherFileForm.forgetWhatFilesSaid') }}</v-btn>
    <span role="status">{{ said }}</span>
  </div>
  <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  <section v-if="preview" class="sheet preview" :aria-label="t('hours.weatherFileForm.file')">
    <p>
      <strong>{{ counted(preview.hours, 'hour') }}</strong><template v-if="preview.first">{{
        t('hours.weatherFileForm.c', {
          first: moment(preview.first),
          last: moment(preview.last),
          coldest: inDegrees(preview.coldest ?? Number.NaN, 1),
          warmest: inDegrees(preview.warmest ?? Number.NaN, 1),
        })
      }}</template
      >. <span class="soft">{{ preview.readAs.map(inWords).join('; ') }}</span>
    </p>
    <div v-if="preview.asks" class="asks">
      <p role="alert" class="problem">{{ inWords(preview.asks) }}</p>
      <v-radio-group v-model="degrees" inline hide-details @update:model-value="look">
        <v-radio value="FAHRENHEIT" label="°F" />
        <v-radio value="CELSIUS" label="°C" />
      </v-radio-group>
    </div>
    <ul v-if="preview.holes.length">
      <li v-for="hole in preview.holes.slice(0, 12)" :key="hole.from">
        {{
          t('hours.weatherFileForm.holeFrom', {
            hours: counted(hole.hours, 'hour'),
            from: moment(hole.from),
            hours2:
              hole.hours <= 2
                ? t('hours.weatherFileForm.filledBetweenItsNeighbours')
                : t('hours.weatherFileForm.leftOpenUnknownUnless'),
          })
        }}
      </li>
      <li v-if="preview.holes.length > 12">
        {{ t('hours.weatherFileForm.moreHoles', { holes: preview.holes.length - 12 }) }}
      </li>
    </ul>
    <ul v-if="preview.errors.length" class="problem">
      <li v-for="each in preview.errors.slice(0, 12)" :key="each.line + each.column">
        {{
          t('hours.weatherFileForm.line', {
            line: each.line,
            column: each.column,
            found: each.found,
            says: inWords(each.says),
          })
        }}
      </li>
      <li v-if="preview.errors.length > 12">
        {{ t('hours.weatherFileForm.more', { errors: preview.errors.length - 12 }) }}
      </li>
    </ul>
    <v-select
      v-model="also"
      multiple
      density="compact"
      :label="t('hours.weatherFileForm.alsoForApiariesWith')"
      :items="others.map((each) => ({ value: each.id, title: each.name }))"
    />
    <v-btn v-if="preview.hours && !preview.asks" variant="flat" color="primary" @click="bring">
      {{
        preview.errors.length
          ? t('hours.weatherFileForm.bringGoodRowsOnly')
          : t('hours.weatherFileForm.bring')
      }}
    </v-btn>
  </section>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px 16px;
  margin-top: 14px;
}

.preview {
  margin-top: 10px;
  padding: 12px 16px;
}
</style>
