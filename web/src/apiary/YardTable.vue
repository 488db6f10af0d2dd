<script setup lang="ts">
import type { Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import { dayOf } from '../shared/format'
import LineTable from '../shared/LineTable.vue'
import { percent } from '../shared/numbers'
import { t } from '../words/words'
import { SHAPES, stateWords } from './yardLook'
import type { Column, Order } from './yardOrder'

/** The yards line by line; a press on a heading puts them in order by it. */
defineProps<{ yards: readonly Shapes['YardLine'][] }>()
const order = defineModel<Order>('order', { required: true })

const COLUMNS: readonly { by: Column; words: string }[] = [
  { by: 'name', words: t('apiary.yards.yard') },
  { by: 'state', words: t('apiary.yards.state') },
  { by: 'hives', words: t('common.hives') },
  { by: 'share', words: t('apiary.yards.counted') },
  { by: 'expected', words: t('apiary.yards.expected') },
  { by: 'needing', words: t('apiary.yards.needing') },
  { by: 'broodless', words: t('apiary.yards.broodless') },
  { by: 'labelLeft', words: t('apiary.yards.labelLeft') },
  { by: 'honeyFrom', words: t('apiary.yards.honey') },
  { by: 'rounds', words: t('apiary.yards.rounds') },
  { by: 'nextRound', words: t('apiary.yards.next') },
  { by: 'lastSeen', words: t('apiary.yards.seen') },
]

function by(column: Column): void {
  order.value = { by: column, down: order.value.by === column && !order.value.down }
}

function counted(yard: Shapes['YardLine']): string {
  if (yard.share === undefined) return ''
  const share = percent(yard.share)
  return yard.interval
    ? t('apiary.yards.interval', {
        share,
        low: percent(yard.interval.low),
        high: percent(yard.interval.high),
      })
    : share
}
</script>

<template>
  <LineTable :label="t('common.apiaries')">
    <thead>
      <tr>
        <th
          v-for="column in COLUMNS"
          :key="column.by"
          scope="col"
          :aria-sort="
            order.by === column.by ? (order.down ? 'descending' : 'ascending') : undefined
          "
        >
          <button type="button" @click="by(column.by)">
            {{ column.words
            }}<span v-if="order.by === column.by" aria-hidden="true">{{
              order.down ? ' ↓' : ' ↑'
            }}</span>
          </button>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="yard in yards" :key="yard.apiary.id" :class="yard.state">
        <th scope="row">
          <router-link :to="`/apiaries/${yard.apiary.id}`">{{ yard.apiary.name }}</router-link>
          <span v-if="yard.crewToday" class="soft crew">{{ yard.crewToday }}</span>
          <span v-if="yard.hold" class="held">{{
            t('apiary.apiaryPage.heldSince', { day: dayOf(yard.hold.from) })
          }}</span>
        </th>
        <td class="state">
          <span aria-hidden="true">{{ SHAPES[yard.state] }}</span> {{ stateWords[yard.state] }}
        </td>
        <td class="figure">{{ yard.hives }}</td>
        <td class="figure">
          {{ counted(yard) }}
          <span v-if="yard.sampled" class="soft">{{
            t('apiary.yards.ofHives', { n: yard.sampled, hives: yard.hives })
          }}</span>
        </td>
        <td class="figure">{{ yard.expected === undefined ? '' : percent(yard.expected) }}</td>
        <td class="figure">{{ yard.needing || '' }}</td>
        <td class="figure">{{ yard.broodless || '' }}</td>
        <td class="figure">{{ yard.labelLeft ?? '' }}</td>
        <td class="figure">{{ yard.honeyFrom ? shortDay(yard.honeyFrom) : '' }}</td>
        <td class="figure">{{ yard.roundsDone }} · {{ yard.roundsToCome }}</td>
        <td class="figure">{{ yard.nextRound ? shortDay(yard.nextRound) : '' }}</td>
        <td class="figure">{{ yard.lastSeen ? shortDay(yard.lastSeen) : '' }}</td>
      </tr>
    </tbody>
  </LineTable>
</template>

<style scoped>
th button {
  min-height: 44px;
  font-weight: 600;
  text-align: left;
  color: inherit;
}

th[aria-sort] button {
  color: var(--ink);
}

td,
th[scope='row'] {
  white-space: nowrap;
}

.crew,
.held {
  display: block;
  font-weight: 400;
}

.held,
.DANGER .state,
.ABOVE .state {
  color: var(--off-label);
  font-weight: 650;
}

.NEEDS .state {
  color: var(--caution);
  font-weight: 650;
}
</style>
