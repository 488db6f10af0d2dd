<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import VerdictMark from '../shared/VerdictMark.vue'
import { shortDay } from '../shared/days'
import { fixed, percent, whole } from '../shared/numbers'
import { t } from '../words/words'
import { inWords, wordOf } from '../words/facts'

/** Every pattern from the same start, at the common date and by visit; and one round without brood beside them. */
const props = defineProps<{ comparison: Shapes['Comparison']; target: number }>()
const emit = defineEmits<{ take: [days: string[]] }>()

const patterns = computed(() =>
  [...props.comparison.patterns].sort((a, b) => a.days.length - b.days.length || a.left - b.left),
)
const scale = computed(() => Math.max(1, props.comparison.untreated))
</script>

<template>
  <LineTable :label="t('spacing.patternTable.patternsSideBySide')">
    <thead>
      <tr>
        <th scope="col" class="pattern">{{ t('spacing.patternTable.pattern') }}</th>
        <th scope="col">{{ t('spacing.patternTable.visits') }}</th>
        <th scope="col" class="wide">
          {{
            t('spacing.patternTable.mitesLeftOn', { commonDate: shortDay(comparison.commonDate) })
          }}
        </th>
        <th scope="col">{{ t('spacing.patternTable.washThen') }}</th>
        <th scope="col">{{ t('spacing.patternTable.fewerVisit') }}</th>
        <th scope="col">{{ t('spacing.patternTable.time') }}</th>
        <th scope="col">{{ t('spacing.patternTable.ruleThumb') }}</th>
        <th scope="col" class="rule">{{ t('common.ruleSheet') }}</th>
        <th scope="col">
          <span class="visually-hidden">{{ t('spacing.patternTable.take') }}</span>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr>
        <td>{{ t('spacing.patternTable.untreated') }}</td>
        <td class="figure">0</td>
        <td>
          <span class="bar whole"></span
          ><span class="figure">{{ whole(comparison.untreated) }}</span>
        </td>
        <td class="figure">{{ percent(comparison.untreatedWash) }}</td>
        <td colspan="5"></td>
      </tr>
      <tr v-for="each in comparison.breaks" :key="each.kind" class="break">
        <td>
          <strong>{{ t('spacing.patternTable.oneRoundNothingCapped') }}</strong><br /><span
            class="soft"
            >{{ inWords(each.says) }}</span
          >
        </td>
        <td class="figure">1</td>
        <td>
          <span class="bar" :style="{ width: `${(100 * each.left) / scale}%` }"></span
          ><span class="figure">{{ whole(each.left) }}</span>
        </td>
        <td class="figure" :class="{ reaches: each.wash <= target }">{{ percent(each.wash) }}</td>
        <td class="figure">{{ whole(comparison.untreated - each.left) }}</td>
        <td colspan="2" class="soft">
          {{ t('spacing.patternTable.on', { day: shortDay(each.day) }) }}
        </td>
        <td><VerdictMark v-if="each.judgement" :verdict="each.judgement.verdict" /></td>
        <td>
          <button v-if="each.kind === 'WINDOW'" type="button" @click="emit('take', [each.day])">
            {{ t('spacing.patternTable.take') }}
          </button>
        </td>
      </tr>
      <tr v-for="each in patterns" :key="each.id" :class="{ far: !each.settled }">
        <td>
          <strong>{{ wordOf(`SpacingPattern.${each.id}`) }}</strong><br /><span class="soft">{{
            wordOf(`SpacingPatternReason.${each.id}`)
          }}</span>
        </td>
        <td class="figure">{{ each.days.length }}</td>
        <td>
          <span class="bar" :style="{ width: `${(100 * each.left) / scale}%` }"></span
          ><span class="figure">{{ whole(each.left) }}</span>
        </td>
        <td class="figure" :class="{ reaches: each.reaches }">
          {{ percent(each.wash) }}
          <span v-if="!each.settled" class="soft late">{{
            t('spacing.patternTable.tooSoonAfter')
          }}</span>
        </td>
        <td class="figure">{{ whole(each.perVisit) }}</td>
        <td class="figure">{{ fixed(each.minutes / 60, 1) }} h</td>
        <td>
          <span :title="inWords(each.ruleOfThumb.says)">{{
            each.ruleOfThumb.holds
              ? t('spacing.patternTable.keeps')
              : t('spacing.patternTable.breaks')
          }}</span>
        </td>
        <td>
          <VerdictMark v-if="each.verdict" :verdict="each.verdict" /><br /><span class="soft">{{
            inWords(each.labelSays)
          }}</span>
        </td>
        <td>
          <button
            type="button"
            :aria-label="
              t('spacing.patternTable.take2', { name: wordOf(`SpacingPattern.${each.id}`) })
            "
            @click="emit('take', [...each.days])"
          >
            {{ t('spacing.patternTable.take') }}
          </button>
        </td>
      </tr>
    </tbody>
  </LineTable>
</template>

<style scoped>
.wide {
  min-width: 104px;
}

.pattern {
  min-width: 180px;
}

.rule {
  min-width: 128px;
}

.late {
  display: block;
  white-space: normal;
  font-family: var(--text-face);
  letter-spacing: 0;
}

.bar {
  display: block;
  height: 7px;
  background: var(--dusk);
}

.bar.whole {
  width: 100%;
}

.reaches {
  color: var(--open);
  font-weight: 700;
}

.reaches::after {
  content: ' ✓';
}

.break {
  background: var(--wash);
}

.soft {
  font-size: 0.8125rem;
}

.figure {
  white-space: nowrap;
}

button {
  min-height: 40px;
  padding: 0 12px;
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
}
</style>
