<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask, type Shapes } from '../../api/client'
import { inWords, type Fact } from '../../words/facts'
import { fetchRoom, t } from '../../words/words'
import { shortDay } from '../days'
import { percent } from '../numbers'
import { useRequest } from '../request'

/** Why a line is told: the rule of its kind, and what its most pressing hive is expected to come to. */
const props = defineProps<{ task: Shapes['DueTask'] }>()

const rule = ref<Fact | null>(null)
const { problem, attempt } = useRequest(() => t('due.why.unreached'))

void attempt(async () => {
  const [rules] = await Promise.all([ask(api.GET('/api/due/rules')), fetchRoom('fact')])
  rule.value = rules.find((each) => each.kind === props.task.kind)?.says ?? null
})

const left = computed(() => {
  const { waiting } = props.task
  return waiting
    ? t('due.why.left', {
        hive: waiting.hive,
        untreated: percent(waiting.untreated),
        date: shortDay(waiting.deadline.date),
        target: percent(waiting.deadline.target),
      })
    : ''
})
</script>

<template>
  <div class="why" role="status">
    <p v-if="problem">{{ problem }}</p>
    <p v-if="rule">{{ inWords(rule) }}</p>
    <p v-if="left">{{ left }}</p>
  </div>
</template>

<style scoped>
.why {
  padding: 0 12px 10px 0;
  max-width: 76ch;
}

p {
  margin: 0;
}
</style>
