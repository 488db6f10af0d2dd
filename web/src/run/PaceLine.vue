<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { timeIn } from '../shared/format'

/** The run held against its plan, on one line: an estimate. */
const props = defineProps<{ pace: Shapes['PaceNow']; zone: string }>()

const minutes = computed(() => Math.round(Math.abs(props.pace.behind) / 60))
const lag = computed(() => {
  if (minutes.value === 0) return 'on time'
  return `${minutes.value} min ${props.pace.behind > 0 ? 'behind' : 'ahead'}`
})
const time = (at: string) => timeIn(props.zone, Date.parse(at))
</script>

<template>
  <p class="pace" :class="{ late: pace.workableTo !== undefined && !pace.endsInside }">
    <span class="soft">Pace</span>
    <span
      ><strong class="figure">{{ pace.out }}</strong> had acid, {{ pace.outByNow }} reckoned by
      now</span
    >
    <strong>{{ lag }}</strong>
    <span>cleared away about {{ time(pace.endsAt) }}</span>
    <span v-if="pace.workableTo === undefined">not in workable hours now</span>
    <span v-else-if="pace.endsInside"
      >inside the workable hours, to {{ time(pace.workableTo) }}</span
    >
    <strong v-else>! past the workable hours, which end {{ time(pace.workableTo) }}</strong>
  </p>
</template>

<style scoped>
.pace {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  margin: 0;
  padding: 6px 0;
  border-top: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
}

.late {
  border-left: 8px solid var(--caution);
  padding-left: 10px;
}
</style>
