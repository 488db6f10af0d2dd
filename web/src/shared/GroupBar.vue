<script setup lang="ts">
import { computed } from 'vue'
import { t } from '../words/words'
import { useYardGroups } from './yardGroups'

/** Narrows every list of the outfit to the yards of a group, of a crew, or one's own. */
const groups = useYardGroups()
const TITLES = {
  OWN: 'shared.groupBar.ownYards',
  CREW: 'shared.groupBar.yardsOfCrew',
  GROUP: 'shared.groupBar.yardsOf',
} as const
const items = computed(() => [
  { value: '', title: t('shared.groupBar.allYards') },
  ...groups.choices.map((each) => ({
    value: groups.keyOf(each),
    title: t(TITLES[each.kind], { name: each.name, n: each.apiaryIds.length }),
  })),
])
const chosen = computed({
  get: () => (groups.inHand ? groups.chosen : ''),
  set: (key) => (groups.chosen = key),
})
</script>

<template>
  <div class="bar no-print" :class="{ narrowed: groups.inHand }">
    <v-select
      v-model="chosen"
      :items="items"
      :label="t('shared.groupBar.yards')"
      density="compact"
      hide-details
    />
    <v-btn v-if="groups.inHand" variant="text" min-height="48" @click="groups.choose(undefined)">{{
      t('shared.groupBar.showAll')
    }}</v-btn>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 8px;
  margin-bottom: 12px;
  max-width: 420px;
}

.narrowed {
  border-left: 4px solid var(--ink);
  padding-left: 8px;
}
</style>
