<script setup lang="ts">
import { ref } from 'vue'
import { api, ask, words, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { money } from './money'

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
  <section :aria-label="`Costs by hive in ${of.apiary}`">
    <h3>{{ of.apiary }}, hive by hive</h3>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <template v-if="hives">
      <p class="soft">
        A hive’s part of the acid goes by its grams, of the wear by its burns; people’s time and the
        drive are shared alike by the hives of a round.
      </p>
      <LineTable :label="`Costs by hive in ${of.apiary}`">
        <thead>
          <tr>
            <th scope="col">Hive</th>
            <th scope="col">Treatments</th>
            <th scope="col">Product</th>
            <th scope="col">Acid</th>
            <th scope="col">People’s time</th>
            <th scope="col">Wear of tools</th>
            <th scope="col">Driving</th>
            <th scope="col">Known together</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in hives" :key="each.hiveId">
            <th scope="row">{{ each.hive }}</th>
            <td class="figure">{{ each.treatments }}</td>
            <td class="figure">{{ each.productGrams.toFixed(1) }} g</td>
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
