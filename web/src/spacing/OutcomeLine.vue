<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import VerdictMark from '../shared/VerdictMark.vue'
import { shortDay } from '../shared/days'
import { percent, whole } from '../shared/numbers'
import { t } from '../words/words'
import { inWords, wordOf } from '../words/facts'

/** What the schedule in hand comes to, round by round and at the common date. */
const props = defineProps<{ forecast: Shapes['MiteForecast']; target: number }>()
const then = computed(() => props.forecast.atCommonDate)
const reaches = computed(() => then.value.wash <= props.target)
</script>

<template>
  <div class="outcome" aria-live="polite" data-outcome>
    <p class="main">
      <i18n-t keypath="spacing.outcomeLine.mitesLeftOn" scope="global"
        ><template #span
          ><span class="figure big">{{ whole(then.left) }}</span></template
        ><template #day>{{ shortDay(then.day) }}</template
        ><template #span2
          ><span class="soft">{{
            t('spacing.outcomeLine.untreated', {
              leftLow: whole(then.leftLow),
              leftHigh: whole(then.leftHigh),
              untreated: whole(then.untreated),
            })
          }}</span></template
        ></i18n-t
      >
    </p>
    <p>
      <i18n-t keypath="spacing.outcomeLine.washThenYourLimit" scope="global"
        ><template #strong
          ><strong :class="reaches ? 'good' : 'bad'">{{ percent(then.wash) }}</strong></template
        ><template #reaches>{{
          reaches ? t('spacing.outcomeLine.within') : t('spacing.outcomeLine.above')
        }}</template
        ><template #target>{{ percent(target) }}</template
        ><template #more
          ><template v-if="forecast.after"
            >{{
              ' ' +
              t('spacing.outcomeLine.daysAfterLastRound', {
                day: shortDay(forecast.after.day),
                left: whole(forecast.after.left),
              })
            }}
          </template></template
        ></i18n-t
      >
    </p>
    <ul v-if="forecast.notes.length" class="notes soft">
      <li v-for="note in forecast.notes" :key="note.code">{{ inWords(note) }}</li>
    </ul>
    <p v-if="forecast.judgement">
      <VerdictMark :verdict="forecast.judgement.verdict" />{{ ' ' }}
      <span v-if="forecast.judgement.findings[0]" class="soft">
        {{ wordOf(`LabelPoint.${forecast.judgement.findings[0].point}`) }}:
        {{ inWords(forecast.judgement.findings[0].says)
        }}{{
          forecast.judgement.findings[0].line
            ? ` (${inWords(forecast.judgement.findings[0].line)})`
            : ''
        }}
      </span>
    </p>
    <table v-if="forecast.rounds.length">
      <thead>
        <tr>
          <th scope="col">{{ t('spacing.outcomeLine.round') }}</th>
          <th v-for="(each, i) in forecast.rounds" :key="each.day" scope="col">
            {{ i + 1 }} <span class="soft">{{ shortDay(each.day) }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row">{{ t('spacing.outcomeLine.dropExpect') }}</th>
          <td v-for="each in forecast.rounds" :key="each.day" class="figure">
            {{ whole(each.killed) }}
            <span class="soft">{{ whole(each.killedLow) }}–{{ whole(each.killedHigh) }}</span>
          </td>
        </tr>
        <tr>
          <th scope="row">{{ t('spacing.outcomeLine.underCappings') }}</th>
          <td v-for="each in forecast.rounds" :key="each.day" class="figure">
            {{ Math.round(100 * each.shielded) }} %
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.notes {
  padding-left: 18px;
  margin: 4px 0 8px;
}

.outcome p {
  margin: 2px 0;
}

.big {
  font-size: 1.75rem;
}

.good {
  color: var(--open);
}

.bad {
  color: var(--off-label);
}

table {
  margin-top: 6px;
  border-collapse: collapse;
  font-size: 0.875rem;
}

th,
td {
  padding: 2px 14px 2px 0;
  text-align: left;
  font-weight: 400;
  vertical-align: top;
}

thead th {
  font-weight: 650;
}

td .soft {
  display: block;
  font-size: 0.8125rem;
}
</style>
