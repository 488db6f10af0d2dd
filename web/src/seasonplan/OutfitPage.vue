<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { useSession } from '../shared/session'
import CrewDayList from './CrewDayList.vue'
import CrewForm from './CrewForm.vue'
import DepotForm from './DepotForm.vue'
import WayForm from './WayForm.vue'
import { hoursOf, letterOf } from './seasonWords'
import { useSeason } from './useSeason'
import { useRequest } from '../shared/request'
import PageState from '../shared/layout/PageState.vue'
import { t } from '../words/words'
import { clockInField } from '../shared/units/dayText'

/** Who goes out, from where, with what, over which roads; and what each crew is to do. */
const session = useSession()
const { view, problem, wrong, load, change } = useSeason()
const { problem: notFetched, attempt } = useRequest()
const gear = ref<Shapes['AllGear'] | null>(null)
const ways = ref<Shapes['Measured'][]>([])
const people = ref<Shapes['Account'][]>([])
const apiaries = ref<Shapes['ListedApiary'][]>([])
const open = ref<string | null>(null)
const NEW = 'new'

async function begin(): Promise<void> {
  await load()
  await attempt(async () => {
    const [found, all, roads, who] = await Promise.all([
      ask(api.GET('/api/gear')),
      ask(api.GET('/api/apiaries')),
      ask(api.GET('/api/season-plan/ways')),
      session.isKeeper ? ask(api.GET('/api/people')) : [],
    ])
    gear.value = found
    apiaries.value = all
    ways.value = roads
    people.value = who.filter((each) => each.active && each.role !== 'READER')
  })
}
onMounted(begin)

const tools = computed(() =>
  (gear.value?.tools ?? [])
    .filter((each) => !each.tool.retired)
    .map((each) => ({
      id: each.tool.id,
      name: each.tool.name,
      timed: each.fit.basis !== 'NOTHING',
    })),
)

function toolNames(crew: Shapes['OutfitCrew']): string {
  const names = crew.toolIds.map((id) => tools.value.find((each) => each.id === id)?.name ?? '?')
  return (
    names.join(', ') || t('seasonplan.outfitPage.minHive', { minutesPerHive: crew.minutesPerHive })
  )
}

async function keepCrew(crew: Shapes['OutfitCrew']): Promise<void> {
  const kept = await change(
    api.PUT('/api/season-plan/crews/{id}', { params: { path: { id: crew.id } }, body: crew }),
  )
  if (kept) open.value = null
}

async function retire(id: string): Promise<void> {
  if (await change(api.DELETE('/api/season-plan/crews/{id}', { params: { path: { id } } })))
    open.value = null
}

async function keepWay(way: Shapes['Measured']): Promise<void> {
  await attempt(async () => {
    ways.value = await ask(api.PUT('/api/season-plan/ways', { body: way }))
  })
}

async function forgetWay(way: Shapes['Measured']): Promise<void> {
  await attempt(async () => {
    ways.value = await ask(
      api.DELETE('/api/season-plan/ways/{one}/{other}', {
        params: { path: { one: way.one, other: way.other } },
      }),
    )
  })
}
</script>

<template>
  <div class="head">
    <h1>{{ t('common.crewsRoads') }}</h1>
    <router-link to="/season">{{ t('common.plan') }}</router-link>
  </div>
  <PageState
    :there="view !== null"
    :problem="problem || notFetched"
    :what="t('seasonplan.outfitPage.depotCrews')"
    @again="begin()"
  />
  <template v-if="view">
    <h2>{{ t('seasonplan.outfitPage.whereCrewsStartEnd') }}</h2>
    <DepotForm
      :depot="view.depot"
      :wrong="wrong"
      :may-change="session.isKeeper"
      @keep="change(api.PUT('/api/season-plan/depot', { body: $event }))"
    />
    <h2>{{ t('seasonplan.outfitPage.crews') }}</h2>
    <ul class="crews">
      <li v-for="crew in view.crews" :key="crew.id" class="sheet">
        <div class="crewHead">
          <strong>{{ letterOf(view.crews, crew.id) }} · {{ crew.name }}</strong>
          <span class="soft">
            <i18n-t keypath="seasonplan.outfitPage.burnHelpAtMost" scope="global"
              ><template #crew>{{ toolNames(crew) }}</template
              ><template #burners>{{ crew.burners }}</template
              ><template #helpers>{{ crew.helpers }}</template
              ><template #leavesFrom>{{ clockInField(crew.leavesFrom) }}</template
              ><template #backBy>{{ clockInField(crew.backBy) }}</template
              ><template #longestMinutes>{{ hoursOf(crew.longestMinutes) }}</template
              ><template #more
                ><template v-if="crew.off.length">{{
                  t('seasonplan.outfitPage.offOn', { off: crew.off.join(', ') })
                }}</template></template
              ></i18n-t
            >
          </span>
          <v-btn v-if="session.isKeeper && open !== crew.id" size="small" @click="open = crew.id">{{
            t('common.change')
          }}</v-btn>
        </div>
        <CrewForm
          v-if="open === crew.id"
          :crew="crew"
          :tools="tools"
          :people="people"
          :wrong="wrong"
          @keep="keepCrew"
          @retire="retire(crew.id)"
          @close="open = null"
        />
        <CrewDayList :crew-id="crew.id" :may-share="session.isKeeper" />
      </li>
    </ul>
    <v-btn v-if="session.isKeeper && open !== NEW" @click="open = NEW">{{
      t('seasonplan.outfitPage.addCrew')
    }}</v-btn>
    <CrewForm
      v-if="open === NEW"
      :tools="tools"
      :people="people"
      :wrong="wrong"
      @keep="keepCrew"
      @close="open = null"
    />
    <h2>{{ t('seasonplan.outfitPage.waysYouDroveTimed') }}</h2>
    <p class="soft">
      <i18n-t keypath="seasonplan.outfitPage.otherWaysAreReckoned" scope="global"
        ><template #link
          ><router-link to="/parameters">{{
            t('seasonplan.outfitPage.figures')
          }}</router-link></template
        ></i18n-t
      >
    </p>
    <WayForm
      :ways="ways"
      :places="apiaries.map((each) => each.apiary)"
      :depot="view.depot?.name ?? t('seasonplan.outfitPage.depot')"
      :may-change="session.isKeeper"
      @keep="keepWay"
      @forget="forgetWay"
    />
  </template>
</template>

<style scoped>
.head,
.crewHead {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 6px 16px;
}

.crews {
  display: grid;
  gap: 12px;
  margin: 0 0 12px;
  padding: 0;
  list-style: none;
}

.crews li {
  padding: 10px 14px;
}
</style>
