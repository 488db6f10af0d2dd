<script setup lang="ts">
import { computed, ref } from 'vue'
import type { RouteLocationRaw } from 'vue-router'
import type { Shapes } from '../../api/client'
import { shortDay } from '../days'
import { t } from '../../words/words'
import DueWhy from './DueWhy.vue'
import { dueWords, waitingWords } from './dueWords'

/** One thing that needs somebody: what, where, by when, what waiting costs, and the way to the act. */
const props = defineProps<{ task: Shapes['DueTask']; isKeeper: boolean }>()
defineEmits<{ putOff: []; takeUp: [] }>()

type DueTask = Shapes['DueTask']
const KINDS: Record<DueTask['kind'], { shape: string; words: string; go: string }> = {
  DANGER: { shape: '‼', words: t('due.line.danger'), go: t('due.line.bench') },
  ABOVE_UNPLANNED: {
    shape: '▲',
    words: t('due.line.aboveLimit'),
    go: t('due.line.bench'),
  },
  ROUND_LATE: {
    shape: '!',
    words: t('due.line.roundLate'),
    go: t('due.line.lookAtSeries'),
  },
  ROUND_DUE: {
    shape: '▶',
    words: t('due.line.roundDueToday'),
    go: t('due.line.makeItsDoseSheet'),
  },
  HOURS_GONE: {
    shape: '✕',
    words: t('due.line.hoursGone'),
    go: t('due.line.toHours'),
  },
  TAKE_OUT: {
    shape: '⇧',
    words: t('due.line.takeOut'),
    go: t('due.line.writeItIsOut'),
  },
  OVER_LABEL: {
    shape: '⊟',
    words: t('due.line.overLabel'),
    go: t('due.line.lookAtSeries'),
  },
  HONEY_WAIT: {
    shape: '◷',
    words: t('due.line.honeyWait'),
    go: t('due.line.toYear'),
  },
  WINDOW_CLOSES: {
    shape: '◑',
    words: t('due.line.windowCloses'),
    go: t('due.line.bench'),
  },
  WINDOW_OPENS: {
    shape: '○',
    words: t('due.line.windowOpens'),
    go: t('due.line.bench'),
  },
  FALLS_SHORT: {
    shape: '◢',
    words: t('due.line.fallsShort'),
    go: t('due.line.bench'),
  },
  BEGIN_BY: {
    shape: '⇥',
    words: t('due.line.beginBy'),
    go: t('due.line.bench'),
  },
  OUT_OF_REACH: {
    shape: '⊘',
    words: t('due.line.outOfReach'),
    go: t('due.line.bench'),
  },
  NEIGHBOUR: {
    shape: '↔',
    words: t('due.line.neighbour'),
    go: t('due.line.count'),
  },
  MAKE_READY: {
    shape: '☑',
    words: t('due.line.makeReady'),
    go: t('due.line.makeItsDoseSheet'),
  },
  LOOK_DUE: {
    shape: '⊙',
    words: t('due.line.look'),
    go: t('due.line.toHive'),
  },
  UNSEEN: {
    shape: '…',
    words: t('due.line.unseen'),
    go: t('due.line.count'),
  },
  BOARDS_TO_READ: {
    shape: '▤',
    words: t('due.line.boardsRead'),
    go: t('due.line.readThem'),
  },
  RECOUNT_DUE: {
    shape: '↺',
    words: t('due.line.countAgain'),
    go: t('due.line.count'),
  },
  ROUND_AHEAD: {
    shape: '□',
    words: t('due.line.roundAhead'),
    go: t('due.line.lookAtSeries'),
  },
  COUNT_DUE: {
    shape: '◇',
    words: t('due.line.monthlyCount'),
    go: t('due.line.count'),
  },
}

// Who stands at the hives without network has the list then.
if (props.task.kind === 'TAKE_OUT')
  void import('../stillIn').then(({ keepStillIn }) => keepStillIn(props.task.apiaryId))

const asked = ref(false)
const look = computed(() => KINDS[props.task.kind])
const to = computed<RouteLocationRaw>(() => {
  const { task } = props
  switch (task.kind) {
    case 'ROUND_DUE':
    case 'MAKE_READY':
      return props.isKeeper && task.seriesId
        ? { path: '/dose', query: { series: task.seriesId, round: task.round?.number } }
        : '/spacing'
    case 'HOURS_GONE':
      return `/apiaries/${task.apiaryId}/hours`
    case 'TAKE_OUT':
      return { path: '/register', query: { out: task.apiaryId } }
    case 'HONEY_WAIT':
      return `/apiaries/${task.apiaryId}/season`
    case 'ROUND_LATE':
    case 'ROUND_AHEAD':
    case 'OVER_LABEL':
      return '/spacing'
    case 'DANGER':
    case 'ABOVE_UNPLANNED':
    case 'FALLS_SHORT':
    case 'BEGIN_BY':
    case 'OUT_OF_REACH':
    case 'WINDOW_CLOSES':
    case 'WINDOW_OPENS':
    case 'LOOK_DUE':
      return `/spacing/${task.hiveId}`
    default:
      return { path: '/counts', query: { apiary: task.apiaryId } }
  }
})
const goes = computed(() =>
  (props.task.kind === 'ROUND_DUE' || props.task.kind === 'MAKE_READY') && !props.isKeeper
    ? t('due.line.lookAtSeries')
    : look.value.go,
)
</script>

<template>
  <li class="sheet line" :class="task.kind">
    <span class="shape" aria-hidden="true">{{ look.shape }}</span>
    <span class="kind">{{ look.words }}</span>
    <span class="what">
      <span
        ><strong>{{ task.apiary }}</strong
        >: {{ dueWords(task)
        }}<template v-if="task.kind === 'ROUND_AHEAD' && task.day"
          >, {{ shortDay(task.day) }}</template
        ></span
      >
      <span v-if="task.waiting" class="soft">{{ waitingWords(task.waiting) }}</span>
      <span v-if="task.putOff" class="soft">{{
        t('due.waiting.offUntil', {
          day: shortDay(task.putOff.until),
          reason: task.putOff.reason,
          by: task.putOff.by,
        })
      }}</span>
    </span>
    <span class="acts">
      <button
        type="button"
        class="later"
        :aria-expanded="asked"
        :aria-label="t('due.why.of', { kind: look.words, apiary: task.apiary })"
        @click="asked = !asked"
      >
        {{ t('due.why.button') }}
      </button>
      <button v-if="isKeeper && task.putOff" type="button" class="later" @click="$emit('takeUp')">
        {{ t('due.waiting.takeUp') }}
      </button>
      <button v-else-if="isKeeper" type="button" class="later" @click="$emit('putOff')">
        {{ t('due.waiting.putOff')
        }}<span class="visually-hidden">: {{ look.words }}, {{ task.apiary }}</span>
      </button>
      <router-link class="go" :to="to">{{ goes }}</router-link>
    </span>
    <DueWhy v-if="asked" class="why" :task="task" />
  </li>
</template>

<style scoped>
.line {
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

.what {
  display: grid;
  padding: 6px 0;
}

.why {
  grid-column: 3 / -1;
}

.acts {
  display: flex;
  align-items: center;
}

.later,
.go {
  display: inline-grid;
  align-items: center;
  min-height: 44px;
  padding: 0 12px;
}

.later {
  color: var(--ink-soft);
  text-decoration: underline;
}

.go {
  font-weight: 600;
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

.HOURS_GONE .kind,
.FALLS_SHORT .kind,
.OVER_LABEL .kind,
.HONEY_WAIT .kind,
.BEGIN_BY .kind,
.WINDOW_CLOSES .kind,
.WINDOW_CLOSES .shape {
  color: var(--caution);
}

@media (width <= 900px) {
  .line {
    grid-template-columns: 22px 1fr;
    padding: 8px 12px;
  }

  .what,
  .why,
  .acts {
    grid-column: 1 / -1;
  }

  .later,
  .go {
    min-height: 56px;
    padding: 0 16px 0 0;
  }
}
</style>
