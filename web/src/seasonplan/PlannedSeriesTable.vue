<script setup lang="ts">
import type { Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import LineTable from '../shared/LineTable.vue'
import { t } from '../words/words'

/** Series that the season plan is to bring, or that go on in it. */
defineProps<{ allSeries: Shapes['SeasonView']['allSeries'] }>()
defineEmits<{ forget: [seriesId: string] }>()
</script>

<template>
  <h2>{{ t('seasonplan.workPage.plan') }}</h2>
  <LineTable :label="t('seasonplan.workPage.seriesPlan')">
    <thead>
      <tr>
        <th scope="col">{{ t('common.apiary') }}</th>
        <th scope="col">{{ t('seasonplan.workPage.series') }}</th>
        <th scope="col">{{ t('common.rounds') }}</th>
        <th scope="col">{{ t('seasonplan.workPage.gaps') }}</th>
        <th scope="col">{{ t('seasonplan.workPage.days') }}</th>
        <th scope="col">
          <span class="visually-hidden">{{ t('common.change') }}</span>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="each in allSeries" :key="each.series.id">
        <th scope="row">{{ each.apiary }}</th>
        <td>{{ each.series.name }}{{ each.going ? t('seasonplan.workPage.goesOn') : '' }}</td>
        <td class="figure">{{ each.next }}–{{ each.series.rounds }}</td>
        <td class="figure">
          {{
            t('seasonplan.workPage.wanted2', {
              leastGap: each.series.leastGap,
              mostGap: each.series.mostGap,
              wantedGap: each.series.wantedGap,
            })
          }}
        </td>
        <td>
          {{
            t('seasonplan.workPage.to2', {
              startOn: shortDay(each.series.startOn),
              lastDay: shortDay(each.series.lastDay),
            })
          }}
        </td>
        <td>
          <v-btn v-if="!each.going" size="small" @click="$emit('forget', each.series.id)">{{
            t('seasonplan.workPage.takeOut')
          }}</v-btn>
          <router-link v-else to="/spacing">{{ t('common.spacing') }}</router-link>
        </td>
      </tr>
    </tbody>
  </LineTable>
</template>
