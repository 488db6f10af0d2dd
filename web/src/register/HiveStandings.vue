<script setup lang="ts">
import HiveLink from '../shared/HiveLink.vue'
import { ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { dayOf } from '../shared/format'
import { useRequest } from '../shared/request'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** An apiary's hives in a year: treatments against the label's most, and when honey supers may go back. */
const props = defineProps<{ apiaryId: string; year: number }>()
defineEmits<{ hive: [hiveId: string] }>()
const standings = ref<Shapes['HiveStanding'][]>([])
const { problem, attempt } = useRequest()
const today = todayHere(serverNow())

watch(
  () => [props.apiaryId, props.year],
  async () => {
    await attempt(async () => {
      standings.value = await ask(
        api.GET('/api/register/standing', {
          params: { query: { apiaryId: props.apiaryId, year: props.year } },
        }),
      )
    })
  },
  { immediate: true },
)

function honey(wait: Shapes['HoneyWait']): string {
  const silent = wait.silent ? ' ' + t('register.hiveStandings.sheetSilentReadLabel') : ''
  if (!wait.from)
    return wait.silent
      ? t('register.hiveStandings.sheetSilentReadLabel2')
      : t('register.hiveStandings.noWaitNamed')
  return wait.from > today
    ? t('register.hiveStandings.from', {
        from: dayOf(wait.from),
        from2: wait.from.slice(0, 4),
        silent,
      })
    : t('register.hiveStandings.mayBeOnSince', { from: dayOf(wait.from), silent })
}
</script>

<template>
  <p v-if="problem" role="alert">{{ problem }}</p>
  <p v-else-if="standings.length === 0">
    {{ t('register.hiveStandings.noTreatmentStandsHere', { year: year - 1, year2: year }) }}
  </p>
  <LineTable v-else :label="t('register.hiveStandings.hivesAgainstLabelsLimits')">
    <thead>
      <tr>
        <th scope="col">{{ t('common.hive') }}</th>
        <th scope="col">{{ t('register.hiveStandings.oxalicAcid', { year }) }}</th>
        <th scope="col">{{ t('register.hiveStandings.otherTreatments', { year }) }}</th>
        <th scope="col">{{ t('register.hiveStandings.lastTreatment') }}</th>
        <th scope="col">{{ t('register.hiveStandings.supersForHoney') }}</th>
        <th scope="col">{{ t('register.hiveStandings.countedBy') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="each in standings" :key="each.hiveId">
        <th scope="row">
          <button type="button" class="word" @click="$emit('hive', each.hiveId)">
            {{ each.hive }}
          </button>
          <HiveLink :id="each.hiveId" :name="t('common.lifeOfHive')" />
        </th>
        <td class="figure" :class="{ over: each.over }">
          {{ inWords(each.says)
          }}<strong v-if="each.over">{{ ' ' + t('register.hiveStandings.overSheetsMost') }}</strong>
        </td>
        <td class="figure">{{ each.others || t('common.none') }}</td>
        <td class="nowrap">
          {{ each.lastDay ? `${dayOf(each.lastDay)} ${each.lastDay.slice(0, 4)}` : '' }}
        </td>
        <td>{{ honey(each.honey) }}</td>
        <td>{{ each.ruleSheet ?? t('register.hiveStandings.noSheet') }}</td>
      </tr>
    </tbody>
  </LineTable>
</template>

<style scoped>
.word {
  min-height: 32px;
  text-decoration: underline;
}

.over {
  color: var(--off-label);
}

.nowrap {
  white-space: nowrap;
}
</style>
