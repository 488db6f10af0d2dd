<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { hoursOf } from './seasonWords'
import { road } from '../shared/units/quantity'
import { t } from '../words/words'
import { wordOf } from '../words/facts'

/** Plans in figures, side by side. */
const props = defineProps<{
  plan: Shapes['PlanSummary']
  byHand?: Shapes['PlanSummary']
  whatIfs: readonly Shapes['WhatIfAnswer'][]
}>()

const lines = computed(() => [
  { name: t('common.plan'), figures: props.plan },
  ...(props.byHand
    ? [{ name: t('seasonplan.planFiguresTable.byHandEachOn'), figures: props.byHand }]
    : []),
  ...props.whatIfs.map((each) => ({
    name: t('seasonplan.planFiguresTable.with', { words: wordOf(`WhatIf.${each.what}`) }),
    figures: each.figures,
  })),
])
</script>

<template>
  <LineTable :label="t('seasonplan.planFiguresTable.plansFigures')">
    <thead>
      <tr>
        <th scope="col">{{ t('seasonplan.planFiguresTable.plan') }}</th>
        <th scope="col">{{ t('seasonplan.planFiguresTable.missed') }}</th>
        <th scope="col">{{ t('seasonplan.planFiguresTable.broken') }}</th>
        <th scope="col">{{ t('seasonplan.planFiguresTable.gapsOff') }}</th>
        <th scope="col">{{ t('seasonplan.planFiguresTable.late') }}</th>
        <th scope="col">{{ t('common.way') }}</th>
        <th scope="col">{{ t('seasonplan.planFiguresTable.onRoad') }}</th>
        <th scope="col">{{ t('seasonplan.planFiguresTable.crewTime') }}</th>
        <th scope="col">{{ t('seasonplan.planFiguresTable.reserve') }}</th>
        <th scope="col">{{ t('seasonplan.planFiguresTable.unevenBy') }}</th>
        <th scope="col">{{ t('seasonplan.planFiguresTable.crewDays') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="line in lines" :key="line.name">
        <th scope="row">{{ line.name }}</th>
        <td class="figure">
          {{
            t('seasonplan.planFiguresTable.of', {
              missed: line.figures.missed,
              visits: line.figures.visits,
            })
          }}
        </td>
        <td class="figure">{{ line.figures.broken }}</td>
        <td class="figure">{{ line.figures.gapDaysOff }} d</td>
        <td class="figure">{{ line.figures.lateRounds }}</td>
        <td class="figure">{{ road(line.figures.km) }}</td>
        <td class="figure">{{ hoursOf(line.figures.drivingMinutes) }}</td>
        <td class="figure">{{ hoursOf(line.figures.crewMinutes) }}</td>
        <td class="figure">{{ hoursOf(line.figures.reserveMinutes) }}</td>
        <td class="figure">{{ hoursOf(line.figures.unevenMinutes) }}</td>
        <td class="figure">{{ line.figures.crewDays }}</td>
      </tr>
    </tbody>
  </LineTable>
</template>
