<script setup lang="ts">
import HiveFigure from '../shared/HiveFigure.vue'
import type { Hive } from './useYard'
import { t } from '../words/words'

/** One hive of a drawn row; drawn again only when it or its choice changes. */
defineProps<{ hive: Hive; kept?: number; leaky?: boolean; chosen: boolean; over: boolean }>()
</script>

<template>
  <button
    type="button"
    class="hive"
    :class="{ bracketed: chosen, over }"
    :aria-pressed="chosen"
    :data-hive="hive.name"
    :data-id="hive.id"
  >
    <HiveFigure
      :boxes="hive.boxes"
      :supers="hive.supers"
      :floor="hive.floor"
      :fittings="hive.fittings"
      :scale="1.45"
    />
    <span class="name">{{ hive.name }}</span>
    <span v-if="kept !== undefined" class="kept" :class="{ leaks: leaky }"
      >{{ leaky ? t('apiary.yardHive.leaky') : t('apiary.yardHive.keeps') }}
      {{ Math.round(100 * kept) }} %</span
    >
  </button>
</template>

<style scoped>
.hive {
  display: grid;
  justify-items: center;
  align-content: end;
  gap: 1px;
  min-width: 78px;
  padding: 8px 3px 4px;
  contain: layout style;
}

.hive:hover {
  background: var(--wash);
}

.over {
  box-shadow: inset 0 0 0 2px var(--sealed);
}

.name {
  font-weight: 650;
}

.kept {
  font-size: 0.75rem;
  font-variant-numeric: tabular-nums;
  color: var(--ink-soft);
}

.leaks {
  color: var(--off-label);
  font-weight: 650;
}
</style>
