<script setup lang="ts">
import { computed } from 'vue'
import { t } from '../words/words'

/** How a count stands to the limit: colour, shape and word. */
const props = defineProps<{ standing: 'DANGER' | 'ABOVE' | 'BELOW' | 'CANNOT_TELL' }>()

const LOOKS = {
  DANGER: { word: t('count.standingMark.danger'), path: 'M8 0 16 14H0zM7 5v4h2V5zM7 10.5v2h2v-2z' },
  ABOVE: { word: t('count.standingMark.above'), path: 'M2 12 8 3l6 9z' },
  BELOW: { word: t('count.standingMark.below'), path: 'M2 4h12L8 13z' },
  CANNOT_TELL: { word: t('count.standingMark.cannotTellYet'), path: 'M2 5h12v2H2zM2 10h12v2H2z' },
} as const
const look = computed(() => LOOKS[props.standing])
</script>

<template>
  <span class="mark" :class="standing">
    <svg viewBox="0 0 16 16" aria-hidden="true"><path :d="look.path" /></svg>{{ look.word }}
  </span>
</template>

<style scoped>
.mark {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  font-weight: 650;
  white-space: nowrap;
}

svg {
  width: 16px;
  height: 16px;
  fill: currentColor;
}

.DANGER {
  padding: 0 6px;
  color: var(--sheet);
  background: var(--off-label);
}

.ABOVE {
  color: var(--off-label);
}

.BELOW {
  color: var(--open);
}

.CANNOT_TELL {
  color: var(--caution);
}
</style>
