<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { counted, dayOf } from '../shared/format'
import HiveCosts from './HiveCosts.vue'
import { money } from './money'
import { useRequest } from '../shared/request'
import { t } from '../words/words'
import { fixed } from '../shared/numbers'
import { inWords } from '../words/facts'
import { weight } from '../shared/units/quantity'

/** What a year's rounds cost: by hive and round, by apiary, and what is in no figure. */
const props = defineProps<{ thisYear: number }>()
const year = ref(props.thisYear)
const costs = ref<Shapes['CostedYear'] | null>(null)
const byRound = ref(false)
const shown = ref('')
const opened = computed(() => costs.value?.apiaries.find((each) => each.apiaryId === shown.value))
const { problem, attempt } = useRequest()
const years = computed(() => Array.from({ length: 6 }, (_, i) => props.thisYear - i))

watch(
  year,
  async (of) => {
    await attempt(async () => {
      const answer = await ask(api.GET('/api/stock/costs', { params: { query: { year: of } } }))
      if (year.value === of) costs.value = answer
    })
  },
  { immediate: true },
)
</script>

<template>
  <v-select
    v-model="year"
    :items="years"
    :label="t('common.year')"
    density="compact"
    class="year"
  />
  <p v-if="problem" role="alert">{{ problem }}</p>
  <template v-if="costs">
    <p v-if="costs.all.rounds === 0">
      {{ t('stock.yearCosts.noRoundWasRun', { year: costs.year }) }}
    </p>
    <template v-else>
      <p class="big">
        <i18n-t keypath="stock.yearCosts.hiveRoundAsFar" scope="global"
          ><template #strong
            ><strong class="figure">{{ money(costs.all.perTreatment) }}</strong></template
          ><template #span
            ><span class="figure">{{ money(costs.all.known) }}</span></template
          ><template #treatments>{{ counted(costs.all.treatments, 'treatment') }}</template
          ><template #rounds>{{ counted(costs.all.rounds, 'round') }}</template></i18n-t
        >
      </p>
      <p class="soft">
        {{
          t('stock.yearCosts.noFigure', {
            leftOut: costs.leftOut.map(inWords).join('; '),
          })
        }}
      </p>
      <LineTable :label="t('stock.yearCosts.costsByApiary')">
        <thead>
          <tr>
            <th scope="col">{{ t('common.apiary') }}</th>
            <th scope="col">{{ t('common.rounds') }}</th>
            <th scope="col">{{ t('common.treatments') }}</th>
            <th scope="col">{{ t('common.acid') }}</th>
            <th scope="col">{{ t('stock.yearCosts.peoplesTime') }}</th>
            <th scope="col">{{ t('stock.yearCosts.wearTools') }}</th>
            <th scope="col">{{ t('stock.yearCosts.driving') }}</th>
            <th scope="col">{{ t('stock.yearCosts.knownTogether') }}</th>
            <th scope="col">{{ t('stock.yearCosts.hiveRound') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in costs.apiaries" :key="each.apiaryId">
            <th scope="row">
              <button
                type="button"
                class="word"
                :aria-expanded="shown === each.apiaryId"
                :aria-label="t('stock.yearCosts.costsByHive', { apiary: each.apiary })"
                @click="shown = shown === each.apiaryId ? '' : (each.apiaryId ?? '')"
              >
                {{ each.apiary }}
              </button>
            </th>
            <td class="figure">{{ each.rounds }}</td>
            <td class="figure">{{ each.treatments }}</td>
            <td class="figure">{{ money(each.cost.acid) }}</td>
            <td class="figure">{{ money(each.cost.work) }}</td>
            <td class="figure">{{ money(each.cost.wear) }}</td>
            <td class="figure">{{ money(each.cost.driving) }}</td>
            <td class="figure">{{ money(each.known) }}</td>
            <td class="figure">
              <strong>{{ money(each.perTreatment) }}</strong>
            </td>
          </tr>
        </tbody>
      </LineTable>
      <HiveCosts
        v-if="opened"
        :key="`${opened.apiaryId}${costs.year}`"
        :of="opened"
        :year="costs.year"
      />
      <button type="button" class="word" :aria-expanded="byRound" @click="byRound = !byRound">
        {{ byRound ? t('stock.yearCosts.withoutRounds') : t('stock.yearCosts.roundByRound') }}
      </button>
      <LineTable v-if="byRound" :label="t('stock.yearCosts.costsByRound')">
        <thead>
          <tr>
            <th scope="col">{{ t('common.day') }}</th>
            <th scope="col">{{ t('common.apiary') }}</th>
            <th scope="col">{{ t('common.hives') }}</th>
            <th scope="col">{{ t('common.product2') }}</th>
            <th scope="col">{{ t('stock.yearCosts.hoursAllPeople') }}</th>
            <th scope="col">{{ t('common.acid') }}</th>
            <th scope="col">{{ t('stock.yearCosts.peoplesTime') }}</th>
            <th scope="col">{{ t('stock.yearCosts.wearTools') }}</th>
            <th scope="col">{{ t('stock.yearCosts.driving') }}</th>
            <th scope="col">{{ t('stock.yearCosts.knownTogether') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in costs.rounds" :key="each.roundId">
            <td>
              <router-link :to="`/run/${each.roundId}/review`">{{ dayOf(each.day) }}</router-link>
            </td>
            <td>{{ each.apiary }}</td>
            <td class="figure">{{ each.hives }}</td>
            <td class="figure">{{ weight(each.productGrams, 1) }}</td>
            <td class="figure">{{ fixed(each.hours, 1) }} h</td>
            <td class="figure">{{ money(each.cost.acid) }}</td>
            <td class="figure">{{ money(each.cost.work) }}</td>
            <td class="figure">{{ money(each.cost.wear) }}</td>
            <td class="figure">{{ money(each.cost.driving) }}</td>
            <td class="figure">{{ money(each.known) }}</td>
          </tr>
        </tbody>
      </LineTable>
    </template>
  </template>
</template>

<style scoped>
.year {
  max-width: 160px;
}

.big .figure {
  font-size: 1.25rem;
}

.word {
  min-height: 44px;
  text-decoration: underline;
}

th .word {
  min-height: 34px;
  margin-block: -6px;
}
</style>
