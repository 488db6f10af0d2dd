<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import HiveFigure from '../shared/HiveFigure.vue'
import StageMark from '../shared/StageMark.vue'
import { clockOf } from '../shared/format'
import { placesOf } from '../shared/places'
import { shownState } from '../shared/stage'
import { isUntouched, type ShownHive } from './overlay'
import { t } from '../words/words'
import { inWords, reasonOf } from '../words/facts'

/** The row as one walks it: every hive with its state, and its clock where it has one. */
const props = defineProps<{
  hives: readonly ShownHive[]
  sheet: ReadonlyMap<string, Shapes['RoundHive']>
  now: number
  inHand?: string
}>()
defineEmits<{ choose: [hiveId: string] }>()

const places = computed(() =>
  placesOf(props.hives, (hive) => props.sheet.get(hive.hiveId)?.hiveName ?? ''),
)

function doneOf(hives: readonly ShownHive[]): number {
  return hives.filter((hive) => hive.stage === 'OPEN' || hive.stage === 'SKIPPED').length
}

function dose(hive: ShownHive): string {
  const each = props.sheet.get(hive.hiveId)?.eachLoad
  const alike = hive.loads > 1 && each?.code === 'loads.each'
  return alike ? `${hive.loads} × ${inWords(each)}` : inWords(each)
}

/** What else is worth knowing at a glance. */
function note(hive: ShownHive): string {
  if (hive.waiting) return t('run.runRow.keptOnThisDevice')
  if (hive.stage === 'SKIPPED' || hive.stage === 'STOPPED') return reasonOf(hive.reason)
  return hive.marks
    .map((mark) =>
      mark.kind === 'LEAK_SEEN'
        ? t('run.runRow.leakSeen')
        : mark.kind === 'RESIDUE'
          ? t('run.runRow.residueLeft')
          : inWords(mark.says),
    )
    .filter((says, i, all) => says && all.indexOf(says) === i)
    .join(', ')
}

function clock(hive: ShownHive): string {
  const state = shownState(hive, props.now)
  if (hive.clockTo && (state === 'BURNING' || state === 'BURNT' || state === 'RELOADING')) {
    const toGo = Date.parse(hive.clockTo) - props.now
    return toGo > 0 ? clockOf(toGo) : '+' + clockOf(-toGo)
  }
  if (state === 'BURNING' && hive.since) return clockOf(props.now - Date.parse(hive.since))
  if (isUntouched(hive)) return dose(hive)
  if (!hive.openFrom) return ''
  const left = Date.parse(hive.openFrom) - props.now
  return left > 0 ? clockOf(left) : '+' + clockOf(-left)
}
</script>

<template>
  <ol class="row" :aria-label="t('common.hivesWalkingOrder')">
    <template v-for="place in places" :key="place.hives[0]?.hiveId">
      <li v-if="place.stand" class="place">
        <strong>{{ place.stand }}</strong>
        {{ t('run.runRow.doneOf', { done: doneOf(place.hives), all: place.hives.length }) }}
      </li>
      <li v-for="hive in place.hives" :key="hive.hiveId">
        <button
          type="button"
          :class="[shownState(hive, now), { bracketed: hive.hiveId === inHand }]"
          :aria-current="hive.hiveId === inHand ? 'true' : undefined"
          :data-hive="sheet.get(hive.hiveId)?.hiveName"
          :data-state="shownState(hive, now)"
          @click="$emit('choose', hive.hiveId)"
        >
          <span class="drawn">
            <HiveFigure
              v-if="sheet.get(hive.hiveId)"
              :boxes="sheet.get(hive.hiveId)?.boxes ?? []"
              :supers="sheet.get(hive.hiveId)?.supers ?? 0"
              :floor="sheet.get(hive.hiveId)?.floor ?? 'SOLID'"
              :scale="0.8"
            />
          </span>
          <span class="name">{{ sheet.get(hive.hiveId)?.hiveName }}</span>
          <span class="figure clock">{{ clock(hive) }}</span>
          <StageMark :state="shownState(hive, now)" class="mark" />
          <span class="note soft">{{ note(hive) }}</span>
        </button>
      </li>
    </template>
  </ol>
</template>

<style scoped>
.row {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(198px, 1fr));
  gap: 8px;
}

.place {
  grid-column: 1 / -1;
}

button {
  display: grid;
  grid-template: auto auto 1.3em / 46px 1fr auto;
  gap: 2px 8px;
  width: 100%;
  min-height: 92px;
  padding: 8px 14px 6px 10px;
  text-align: left;
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  border-bottom-width: 6px;
  border-radius: 2px;
}

.drawn {
  grid-row: 1 / 4;
  align-self: end;
  justify-self: center;
}

.drawn :deep(svg) {
  display: block;
  max-height: 72px;
}

.name {
  font-size: 1.25rem;
  font-weight: 700;
  overflow: hidden;
  text-overflow: ellipsis;
}

.clock {
  font-size: 1.25rem;
  text-align: right;
}

.mark,
.note {
  grid-column: 2 / 4;
}

.note {
  font-size: 0.875rem;
  line-height: 1.3;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.BURNING,
.BURNT {
  border-bottom-color: var(--burning);
}

.SEALED {
  border-bottom-color: var(--sealed);
}

.DUE,
.STOPPED {
  border-color: var(--due);
  box-shadow: inset 0 0 0 2px var(--due);
}

.TOO_LONG {
  border-color: var(--off-label);
  box-shadow: inset 0 0 0 4px var(--off-label);
}

.OPEN {
  border-bottom-color: var(--open);
  background: transparent;
}

.SKIPPED {
  background: transparent;
  border-style: dashed;
}

@media (width <= 900px) {
  .row {
    grid-template-columns: 1fr 1fr;
    gap: 6px;
  }

  button {
    grid-template-columns: 1fr auto;
    min-height: 84px;
    padding: 6px 12px;
  }

  .drawn {
    display: none;
  }

  .mark,
  .note {
    grid-column: 1 / 3;
  }
}
</style>
