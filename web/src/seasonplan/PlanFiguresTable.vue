<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { hoursOf } from './seasonWords'
import { road } from '../shared/units/quantity'

/** Plans in figures, side by side. */
const props = defineProps<{
  plan: Shapes['PlanSummary']
  byHand?: Shapes['PlanSummary']
  whatIfs: readonly Shapes['WhatIfAnswer'][]
}>()

const lines = computed(() => [
  { name: 'The plan', figures: props.plan },
  ...(props.byHand ? [{ name: 'By hand: each on its next free day', figures: props.byHand }] : []),
  ...props.whatIfs.map((each) => ({ name: 'With ' + each.words, figures: each.figures })),
])
</script>

<template>
  <LineTable label="Plans in figures">
    <thead>
      <tr>
        <th scope="col">Plan</th>
        <th scope="col">Missed</th>
        <th scope="col">Broken</th>
        <th scope="col">Gaps off</th>
        <th scope="col">Late</th>
        <th scope="col">Way</th>
        <th scope="col">On the road</th>
        <th scope="col">Crew time</th>
        <th scope="col">Of the reserve</th>
        <th scope="col">Uneven by</th>
        <th scope="col">Crew days</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="line in lines" :key="line.name">
        <th scope="row">{{ line.name }}</th>
        <td class="figure">{{ line.figures.missed }} of {{ line.figures.visits }}</td>
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
