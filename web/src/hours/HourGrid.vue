<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { dayOf, timeIn } from '../shared/format'
import { GRADES, gradesOf, heldWords } from '../shared/gradeWords'
import { reasonWords } from '../shared/hourWords'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** Days down, hours across: each hour by its grade, as colour, shape and word. */
const props = defineProps<{
  days: readonly Shapes['YardDay'][]
  now: number
  chosen?: string
  /** Whether several tell of these days: then each says who. */
  several?: boolean
  /** Of offers read here how many held; it is told beside the windows of each day. */
  held?: Shapes['OffersHeld'] | undefined
}>()
defineEmits<{ choose: [hour: Shapes['GradedHour'], day: Shapes['YardDay']] }>()

const marks = computed(() => Array.from({ length: 24 }, (_, i) => i))

function words(day: Shapes['YardDay'], hour: Shapes['GradedHour']): string {
  const time = timeIn(day.zone, hour.hour)
  const why = hour.reasons.length
    ? `: ${hour.reasons.map((each) => reasonWords(each, day.warmth)).join('; ')}`
    : ''
  return `${dayOf(day.date)} ${time}, ${GRADES[hour.grade].words}${why}`
}

function isPast(hour: Shapes['GradedHour']): boolean {
  return Date.parse(hour.hour) + 3_600_000 <= props.now
}

/** A day that nobody tells of at all needs no cells. */
function isUntold(day: Shapes['YardDay']): boolean {
  return day.hours.every((hour) => hour.grade === 'UNKNOWN')
}

function windows(day: Shapes['YardDay']): string {
  const ahead = day.windows.filter((window) => Date.parse(window.to) > props.now)
  const unknown = day.hours.some((hour) => hour.grade === 'UNKNOWN' && !isPast(hour))
  const source = unknown || props.several ? ` · ${inWords(day.source)}` : ''
  if (ahead.length === 0)
    return (unknown ? t('hours.hourGrid.noneKnown') : t('hours.hourGrid.noneGoodOrFair')) + source
  return (
    ahead
      .map((window) => {
        const fits =
          window.fits === undefined ? '' : t('hours.hourGrid.fits', { fits: window.fits })
        return `${timeIn(day.zone, window.from)}–${timeIn(day.zone, window.to)} ${gradesOf(window)}${fits}`
      })
      .join(' · ') +
    heldWords(props.held) +
    source
  )
}
</script>

<template>
  <div class="scroll" tabindex="0" role="region" :aria-label="t('hours.hourGrid.hoursNextDays')">
    <table>
      <thead>
        <tr>
          <th scope="col">
            <span class="visually-hidden">{{ t('common.day') }}</span>
          </th>
          <th v-for="mark in marks" :key="mark" scope="col" class="figure">
            {{ mark % 3 === 0 ? mark : '' }}
          </th>
        </tr>
      </thead>
      <tbody v-for="day in days" :key="day.date">
        <tr v-if="isUntold(day)">
          <th scope="row">{{ dayOf(day.date) }}</th>
          <td class="untold" :colspan="day.hours.length">{{ inWords(day.source) }}</td>
        </tr>
        <tr v-if="!isUntold(day)">
          <th scope="row" rowspan="2">{{ dayOf(day.date) }}</th>
          <td v-for="hour in day.hours" :key="hour.hour">
            <button
              type="button"
              :class="[hour.grade, { past: isPast(hour), chosen: hour.hour === chosen }]"
              :aria-pressed="hour.hour === chosen"
              :aria-label="words(day, hour)"
              :title="words(day, hour)"
              @click="$emit('choose', hour, day)"
            >
              {{ GRADES[hour.grade].shape }}
            </button>
          </td>
        </tr>
        <tr v-if="!isUntold(day)">
          <td class="windows" :colspan="day.hours.length">{{ windows(day) }}</td>
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
  width: 100%;
  min-width: 620px;
  border-collapse: collapse;
}

th {
  padding: 0 6px 0 0;
  text-align: left;
  font-size: 0.8125rem;
  font-weight: 600;
  white-space: nowrap;
  vertical-align: top;
}

td {
  padding: 0 1px;
}

button {
  width: 100%;
  min-width: 20px;
  height: 26px;
  font-size: 0.875rem;
  font-weight: 700;
  line-height: 1;
  text-align: center;
}

.GOOD {
  background: var(--open);
  color: var(--on-state);
}

.FAIR {
  background: var(--sky);
  color: var(--ink);
}

.POOR {
  background: var(--wash);
  color: var(--ink-soft);
}

.UNSAFE,
.OFF_LABEL {
  background: var(--off-label);
  color: var(--on-state);
}

.UNKNOWN {
  background: repeating-linear-gradient(135deg, var(--rule) 0 1px, var(--sheet) 1px 5px);
  color: var(--ink-soft);
}

.untold {
  padding: 2px 6px;
  background: repeating-linear-gradient(135deg, var(--rule) 0 1px, var(--sheet) 1px 5px);
  color: var(--ink-soft);
  font-size: 0.8125rem;
}

.past {
  opacity: 0.45;
}

.chosen {
  outline: 3px solid var(--ink);
  outline-offset: -1px;
}

.windows {
  padding: 1px 1px 8px;
  font-size: 0.8125rem;
  color: var(--ink-soft);
}
</style>
