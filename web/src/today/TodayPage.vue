<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, type Shapes } from '../api/client'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { learnClock, useServerNow } from '../shared/clock'
import { useSession } from '../shared/session'
import ApiaryCard from './ApiaryCard.vue'
import DueTaskList from './DueTaskList.vue'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'

type ApiaryToday = Shapes['ApiaryToday']

const session = useSession()
const inHand = useApiaryInHand()
const router = useRouter()
const today = ref<Shapes['Today'] | null>(null)
const { problem, attempt } = useRequest()
/** Rounds under way or planned come before what is due, quiet apiaries after it. */
const pressing = computed(
  () => today.value?.apiaries.filter((each) => each.due !== 'NOTHING') ?? [],
)
/** Colonies that cannot wait stand above everything else. */
const FIRST: ReadonlySet<string> = new Set(['DANGER', 'ABOVE_UNPLANNED'])
const urgent = computed(() => today.value?.dueTasks.filter((each) => FIRST.has(each.kind)) ?? [])
const due = computed(() => today.value?.dueTasks.filter((each) => !FIRST.has(each.kind)) ?? [])
const quiet = computed(() => today.value?.apiaries.filter((each) => each.due === 'NOTHING') ?? [])
const now = useServerNow(1000)
/** Whose word the workable hours are. */
const hoursSay = computed(() => {
  const from = new Set(today.value?.apiaries.flatMap((each) => each.hoursFrom) ?? [])
  if (from.size === 0) return ''
  const some = [...from].slice(0, 2).join('; ')
  return `Workable hours are estimates: ${some}${from.size > 2 ? ' and others' : ''}. Offered ${ownHours.value}.`
})
const ownHours = computed(() => {
  const own = today.value?.hours
  if (!own) return ''
  const to = own.to.slice(0, 5) === '00:00' ? 'midnight' : own.to.slice(0, 5)
  return `${own.from ? `from ${own.from.slice(0, 5)}` : 'from before first light'} to ${to}`
})

async function load(): Promise<void> {
  const asked = Date.now()
  await attempt(async () => {
    today.value = await ask(api.GET('/api/today'))
    learnClock(asked, Date.now(), today.value.now)
  })
}
onMounted(load)
useIntervalFn(load, 15_000)

async function go(each: ApiaryToday): Promise<void> {
  void inHand.take(each.apiary.id)
  if (each.roundId) await router.push(`/run/${each.roundId}`)
  else await router.push({ path: '/dose', query: { apiary: each.apiary.id } })
}
</script>

<template>
  <div class="top">
    <h1>Today</h1>
    <p v-if="today && hoursSay" class="soft">{{ hoursSay }}</p>
  </div>
  <PageState :there="today !== null" :problem="problem" what="what is due" @again="load()" />
  <div v-if="today && today.apiaries.length === 0" class="sheet empty">
    <h2>No hives yet</h2>
    <p>Bring in a roster: one line a hive, from any spreadsheet saved as CSV.</p>
    <v-btn v-if="session.isKeeper" to="/apiaries/import" variant="flat" color="primary" height="56"
      >Bring in hives</v-btn
    >
  </div>
  <template v-else-if="today">
    <DueTaskList title="First of all" :due-tasks="urgent" :is-keeper="session.isKeeper" />
    <ul v-if="pressing.length" class="list" aria-label="Rounds planned and under way">
      <ApiaryCard
        v-for="each in pressing"
        :key="each.apiary.id"
        :each="each"
        :now="now"
        :is-keeper="session.isKeeper"
        :may-work="session.mayWork"
        @go="go(each)"
      />
    </ul>
    <DueTaskList title="Due" :due-tasks="due" :is-keeper="session.isKeeper" />
    <section
      v-if="today.gear.length || today.stock.length"
      class="gear"
      aria-label="Due of gear and stock"
    >
      <h2>Gear and stock</h2>
      <ul>
        <li v-for="says in today.stock" :key="says">
          <strong>Stock</strong>: {{ says }}.
          <router-link to="/gear/stock">To the stock</router-link>
        </li>
        <li v-for="each in today.gear" :key="each.name + each.says">
          <strong>{{ each.name }}</strong>: {{ each.says }}.
        </li>
      </ul>
      <router-link v-if="today.gear.length" to="/gear">To the gear</router-link>
    </section>
    <section v-if="quiet.length" class="quiet" aria-label="Apiaries without a round today">
      <h2>No round planned</h2>
      <ul class="list">
        <ApiaryCard
          v-for="each in quiet"
          :key="each.apiary.id"
          :each="each"
          :now="now"
          :is-keeper="session.isKeeper"
          :may-work="session.mayWork"
          @go="go(each)"
        />
      </ul>
    </section>
  </template>
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

.quiet,
.gear {
  margin-top: 18px;
}

.gear ul {
  margin: 4px 0;
  padding-left: 22px;
}

.empty {
  padding: 24px;
  display: grid;
  gap: 10px;
  justify-items: start;
  max-width: 620px;
}
</style>
