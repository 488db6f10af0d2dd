<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Shapes } from '../api/client'
import { dayOf, timeIn } from '../shared/format'
import { hoursOf, letterOf } from './seasonWords'
import { keyOf } from './useSeason'
import { road } from '../shared/units/quantity'
import { t } from '../words/words'

/** One day: each crew's route; to lock, to open, to mend after rain. */
const props = defineProps<{ view: Shapes['SeasonView']; day: string; mayMove: boolean }>()
defineEmits<{ lock: [reason: string]; unlock: []; rainedOff: [reason: string] }>()

const reason = ref('')
const routes = computed(() =>
  (props.view.plan?.routes ?? []).filter((route) => route.day === props.day),
)
const agreedCrews = computed(
  () =>
    new Set(props.view.agreed.filter((each) => each.day === props.day).map((each) => each.crewId)),
)

function apiaryOf(seriesId: string): string {
  return props.view.allSeries.find((each) => each.series.id === seriesId)?.apiary ?? ''
}

function nameOf(crewId: string): string {
  const crew = props.view.crews.find((each) => each.id === crewId)
  return `${letterOf(props.view.crews, crewId)} · ${crew?.name ?? ''}`
}
</script>

<template>
  <section class="sheet panel" :aria-label="t('seasonplan.dayPanel.chosenDay')">
    <h2>{{ dayOf(day) }}</h2>
    <p v-if="view.locked[day]" class="problem">
      {{ t('seasonplan.dayPanel.locked', { day: view.locked[day] }) }}
    </p>
    <p v-if="routes.length === 0" class="soft">{{ t('seasonplan.dayPanel.nobodyGoesOut') }}</p>
    <div v-for="route in routes" :key="route.crewId" class="route">
      <strong>{{ nameOf(route.crewId) }}</strong><br />
      <span class="soft">
        {{
          t('seasonplan.dayPanel.onRoad', {
            leaves: timeIn(view.depot?.zone ?? 'UTC', route.leaves),
            back: timeIn(view.depot?.zone ?? 'UTC', route.back),
            km: road(route.km),
            drivingMinutes: hoursOf(route.drivingMinutes),
          })
        }}
      </span>
      <ol>
        <li v-for="stop in route.stops" :key="keyOf(stop)">
          {{
            t('seasonplan.dayPanel.round', {
              seriesId: apiaryOf(stop.seriesId),
              number: stop.number,
              begins: timeIn(view.depot?.zone ?? 'UTC', stop.begins),
              ends: timeIn(view.depot?.zone ?? 'UTC', stop.ends),
            })
          }}
        </li>
      </ol>
      <router-link
        v-if="agreedCrews.has(route.crewId)"
        :to="`/season/day/${route.crewId}/${day}`"
        >{{ t('seasonplan.dayPanel.daySheet') }}</router-link
      >
    </div>
    <div v-if="mayMove" class="buttons">
      <v-text-field
        v-model="reason"
        density="compact"
        :label="t('seasonplan.dayPanel.reason')"
        hide-details
      />
      <v-btn
        v-if="!view.locked[day]"
        @click="$emit('lock', reason || t('seasonplan.dayPanel.locked2'))"
        >{{ t('seasonplan.dayPanel.lockDay') }}</v-btn
      >
      <v-btn v-else @click="$emit('unlock')">{{ t('seasonplan.dayPanel.openDay') }}</v-btn>
      <v-btn
        v-if="routes.length"
        @click="$emit('rainedOff', reason || t('seasonplan.dayPanel.rainedOff'))"
        >{{ t('seasonplan.dayPanel.rainedOffMoveIts') }}</v-btn
      >
    </div>
  </section>
</template>

<style scoped>
.panel {
  padding: 12px 14px;
}

.route {
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}

ol {
  margin: 2px 0;
  padding-left: 22px;
}

.buttons {
  display: grid;
  gap: 10px;
  margin-top: 12px;
}
</style>
