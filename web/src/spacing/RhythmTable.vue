<script setup lang="ts">
import type { Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import VerdictMark from '../shared/VerdictMark.vue'
import { shortDay, spanOf } from '../shared/days'
import { percent, whole } from '../shared/numbers'

/** What one rhythm for the whole apiary costs each hive against a rhythm of its own. */
defineProps<{ lines: readonly Shapes['HiveInRhythm'][] }>()
const chosen = defineModel<string[]>({ required: true })

const STATES = {
  FREE: 'nothing capped',
  LIKELY_FREE: 'likely nothing capped',
  CAPPED: 'capped',
} as const

function toggle(id: string): void {
  chosen.value = chosen.value.includes(id)
    ? chosen.value.filter((each) => each !== id)
    : [...chosen.value, id]
}
</script>

<template>
  <LineTable label="What the rhythm costs each hive">
    <thead>
      <tr>
        <th scope="col">In it</th>
        <th scope="col">Hive</th>
        <th scope="col">Brood</th>
        <th scope="col">Left with this rhythm</th>
        <th scope="col">Left with its own</th>
        <th scope="col">Costs</th>
        <th scope="col">Rule sheet</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="each in lines" :key="each.hive.id">
        <td>
          <input
            type="checkbox"
            :checked="chosen.includes(each.hive.id)"
            :aria-label="`${each.hive.name} in the series`"
            @change="toggle(each.hive.id)"
          />
        </td>
        <td>
          <strong>{{ each.hive.name }}</strong>
        </td>
        <td>
          {{ STATES[each.state] }}
          <span v-if="each.window.likely" class="soft"
            ><br />free {{ spanOf(each.window.likely) }}</span
          >
        </td>
        <template v-if="each.rhythm">
          <td>
            <span class="figure">{{ whole(each.rhythm.left) }}</span>
            <span class="soft"> wash {{ percent(each.rhythm.wash) }}</span>
            <span v-if="!each.counted" class="soft"
              ><br />apiary's average: not counted itself</span
            >
          </td>
          <td>
            <span class="figure">{{ whole(each.rhythm.ownLeft) }}</span>
            <span v-if="each.rhythm.own" class="soft"
              ><br />{{ each.rhythm.own.rounds }} × {{ each.rhythm.own.gap }} d from
              {{ shortDay(each.rhythm.own.start) }}</span
            >
          </td>
          <td>
            <strong :class="each.rhythm.cheap ? 'good' : 'dear'">{{
              each.rhythm.cheap ? 'little' : 'more than little'
            }}</strong>
          </td>
        </template>
        <td v-else colspan="3" class="soft">nothing counted in this apiary</td>
        <td>
          <VerdictMark v-if="each.verdict" :verdict="each.verdict" /><br /><span class="soft">{{
            each.labelSays
          }}</span>
        </td>
      </tr>
    </tbody>
  </LineTable>
</template>

<style scoped>
input {
  width: 24px;
  height: 24px;
}

.good {
  color: var(--open);
}

.dear {
  color: var(--caution);
}
</style>
