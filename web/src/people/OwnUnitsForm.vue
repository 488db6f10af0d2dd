<script setup lang="ts">
import { computed, ref } from 'vue'
import { timeIn, dayOf } from '../shared/format'
import { useRequest } from '../shared/request'
import { degrees, road, windSpeed } from '../shared/units/quantity'
import { keepUnits, ownUnits, unitsNow, type Units } from '../shared/units/units'

/** In which units a person reads and writes, with an example beside them; they hold at once, on all devices. */
const { problem, attempt } = useRequest()
const said = ref('')

const CHOICES: {
  [K in keyof Units]: { label: string; items: { value: Units[K]; title: string }[] }
} = {
  temperature: {
    label: 'Temperatures',
    items: [
      { value: 'CELSIUS', title: '°C' },
      { value: 'FAHRENHEIT', title: '°F' },
    ],
  },
  wind: {
    label: 'Wind',
    items: [
      { value: 'METRES_A_SECOND', title: 'm/s' },
      { value: 'KILOMETRES_AN_HOUR', title: 'km/h' },
      { value: 'MILES_AN_HOUR', title: 'mph' },
    ],
  },
  road: {
    label: 'Roads',
    items: [
      { value: 'KILOMETRES', title: 'km' },
      { value: 'MILES', title: 'miles' },
    ],
  },
  clock: {
    label: 'Clock',
    items: [
      { value: 'HOURS_24', title: '24 h' },
      { value: 'HOURS_12', title: 'am and pm' },
    ],
  },
  dates: {
    label: 'Dates',
    items: [
      { value: 'DAY_MONTH', title: 'day first' },
      { value: 'MONTH_DAY', title: 'month first' },
    ],
  },
}
const example = computed(
  () =>
    `${dayOf('2026-08-18')}, ${timeIn('UTC', '2026-08-18T14:05:00Z')}: ${degrees(14.1)}, wind ${windSpeed(1.5)}, ${road(12)} to drive`,
)

async function choose<K extends keyof Units>(which: K, value: Units[K]): Promise<void> {
  said.value = ''
  if (await attempt(() => keepUnits({ ...unitsNow(), [which]: value }))) said.value = 'Kept.'
}
</script>

<template>
  <section aria-labelledby="own-units">
    <h2 id="own-units">My units</h2>
    <p class="soft">
      They change how you read and type values, not what is kept. In fields you may write another
      unit behind the figure, as “41 °F” or “10 km/h”. Grams stay grams; what labels, results and
      papers say is still in °C.
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
      <strong>{{ example }}</strong><template v-if="!ownUnits">
        · as this device’s region has it</template
      >
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
