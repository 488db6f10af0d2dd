<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import VerdictMark from '../shared/VerdictMark.vue'
import { shortDay } from '../shared/days'
import { percent, whole } from '../shared/numbers'

/** Every pattern from the same start, at the common date and by visit; and one round without brood beside them. */
const props = defineProps<{ comparison: Shapes['Comparison']; target: number }>()
const emit = defineEmits<{ take: [days: string[]] }>()

const patterns = computed(() =>
  [...props.comparison.patterns].sort((a, b) => a.days.length - b.days.length || a.left - b.left),
)
const scale = computed(() => Math.max(1, props.comparison.untreated))
</script>

<template>
  <LineTable label="Patterns side by side">
    <thead>
      <tr>
        <th scope="col" class="pattern">Pattern</th>
        <th scope="col">Visits</th>
        <th scope="col" class="wide">Mites left on {{ shortDay(comparison.commonDate) }}</th>
        <th scope="col">Wash then</th>
        <th scope="col">Fewer a visit</th>
        <th scope="col">Time</th>
        <th scope="col">Rule of thumb</th>
        <th scope="col" class="rule">Rule sheet</th>
        <th scope="col"><span class="visually-hidden">Take</span></th>
      </tr>
    </thead>
    <tbody>
      <tr>
        <td>untreated</td>
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
          <strong>one round, nothing capped</strong><br /><span class="soft">{{ each.says }}</span>
        </td>
        <td class="figure">1</td>
        <td>
          <span class="bar" :style="{ width: `${(100 * each.left) / scale}%` }"></span
          ><span class="figure">{{ whole(each.left) }}</span>
        </td>
        <td class="figure" :class="{ reaches: each.wash <= target }">{{ percent(each.wash) }}</td>
        <td class="figure">{{ whole(comparison.untreated - each.left) }}</td>
        <td colspan="2" class="soft">on {{ shortDay(each.day) }}</td>
        <td><VerdictMark v-if="each.judgement" :verdict="each.judgement.verdict" /></td>
        <td>
          <button v-if="each.kind === 'WINDOW'" type="button" @click="emit('take', [each.day])">
            Take
          </button>
        </td>
      </tr>
      <tr v-for="each in patterns" :key="each.id" :class="{ far: !each.settled }">
        <td>
          <strong>{{ each.name }}</strong><br /><span class="soft">{{ each.reason }}</span>
        </td>
        <td class="figure">{{ each.days.length }}</td>
        <td>
          <span class="bar" :style="{ width: `${(100 * each.left) / scale}%` }"></span
          ><span class="figure">{{ whole(each.left) }}</span>
        </td>
        <td class="figure" :class="{ reaches: each.reaches }">
          {{ percent(each.wash) }}
          <span v-if="!each.settled" class="soft late">too soon after</span>
        </td>
        <td class="figure">{{ whole(each.perVisit) }}</td>
        <td class="figure">{{ (each.minutes / 60).toFixed(1) }} h</td>
        <td>
          <span :title="each.ruleOfThumb.says">{{
            each.ruleOfThumb.holds ? 'keeps it' : 'breaks it'
          }}</span>
        </td>
        <td>
          <VerdictMark v-if="each.verdict" :verdict="each.verdict" /><br /><span class="soft">{{
            each.labelSays
          }}</span>
        </td>
        <td>
          <button
            type="button"
            :aria-label="`Take ${each.name}`"
            @click="emit('take', [...each.days])"
          >
            Take
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
