<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask, type Shapes } from '../../api/client'
import { inWords, type Fact } from '../../words/facts'
import { fetchRoom, t } from '../../words/words'
import { counted } from '../format'
import { shortDay } from '../days'
import { percent } from '../numbers'
import { askOrKnown } from '../offline/known'
import { useRequest } from '../request'
import { actWords } from './dueWords'

/** Why a line is told: the rule of its kind, and what its most pressing hive is expected to come to. */
const props = defineProps<{ task: Shapes['DueTask'] }>()

const rule = ref<Fact | null>(null)
const { problem, attempt } = useRequest(() => t('due.why.unreached'))

void attempt(async () => {
  const [rules] = await Promise.all([
    askOrKnown('due-rules', () => ask(api.GET('/api/due/rules'))),
    fetchRoom('fact'),
  ])
  rule.value = rules.find((each) => each.kind === props.task.kind)?.says ?? null
})

/** How the rounds are shared out that the label leaves this year, where what is to do goes by that. */
const shared = computed(() => {
  const { waiting } = props.task
  const year = waiting?.labelYear
  if (!waiting || !year) return []
  const share = t('due.why.share', {
    rounds: counted(year.left, 'round'),
    every: counted(year.every, 'day'),
    stops: shortDay(year.lastsUntil),
  })
  const { spends } = waiting
  return spends
    ? [
        share,
        t('due.why.spends', {
          act: actWords(spends),
          hive: waiting.hive,
          target: percent(waiting.deadline.target),
          left: counted(Math.max(0, year.left - spends.rounds), 'round'),
        }),
      ]
    : [share]
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
    <p v-for="text of shared" :key="text">{{ text }}</p>
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
