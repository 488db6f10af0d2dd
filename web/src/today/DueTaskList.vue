<script setup lang="ts">
import type { Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import { dueWords } from './dueWords'
import { t } from '../words/words'

/** What is due by the calendar, most pressing first; one press starts it. */
defineProps<{ dueTasks: readonly Shapes['DueTask'][]; isKeeper: boolean; title: string }>()

type DueTask = Shapes['DueTask']
const KINDS: Record<DueTask['kind'], { shape: string; words: string; go: string }> = {
  DANGER: { shape: '‼', words: t('today.dueTaskList.danger'), go: t('today.dueTaskList.bench') },
  ABOVE_UNPLANNED: {
    shape: '▲',
    words: t('today.dueTaskList.aboveLimit'),
    go: t('today.dueTaskList.bench'),
  },
  ROUND_LATE: {
    shape: '!',
    words: t('today.dueTaskList.roundLate'),
    go: t('today.dueTaskList.lookAtSeries'),
  },
  ROUND_DUE: {
    shape: '▶',
    words: t('today.dueTaskList.roundDueToday'),
    go: t('today.dueTaskList.makeItsDoseSheet'),
  },
  WINDOW_CLOSES: {
    shape: '◑',
    words: t('today.dueTaskList.windowCloses'),
    go: t('today.dueTaskList.bench'),
  },
  WINDOW_OPENS: {
    shape: '○',
    words: t('today.dueTaskList.windowOpens'),
    go: t('today.dueTaskList.bench'),
  },
  BOARDS_TO_READ: {
    shape: '▤',
    words: t('today.dueTaskList.boardsRead'),
    go: t('today.dueTaskList.readThem'),
  },
  RECOUNT_DUE: {
    shape: '↺',
    words: t('today.dueTaskList.countAgain'),
    go: t('today.dueTaskList.count'),
  },
  ROUND_AHEAD: {
    shape: '□',
    words: t('today.dueTaskList.roundAhead'),
    go: t('today.dueTaskList.lookAtSeries'),
  },
  COUNT_DUE: {
    shape: '◇',
    words: t('today.dueTaskList.monthlyCount'),
    go: t('today.dueTaskList.count'),
  },
}

function to(task: DueTask, isKeeper: boolean) {
  const counts = { path: '/counts', query: { apiary: task.apiaryId } }
  switch (task.kind) {
    case 'ROUND_DUE':
      return isKeeper && task.seriesId
        ? { path: '/dose', query: { series: task.seriesId, round: task.round?.number } }
        : '/spacing'
    case 'ROUND_LATE':
    case 'ROUND_AHEAD':
      return '/spacing'
    case 'DANGER':
    case 'ABOVE_UNPLANNED':
    case 'WINDOW_CLOSES':
    case 'WINDOW_OPENS':
      return `/spacing/${task.hiveId}`
    default:
      return counts
  }
}
</script>

<template>
  <section v-if="dueTasks.length" :aria-label="title">
    <h2>{{ title }}</h2>
    <ul>
      <li v-for="(each, i) in dueTasks" :key="i" class="sheet" :class="each.kind">
        <span class="shape" aria-hidden="true">{{ KINDS[each.kind].shape }}</span>
        <span class="kind">{{ KINDS[each.kind].words }}</span>
        <span class="what">
          <strong>{{ each.apiary }}</strong>: {{ dueWords(each)
          }}<template v-if="each.kind === 'ROUND_AHEAD' && each.day"
            >, {{ shortDay(each.day) }}</template
          >
        </span>
        <router-link class="go" :to="to(each, isKeeper)">{{
          each.kind === 'ROUND_DUE' && !isKeeper
            ? t('today.dueTaskList.lookAtSeries')
            : KINDS[each.kind].go
        }}</router-link>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-top: 14px;
}

ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  display: grid;
  gap: 4px;
}

li {
  display: grid;
  grid-template-columns: 22px 140px 1fr auto;
  gap: 4px 12px;
  align-items: center;
  padding: 0 0 0 12px;
}

.shape {
  font-weight: 700;
  text-align: center;
}

.kind {
  font-weight: 650;
}

.DANGER {
  padding-left: 5px;
  border-left: 8px solid var(--off-label);
}

.DANGER .kind,
.ABOVE_UNPLANNED .kind,
.ROUND_LATE .kind,
.ROUND_LATE .shape {
  color: var(--off-label);
}

.ROUND_DUE .kind,
.ROUND_DUE .shape {
  color: var(--due);
}

.WINDOW_CLOSES .kind,
.WINDOW_CLOSES .shape {
  color: var(--caution);
}

.go {
  display: inline-grid;
  align-items: center;
  min-height: 44px;
  padding: 0 14px;
  font-weight: 600;
}

@media (width <= 900px) {
  li {
    grid-template-columns: 22px 1fr;
    padding: 8px 12px;
  }

  .what {
    grid-column: 1 / -1;
  }

  .go {
    grid-column: 1 / -1;
    min-height: 56px;
    padding: 0;
  }
}
</style>
