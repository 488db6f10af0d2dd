<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import VerdictMark from '../shared/VerdictMark.vue'
import { dayOf } from '../shared/format'
import { t } from '../words/words'

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
    <router-link to="/run" class="back">{{ t('common.rounds') }}</router-link>
    <strong>{{ whole.apiary.name }}</strong>
    <span>{{ dayOf(whole.round.day) }}</span>
    <span>{{ t('run.runHead.sealedMin', { sealMinutes: whole.round.sealMinutes }) }}</span>
    <VerdictMark v-if="verdict" :verdict="verdict" />
    <router-link :to="`/run/${whole.round.id}/ready`">{{ t('run.runHead.makeReady') }}</router-link>
    <router-link :to="`/dose/sheet/${whole.round.id}`">{{ t('run.runHead.sheetKit') }}</router-link>
    <span v-if="whole.peopleCheck" class="soft checked">{{
      t('run.runHead.peopleCheckedBy', { checkedBy: whole.peopleCheck.checkedBy })
    }}</span>
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
