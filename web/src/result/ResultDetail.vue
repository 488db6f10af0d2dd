<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import { percent, whole } from '../shared/numbers'
import DropChart from './DropChart.vue'

/** One hive after its rounds: drops against what was foretold, what fits them, and ways to go on. */
const props = defineProps<{
  hive: Shapes['Hive']
  result: Shapes['HiveResult']
  limit: number
  apiaryId: string
  mayPlan: boolean
}>()

/** Said where a band is too wide to be of use. */
const told = (each: Shapes['Estimate']) => (each.tells ? '' : ', too wide to tell')
const band = (each: Shapes['Estimate'], told: (value: number) => string) =>
  `${told(each.middle)} (80 %: ${told(each.low)} to ${told(each.high)})`
const share = (value: number) => `${Math.round(100 * value)} %`
const ways = computed(() =>
  props.result.ahead.map((way) => ({
    ...way,
    says:
      way.rounds.length === 0
        ? 'leave it at that'
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
  <section class="detail sheet" :aria-label="`Results of ${hive.name}`">
    <div>
      <h2>{{ hive.name }}: drops by round</h2>
      <DropChart
        :rounds="result.rounds"
        :drops="result.drops"
        :expected="result.expected"
        :natural="result.naturalPerDay"
      />
      <p class="soft">
        Dot: what fell, natural drop taken off. Box: what the model foretold from the sample before,
        80 %.
        <template v-if="!result.expected.length">
          Nothing was foretold: no sample was taken before the first round.
        </template>
      </p>
    </div>
    <div>
      <h2>What to do</h2>
      <ol class="steps">
        <li v-for="step in result.next" :key="step.kind">
          <strong>{{ step.says }}</strong>
          <ul>
            <li v-for="reason in step.reasons" :key="reason" class="soft">{{ reason }}</li>
          </ul>
        </li>
      </ol>
      <template v-if="result.fit">
        <h2>What fits these counts</h2>
        <dl>
          <dt>a round killed of the mites on bees</dt>
          <dd>
            {{ band(result.fit.kill, share) }}{{ told(result.fit.kill) }};
            <span class="soft">expected of dose and hive {{ share(result.expectedKill) }}</span>
          </dd>
          <dt>mites on bees before the first round</dt>
          <dd>{{ band(result.fit.exposed, whole) }}{{ told(result.fit.exposed) }}</dd>
          <dt>mites coming in</dt>
          <dd v-if="result.fit.inflow.tells">{{ band(result.fit.inflow, whole) }} a day</dd>
          <dd v-else>
            cannot tell: between {{ whole(result.fit.inflow.low) }} and
            {{ whole(result.fit.inflow.high) }} a day fit these counts
          </dd>
        </dl>
        <table v-if="ways.length">
          <caption>
            Ways to go on: what a wash would find on
            {{
              shortDay(ways[0]?.on ?? '')
            }}
          </caption>
          <thead>
            <tr>
              <th scope="col">further rounds</th>
              <th scope="col">wash, limit {{ limit }} %</th>
              <th scope="col">mites in all</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="way in ways" :key="way.says">
              <th scope="row">{{ way.says }}</th>
              <td>
                <strong :class="way.reaches ? 'good' : 'bad'">{{
                  percent(way.wash.middle)
                }}</strong>
                <span class="soft band"
                  >{{ percent(way.wash.low) }} to {{ percent(way.wash.high) }}</span
                >
              </td>
              <td class="figure">
                {{ whole(way.left.middle) }}
                <span class="soft">{{ whole(way.left.low) }} to {{ whole(way.left.high) }}</span>
              </td>
            </tr>
          </tbody>
        </table>
        <p class="soft">
          A model estimate. Boards scatter, and what comes in is hard to tell from what was left:
          the bands say how hard. The label decides whether another round is allowed.
        </p>
      </template>
      <p v-if="result.followUp !== undefined">
        Of the mites that fell at these rounds and at the one after them, these brought down
        <strong class="figure">{{ share(result.followUp) }}</strong>, by the boards.
      </p>
      <p v-if="mayPlan">
        <router-link :to="oneMore">Plan one more round for {{ hive.name }}</router-link> ·
        <router-link :to="{ path: '/spacing', query: { apiary: apiaryId, hive: hive.id } }"
          >Put it on the spacing bench</router-link
        >
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
