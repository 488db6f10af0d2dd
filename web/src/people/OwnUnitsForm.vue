<script setup lang="ts">
import { computed, ref } from 'vue'
import { timeIn, dayOf } from '../shared/format'
import { useRequest } from '../shared/request'
import { degrees, litres, road, weight, windSpeed } from '../shared/units/quantity'
import { keepUnits } from '../shared/units/ownUnits'
import { ownUnits, unitsNow, type Units } from '../shared/units/units'
import { t } from '../words/words'

/** In which units a person reads and writes, with an example beside them; they hold at once, on all devices. */
const { problem, attempt } = useRequest()
const said = ref('')

const CHOICES: {
  [K in keyof Units]: { label: string; items: { value: Units[K]; title: string }[] }
} = {
  temperature: {
    label: t('people.ownUnitsForm.temperatures'),
    items: [
      { value: 'CELSIUS', title: '°C' },
      { value: 'FAHRENHEIT', title: '°F' },
    ],
  },
  wind: {
    label: t('common.wind'),
    items: [
      { value: 'METRES_A_SECOND', title: 'm/s' },
      { value: 'KILOMETRES_AN_HOUR', title: 'km/h' },
      { value: 'MILES_AN_HOUR', title: 'mph' },
    ],
  },
  road: {
    label: t('people.ownUnitsForm.roads'),
    items: [
      { value: 'KILOMETRES', title: 'km' },
      { value: 'MILES', title: t('people.ownUnitsForm.miles') },
    ],
  },
  mass: {
    label: t('people.ownUnitsForm.weights'),
    items: [
      { value: 'GRAMS', title: t('people.ownUnitsForm.grams') },
      { value: 'GRAINS', title: t('people.ownUnitsForm.grains') },
      { value: 'OUNCES', title: t('people.ownUnitsForm.ounces') },
    ],
  },
  measures: {
    label: t('people.ownUnitsForm.measures'),
    items: [
      { value: 'WEIGHT_FIRST', title: t('people.ownUnitsForm.weightFirst') },
      { value: 'SCOOPS_FIRST', title: t('people.ownUnitsForm.scoopsFirst') },
    ],
  },
  volume: {
    label: t('people.ownUnitsForm.volumes'),
    items: [
      { value: 'LITRES', title: t('people.ownUnitsForm.litres') },
      { value: 'US_GALLONS', title: t('people.ownUnitsForm.gallons') },
    ],
  },
  clock: {
    label: t('people.ownUnitsForm.clock'),
    items: [
      { value: 'HOURS_24', title: '24 h' },
      { value: 'HOURS_12', title: t('people.ownUnitsForm.amPm') },
    ],
  },
  dates: {
    label: t('people.ownUnitsForm.dates'),
    items: [
      { value: 'DAY_MONTH', title: t('people.ownUnitsForm.dayFirst') },
      { value: 'MONTH_DAY', title: t('people.ownUnitsForm.monthFirst') },
    ],
  },
  decimals: {
    label: t('people.ownUnitsForm.decimals'),
    items: [
      { value: 'POINT', title: '2.1' },
      { value: 'COMMA', title: '2,1' },
    ],
  },
  weekStart: {
    label: t('people.ownUnitsForm.weekStart'),
    items: [
      { value: 'MONDAY', title: t('people.ownUnitsForm.monday') },
      { value: 'SATURDAY', title: t('people.ownUnitsForm.saturday') },
      { value: 'SUNDAY', title: t('people.ownUnitsForm.sunday') },
    ],
  },
}
const example = computed(() =>
  t('people.ownUnitsForm.windDrive', {
    dayOf: dayOf('2026-08-18'),
    timeIn: timeIn('UTC', '2026-08-18T14:05:00Z'),
    degrees: degrees(14.1),
    windSpeed: windSpeed(1.5),
    road: road(12),
    weight: weight(2.1, 1),
    water: litres(10),
  }),
)

async function choose<K extends keyof Units>(which: K, value: Units[K]): Promise<void> {
  said.value = ''
  if (await attempt(() => keepUnits({ ...unitsNow(), [which]: value })))
    said.value = t('common.kept')
}
</script>

<template>
  <section aria-labelledby="own-units">
    <h2 id="own-units">{{ t('people.ownUnitsForm.myUnits') }}</h2>
    <p class="soft">
      {{ t('people.ownUnitsForm.theyChangeHowYou') }}
    </p>
    <div class="form-grid">
      <v-select
        v-for="(choice, which) in CHOICES"
        :key="which"
        density="compact"
        :label="choice.label"
        :items="choice.items"
        :model-value="unitsNow()[which]"
        @update:model-value="choose(which, $event)"
      />
    </div>
    <p role="status">
      <strong>{{ example }}</strong><template v-if="!ownUnits">{{
        ' ' + t('people.ownUnitsForm.asThisDevicesRegion')
      }}</template>
      {{ said }}
    </p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </section>
</template>

<style scoped>
section {
  max-width: 760px;
}
</style>
