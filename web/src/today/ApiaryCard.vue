<script setup lang="ts">
import { computed } from 'vue'
import type { Shapes } from '../api/client'
import { gradesOf, heldWords } from '../shared/gradeWords'
import { clockOf, counted, dayOf, timeIn, weekdayIn } from '../shared/format'
import { t } from '../words/words'

/** One apiary today: what it waits for, its last round, its next workable hours. */
const props = defineProps<{
  each: Shapes['ApiaryToday']
  now: number
  /** Whether what takes a while is being reckoned: it is not told yet then. */
  reckoning: boolean
  isKeeper: boolean
  mayWork: boolean
}>()
const emit = defineEmits<{ go: [] }>()

const opens = computed(() => {
  const run = props.each.run
  if (!run?.nextToOpen || !run.opensFrom) return ''
  const left = Date.parse(run.opensFrom) - props.now
  return left > 0
    ? t('today.apiaryCard.opens', { nextToOpen: run.nextToOpen, left: clockOf(left) })
    : t('today.apiaryCard.dueOver', { nextToOpen: run.nextToOpen, left: clockOf(-left) })
})

/** The day before a time, unless it is today's there. */
function onDay(zone: string, at: string): string {
  const then = weekdayIn(zone, at)
  return then === weekdayIn(zone, props.now) ? '' : `${then}, `
}

const hours = computed(() => {
  if (props.reckoning) return '…'
  if (!props.each.nextWindow) {
    if (props.each.apiary.latitude === undefined) return t('today.apiaryCard.placeUnknown')
    return props.each.hoursFrom.length ? t('today.apiaryCard.noneThreeDays') : t('common.unknown')
  }
  const { from, to, fits } = props.each.nextWindow
  const zone = props.each.apiary.zone
  const words =
    Date.parse(from) <= props.now
      ? t('today.apiaryCard.nowUntil', { to: timeIn(zone, to) })
      : `${onDay(zone, from)}${timeIn(zone, from)}–${timeIn(zone, to)}`
  const hives =
    fits === undefined ? '' : ' ' + t('today.apiaryCard.fits', { fits, hives: props.each.hives })
  return `${words} · ${gradesOf(props.each.nextWindow)}${hives}${heldWords(props.each.held)}`
})

const button = computed(() => {
  if (props.each.due === 'RUNNING')
    return props.mayWork ? t('today.apiaryCard.goOnWithRun') : t('today.apiaryCard.lookAtRun')
  if (props.each.due === 'PLANNED')
    return props.mayWork
      ? t('today.apiaryCard.peopleCheckThenRun')
      : t('today.apiaryCard.lookAtRound')
  return t('today.apiaryCard.makeDoseSheet')
})
</script>

<template>
  <li class="sheet apiary" :class="each.due">
    <div class="what">
      <h2>
        <router-link :to="`/apiaries/${each.apiary.id}`">{{ each.apiary.name }}</router-link>
      </h2>
      <p v-if="each.due === 'RUNNING' && each.run" class="state running">
        <i18n-t keypath="today.apiaryCard.done" scope="global"
          ><template #strong
            ><strong>{{
              t('today.apiaryCard.shut', { hives: counted(each.run.stillShut, 'hive') })
            }}</strong></template
          ><template #done>{{ each.run.done }}</template
          ><template #hives>{{ each.run.hives }}</template
          ><template #opens>{{ opens }}</template></i18n-t
        >
      </p>
      <p v-else-if="each.due === 'PLANNED' && each.roundDay" class="state">
        {{ t('today.apiaryCard.roundPlannedForNot', { roundDay: dayOf(each.roundDay) }) }}
      </p>
    </div>
    <dl>
      <div>
        <dt>{{ t('common.hives') }}</dt>
        <dd class="figure">{{ each.hives }}</dd>
      </div>
      <div>
        <dt>{{ t('today.apiaryCard.lastRound') }}</dt>
        <dd>
          {{
            reckoning ? '…' : each.lastDay ? dayOf(each.lastDay) : t('today.apiaryCard.noneHere')
          }}
        </dd>
      </div>
      <div class="hours">
        <dt>{{ t('today.apiaryCard.nextWorkableHours') }}</dt>
        <dd>
          {{ hours }}
          <router-link
            v-if="hours === t('common.unknown') && mayWork"
            :to="`/apiaries/${each.apiary.id}/hours`"
            >{{ t('today.apiaryCard.sayWhatYouExpect') }}</router-link
          >
        </dd>
      </div>
    </dl>
    <button
      v-if="each.roundId || (isKeeper && each.hives > 0)"
      type="button"
      class="go"
      :class="{ main: each.due !== 'NOTHING' }"
      @click="emit('go')"
    >
      {{ button }}
    </button>
    <span v-else></span>
  </li>
</template>

<style scoped>
.apiary {
  display: grid;
  grid-template-columns: minmax(230px, 1.1fr) 1.6fr 230px;
  align-items: center;
  gap: 8px 24px;
  padding: 12px 12px 12px 18px;
  border-left: 8px solid var(--rule);
}

.RUNNING {
  border-left-color: var(--burning);
}

.PLANNED {
  border-left-color: var(--ink);
}

.state {
  margin: 3px 0 0;
}

.running strong {
  color: var(--burning);
}

dl {
  display: grid;
  grid-template-columns: 70px 130px 1fr;
  gap: 4px 16px;
}

dt {
  font-size: 0.8125rem;
  color: var(--ink-soft);
}

dd {
  margin: 0;
}

.go {
  min-height: 56px;
  padding: 0 16px;
  border: 2px solid var(--rule-strong);
  font-weight: 650;
  border-radius: 2px;
}

.go:hover {
  background: var(--wash);
}

.go.main {
  background: var(--ink);
  border-color: var(--ink);
  color: var(--paper);
}

.NOTHING {
  padding-block: 2px;
  padding-right: 2px;
}

.NOTHING h2 {
  font-size: 1rem;
}

@media (width <= 900px) {
  .apiary {
    grid-template-columns: 1fr;
    padding: 12px;
  }

  dl {
    grid-template-columns: 60px 1fr;
  }

  .hours {
    grid-column: 1 / -1;
  }
}
</style>
