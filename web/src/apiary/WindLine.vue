<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { windSpeed } from '../shared/units/quantity'
import { sideWords } from '../shared/windSide'
import { inWords } from '../words/facts'
import { t } from '../words/words'

/** From where the wind comes over a yard, and where to stand. */
const props = defineProps<{ there: Shapes['WeatherThere'] }>()
const wind = computed(() => props.there.weather)
</script>

<template>
  <p v-if="wind" class="wind">
    <svg
      v-if="wind.windFrom !== undefined"
      viewBox="-20 -20 40 40"
      aria-hidden="true"
      :style="{ rotate: wind.windFrom + 'deg' }"
    >
      <path d="M0 -17V15M-8 5 0 15 8 5" />
    </svg>
    <span>
      <i18n-t keypath="apiary.apiaryPage.wind" scope="global"
        ><template #more
          ><template v-if="there.windSide">{{
            ' ' + t('apiary.apiaryPage.from', { windSide: sideWords(there.windSide) })
          }}</template></template
        ><template #windMs>{{ windSpeed(wind.windMs) }}</template
        ><template #says>{{ inWords(there.says) }}</template
        ><template #strong
          ><strong>{{
            there.madeUp
              ? t('apiary.apiaryPage.madeUpFeelWind')
              : there.windSide
                ? t('apiary.apiaryPage.stand', { windSide: sideWords(there.windSide) })
                : t('apiary.apiaryPage.nobodySaysFromWhere')
          }}</strong></template
        ><template #span
          ><span v-if="wind.windFrom !== undefined" class="soft">
            {{ t('apiary.apiaryPage.northUp') }}</span
          ></template
        ></i18n-t
      >
    </span>
  </p>
</template>

<style scoped>
.wind {
  display: flex;
  align-items: center;
  gap: 12px;
  margin: 0 0 8px;
}

.wind svg {
  width: 36px;
  height: 36px;
  flex: none;
}

.wind path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3.5;
}
</style>
