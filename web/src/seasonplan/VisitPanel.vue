<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { addDays, daysBetween } from '../shared/days'
import { dayOf, timeIn } from '../shared/format'
import { hoursOf } from './seasonWords'
import { keyOf } from './useSeason'

/** One round: when, with whom, what bent and why; to move and to pin. */
const props = defineProps<{
  view: Shapes['SeasonView']
  visit: Shapes['PlacedVisit']
  mayMove: boolean
}>()
const emit = defineEmits<{ put: [place: Shapes['NewPlace']] }>()

const series = computed(() =>
  props.view.allSeries.find((each) => each.series.id === props.visit.seriesId),
)
const zone = computed(
  () =>
    props.view.yards.find((each) => each.id === series.value?.series.apiaryId)?.zone ??
    props.view.depot?.zone ??
    'UTC',
)
const stop = computed(() =>
  props.view.plan?.routes
    .flatMap((route) => route.stops)
    .find((each) => keyOf(each) === keyOf(props.visit)),
)
const bends = computed(() =>
  (props.view.plan?.bends ?? []).filter((bend) => keyOf(bend) === keyOf(props.visit)),
)
const days = computed(() =>
  Array.from({ length: daysBetween(props.view.span.from, props.view.span.to) + 1 }, (_, i) => {
    const day = addDays(props.view.span.from, i)
    return { value: day, title: dayOf(day) }
  }),
)

function put(crewId: string | undefined, day: string | undefined, pinned: boolean): void {
  emit('put', { crewId, day, pinned })
}
</script>

<template>
  <section class="sheet panel" aria-label="Chosen round">
    <h2>{{ series?.apiary }}, round {{ visit.number }} of {{ series?.series.rounds }}</h2>
    <p>{{ series?.series.name }}</p>
    <p v-if="stop">
      <strong>{{ dayOf(visit.day ?? '') }}</strong>, arrives {{ timeIn(zone, stop.arrives) }}, works
      {{ timeIn(zone, stop.begins) }} to
      {{ timeIn(zone, stop.ends) }}
      ({{ hoursOf((Date.parse(stop.ends) - Date.parse(stop.begins)) / 60_000) }})
    </p>
    <p v-if="stop && stop.expectedMinutes > 0" class="soft">
      To be confirmed: no source tells of these hours yet. They are usual for the date, by the sun
      and by latitude and height; the crew is told so.
    </p>
    <ul v-if="bends.length" class="bends">
      <li v-for="bend in bends" :key="bend.kind + bend.says">{{ bend.says }}</li>
    </ul>
    <p v-else class="soft">Nothing bent here.</p>
    <template v-if="mayMove">
      <div class="form-grid where">
        <v-select
          :model-value="visit.day"
          label="Day"
          density="compact"
          :items="days"
          @update:model-value="put(visit.crewId ?? view.crews[0]?.id, $event, true)"
        />
        <v-select
          :model-value="visit.crewId"
          label="Crew"
          density="compact"
          :items="view.crews.map((crew) => ({ value: crew.id, title: crew.name }))"
          :disabled="!visit.day"
          @update:model-value="put($event, visit.day, true)"
        />
      </div>
      <div class="buttons">
        <v-btn
          v-if="visit.day"
          :aria-pressed="visit.pinned"
          @click="put(visit.crewId, visit.day, !visit.pinned)"
          >{{ visit.pinned ? 'Let it move' : 'Pin it here' }}</v-btn
        >
        <v-btn v-if="visit.day" @click="put(undefined, undefined, false)"
          >Take it off its day</v-btn
        >
      </div>
    </template>
  </section>
</template>

<style scoped>
.panel {
  padding: 12px 14px;
}

.bends {
  margin: 6px 0;
  padding-left: 18px;
}

.where {
  --field: 140px;

  margin-top: 10px;
}

.buttons {
  margin-top: 10px;
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
