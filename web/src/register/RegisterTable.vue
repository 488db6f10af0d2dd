<script setup lang="ts">
import HiveLink from '../shared/HiveLink.vue'
import LineTable from '../shared/LineTable.vue'
import VerdictMark from '../shared/VerdictMark.vue'
import { shortDay } from '../shared/days'
import { dayOf, grams, timeIn } from '../shared/format'
import { FIELDS, MEANS, shown, SUPERS, type RegisterEntry } from './registerWords'
import { degrees } from '../shared/units/quantity'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** The register's lines, each with what was put right in it underneath. */
defineProps<{ entries: readonly RegisterEntry[]; mayCorrect: boolean }>()
defineEmits<{ correct: [entry: RegisterEntry] }>()

function productOf({ line }: RegisterEntry): string {
  return [line.product, line.lot].filter(Boolean).join(', ') || t('register.registerTable.notGiven')
}
</script>

<template>
  <LineTable :label="t('common.treatments')" class="table">
    <thead>
      <tr>
        <th scope="col">{{ t('common.day') }}</th>
        <th scope="col">{{ t('common.apiary') }}</th>
        <th scope="col">{{ t('common.hive') }}</th>
        <th scope="col">{{ t('register.registerTable.burnOutOpen') }}</th>
        <th scope="col">{{ t('common.acid') }}</th>
        <th scope="col">{{ t('register.registerTable.productLot') }}</th>
        <th scope="col">{{ t('common.who') }}</th>
        <th scope="col">{{ t('common.supers') }}</th>
        <th scope="col">{{ t('register.registerTable.air') }}</th>
        <th scope="col">{{ t('common.label') }}</th>
        <th scope="col">{{ t('register.registerTable.remarks') }}</th>
        <th v-if="mayCorrect" scope="col" class="no-print">
          <span class="visually-hidden">{{ t('register.registerTable.putRight') }}</span>
        </th>
      </tr>
    </thead>
    <tbody v-for="entry in entries" :key="entry.line.id" :class="{ struck: !entry.line.stands }">
      <tr :class="{ more: entry.corrections.length > 0 }">
        <td data-label="Day" class="nowrap">
          <router-link v-if="entry.line.roundId" :to="`/run/${entry.line.roundId}/review`"
            >{{ dayOf(entry.line.day) }} {{ entry.line.day.slice(0, 4) }}</router-link
          >
          <template v-else>{{ dayOf(entry.line.day) }} {{ entry.line.day.slice(0, 4) }}</template>
          <strong v-if="!entry.line.stands" class="mark">{{
            t('register.registerTable.struckOut')
          }}</strong>
        </td>
        <td data-label="Apiary" class="nowrap">{{ entry.line.apiary }}</td>
        <td data-label="Hive">
          <HiveLink :id="entry.line.hiveId" :name="entry.line.hive" />
        </td>
        <td v-if="entry.line.startedAt" data-label="Burn, out, open" class="figure nowrap">
          {{ timeIn(entry.line.zone, entry.line.startedAt) }}
          {{
            entry.line.removedAt
              ? timeIn(entry.line.zone, entry.line.removedAt)
              : t('register.registerTable.tool')
          }}
          {{
            entry.line.openedAt ? timeIn(entry.line.zone, entry.line.openedAt) : t('common.shut')
          }}
        </td>
        <td v-else data-label="Burn, out, open">
          <i18n-t keypath="register.registerTable.writtenByHand" scope="global"
            ><template #more
              ><template v-if="entry.line.writtenBy">{{
                ' ' +
                t('register.registerTable.by', {
                  writtenBy: entry.line.writtenBy,
                  writtenAt: dayOf(entry.line.writtenAt.slice(0, 10)),
                })
              }}</template></template
            ></i18n-t
          >
        </td>
        <td v-if="entry.line.amount" data-label="Acid">{{ entry.line.amount }}</td>
        <td v-else data-label="Acid" class="figure nowrap">{{ grams(entry.line.acid) }}</td>
        <td data-label="Product, lot">{{ productOf(entry) }}</td>
        <td data-label="Who">{{ entry.line.people }}</td>
        <td data-label="Supers">
          {{
            entry.line.supers
              ? `${entry.line.supers}, ${SUPERS[entry.line.supersPlan]}`
              : t('common.none')
          }}
        </td>
        <td data-label="Air" class="figure nowrap" :title="inWords(entry.line.weatherFrom)">
          {{
            entry.line.celsius === undefined ? t('common.notKnown') : degrees(entry.line.celsius)
          }}
          <span v-if="entry.line.weatherMadeUp" class="made-up">{{
            t('register.registerTable.simulated')
          }}</span>
        </td>
        <td data-label="Label">
          <VerdictMark v-if="entry.line.verdict" :verdict="entry.line.verdict" />
          <template v-else>{{ t('register.registerTable.notJudged') }}</template>
          <span class="sheet-name soft">{{ entry.line.ruleSheet }}</span>
        </td>
        <td data-label="Remarks" class="remarks">
          <template v-if="entry.line.means !== 'OXALIC_VAPOUR'"
            >{{ MEANS[entry.line.means] }}: {{ entry.line.method }}.
          </template>
          <template v-if="entry.line.outOn">{{
            t('register.registerTable.cameOut', { day: shortDay(entry.line.outOn) })
          }}</template>
          <template v-else-if="entry.line.outBy">{{
            t('register.registerTable.stillIn', { day: shortDay(entry.line.outBy) })
          }}</template>
          {{ inWords(entry.line.remarks) }}
          <em v-if="entry.line.offLabelReason">{{
            t('register.registerTable.offLabelBecause', {
              offLabelReason: entry.line.offLabelReason,
            })
          }}</em>
        </td>
        <td v-if="mayCorrect" class="no-print">
          <button
            type="button"
            class="word"
            :aria-label="
              t('register.registerTable.putRight2', {
                hive: entry.line.hive,
                apiary: entry.line.apiary,
                day: dayOf(entry.line.day),
              })
            "
            @click="$emit('correct', entry)"
          >
            {{ t('register.registerTable.putRight3') }}
          </button>
        </td>
      </tr>
      <tr v-for="each in entry.corrections" :key="each.id" class="correction">
        <td></td>
        <td :colspan="mayCorrect ? 11 : 10">
          <span aria-hidden="true">↳</span>
          <i18n-t keypath="register.registerTable.correction" scope="global">
            <template #field>{{ FIELDS[each.field] }}</template>
            <template #was
              ><s>{{ shown(each.field, each.was) }}</s></template
            >
            <template #becomes
              ><strong>{{ shown(each.field, each.becomes) }}</strong></template
            >
            <template #why>{{ each.why }}</template>
            <template #by
              ><span class="soft"
                >{{ each.by }}, {{ dayOf(each.at.slice(0, 10)) }}
                {{ timeIn(entry.line.zone, each.at) }}</span
              ></template
            >
          </i18n-t>
        </td>
      </tr>
    </tbody>
  </LineTable>
</template>

<style scoped>
.table :deep(table) {
  min-width: 1080px;
}

.table :deep(.more td) {
  border-bottom: 0;
}

.table :deep(.correction td) {
  padding-top: 0;
}

.nowrap {
  white-space: nowrap;
}

.mark {
  display: block;
  color: var(--off-label);
}

.struck :is(td, strong):not(.mark) {
  text-decoration: line-through;
}

.struck .correction td,
.struck .correction td strong {
  text-decoration: none;
}

.sheet-name {
  display: block;
  font-size: 0.8125rem;
}

.made-up {
  display: block;
  color: var(--caution);
  font-weight: 650;
}

.remarks {
  min-width: 130px;
}

/* On a phone each line is a card of its own: nothing is cut off or hidden to the side. */
@media (width <= 700px) {
  .table :deep(table) {
    min-width: 0;
  }

  .table thead {
    display: none;
  }

  .table :is(tbody, tr, td) {
    display: block;
  }

  .table tbody {
    padding: 8px 10px;
    border-bottom: 2px solid var(--ink);
  }

  .table td {
    padding: 2px 0;
    border-bottom: 0;
  }

  .table td[data-label] {
    position: relative;
    min-height: 1.5em;
    padding-left: 126px;
  }

  .table td[data-label]::before {
    position: absolute;
    left: 0;
    content: attr(data-label);
    font-family: var(--text-face);
    color: var(--ink-soft);
  }

  .word {
    min-height: 44px;
  }
}

.word {
  min-height: 32px;
  margin-block: -6px;
  white-space: nowrap;
  text-decoration: underline;
}
</style>
