<script setup lang="ts">
import { ref } from 'vue'
import { api, ask, words, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { money } from './money'
import { t } from '../words/words'
import { weight } from '../shared/units/quantity'

/** What each hive of an apiary cost in a year: its part of every round that it was treated in. */
const props = defineProps<{ of: Shapes['CostedApiary']; year: number }>()
const hives = ref<Shapes['CostedHive'][] | null>(null)
const problem = ref('')

ask(
  api.GET('/api/stock/costs/{apiaryId}', {
    params: { path: { apiaryId: props.of.apiaryId ?? '' }, query: { year: props.year } },
  }),
)
  .then((answer) => (hives.value = answer))
  .catch((thrown: unknown) => (problem.value = words(thrown)))
</script>

<template>
  <section :aria-label="t('stock.hiveCosts.costsByHive', { apiary: of.apiary })">
    <h3>{{ t('stock.hiveCosts.hiveByHive', { apiary: of.apiary }) }}</h3>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <template v-if="hives">
      <p class="soft">
        {{ t('stock.hiveCosts.hivesPartAcidGoes') }}
      </p>
      <LineTable :label="t('stock.hiveCosts.costsByHive', { apiary: of.apiary })">
        <thead>
          <tr>
            <th scope="col">{{ t('common.hive') }}</th>
            <th scope="col">{{ t('common.treatments') }}</th>
            <th scope="col">{{ t('common.product2') }}</th>
            <th scope="col">{{ t('common.acid') }}</th>
            <th scope="col">{{ t('stock.hiveCosts.peoplesTime') }}</th>
            <th scope="col">{{ t('stock.hiveCosts.wearTools') }}</th>
            <th scope="col">{{ t('stock.hiveCosts.driving') }}</th>
            <th scope="col">{{ t('stock.hiveCosts.knownTogether') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in hives" :key="each.hiveId">
            <th scope="row">{{ each.hive }}</th>
            <td class="figure">{{ each.treatments }}</td>
            <td class="figure">{{ weight(each.productGrams, 1) }}</td>
            <td class="figure">{{ money(each.cost.acid) }}</td>
            <td class="figure">{{ money(each.cost.work) }}</td>
            <td class="figure">{{ money(each.cost.wear) }}</td>
            <td class="figure">{{ money(each.cost.driving) }}</td>
            <td class="figure">
              <strong>{{ money(each.known) }}</strong>
            </td>
          </tr>
        </tbody>
      </LineTable>
    </template>
  </section>
</template>
