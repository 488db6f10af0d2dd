<script setup lang="ts">
import HiveLink from '../shared/HiveLink.vue'
import type { Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import VerdictMark from '../shared/VerdictMark.vue'
import { shortDay, spanOf } from '../shared/days'
import { percent, whole } from '../shared/numbers'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** What one rhythm for the whole apiary costs each hive against a rhythm of its own. */
defineProps<{ lines: readonly Shapes['HiveInRhythm'][] }>()
const chosen = defineModel<string[]>({ required: true })

const STATES = {
  FREE: t('common.nothingCapped'),
  LIKELY_FREE: t('spacing.rhythmTable.likelyNothingCapped'),
  CAPPED: t('spacing.rhythmTable.capped'),
} as const

function toggle(id: string): void {
  chosen.value = chosen.value.includes(id)
    ? chosen.value.filter((each) => each !== id)
    : [...chosen.value, id]
}
</script>

<template>
  <LineTable :label="t('spacing.rhythmTable.whatRhythmCostsEach')">
    <thead>
      <tr>
        <th scope="col">{{ t('spacing.rhythmTable.inIt') }}</th>
        <th scope="col">{{ t('common.hive') }}</th>
        <th scope="col">{{ t('spacing.rhythmTable.brood') }}</th>
        <th scope="col">{{ t('spacing.rhythmTable.leftWithThisRhythm') }}</th>
        <th scope="col">{{ t('spacing.rhythmTable.leftWithItsOwn') }}</th>
        <th scope="col">{{ t('spacing.rhythmTable.costs') }}</th>
        <th scope="col">{{ t('common.ruleSheet') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="each in lines" :key="each.hive.id">
        <td>
          <input
            type="checkbox"
            :checked="chosen.includes(each.hive.id)"
            :aria-label="t('spacing.rhythmTable.series', { name: each.hive.name })"
            @change="toggle(each.hive.id)"
          />
        </td>
        <td>
          <HiveLink :id="each.hive.id" :name="each.hive.name" />
        </td>
        <td>
          {{ STATES[each.state] }}
          <span v-if="each.window.likely" class="soft"
            ><i18n-t keypath="spacing.rhythmTable.free" scope="global"
              ><template #break><br /></template
              ><template #likely>{{ spanOf(each.window.likely) }}</template></i18n-t
            ></span
          >
        </td>
        <template v-if="each.rhythm">
          <td>
            <span class="figure">{{ whole(each.rhythm.left) }}</span>
            <span class="soft">
              {{ t('spacing.rhythmTable.wash', { wash: percent(each.rhythm.wash) }) }}</span
            >
            <span v-if="!each.counted" class="soft"
              ><i18n-t keypath="spacing.rhythmTable.apiarysAverageNotCounted" scope="global"
                ><template #break><br /></template></i18n-t
            ></span>
          </td>
          <td>
            <span class="figure">{{ whole(each.rhythm.ownLeft) }}</span>
            <span v-if="each.rhythm.own" class="soft"
              ><i18n-t keypath="spacing.rhythmTable.dFrom" scope="global"
                ><template #break><br /></template
                ><template #rounds>{{ each.rhythm.own.rounds }}</template
                ><template #gap>{{ each.rhythm.own.gap }}</template
                ><template #start>{{ shortDay(each.rhythm.own.start) }}</template></i18n-t
              ></span
            >
          </td>
          <td>
            <strong :class="each.rhythm.cheap ? 'good' : 'dear'">{{
              each.rhythm.cheap
                ? t('spacing.rhythmTable.little')
                : t('spacing.rhythmTable.moreThanLittle')
            }}</strong>
          </td>
        </template>
        <td v-else colspan="3" class="soft">
          {{ t('spacing.rhythmTable.nothingCountedThisApiary') }}
        </td>
        <td>
          <VerdictMark v-if="each.verdict" :verdict="each.verdict" /><br /><span class="soft">{{
            inWords(each.labelSays)
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
