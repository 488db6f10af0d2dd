<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import VerdictMark from '../shared/VerdictMark.vue'
import { dayOf } from '../shared/format'

/** Which round this is, and what belongs to it. */
const props = defineProps<{ whole: Shapes['WholeRound'] }>()

const RANK = ['ALLOWED', 'CAUTION', 'NOT_ON_LABEL'] as const
/** What the rule sheet said of the worst of its hives. */
const verdict = computed(() => {
  const worst = Math.max(...props.whole.hives.map((each) => RANK.indexOf(each.verdict)), -1)
  return RANK[worst]
})
</script>

<template>
  <p class="where">
    <router-link to="/run" class="back">Rounds</router-link>
    <strong>{{ whole.apiary.name }}</strong>
    <span>{{ dayOf(whole.round.day) }}</span>
    <span>sealed {{ whole.round.sealMinutes }} min</span>
    <VerdictMark v-if="verdict" :verdict="verdict" />
    <router-link :to="`/run/${whole.round.id}/ready`">Make ready</router-link>
    <router-link :to="`/dose/sheet/${whole.round.id}`">Sheet and kit</router-link>
    <span v-if="whole.peopleCheck" class="soft checked"
      >people checked by {{ whole.peopleCheck.checkedBy }}</span
    >
  </p>
</template>

<style scoped>
.where {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin: 0;
}

@media (width <= 900px) {
  .where {
    font-size: 0.875rem;
  }

  .checked {
    display: none;
  }
}
</style>
