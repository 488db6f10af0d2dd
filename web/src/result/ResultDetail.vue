<script setup lang="ts">
import HiveLink from '../shared/HiveLink.vue'
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import { percent, whole } from '../shared/numbers'
import DropChart from './DropChart.vue'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** One hive after its rounds: drops against what was foretold, what fits them, and ways to go on. */
const props = defineProps<{
  hive: Shapes['Hive']
  result: Shapes['HiveResult']
  limit: number
  apiaryId: string
  mayPlan: boolean
}>()

/** Said where a band is too wide to be of use. */
const told = (each: Shapes['Estimate']) => (each.tells ? '' : t('result.resultDetail.tooWideTell'))
const band = (each: Shapes['Estimate'], told: (value: number) => string) =>
  t('result.resultDetail.to2', {
    middle: told(each.middle),
    low: told(each.low),
    high: told(each.high),
  })
const share = (value: number) => `${Math.round(100 * value)} %`
const ways = computed(() =>
  props.result.ahead.map((way) => ({
    ...way,
    says:
      way.rounds.length === 0
        ? t('result.resultDetail.leaveAt')
        : way.rounds.map((day) => shortDay(day)).join(', '),
    reaches: way.wash.middle * 100 <= props.limit,
  })),
)
const oneMore = computed(() => ({
  path: '/dose',
  query: { apiary: props.apiaryId, hives: props.hive.id },
}))
</script>

<template>
  <section class="detail sheet" :aria-label="t('result.resultDetail.results', { name: hive.name })">
    <div>
      <h2>
        {{ t('result.resultDetail.dropsByRound', { name: hive.name }) }}
        <HiveLink :id="hive.id" :name="t('common.lifeOfHive')" />
      </h2>
      <DropChart
        :rounds="result.rounds"
        :drops="result.drops"
        :expected="result.expected"
        :natural="result.naturalPerDay"
      />
      <p class="soft">
        <i18n-t keypath="result.resultDetail.dotWhatFellNatural" scope="global"
          ><template #more
            ><template v-if="!result.expected.length"
              >{{ ' ' + t('result.resultDetail.nothingWasForetoldNo') }}
            </template></template
          ></i18n-t
        >
      </p>
    </div>
    <div>
      <h2>{{ t('result.resultDetail.whatDo') }}</h2>
      <ol class="steps">
        <li v-for="step in result.next" :key="step.kind">
          <strong>{{ inWords(step.says) }}</strong>
          <ul>
            <li v-for="reason in step.reasons" :key="reason.code" class="soft">
              {{ inWords(reason) }}
            </li>
          </ul>
        </li>
      </ol>
      <template v-if="result.fit">
        <h2>{{ t('result.resultDetail.whatFitsTheseCounts') }}</h2>
        <dl>
          <dt>{{ t('result.resultDetail.roundKilledMitesOn') }}</dt>
          <dd>
            {{ band(result.fit.kill, share) }}{{ told(result.fit.kill) }};
            <span class="soft">{{
              t('result.resultDetail.expectedDoseHive', {
                expectedKill: share(result.expectedKill),
              })
            }}</span>
          </dd>
          <dt>{{ t('result.resultDetail.mitesOnBeesBefore') }}</dt>
          <dd>{{ band(result.fit.exposed, whole) }}{{ told(result.fit.exposed) }}</dd>
          <dt>{{ t('result.resultDetail.mitesComing') }}</dt>
          <dd v-if="result.fit.inflow.tells">
            {{ t('result.resultDetail.day', { whole: band(result.fit.inflow, whole) }) }}
          </dd>
          <dd v-else>
            {{
              t('result.resultDetail.cannotTellBetweenDay', {
                low: whole(result.fit.inflow.low),
                high: whole(result.fit.inflow.high),
              })
            }}
          </dd>
        </dl>
        <table v-if="ways.length">
          <caption>
            {{
              t('result.resultDetail.waysGoOnWhat', { on: shortDay(ways[0]?.on ?? '') })
            }}
          </caption>
          <thead>
            <tr>
              <th scope="col">{{ t('result.resultDetail.furtherRounds') }}</th>
              <th scope="col">{{ t('result.resultDetail.washLimit', { limit }) }}</th>
              <th scope="col">{{ t('result.resultDetail.mitesAll') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="way in ways" :key="way.says">
              <th scope="row">{{ way.says }}</th>
              <td>
                <strong :class="way.reaches ? 'good' : 'bad'">{{
                  percent(way.wash.middle)
                }}</strong>
                <span class="soft band">{{
                  t('result.resultDetail.to', {
                    low: percent(way.wash.low),
                    high: percent(way.wash.high),
                  })
                }}</span>
              </td>
              <td class="figure">
                {{ whole(way.left.middle) }}
                <span class="soft">{{
                  t('result.resultDetail.to', {
                    low: whole(way.left.low),
                    high: whole(way.left.high),
                  })
                }}</span>
              </td>
            </tr>
          </tbody>
        </table>
        <p class="soft">
          {{ t('result.resultDetail.modelEstimateBoardsScatter') }}
        </p>
      </template>
      <p v-if="result.followUp !== undefined">
        <i18n-t keypath="result.resultDetail.mitesFellAtThese" scope="global"
          ><template #strong
            ><strong class="figure">{{ share(result.followUp) }}</strong></template
          ></i18n-t
        >
      </p>
      <p v-if="mayPlan">
        <router-link :to="oneMore">{{
          t('result.resultDetail.planOneMoreRound', { name: hive.name })
        }}</router-link>
        ·
        <router-link :to="{ path: '/spacing', query: { apiary: apiaryId, hive: hive.id } }">{{
          t('result.resultDetail.putOnSpacingBench')
        }}</router-link>
      </p>
    </div>
  </section>
</template>

<style scoped>
.detail {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(340px, 1fr));
  gap: 12px 28px;
  margin-top: 14px;
  padding: 14px 18px;
}

h2 {
  margin: 0 0 6px;
}

h2:not(:first-child) {
  margin-top: 12px;
}

.steps {
  margin: 0;
  padding-left: 20px;
}

.steps ul {
  margin: 0 0 6px;
  padding-left: 16px;
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 14px;
  margin: 0;
}

dt {
  color: var(--ink-soft);
}

dd {
  margin: 0;
}

table {
  margin-top: 10px;
  border-collapse: collapse;
  font-size: 0.875rem;
}

caption {
  text-align: left;
  font-weight: 650;
}

th,
td {
  padding: 3px 16px 3px 0;
  text-align: left;
  font-weight: 400;
}

.band {
  margin-left: 8px;
}

.good {
  color: var(--open);
}

.bad {
  color: var(--off-label);
}
</style>
