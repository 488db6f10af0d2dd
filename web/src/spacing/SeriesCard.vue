<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import VerdictMark from '../shared/VerdictMark.vue'
import { shortDay } from '../shared/days'
import { counted } from '../shared/format'
import MissDialog from './MissDialog.vue'
import { useRequest } from '../shared/request'
import { t } from '../words/words'
import { inWords } from '../words/facts'
import { weight } from '../shared/units/quantity'

/** A series that goes on: its rounds, what is next, and what to do when a day was missed. */
const props = defineProps<{ series: Shapes['Series']; isKeeper: boolean }>()
const emit = defineEmits<{ changed: [] }>()

const { problem, attempt } = useRequest()
const missing = ref(false)
const ending = ref(false)
const STATES = {
  DONE: { shape: '■', words: t('spacing.seriesCard.done') },
  OPEN: { shape: '◐', words: t('spacing.seriesCard.plannedOrUnderWay') },
  DUE: { shape: '▶', words: t('spacing.seriesCard.dueToday') },
  LATE: { shape: '!', words: t('spacing.seriesCard.late') },
  AHEAD: { shape: '□', words: t('spacing.seriesCard.ahead') },
  LEFT_OUT: { shape: '–', words: t('common.leftOut') },
} as const
const next = computed(() =>
  props.series.rounds.find((each) => each.state !== 'DONE' && each.state !== 'LEFT_OUT'),
)
const mayMove = computed(() => next.value && next.value.state !== 'OPEN')

async function end(): Promise<void> {
  await attempt(async () => {
    await ask(api.DELETE('/api/series/{id}', { params: { path: { id: props.series.id } } }))
    emit('changed')
  })
}
</script>

<template>
  <article class="sheet series">
    <header>
      <strong>{{ series.name }}</strong>
      <span>{{ series.apiary }}, {{ counted(series.hives.length, 'hive') }}</span>
      <span>{{
        t('spacing.seriesCard.gBox', { gramsPerBox: weight(series.gramsPerBox), tool: series.tool })
      }}</span>
      <VerdictMark v-if="series.verdict" :verdict="series.verdict" />
      <span v-if="series.labelSays" class="soft">{{ inWords(series.labelSays) }}</span>
    </header>
    <ol>
      <li v-for="each in series.rounds" :key="each.number" :class="each.state">
        <span class="shape" aria-hidden="true">{{ STATES[each.state].shape }}</span>
        {{ shortDay(each.day) }}
        <span class="soft">{{ STATES[each.state].words }}</span>
        <span v-if="each.day !== each.firstDay" class="soft">{{
          t('spacing.seriesCard.was', { firstDay: shortDay(each.firstDay) })
        }}</span>
      </li>
    </ol>
    <p v-if="series.offLabelReason" class="soft">
      {{ t('spacing.seriesCard.offLabel', { offLabelReason: series.offLabelReason }) }}
    </p>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <div v-if="isKeeper" class="buttons">
      <v-btn
        v-if="mayMove && next"
        variant="flat"
        color="primary"
        :to="{ path: '/dose', query: { series: series.id, round: next.number } }"
        >{{ t('spacing.seriesCard.doseSheetRound', { number: next.number }) }}</v-btn
      >
      <v-btn v-if="mayMove" @click="missing = true">{{ t('spacing.seriesCard.missedDay') }}</v-btn>
      <v-btn @click="ending ? end() : (ending = true)">{{
        ending ? t('spacing.seriesCard.endRoundsDoneStay') : t('spacing.seriesCard.endSeries')
      }}</v-btn>
    </div>
    <MissDialog
      v-if="next"
      v-model="missing"
      :series="series"
      :round="next"
      @moved="emit('changed')"
    />
  </article>
</template>

<style scoped>
.series {
  padding: 12px 16px;
  margin: 8px 0;
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
}

ol {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  list-style: none;
  margin: 10px 0;
  padding: 0;
}

.shape {
  font-weight: 700;
}

.DONE {
  color: var(--open);
}

.LATE {
  color: var(--off-label);
  font-weight: 650;
}

.DUE {
  color: var(--due);
  font-weight: 650;
}

.LEFT_OUT {
  text-decoration: line-through;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
