<script setup lang="ts">
import type { Shapes } from '../api/client'
import { dayOf } from '../shared/format'
import { inWords } from '../words/facts'
import { t } from '../words/words'

/** What happened to a hive, the latest first; what was taken back stays to be read. */
defineProps<{ lines: readonly Shapes['LifeLine'][]; mayDecide: boolean; busy: boolean }>()
defineEmits<{ back: [actId: string] }>()
</script>

<template>
  <ol class="lines" :aria-label="t('hive.lifeLines.life')">
    <li v-for="(each, i) in lines" :key="i" :class="{ back: each.takenBack }">
      <time class="figure">{{ each.day ? dayOf(each.day) : t('hive.lifeLines.before') }}</time>
      <div>
        <component :is="each.takenBack ? 's' : 'span'">{{ inWords(each.says) }}</component>
        <span v-if="each.by" class="soft by">{{ each.by }}</span>
        <p v-if="each.takenBack" class="soft">
          {{ t('hive.lifeLines.takenBackBy', { by: each.takenBack.by }) }}
          <template v-if="each.takenBack.why">: {{ each.takenBack.why }}</template>
        </p>
      </div>
      <router-link v-if="each.hiveId" :to="`/hives/${each.hiveId}`">{{
        t('hive.lifeLines.toHive')
      }}</router-link>
      <router-link v-else-if="each.roundId" :to="`/run/${each.roundId}/review`">{{
        t('hive.lifeLines.toRound')
      }}</router-link>
      <button
        v-if="mayDecide && each.actId && !each.takenBack"
        type="button"
        :disabled="busy"
        @click="$emit('back', each.actId)"
      >
        {{ t('shared.undoBar.takeBack') }}
      </button>
    </li>
  </ol>
</template>

<style scoped>
.lines {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 118px minmax(0, 1fr) auto auto;
  gap: 4px 14px;
  align-items: baseline;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
}

p {
  margin: 0;
}

.by {
  margin-left: 0.6em;
}

button {
  min-height: 32px;
  text-decoration: underline;
}

@media (width <= 600px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }

  time {
    grid-column: 1 / -1;
  }
}
</style>
