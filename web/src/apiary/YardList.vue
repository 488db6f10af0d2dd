<script setup lang="ts">
import HiveLink from '../shared/HiveLink.vue'
import LineTable from '../shared/LineTable.vue'
import { CRACKS, ENTRANCES, FLOORS, PORTS, boxNotation } from '../shared/standing'
import { roughly } from '../shared/numbers'
import type { Hive } from './useYard'
import { t } from '../words/words'

/** The same hives as a list: chosen by a box, moved by buttons, readable by ear. */
const props = defineProps<{
  hives: readonly Hive[]
  kept: ReadonlyMap<string, { kept: number }>
  mayMove: boolean
}>()
const emit = defineEmits<{ move: [hiveId: string, target: string, after: boolean] }>()
const chosen = defineModel<ReadonlySet<string>>({ required: true })

function toggle(id: string): void {
  const next = new Set(chosen.value)
  if (!next.delete(id)) next.add(id)
  chosen.value = next
}

function step(index: number, by: -1 | 1): void {
  const hive = props.hives[index]
  const neighbour = props.hives[index + by]
  if (hive && neighbour) emit('move', hive.id, neighbour.id, by > 0)
}
</script>

<template>
  <LineTable :label="t('common.hivesWalkingOrder')">
    <thead>
      <tr>
        <th scope="col">
          <span class="visually-hidden">{{ t('apiary.yardList.chosen') }}</span>
        </th>
        <th scope="col">{{ t('apiary.yardList.row') }}</th>
        <th scope="col">{{ t('apiary.yardList.walk') }}</th>
        <th scope="col">{{ t('common.hive') }}</th>
        <th scope="col">{{ t('common.broodBoxes') }}</th>
        <th scope="col">{{ t('common.supers') }}</th>
        <th scope="col">{{ t('common.floor') }}</th>
        <th scope="col">{{ t('apiary.yardList.entrance') }}</th>
        <th scope="col">{{ t('apiary.yardList.port') }}</th>
        <th scope="col">{{ t('apiary.yardList.cracks') }}</th>
        <th scope="col">{{ t('apiary.yardList.material') }}</th>
        <th scope="col">{{ t('apiary.yardList.keeps') }}</th>
        <th v-if="mayMove" scope="col">
          <span class="visually-hidden">{{ t('apiary.yardList.earlierOrLater') }}</span>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(each, index) in hives" :key="each.id" :class="{ chosen: chosen.has(each.id) }">
        <td>
          <input
            type="checkbox"
            :checked="chosen.has(each.id)"
            :aria-label="t('apiary.yardList.choose', { name: each.name })"
            @change="toggle(each.id)"
          />
        </td>
        <td class="figure">{{ each.row }}</td>
        <td class="figure">{{ each.place }}</td>
        <td>
          <HiveLink :id="each.id" :name="each.name" />
        </td>
        <td>{{ boxNotation(each.boxes) }}</td>
        <td class="figure">{{ each.supers }}</td>
        <td>{{ FLOORS[each.floor] }}</td>
        <td>{{ ENTRANCES[each.fittings.entrance] }}</td>
        <td>{{ PORTS[each.fittings.port] }}</td>
        <td>{{ CRACKS[each.fittings.cracks] }}</td>
        <td>{{ each.fittings.material.toLowerCase() }}</td>
        <td class="figure">{{ kept.get(each.id) ? roughly(kept.get(each.id)?.kept ?? 0) : '' }}</td>
        <td v-if="mayMove" class="walk">
          <button
            type="button"
            :disabled="index === 0"
            :aria-label="t('apiary.yardList.earlierWalk', { name: each.name })"
            @click="step(index, -1)"
          >
            ↑
          </button>
          <button
            type="button"
            :disabled="index === hives.length - 1"
            :aria-label="t('apiary.yardList.laterWalk', { name: each.name })"
            @click="step(index, 1)"
          >
            ↓
          </button>
        </td>
      </tr>
    </tbody>
  </LineTable>
</template>

<style scoped>
th,
td {
  padding-inline: 6px !important;
}

input {
  width: 20px;
  height: 20px;
}

.chosen {
  background: var(--wash);
}

.walk {
  white-space: nowrap;
}

.walk button {
  min-width: 30px;
  min-height: 32px;
  font-size: 1.1rem;
}

.walk button:disabled {
  opacity: 0.3;
}
</style>
