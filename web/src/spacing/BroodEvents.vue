<script setup lang="ts">
import { api, ask, Refused, words, type Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import { useRequest } from '../shared/request'
import BroodLine from './BroodLine.vue'
import { wordsOf } from './broodWords'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** What is on record of a colony's brood, what follows from it, and when to look. */
defineProps<{ clock: Shapes['ClockView']; mayWork: boolean }>()
const emit = defineEmits<{ changed: [] }>()
const { problem, attempt } = useRequest(refusal)

function refusal(thrown: unknown): string {
  const says = thrown instanceof Refused ? thrown.at('day') : undefined
  return says ? t('spacing.broodEvents.notStruckOut', { says }) : words(thrown)
}

async function strike(id: string): Promise<void> {
  await attempt(async () => {
    await ask(api.DELETE('/api/brood-events/{id}', { params: { path: { id } } }))
    emit('changed')
  })
}
</script>

<template>
  <section class="events" :aria-label="t('spacing.broodEvents.broodClock')">
    <div class="line"><BroodLine :clock="clock" /></div>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <div>
      <h3>{{ t('spacing.broodEvents.whatFollows') }}</h3>
      <ul>
        <li v-for="(each, i) in clock.why" :key="i">{{ inWords(each) }}</li>
        <li v-for="each in clock.lookDates" :key="each.day + each.why.code">
          <strong>{{ t('spacing.broodEvents.lookInsideOn', { day: shortDay(each.day) }) }}</strong>:
          {{ inWords(each.why) }}.
        </li>
      </ul>
    </div>
    <div>
      <h3>{{ t('spacing.broodEvents.onRecord') }}</h3>
      <ul>
        <li v-for="each in clock.events" :key="each.event.id">
          {{ shortDay(each.event.day) }} · {{ wordsOf(each.event) }}
          <span class="soft">{{ each.doneBy }}</span>
          <button v-if="mayWork" type="button" @click="strike(each.event.id)">
            {{ t('common.strikeOut') }}
          </button>
        </li>
        <li v-if="!clock.events.length" class="soft">{{ t('spacing.broodEvents.nothingYet') }}</li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.events {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 24px;
}

.line {
  grid-column: 1 / -1;
}

.problem {
  grid-column: 1 / -1;
  color: var(--off-label);
  font-weight: 600;
}

ul {
  margin: 6px 0;
  padding-left: 18px;
}

button {
  min-height: 36px;
  margin-left: 8px;
  text-decoration: underline;
}

@media (width <= 900px) {
  .events {
    grid-template-columns: 1fr;
  }
}
</style>
