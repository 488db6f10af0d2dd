<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { useServerNow } from '../shared/clock'
import { dayOf, timeIn } from '../shared/format'
import { numberIn, roughly } from '../shared/numbers'
import { useSession } from '../shared/session'
import FolderFiles from './FolderFiles.vue'
import ForecastBand from './ForecastBand.vue'
import HourGrid from './HourGrid.vue'
import LearnedNote from './LearnedNote.vue'
import OwnForecastForm from './OwnForecastForm.vue'
import OwnHoursForm from '../shared/OwnHoursForm.vue'
import WeatherFileForm from './WeatherFileForm.vue'
import { GRADES } from '../shared/gradeWords'
import PageState from '../shared/layout/PageState.vue'
import { useForm } from '../shared/request'
import QuantityField from '../shared/units/QuantityField.vue'
import { degrees, rainfall, windSpeed } from '../shared/units/quantity'
import { reasonWords, warmthWords } from '../shared/hourWords'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** Which hours of the next ten days suit, and why the others do not. */
const props = defineProps<{ id: string }>()
const session = useSession()
const inHand = useApiaryInHand()
const now = useServerNow(30_000)
const hours = ref<Shapes['NextHours'] | null>(null)
const sheets = ref<Shapes['RuleSheet'][]>([])
const chosen = ref<{ hour: Shapes['GradedHour']; day: Shapes['YardDay'] } | null>(null)
const own = ref({ from: '', to: '' })
const { problem, wrong, attempt } = useForm()
const OWN = 'OWN'

const presets = computed(() => [
  ...(hours.value?.presets.map((each) => ({
    value: each.preset as string,
    title: warmthWords(each.warmth),
  })) ?? []),
  { value: OWN, title: t('hours.hoursPage.myOwnRange') },
])
const preset = ref<string>('')
/** Who tells of the days, each once. */
const sources = computed(() => [
  ...new Set(
    (hours.value?.days ?? [])
      .filter((day) => day.hours.some((hour) => hour.weather))
      .map((day) => inWords(day.source)),
  ),
])
const labels = computed(() => [
  { value: '', title: t('common.none') },
  ...sheets.value
    .filter((sheet) => sheet.minCelsius !== undefined || sheet.maxCelsius !== undefined)
    .map((sheet) => ({ value: sheet.id, title: sheet.name })),
])

function show(found: Shapes['NextHours']): void {
  hours.value = found
  preset.value = found.choice.preset ?? OWN
  own.value = {
    from: found.choice.ownFrom?.toString() ?? own.value.from,
    to: found.choice.ownTo?.toString() ?? own.value.to,
  }
}

async function load(): Promise<void> {
  const id = props.id
  chosen.value = null
  await attempt(async () => {
    const [found, all] = await Promise.all([
      ask(api.GET('/api/apiaries/{id}/hours', { params: { path: { id } } })),
      ask(api.GET('/api/rule-sheets')),
    ])
    show(found)
    sheets.value = all
    void inHand.take(id)
  })
}
watch(() => props.id, load, { immediate: true })

async function choose(sheetId?: string): Promise<void> {
  const isOwn = preset.value === OWN
  if (isOwn && !(own.value.from.trim() && own.value.to.trim())) return
  await attempt(async () => {
    show(
      await ask(
        api.PUT('/api/apiaries/{id}/hours/choice', {
          params: { path: { id: props.id } },
          body: {
            preset: isOwn ? undefined : (preset.value as Shapes['HourChoice']['preset']),
            ownFrom: isOwn ? numberIn(own.value.from) : undefined,
            ownTo: isOwn ? numberIn(own.value.to) : undefined,
            ruleSheetId:
              sheetId === undefined ? hours.value?.choice.ruleSheetId : sheetId || undefined,
          },
        }),
      ),
    )
    void inHand.refresh()
  })
}
</script>

<template>
  <PageState
    :there="hours !== null"
    :problem="problem"
    :what="t('hours.hoursPage.hours')"
    @again="load()"
  />
  <template v-if="hours">
    <div class="head">
      <h1>{{ t('hours.hoursPage.hours2', { name: hours.apiary.name }) }}</h1>
      <router-link :to="`/apiaries/${id}`">{{ t('common.apiary') }}</router-link>
      <span v-if="hours.madeUp" class="madeUp">{{ t('hours.hoursPage.someThisWeatherMade') }}</span>
      <span v-else-if="sources.length" class="soft">{{ sources[0] }}</span>
    </div>
    <div v-if="session.isKeeper" class="choices">
      <v-select
        v-model="preset"
        density="compact"
        :label="t('hours.hoursPage.presetWarmth')"
        :items="presets"
        @update:model-value="choose()"
      />
      <template v-if="preset === OWN">
        <QuantityField
          v-model="own.from"
          density="compact"
          kind="temperature"
          :label="t('common.from')"
          :error-messages="wrong.ownFrom"
          @change="choose()"
        />
        <QuantityField
          v-model="own.to"
          density="compact"
          kind="temperature"
          :label="t('common.to')"
          :error-messages="wrong.ownTo"
          @change="choose()"
        />
      </template>
      <v-select
        density="compact"
        :label="t('hours.hoursPage.ruleSheetWithTemperatures')"
        :model-value="hours.choice.ruleSheetId ?? ''"
        :items="labels"
        :error-messages="wrong.ruleSheetId"
        @update:model-value="choose($event)"
      />
    </div>
    <p v-if="hours.days.length === 0">
      <i18n-t keypath="hours.hoursPage.noLightHoursYet" scope="global"
        ><template #link
          ><router-link :to="`/apiaries/${id}`">{{
            t('hours.hoursPage.itsPage')
          }}</router-link></template
        ></i18n-t
      >
    </p>
    <p v-if="hours.days.length && sources.length === 0" class="untold">
      {{ t('hours.hoursPage.noSourceTellsThese') }}
    </p>
    <OwnForecastForm
      v-if="session.mayWork && hours.days.length && sources.length === 0"
      :apiary="hours.apiary"
      :days="hours.days"
      :forecasts="hours.forecasts"
      @kept="load"
    />
    <ForecastBand v-if="sources.length" :days="hours.days" />
    <div v-if="hours.days.length" class="hours">
      <HourGrid
        :days="hours.days"
        :now="now"
        :chosen="chosen?.hour.hour"
        :several="sources.length > 1"
        :held="hours.held"
        @choose="(hour, day) => (chosen = { hour, day })"
      />
      <aside class="sheet one" :aria-label="t('hours.hoursPage.hour')" aria-live="polite">
        <template v-if="chosen">
          <h2>
            {{ dayOf(chosen.day.date) }}, {{ timeIn(chosen.day.zone, chosen.hour.hour) }}:
            {{ GRADES[chosen.hour.grade].words }}
          </h2>
          <p v-if="chosen.hour.weather" class="figure">
            <i18n-t keypath="hours.hoursPage.windRainMm" scope="global"
              ><template #celsius>{{ degrees(chosen.hour.weather.celsius) }}</template
              ><template #windMs>{{ windSpeed(chosen.hour.weather.windMs) }}</template
              ><template #rainMm>{{ rainfall(chosen.hour.weather.rainMm) }}</template
              ><template #span
                ><span :class="chosen.hour.madeUp ? 'madeUp' : 'soft'">{{
                  inWords(chosen.hour.source)
                }}</span></template
              ></i18n-t
            >
          </p>
          <p v-if="chosen.hour.weather">
            {{ t('hours.hoursPage.reachesMitesOnBees', { reach: roughly(chosen.hour.reach) }) }}
          </p>
          <ul v-if="chosen.hour.reasons.length">
            <li v-for="reason in chosen.hour.reasons" :key="reason.code">
              {{ reasonWords(reason, chosen.day.warmth) }}
            </li>
          </ul>
          <p v-if="chosen.hour.advice">
            <strong>{{ t('hours.hoursPage.mind') }}</strong> {{ inWords(chosen.hour.advice) }}.
          </p>
        </template>
        <p v-else class="soft">{{ t('hours.hoursPage.pressHourSeeWhy') }}</p>
        <p class="legend">
          <span v-for="(grade, key) in GRADES" :key="key">{{ grade.shape }} {{ grade.words }}</span>
        </p>
        <p class="soft">
          {{
            t('hours.hoursPage.poorHourBeatsNo', {
              madeUp: hours.madeUp ? t('hours.hoursPage.thisWeatherMadeUp') : '',
            })
          }}
        </p>
      </aside>
    </div>
    <LearnedNote :learned="hours.learned" :held="hours.held" />
    <OwnForecastForm
      v-if="session.mayWork && sources.length > 0"
      :apiary="hours.apiary"
      :days="hours.days"
      :forecasts="hours.forecasts"
      @kept="load"
    />
    <WeatherFileForm v-if="session.isKeeper" :apiary="hours.apiary" @brought="load" />
    <FolderFiles v-if="session.isKeeper" :files="hours.folder" :zone="hours.apiary.zone" />
    <OwnHoursForm />
  </template>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 20px;
}

.madeUp {
  color: var(--caution);
  font-weight: 650;
}

.untold {
  margin: 10px 0;
  padding: 10px 14px;
  max-width: 80ch;
  border-left: 6px solid var(--caution);
}

.choices {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 300px));
  gap: 10px;
  margin: 10px 0;
}

.hours {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 20px;
  align-items: start;
}

.one {
  position: sticky;
  top: 100px;
  display: grid;
  gap: 8px;
  padding: 14px 16px;
}

.one p,
.one h2 {
  margin: 0;
}

.one ul {
  margin: 0;
  padding-left: 20px;
}

.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
}

@media (width <= 900px) {
  .hours {
    grid-template-columns: 1fr;
  }
}
</style>
