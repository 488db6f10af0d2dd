<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { addDays, daysBetween } from '../shared/days'
import { dayOf, timeIn } from '../shared/format'
import { hoursOf } from './seasonWords'
import { keyOf } from './useSeason'
import { t } from '../words/words'
import { inWords } from '../words/facts'

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
  <section class="sheet panel" :aria-label="t('seasonplan.visitPanel.chosenRound')">
    <h2>
      {{
        t('seasonplan.visitPanel.round', {
          apiary: series?.apiary,
          number: visit.number,
          rounds: series?.series.rounds,
        })
      }}
    </h2>
    <p>{{ series?.series.name }}</p>
    <p v-if="stop">
      <i18n-t keypath="seasonplan.visitPanel.arrivesWorks" scope="global"
        ><template #strong
          ><strong>{{ dayOf(visit.day ?? '') }}</strong></template
        ><template #arrives>{{ timeIn(zone, stop.arrives) }}</template
        ><template #begins>{{ timeIn(zone, stop.begins) }}</template
        ><template #ends>{{ timeIn(zone, stop.ends) }}</template
        ><template #begins2>{{
          hoursOf((Date.parse(stop.ends) - Date.parse(stop.begins)) / 60_000)
        }}</template></i18n-t
      >
    </p>
    <p v-if="stop && stop.expectedMinutes > 0" class="soft">
      {{ t('seasonplan.visitPanel.beConfirmedNoSource') }}
    </p>
    <ul v-if="bends.length" class="bends">
      <li v-for="(bend, i) in bends" :key="i">{{ inWords(bend.says) }}</li>
    </ul>
    <p v-else class="soft">{{ t('seasonplan.visitPanel.nothingBentHere') }}</p>
    <template v-if="mayMove">
      <div class="form-grid where">
        <v-select
          :model-value="visit.day"
          :label="t('common.day')"
          density="compact"
          :items="days"
          @update:model-value="put(visit.crewId ?? view.crews[0]?.id, $event, true)"
        />
        <v-select
          :model-value="visit.crewId"
          :label="t('seasonplan.visitPanel.crew')"
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
          >{{
            visit.pinned ? t('seasonplan.visitPanel.letMove') : t('seasonplan.visitPanel.pinHere')
          }}</v-btn
        >
        <v-btn v-if="visit.day" @click="put(undefined, undefined, false)">{{
          t('seasonplan.visitPanel.takeOffItsDay')
        }}</v-btn>
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
