<script setup lang="ts">
import type { Shapes } from '../api/client'
import { clockOf, counted } from '../shared/format'
import { t } from '../words/words'
import { wordOf } from '../words/facts'

/** What a run that was played through comes to: cloths, the longest seal, tools, and what one more would save. */
defineProps<{ pace: Shapes['Pace']; saving: Shapes['RunLength']['savings'] }>()
</script>

<template>
  <ul class="facts">
    <li>
      <i18n-t keypath="pace.pacePage.mostShutAtOnce" scope="global"
        ><template #strong
          ><strong>{{ pace.mostShut }}</strong></template
        ></i18n-t
      >
    </li>
    <li>
      <i18n-t keypath="pace.pacePage.longestShutOpenedLate" scope="global"
        ><template #strong
          ><strong class="figure">{{ clockOf(1000 * pace.longestShut) }}</strong></template
        ><template #overdue>{{ pace.overdue }}</template
        ><template #worstOverdue>{{ clockOf(1000 * pace.worstOverdue) }}</template></i18n-t
      >
    </li>
    <li v-for="(tool, i) in pace.tools" :key="i">
      <i18n-t keypath="pace.pacePage.worksTime" scope="global"
        ><template #name>{{ tool.name }}</template
        ><template #busy>{{ Math.round(100 * tool.busy) }}</template
        ><template #more
          ><template v-if="tool.charges"
            >, {{ counted(tool.charges, 'charge') }}</template
          ></template
        ></i18n-t
      >
    </li>
    <li v-for="gain in saving" :key="gain.more">
      <i18n-t keypath="pace.pacePage.saves" scope="global"
        ><template #strong
          ><strong>{{ wordOf(`RunLengthMore.${gain.more}`) }}</strong></template
        ><template #saved>{{ clockOf(1000 * gain.saved) }}</template></i18n-t
      >
    </li>
    <li v-if="saving.length === 0">{{ t('pace.pacePage.oneMoreAnythingWould') }}</li>
  </ul>
</template>

<style scoped>
.facts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 2px 24px;
  margin: 10px 0;
  padding-left: 20px;
}

@media (width <= 900px) {
  .facts {
    grid-template-columns: 1fr;
  }
}
</style>
