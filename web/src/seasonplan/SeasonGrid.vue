<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { addDays, daysBetween, shortDay } from '../shared/days'
import { dayOf } from '../shared/format'
import { cellWords, letterOf, stretchesOn } from './seasonWords'
import { keyOf } from './useSeason'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** Apiaries down, days across: hours and the year behind, visits with their crew's letter before. */
const props = defineProps<{
  view: Shapes['SeasonView']
  chosen?: string
  chosenDay?: string
  mayMove: boolean
  /** Whether a yard's row is shown. */
  shows: (apiaryId: string) => boolean
  /** By yard, until when something must begin there. */
  begins: ReadonlyMap<string, Shapes['Begin']>
}>()
const emit = defineEmits<{
  choose: [visit: Shapes['PlacedVisit']]
  chooseDay: [day: string]
  move: [visit: Shapes['PlacedVisit'], day: string]
  pin: [visit: Shapes['PlacedVisit']]
}>()

const days = computed(() =>
  Array.from({ length: daysBetween(props.view.span.from, props.view.span.to) + 1 }, (_, i) =>
    addDays(props.view.span.from, i),
  ),
)
const allSeries = computed(
  () => new Map(props.view.allSeries.map((each) => [each.series.id, each] as const)),
)
const bends = computed(() => {
  const found = new Map<string, Shapes['RuleViolation'][]>()
  for (const bend of props.view.plan?.bends ?? [])
    found.set(keyOf(bend), [...(found.get(keyOf(bend)) ?? []), bend])
  return found
})
const agreed = computed(
  () => new Map(props.view.agreed.map((each) => [keyOf(each), each] as const)),
)
/** Visits in hours that no source tells of. */
const toConfirm = computed(
  () =>
    new Set(
      (props.view.plan?.routes ?? [])
        .flatMap((route) => route.stops)
        .filter((stop) => stop.expectedMinutes > 0)
        .map(keyOf),
    ),
)

function classOf(cell: Shapes['YardCell'] | undefined): string {
  if (cell?.closed) return 'closed'
  return cell?.grade ?? (cell?.expected ? 'usual' : 'none')
}

/** Visits and left-behind places of an apiary by day. */
const rows = computed(() =>
  props.view.yards
    .filter((yard) => props.shows(yard.id))
    .map((yard) => {
      const visits = (props.view.plan?.visits ?? []).filter(
        (visit) => allSeries.value.get(visit.seriesId)?.series.apiaryId === yard.id,
      )
      return {
        yard,
        here: (day: string) => visits.filter((visit) => visit.day === day),
        left: (day: string) =>
          visits.filter((visit) => {
            const was = agreed.value.get(keyOf(visit))
            return was?.day === day && visit.day !== day
          }),
        missed: visits.filter((visit) => !visit.day),
        begin: props.begins.get(yard.id),
      }
    }),
)

function stateOf(visit: Shapes['PlacedVisit']): 'broken' | 'bent' | 'plain' {
  const here = (bends.value.get(keyOf(visit)) ?? []).filter((bend) => bend.kind !== 'MOVED')
  if (here.some((bend) => bend.broken)) return 'broken'
  return here.length ? 'bent' : 'plain'
}

function saysOf(visit: Shapes['PlacedVisit']): string {
  const series = allSeries.value.get(visit.seriesId)
  const crew = props.view.crews.find((each) => each.id === visit.crewId)
  const why = (bends.value.get(keyOf(visit)) ?? []).map((bend) => inWords(bend.says))
  return [
    t('seasonplan.seasonGrid.round', {
      apiary: series?.apiary,
      name: series?.series.name,
      number: visit.number,
    }),
    visit.day
      ? t('seasonplan.seasonGrid.with', {
          day: dayOf(visit.day),
          name: crew?.name ?? t('seasonplan.seasonGrid.nobody'),
        })
      : t('seasonplan.seasonGrid.hasNoDay'),
    ...(visit.pinned ? [t('seasonplan.seasonGrid.pinned')] : []),
    ...(toConfirm.value.has(keyOf(visit)) ? [t('seasonplan.seasonGrid.beConfirmedNoSource')] : []),
    ...why,
  ].join('; ')
}

/** Until when something must begin, and what waiting costs. */
function beginWords(begin: Shapes['Begin']): string {
  return t('seasonplan.seasonGrid.beginBy', {
    day: dayOf(begin.by),
    hive: begin.hive,
    mites: Math.round(begin.weekCosts),
  })
}

function onKey(event: KeyboardEvent, visit: Shapes['PlacedVisit']): void {
  if (!props.mayMove) return
  if (event.key.toLowerCase() === 'p') {
    event.preventDefault()
    emit('pin', visit)
  }
  const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0
  if (by !== 0 && event.altKey && visit.day) {
    event.preventDefault()
    emit('move', visit, addDays(visit.day, by))
  }
}

function onDrop(event: DragEvent, yardId: string, day: string): void {
  const key = event.dataTransfer?.getData('text/plain')
  const visit = props.view.plan?.visits.find((each) => keyOf(each) === key)
  if (visit && allSeries.value.get(visit.seriesId)?.series.apiaryId === yardId && visit.day !== day)
    emit('move', visit, day)
}

function isMonday(day: string): boolean {
  return new Date(day + 'T00:00:00Z').getUTCDay() === 1
}
</script>

<template>
  <div
    class="scroll"
    tabindex="0"
    role="region"
    :aria-label="t('seasonplan.seasonGrid.seasonPlanApiariesDays')"
  >
    <table>
      <thead>
        <tr>
          <th scope="col" class="name">{{ t('common.apiary') }}</th>
          <th v-for="day in days" :key="day" scope="col" :class="{ week: isMonday(day) }">
            <button
              type="button"
              class="day figure"
              :class="{ locked: view.locked[day], chosen: day === chosenDay }"
              :aria-label="`${dayOf(day)}${view.locked[day] ? t('seasonplan.seasonGrid.locked', { day: view.locked[day] }) : ''}`"
              :title="`${dayOf(day)}${view.locked[day] ? t('seasonplan.seasonGrid.locked', { day: view.locked[day] }) : ''}`"
              @click="$emit('chooseDay', day)"
            >
              <span class="month">{{
                day === days[0] || day.endsWith('-01') ? dayOf(day).split(' ')[2] : ''
              }}</span>
              {{ Number(day.slice(8)) }}
              <span class="lock">{{ view.locked[day] ? '✕' : '' }}</span>
            </button>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.yard.id">
          <th scope="row" class="name">
            {{ row.yard.name }}
            <span v-if="row.begin" class="begin figure" :title="beginWords(row.begin)">{{
              t('seasonplan.seasonGrid.by', { day: shortDay(row.begin.by) })
            }}</span>
            <button
              v-for="visit in row.missed"
              :key="keyOf(visit)"
              type="button"
              class="missed"
              :title="saysOf(visit)"
              :aria-label="saysOf(visit)"
              @click="$emit('choose', visit)"
            >
              {{ visit.number }}?
            </button>
          </th>
          <td
            v-for="(day, i) in days"
            :key="day"
            :class="[
              classOf(row.yard.days[i]),
              {
                week: isMonday(day),
                wall: row.begin?.by === day,
                lockedDay: view.locked[day],
                expected: row.yard.days[i]?.expected,
              },
            ]"
            :title="`${row.yard.name}, ${dayOf(day)}: ${cellWords(row.yard.days[i])}`"
            @dragover.prevent
            @drop.prevent="onDrop($event, row.yard.id, day)"
          >
            <i
              v-for="each in stretchesOn(row.yard.year, day)"
              :key="each.kind + each.from"
              :class="['band', each.kind]"
              :title="inWords(each.says)"
            ></i>
            <span v-for="visit in row.left(day)" :key="'was' + keyOf(visit)" class="was">{{
              visit.number
            }}</span>
            <button
              v-for="visit in row.here(day)"
              :key="keyOf(visit)"
              type="button"
              class="visit figure"
              :class="[
                'crew' + letterOf(view.crews, visit.crewId),
                stateOf(visit),
                {
                  pinned: visit.pinned,
                  chosen: keyOf(visit) === chosen,
                  toConfirm: toConfirm.has(keyOf(visit)),
                },
              ]"
              :draggable="mayMove"
              :aria-label="saysOf(visit)"
              :aria-pressed="keyOf(visit) === chosen"
              :title="saysOf(visit)"
              @dragstart="$event.dataTransfer?.setData('text/plain', keyOf(visit))"
              @keydown="onKey($event, visit)"
              @click="$emit('choose', visit)"
            >
              {{ letterOf(view.crews, visit.crewId) }}{{ visit.number
              }}<span v-if="stateOf(visit) === 'broken'" class="mark">!</span>
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped src="./seasonGrid.css"></style>
