<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import HiveFigure from '../shared/HiveFigure.vue'
import DueHere from '../shared/due/DueHere.vue'
import { dayOf } from '../shared/format'
import PageState from '../shared/layout/PageState.vue'
import ActBar from '../shared/life/ActBar.vue'
import UndoBar from '../shared/life/UndoBar.vue'
import { useLastAct } from '../shared/life/acts'
import NoteList from '../shared/note/NoteList.vue'
import { useRequest } from '../shared/request'
import { useSession } from '../shared/session'
import { boxNotation, FLOORS } from '../shared/standing'
import { inWords, wordOf } from '../words/facts'
import { t } from '../words/words'
import LifeChart from './LifeChart.vue'
import LifeLines from './LifeLines.vue'

/** All that is known of one hive: where it stands, what is next and why, its life. */
const props = defineProps<{ id: string }>()

const session = useSession()
const page = ref<Shapes['HivePage'] | null>(null)
const { problem, attempt } = useRequest()

async function load(): Promise<void> {
  await attempt(async () => {
    page.value = await ask(api.GET('/api/hives/{id}', { params: { path: { id: props.id } } }))
  })
}
const acts = useLastAct(load)
watch(
  () => props.id,
  () => {
    page.value = null
    void load()
  },
  { immediate: true },
)

const STEPS: Record<Shapes['HiveStep']['kind'], (hive: string, apiary: string) => string> = {
  ROUND: (_, apiary) => `/dose?apiary=${apiary}`,
  COUNT: (_, apiary) => `/counts?apiary=${apiary}`,
  LOOK: (hive) => `/spacing/${hive}`,
  HONEY: () => '/register',
}
const next = computed(
  () =>
    page.value?.next.map((each) => ({
      ...each,
      to: STEPS[each.kind](props.id, page.value?.apiary.id ?? ''),
    })) ?? [],
)
</script>

<template>
  <PageState
    :there="page !== null"
    :problem="problem"
    :what="t('hive.hivePage.hive')"
    @again="load()"
  />
  <template v-if="page">
    <header class="top">
      <h1>{{ page.hive.name }}</h1>
      <router-link :to="`/apiaries/${page.apiary.id}`">{{ page.apiary.name }}</router-link>
      <strong v-if="page.endedOn" class="ended">{{
        t('hive.hivePage.endedOn', { day: dayOf(page.endedOn) })
      }}</strong>
      <span v-else-if="page.brood" class="soft">{{ wordOf(`BroodState.${page.brood}`) }}</span>
      <span class="spring"></span>
      <v-btn :href="`/api/hives/${id}/sheet.pdf`" download>{{ t('hive.hivePage.sheetPdf') }}</v-btn>
      <v-btn v-if="session.mayWork && !page.endedOn" :to="`/spacing/${id}`">{{
        t('common.spacing')
      }}</v-btn>
    </header>
    <UndoBar
      v-if="acts.last.value"
      :says="acts.last.value.says"
      :busy="acts.busy.value"
      @back="acts.takeBack(acts.last.value.id)"
    />
    <p v-if="acts.problem.value" role="alert" class="problem">{{ acts.problem.value }}</p>
    <p v-if="page.unknownPast" class="caution" role="note">
      {{ t('hive.hivePage.earlierRoundsUnknown') }}
    </p>
    <div class="parts">
      <section class="sheet" :aria-label="t('hive.hivePage.howItStands')">
        <h2>{{ t('hive.hivePage.howItStands') }}</h2>
        <div class="stands">
          <HiveFigure
            :boxes="page.hive.boxes"
            :supers="page.hive.supers"
            :floor="page.hive.floor"
            :fittings="page.hive.fittings"
          />
          <dl>
            <dt>{{ t('common.broodBoxes') }}</dt>
            <dd>{{ boxNotation(page.hive.boxes) }}</dd>
            <dt>{{ t('common.supers') }}</dt>
            <dd>{{ page.hive.supers }}</dd>
            <dt>{{ t('common.floor') }}</dt>
            <dd>{{ FLOORS[page.hive.floor] }}</dd>
            <dt>{{ t('hive.hivePage.queen') }}</dt>
            <dd>{{ page.queen ? inWords(page.queen) : t('hive.hivePage.nothingWritten') }}</dd>
          </dl>
        </div>
        <ActBar
          v-if="session.isKeeper && !page.endedOn"
          :hives="[page.hive]"
          :apiary-id="page.apiary.id"
          @done="acts.done"
        />
      </section>
      <section class="sheet" :aria-label="t('hive.hivePage.whatIsNext')">
        <h2>{{ t('hive.hivePage.whatIsNext') }}</h2>
        <p v-if="page.endedOn">{{ t('hive.hivePage.nothingMore') }}</p>
        <p v-else-if="next.length === 0">{{ t('hive.hivePage.nothingPresses') }}</p>
        <ul v-else>
          <li v-for="(each, i) in next" :key="i">
            <strong class="figure">{{
              each.day ? dayOf(each.day) : t('hive.hivePage.now')
            }}</strong>
            <router-link :to="each.to">{{ inWords(each.says) }}</router-link>
          </li>
        </ul>
      </section>
    </div>
    <DueHere v-if="!page.endedOn" :hive-id="id" :is-keeper="session.isKeeper" />
    <section class="sheet drawn chart" tabindex="0" :aria-label="t('hive.hivePage.lifeDrawn')">
      <LifeChart :page="page" />
    </section>
    <section class="sheet drawn">
      <h2>{{ t('shared.noteList.notes') }}</h2>
      <NoteList about="HIVE" :about-id="id" :thing="page.hive.name" @kept="load()" />
    </section>
    <section class="sheet drawn">
      <h2>{{ t('hive.lifeLines.life') }}</h2>
      <LifeLines
        :lines="page.lines"
        :may-decide="session.isKeeper"
        :busy="acts.busy.value"
        @back="acts.takeBack($event)"
      />
    </section>
  </template>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 8px 16px;
  margin-bottom: 12px;
}

.spring {
  flex: 1;
}

.ended {
  color: var(--off-label);
}

.caution {
  color: var(--caution);
}

.parts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 380px), 1fr));
  gap: 14px;
}

section {
  padding: 14px 16px;
}

h2 {
  margin: 0 0 10px;
}

.stands {
  display: flex;
  gap: 20px;
  align-items: end;
  margin-bottom: 12px;
}

dl {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 14px;
  margin: 0;
}

dt {
  color: var(--ink-soft);
}

dd {
  margin: 0;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}

ul li {
  display: grid;
  grid-template-columns: 118px minmax(0, 1fr);
  gap: 12px;
}

.drawn {
  margin-top: 14px;
}

.chart {
  overflow-x: auto;
}
</style>
