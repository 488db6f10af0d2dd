<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import { percent, whole } from '../shared/numbers'
import { t } from '../words/words'

/** What each further round and each day of gap buys on this colony, from one start. */
const props = defineProps<{ comparison: Shapes['Comparison']; target: number }>()
const emit = defineEmits<{ take: [series: Shapes['EvenSeries']] }>()

const GAPS = [3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14]
const cells = computed(() => {
  const found = new Map<string, Shapes['EvenSeries']>()
  for (const each of props.comparison.grid) found.set(`${each.rounds}/${each.gap}`, each)
  return found
})
function cell(rounds: number, gap: number): Shapes['EvenSeries'] | undefined {
  const found = cells.value.get(`${rounds}/${rounds === 1 ? 3 : gap}`)
  return found?.settled ? found : undefined
}
</script>

<template>
  <div class="scroll" tabindex="0" role="region" :aria-label="t('spacing.furtherGrid.roundsGaps')">
    <table>
      <caption class="soft">
        {{
          t('spacing.furtherGrid.mitesLeftOnFirst', {
            commonDate: shortDay(comparison.commonDate),
            start: shortDay(comparison.start),
            target: percent(target),
          })
        }}
      </caption>
      <thead>
        <tr>
          <th scope="col">{{ t('common.rounds') }}</th>
          <th v-for="gap in GAPS" :key="gap" scope="col">{{ gap }} d</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="rounds in 8" :key="rounds">
          <th scope="row">{{ rounds }}</th>
          <template v-for="gap in rounds === 1 ? [3] : GAPS" :key="gap">
            <td :colspan="rounds === 1 ? 12 : 1">
              <button
                v-if="cell(rounds, gap)"
                type="button"
                class="figure"
                :class="{
                  reaches: cell(rounds, gap)!.wash <= target,
                  off: cell(rounds, gap)!.verdict === 'NOT_ON_LABEL',
                }"
                :style="{
                  '--share': Math.min(1, cell(rounds, gap)!.left / comparison.untreated).toFixed(3),
                }"
                :aria-label="
                  t('spacing.furtherGrid.roundsDaysApartMites', {
                    rounds,
                    gap,
                    left: whole(cell(rounds, gap)!.left),
                  })
                "
                @click="emit('take', cell(rounds, gap)!)"
              >
                {{ whole(cell(rounds, gap)!.left)
                }}{{ cell(rounds, gap)!.wash <= target ? ' ✓' : '' }}
              </button>
            </td>
          </template>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  position: relative;
  overflow-x: auto;
}

table {
  border-collapse: collapse;
  font-size: 0.875rem;
}

caption {
  text-align: left;
  padding-bottom: 8px;
}

th {
  padding: 4px 8px;
  font-weight: 600;
  color: var(--ink-soft);
}

td {
  border: 1px solid var(--rule);
  text-align: right;
}

button {
  width: 100%;
  min-height: 34px;
  padding: 0 6px;
  text-align: right;
  white-space: nowrap;
  background: color-mix(in srgb, var(--dawn) calc(var(--share) * 60%), transparent);
}

button:hover {
  outline: 2px solid var(--ink);
}

.reaches {
  font-weight: 700;
  color: var(--open);
}

.off {
  text-decoration: line-through;
}
</style>
