<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { timeIn } from '../shared/format'
import { t } from '../words/words'

/** The run held against its plan, on one line: an estimate. */
const props = defineProps<{ pace: Shapes['PaceNow']; zone: string }>()

const minutes = computed(() => Math.round(Math.abs(props.pace.behind) / 60))
const lag = computed(() => {
  if (minutes.value === 0) return t('run.paceLine.onTime')
  return t('run.paceLine.min', {
    minutes: minutes.value,
    behind: props.pace.behind > 0 ? t('run.paceLine.behind') : t('run.paceLine.ahead'),
  })
})
const time = (at: string) => timeIn(props.zone, Date.parse(at))
</script>

<template>
  <p class="pace" :class="{ late: pace.workableTo !== undefined && !pace.endsInside }">
    <span class="soft">{{ t('run.paceLine.pace') }}</span>
    <span
      ><i18n-t keypath="run.paceLine.hadAcidReckonedBy" scope="global"
        ><template #strong
          ><strong class="figure">{{ pace.out }}</strong></template
        ><template #outByNow>{{ pace.outByNow }}</template></i18n-t
      ></span
    >
    <strong>{{ lag }}</strong>
    <span>{{ t('run.paceLine.clearedAwayAbout', { endsAt: time(pace.endsAt) }) }}</span>
    <span v-if="pace.workableTo === undefined">{{ t('run.paceLine.notWorkableHoursNow') }}</span>
    <span v-else-if="pace.endsInside">{{
      t('run.paceLine.insideWorkableHours', { workableTo: time(pace.workableTo) })
    }}</span>
    <strong v-else>{{
      t('run.paceLine.pastWorkableHoursWhich', { workableTo: time(pace.workableTo) })
    }}</strong>
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
