<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { dayOf } from '../shared/format'
import LineTable from '../shared/LineTable.vue'
import { keyOf } from './useSeason'
import { t } from '../words/words'

/** What would change if the plan were agreed: each round as it was and as it would be. */
const props = defineProps<{ view: Shapes['SeasonView'] }>()

const changes = computed(() => {
  const was = new Map(props.view.agreed.map((each) => [keyOf(each), each] as const))
  return (props.view.plan?.visits ?? [])
    .map((visit) => ({ visit, before: was.get(keyOf(visit)) }))
    .filter(
      ({ visit, before }) => before && (before.day !== visit.day || before.crewId !== visit.crewId),
    )
    .sort((one, other) => (one.before?.day ?? '').localeCompare(other.before?.day ?? ''))
})
const fresh = computed(
  () =>
    (props.view.plan?.visits ?? []).filter(
      (visit) => visit.day && !props.view.agreed.some((each) => keyOf(each) === keyOf(visit)),
    ).length,
)

function place(at: { crewId?: string; day?: string } | undefined): string {
  if (!at?.day) return t('seasonplan.beforeAfter.noDay')
  const crew = props.view.crews.find((each) => each.id === at.crewId)
  return t('seasonplan.beforeAfter.with', {
    day: dayOf(at.day),
    name: crew?.name ?? t('seasonplan.beforeAfter.crewGone'),
  })
}

function titleOf(visit: Shapes['PlacedVisit']): string {
  const series = props.view.allSeries.find((each) => each.series.id === visit.seriesId)
  return t('seasonplan.beforeAfter.round3', { apiary: series?.apiary, number: visit.number })
}
</script>

<template>
  <p v-if="fresh" role="status">
    {{
      t('seasonplan.beforeAfter.newNotAgreedYet', {
        fresh,
        fresh2:
          fresh === 1 ? t('seasonplan.beforeAfter.round') : t('seasonplan.beforeAfter.roundsAre'),
      })
    }}
  </p>
  <LineTable v-if="changes.length" :label="t('seasonplan.beforeAfter.whatWouldChange')">
    <thead>
      <tr>
        <th scope="col">{{ t('seasonplan.beforeAfter.round2') }}</th>
        <th scope="col">{{ t('seasonplan.beforeAfter.agreed') }}</th>
        <th scope="col">{{ t('seasonplan.beforeAfter.wouldBe') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="each in changes" :key="keyOf(each.visit)">
        <th scope="row">{{ titleOf(each.visit) }}</th>
        <td>{{ place(each.before) }}</td>
        <td>{{ place(each.visit) }}</td>
      </tr>
    </tbody>
  </LineTable>
</template>
