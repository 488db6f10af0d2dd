<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, words, type Shapes } from '../api/client'
import { useApiaryInHand } from '../parts/apiaryInHand'
import { learnClock, useServerNow } from '../parts/clock'
import { clockOf, counted, dayOf, timeIn } from '../parts/format'
import { useSession } from '../parts/session'
import ChoreList from './ChoreList.vue'

type ApiaryToday = Shapes['ApiaryToday']

const session = useSession()
const inHand = useApiaryInHand()
const router = useRouter()
const today = ref<Shapes['Today'] | null>(null)
const problem = ref('')
const now = useServerNow(1000)

async function load(): Promise<void> {
  const asked = Date.now()
  try {
    today.value = await ask(api.GET('/api/today'))
    learnClock(asked, Date.now(), today.value.now)
    problem.value = ''
  } catch (thrown) {
    problem.value = words(thrown)
  }
}
onMounted(load)
useIntervalFn(load, 15_000)

function opens(each: ApiaryToday): string {
  if (!each.run?.nextToOpen || !each.run.opensFrom) return ''
  const left = Date.parse(each.run.opensFrom) - now.value
  return left > 0
    ? `${each.run.nextToOpen} opens in ${clockOf(left)}`
    : `${each.run.nextToOpen} is due: ${clockOf(-left)} over`
}

function window(each: ApiaryToday): string {
  if (!each.nextWindow)
    return each.apiary.latitude === undefined ? 'place unknown' : 'none by tomorrow night'
  const { from, to, grade } = each.nextWindow
  const zone = each.apiary.zone
  const begun = Date.parse(from) <= now.value
  const words = begun
    ? `now, until ${timeIn(zone, to)}`
    : `${timeIn(zone, from)}–${timeIn(zone, to)}`
  return `${words} · ${grade.toLowerCase()}`
}

async function go(each: ApiaryToday): Promise<void> {
  void inHand.take(each.apiary.id)
  if (each.roundId) await router.push(`/run/${each.roundId}`)
  else await router.push({ path: '/dose', query: { apiary: each.apiary.id } })
}

function button(each: ApiaryToday): string {
  if (each.due === 'RUNNING') return session.mayWork ? 'Go on with the run' : 'Look at the run'
  if (each.due === 'PLANNED')
    return session.mayWork ? 'People check, then run' : 'Look at the round'
  return 'Make a dose sheet'
}
</script>

<template>
  <div class="top">
    <h1>Today</h1>
    <p v-if="today" class="soft">Workable hours are estimates from the {{ today.weatherFrom }}.</p>
  </div>
  <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  <div v-if="today && today.apiaries.length === 0" class="sheet empty">
    <h2>No hives yet</h2>
    <p>Bring in a roster: one line a hive, from any spreadsheet saved as CSV.</p>
    <v-btn v-if="session.isKeeper" to="/apiaries/import" variant="flat" color="primary" height="56"
      >Bring in hives</v-btn
    >
  </div>
  <ul v-else-if="today" class="list">
    <li v-for="each in today.apiaries" :key="each.apiary.id" class="sheet apiary" :class="each.due">
      <div class="what">
        <h2>
          <router-link :to="`/apiaries/${each.apiary.id}`">{{ each.apiary.name }}</router-link>
        </h2>
        <p v-if="each.due === 'RUNNING' && each.run" class="state running">
          <strong>{{ counted(each.run.stillShut, 'hive') }} shut</strong>, {{ each.run.done }} of
          {{ each.run.hives }} done. {{ opens(each) }}
        </p>
        <p v-else-if="each.due === 'PLANNED' && each.roundDay" class="state">
          Round planned for {{ dayOf(each.roundDay) }}, not begun.
        </p>
        <p v-else class="state soft">Nothing planned.</p>
      </div>
      <dl>
        <div>
          <dt>Hives</dt>
          <dd class="figure">{{ each.hives }}</dd>
        </div>
        <div>
          <dt>Last round</dt>
          <dd>{{ each.lastDay ? dayOf(each.lastDay) : 'none here' }}</dd>
        </div>
        <div class="hours">
          <dt>Next workable hours</dt>
          <dd>{{ window(each) }}</dd>
        </div>
      </dl>
      <button
        v-if="each.roundId || (session.isKeeper && each.hives > 0)"
        type="button"
        class="go"
        :class="{ main: each.due !== 'NOTHING' }"
        @click="go(each)"
      >
        {{ button(each) }}
      </button>
      <span v-else></span>
    </li>
  </ul>
  <ChoreList v-if="today" :chores="today.chores" :is-keeper="session.isKeeper" />
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 20px;
}

.top p {
  margin: 0;
}

.list {
  list-style: none;
  margin: 14px 0 0;
  padding: 0;
  display: grid;
  gap: 10px;
}

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

.empty {
  padding: 24px;
  display: grid;
  gap: 10px;
  justify-items: start;
  max-width: 620px;
}

.problem {
  color: var(--off-label);
  font-weight: 600;
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
