<script setup lang="ts">
import { grams } from '../shared/format'

/** How many hives wait, are shut and are done, and what acid went in. */
defineProps<{
  waiting: number
  shut: number
  done: number
  /** Grams of acid dihydrate. */
  acidUsed: number
  acidLeft: number
}>()
</script>

<template>
  <p>
    <span
      ><i18n-t keypath="run.runTally.waiting" scope="global"
        ><template #strong
          ><strong class="figure">{{ waiting }}</strong></template
        ></i18n-t
      ></span
    >
    <span
      ><i18n-t keypath="run.runTally.shut" scope="global"
        ><template #strong
          ><strong class="figure">{{ shut }}</strong></template
        ></i18n-t
      ></span
    >
    <span
      ><i18n-t keypath="run.runTally.done" scope="global"
        ><template #strong
          ><strong class="figure">{{ done }}</strong></template
        ></i18n-t
      ></span
    >
    <span
      ><i18n-t keypath="run.runTally.acidUsedGo" scope="global"
        ><template #strong
          ><strong class="figure">{{ grams(acidUsed) }}</strong></template
        ><template #strong2
          ><strong class="figure">{{ grams(acidLeft) }}</strong></template
        ></i18n-t
      ></span
    >
  </p>
</template>

<style scoped>
p {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
  margin: 0 0 10px;
}

.figure {
  font-size: 1.125rem;
}
</style>
