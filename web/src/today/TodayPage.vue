<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, defineAsyncComponent, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, type Shapes } from '../api/client'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { learnClock, useServerNow } from '../shared/clock'
import { useSession } from '../shared/session'
import { useYardGroups } from '../shared/yardGroups'
import ApiaryCard from './ApiaryCard.vue'
import DueTaskList from '../shared/due/DueTaskList.vue'
import { usePutOff } from '../shared/due/usePutOff'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'
import { t } from '../words/words'
import { inWords } from '../words/facts'
import { clockInField } from '../shared/units/dayText'

const ProposalList = defineAsyncComponent(() => import('./ProposalList.vue'))
const PutOffDialog = defineAsyncComponent(() => import('../shared/due/PutOffDialog.vue'))
const WayMarker = defineAsyncComponent(() => import('./WayMarker.vue'))

type ApiaryToday = Shapes['ApiaryToday']

const session = useSession()
const inHand = useApiaryInHand()
const router = useRouter()
const groups = useYardGroups()
const today = ref<Shapes['Today'] | null>(null)
const { problem, attempt } = useRequest()
/** Those of the group in hand. */
const here = computed(
  () => today.value?.apiaries.filter((each) => groups.shows(each.apiary.id)) ?? [],
)
/** Those of its yards; a colony in danger is told of wherever it stands. */
const tasks = computed(
  () =>
    today.value?.dueTasks.filter((each) => each.kind === 'DANGER' || groups.shows(each.apiaryId)) ??
    [],
)
/** Rounds under way or planned come before what is due, quiet apiaries after it. */
const pressing = computed(() => here.value.filter((each) => each.due !== 'NOTHING'))
/** Whether nothing was ever done here: the way to the first round is shown. */
const fresh = computed(() =>
  today.value?.apiaries.every((each) => each.roundId === undefined && each.lastDay === undefined),
)
/** Colonies that cannot wait stand above everything else. */
const FIRST: ReadonlySet<string> = new Set(['DANGER', 'ABOVE_UNPLANNED'])
const standing = computed(() => tasks.value.filter((each) => !each.putOff))
const later = computed(() => tasks.value.filter((each) => each.putOff))
const urgent = computed(() => standing.value.filter((each) => FIRST.has(each.kind)))
const due = computed(() => standing.value.filter((each) => !FIRST.has(each.kind)))
/** Whether nothing at all needs somebody in the group in hand. */
const holds = computed(
  () =>
    groups.inHand !== undefined &&
    !today.value?.reckoning &&
    standing.value.length + pressing.value.length === 0,
)
const quiet = computed(() => here.value.filter((each) => each.due === 'NOTHING'))
/** So many quiet yards are shown: those with the soonest workable hours; the rest stand among the apiaries. */
const SHOWN = 6
const soonest = computed(() =>
  quiet.value.length <= SHOWN
    ? quiet.value
    : [...quiet.value]
        .sort((one, other) =>
          (one.nextWindow?.from ?? '9').localeCompare(other.nextWindow?.from ?? '9'),
        )
        .slice(0, SHOWN),
)
const now = useServerNow(1000)
/** Whose word the workable hours are. */
const hoursSay = computed(() => {
  const from = new Set(today.value?.apiaries.flatMap((each) => each.hoursFrom.map(inWords)) ?? [])
  if (from.size === 0) return ''
  const some = [...from].slice(0, 2).join('; ')
  return t('today.todayPage.workableHoursAreEstimates', {
    some,
    from: from.size > 2 ? ' ' + t('today.todayPage.others') : '',
    ownHours: ownHours.value,
  })
})
const ownHours = computed(() => {
  const own = today.value?.hours
  if (!own) return ''
  const to = own.to.slice(0, 5) === '00:00' ? t('today.todayPage.midnight') : clockInField(own.to)
  return t('today.todayPage.to', {
    from: own.from
      ? t('today.todayPage.from', { from: clockInField(own.from) })
      : t('today.todayPage.fromBeforeFirstLight'),
    to,
  })
})

async function load(): Promise<void> {
  const asked = Date.now()
  await attempt(async () => {
    today.value = await ask(api.GET('/api/today'))
    learnClock(asked, Date.now(), today.value.now)
  })
}
const { puttingOff, takeUp, wasPutOff } = usePutOff(attempt, load)
onMounted(load)
useIntervalFn(load, 15_000)
/** What is being reckoned is asked for again soon. */
useIntervalFn(() => {
  if (today.value?.reckoning) void load()
}, 400)

async function go(each: ApiaryToday): Promise<void> {
  void inHand.take(each.apiary.id)
  if (each.roundId) await router.push(`/run/${each.roundId}`)
  else await router.push({ path: '/dose', query: { apiary: each.apiary.id } })
}
</script>

<template>
  <div class="top">
    <h1>{{ t('common.today') }}</h1>
    <p v-if="today && hoursSay" class="soft">{{ hoursSay }}</p>
  </div>
  <PageState
    :there="today !== null"
    :problem="problem"
    :what="t('today.todayPage.whatDue')"
    @again="load()"
  />
  <div v-if="today && today.apiaries.length === 0" class="sheet empty">
    <h2>{{ t('today.todayPage.noHivesYet') }}</h2>
    <p>{{ t('today.todayPage.bringRosterOneLine') }}</p>
    <p v-if="session.isKeeper" class="ways">
      <v-btn to="/apiaries/new" variant="flat" color="primary" min-height="56">{{
        t('today.todayPage.openYardByHand')
      }}</v-btn>
      <v-btn to="/apiaries/import" min-height="56">{{ t('common.bringHives') }}</v-btn>
    </p>
  </div>
  <template v-else-if="today">
    <WayMarker v-if="session.isKeeper && fresh" :today="today" />
    <ProposalList v-if="session.isKeeper" />
    <DueTaskList
      :title="t('today.todayPage.firstAll')"
      :due-tasks="urgent"
      :is-keeper="session.isKeeper"
      @put-off="puttingOff = $event"
    />
    <p v-if="today.reckoning" class="soft" role="status">{{ t('due.waiting.reckoning') }}</p>
    <p v-if="holds">{{ t('today.todayPage.groupHolds', { group: groups.inHand?.name }) }}</p>
    <ul
      v-if="pressing.length"
      class="list"
      :aria-label="t('today.todayPage.roundsPlannedUnderWay')"
    >
      <ApiaryCard
        v-for="each in pressing"
        :key="each.apiary.id"
        :each="each"
        :now="now"
        :reckoning="today.reckoning"
        :is-keeper="session.isKeeper"
        :may-work="session.mayWork"
        @go="go(each)"
      />
    </ul>
    <DueTaskList
      :title="t('due.waiting.due')"
      :due-tasks="due"
      :is-keeper="session.isKeeper"
      @put-off="puttingOff = $event"
    />
    <details v-if="later.length" class="later">
      <summary>{{ t('due.waiting.later', { n: later.length }, later.length) }}</summary>
      <DueTaskList
        :title="t('due.waiting.putOffTitle')"
        :due-tasks="later"
        :is-keeper="session.isKeeper"
        @take-up="takeUp"
      />
    </details>
    <PutOffDialog
      v-if="puttingOff"
      :model-value="true"
      :task="puttingOff"
      @update:model-value="puttingOff = null"
      @done="wasPutOff"
    />
    <section
      v-if="today.gear.length || today.stock.length"
      class="gear"
      :aria-label="t('today.todayPage.dueGearStock')"
    >
      <h2>{{ t('today.todayPage.gearStock') }}</h2>
      <ul>
        <li v-for="says in today.stock" :key="says.code">
          <strong>{{ t('today.todayPage.stock') }}</strong>: {{ inWords(says) }}.
          <router-link to="/gear/stock">{{ t('today.todayPage.stock2') }}</router-link>
        </li>
        <li v-for="(each, i) in today.gear" :key="i">
          <strong>{{ each.name ?? t('today.todayPage.filters') }}</strong>:
          {{ inWords(each.says) }}.
        </li>
      </ul>
      <router-link v-if="today.gear.length" to="/gear">{{ t('today.todayPage.gear') }}</router-link>
    </section>
    <section
      v-if="quiet.length"
      class="quiet"
      :aria-label="t('today.todayPage.apiariesWithoutRoundToday')"
    >
      <h2>{{ t('today.todayPage.noRoundPlanned') }}</h2>
      <ul class="list">
        <ApiaryCard
          v-for="each in soonest"
          :key="each.apiary.id"
          :each="each"
          :now="now"
          :reckoning="today.reckoning"
          :is-keeper="session.isKeeper"
          :may-work="session.mayWork"
          @go="go(each)"
        />
      </ul>
      <router-link v-if="soonest.length < quiet.length" to="/apiaries" class="all">{{
        t('today.todayPage.allYards', { n: quiet.length + pressing.length })
      }}</router-link>
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

.later summary {
  min-height: 44px;
  margin-top: 14px;
}

.quiet,
.gear {
  margin-top: 18px;
}

.gear ul {
  margin: 4px 0;
  padding-left: 22px;
}

.all {
  display: inline-grid;
  align-items: center;
  min-height: 44px;
}

.empty {
  padding: 24px;
  display: grid;
  gap: 10px;
  justify-items: start;
  max-width: 620px;
}
</style>
