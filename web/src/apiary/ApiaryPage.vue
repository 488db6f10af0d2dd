<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { Shapes } from '../api/client'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { counted, dayOf } from '../shared/format'
import { newId } from '../shared/ids'
import { useSession } from '../shared/session'
import HiveLink from '../shared/HiveLink.vue'
import HivePainter from './HivePainter.vue'
import NewHiveForm from './NewHiveForm.vue'
import SealCard from './SealCard.vue'
import SealQuestionForm from './SealQuestionForm.vue'
import SealRanking from './SealRanking.vue'
import WindLine from './WindLine.vue'
import DueHere from '../shared/due/DueHere.vue'
import YardAbout from './YardAbout.vue'
import YardList from './YardList.vue'
import YardRows from './YardRows.vue'
import TagDialog from './TagDialog.vue'
import ActBar from '../shared/life/ActBar.vue'
import UndoBar from '../shared/life/UndoBar.vue'
import { useLastAct, type DoneAct } from '../shared/life/acts'
import { api, ask } from '../api/client'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { useRequest } from '../shared/request'
import { useSeals } from './useSeals'
import { moved, useYard, type HiveChange } from './useYard'
import PageState from '../shared/layout/PageState.vue'
import { t } from '../words/words'

const props = defineProps<{ id: string }>()
const session = useSession()
const inHand = useApiaryInHand()
const yard = useYard(() => props.id)
const chosen = ref<ReadonlySet<string>>(new Set())
const many = ref(false)
const asList = useStorage('tavrel.yard.list', false)
const shown = ref<'place' | 'hive' | null>(null)
let newHive = newId()

const there = computed(() => inHand.dayline?.there)
const hands = computed(() => yard.hives.value.filter((hive) => chosen.value.has(hive.id)))
const single = computed(() => (hands.value.length === 1 ? hands.value[0] : undefined))
const seals = useSeals(
  () => props.id,
  () => yard.hives.value,
  () => single.value?.id,
)

watch(
  () => props.id,
  async (id) => {
    chosen.value = new Set()
    if (await yard.load()) void inHand.take(id)
  },
  { immediate: true },
)

const tagging = ref(false)
const acts = useLastAct(() => yard.load())
const closing = useRequest()

/** Hives that left are no longer in hand. */
async function acted(act: DoneAct): Promise<void> {
  await acts.done(act)
  const here = new Set(yard.hives.value.map((hive) => hive.id))
  chosen.value = new Set([...chosen.value].filter((id) => here.has(id)))
}

/** A yard without hives is closed for a time, or opened again. */
async function close(day: string | undefined): Promise<void> {
  await closing.attempt(async () => {
    yard.apiary.value = await ask(
      api.PUT('/api/apiaries/{id}/closed', {
        params: { path: { id: props.id } },
        body: { day },
      }),
    )
  })
}

function kept(apiary: Shapes['Apiary']): void {
  yard.apiary.value = apiary
  shown.value = null
  void inHand.refresh()
}

function paint(change: HiveChange, label: string): void {
  const names = single.value?.name ?? counted(hands.value.length, 'hive')
  void yard.paint([...chosen.value], change, t('apiary.apiaryPage.paintedOver', { label, names }))
}

function move(hiveId: string, target: string, after: boolean): void {
  const rows = yard.rows.value.map((row) => row.of.map((hive) => hive.id))
  void yard.walk(moved(rows, hiveId, target, after))
}

/** The chosen hives stand in a row of their own, at the end. */
function newRow(): void {
  const rows = yard.rows.value.map((row) => row.of.map((hive) => hive.id))
  const rest = rows.map((row) => row.filter((each) => !chosen.value.has(each)))
  void yard.walk([...rest.filter((row) => row.length > 0), hands.value.map((hive) => hive.id)])
}

async function addHive(hive: Shapes['NewHive']): Promise<void> {
  if (await yard.addHive(newHive, hive)) {
    chosen.value = new Set([newHive])
    newHive = newId()
    shown.value = null
  }
}
</script>

<template>
  <template v-if="!yard.apiary.value">
    <PageState
      :there="false"
      :problem="yard.problem.value"
      :what="t('apiary.apiaryPage.apiary')"
      @again="yard.load()"
    />
    <router-link v-if="yard.problem.value" to="/apiaries">{{
      t('apiary.apiaryPage.allApiaries')
    }}</router-link>
  </template>
  <template v-else>
    <div class="top">
      <h1>{{ yard.apiary.value.name }}</h1>
      <span class="soft">{{ counted(yard.hives.value.length, 'hive') }}</span>
      <span class="spring"></span>
      <v-btn @click="asList = !asList">{{
        asList ? t('apiary.apiaryPage.drawRows') : t('apiary.apiaryPage.showAsList')
      }}</v-btn>
      <v-btn @click="shown = shown === 'place' ? null : 'place'">{{
        t('apiary.apiaryPage.placeAndCard')
      }}</v-btn>
      <v-btn v-if="session.isKeeper && yard.hives.value.length" @click="tagging = true">{{
        t('apiary.apiaryPage.tags')
      }}</v-btn>
      <v-btn :to="`/apiaries/${id}/hours`">{{ t('apiary.apiaryPage.hours') }}</v-btn>
      <v-btn :to="{ path: '/counts', query: { apiary: id } }">{{ t('common.counts') }}</v-btn>
      <template v-if="session.isKeeper">
        <v-btn :to="`/apiaries/${id}/season`">{{ t('common.season') }}</v-btn>
        <v-btn @click="shown = shown === 'hive' ? null : 'hive'">{{
          t('apiary.apiaryPage.addHive')
        }}</v-btn>
        <v-btn variant="flat" color="primary" :to="{ path: '/dose', query: { apiary: id } }">{{
          t('common.doseSheet')
        }}</v-btn>
      </template>
    </div>
    <TagDialog
      v-if="tagging"
      v-model="tagging"
      :apiary-id="id"
      :hives="hands.length ? hands : yard.hives.value"
      :chosen="hands.length > 0"
    />
    <YardAbout
      v-if="shown === 'place'"
      :apiary="yard.apiary.value"
      @kept="kept"
      @held="yard.load()"
    />
    <NewHiveForm
      v-if="shown === 'hive'"
      :wrong="yard.wrong.value"
      :mothers="yard.hives.value"
      @add="addHive"
    />
    <p v-if="yard.hold.value" class="sheet held" role="note">
      <strong>{{ t('apiary.apiaryPage.heldSince', { day: dayOf(yard.hold.value.from) }) }}</strong>
      {{ yard.hold.value.why }}.
      {{ t('apiary.apiaryPage.nothingLeaves') }}
    </p>
    <WindLine v-if="there?.weather && inHand.dayline?.apiary.id === id" :there="there" />
    <p v-if="yard.problem.value" role="alert" class="problem">{{ yard.problem.value }}</p>
    <UndoBar v-if="yard.undo.value" :says="yard.undo.value.says" @back="yard.takeBack()" />
    <UndoBar
      v-if="acts.last.value"
      :says="acts.last.value.says"
      :busy="acts.busy.value"
      @back="acts.takeBack(acts.last.value.id)"
    />
    <p v-if="acts.problem.value || closing.problem.value" role="alert" class="problem">
      {{ acts.problem.value || closing.problem.value }}
    </p>
    <p v-if="session.isKeeper && yard.hives.value.length === 0">
      <template v-if="yard.apiary.value.closedOn"
        >{{ t('apiary.apiaryPage.closedForTime') }}
        <v-btn size="small" @click="close(undefined)">{{
          t('apiary.apiaryPage.openAgain')
        }}</v-btn></template
      >
      <v-btn v-else size="small" @click="close(todayHere(serverNow()))">{{
        t('apiary.apiaryPage.closeForTime')
      }}</v-btn>
    </p>
    <DueHere v-if="yard.hives.value.length" :apiary-id="id" :is-keeper="session.isKeeper" />
    <p v-if="yard.hives.value.length === 0">
      <i18n-t keypath="apiary.apiaryPage.noHiveStandsHere" scope="global"
        ><template #link
          ><router-link to="/apiaries/import">{{
            t('apiary.apiaryPage.bringRoster')
          }}</router-link></template
        ></i18n-t
      >
    </p>
    <div v-else class="yard" :class="{ listed: asList }">
      <div class="drawn">
        <p class="tools">
          <label
            ><input v-model="many" type="checkbox" /> {{ t('apiary.apiaryPage.chooseMany') }}</label
          >
          <button type="button" @click="chosen = new Set(yard.hives.value.map((each) => each.id))">
            {{ t('apiary.apiaryPage.all') }}
          </button>
          <button type="button" :disabled="chosen.size === 0" @click="chosen = new Set()">
            {{ t('common.none') }}
          </button>
          <button
            v-if="session.isKeeper"
            type="button"
            :disabled="chosen.size === 0"
            @click="newRow"
          >
            {{ t('apiary.apiaryPage.chosenIntoRowTheir') }}
          </button>
          <router-link v-if="session.isKeeper" :to="`/apiaries/${id}/stocktake`">{{
            t('apiary.apiaryPage.stocktake')
          }}</router-link>
          <span v-if="session.isKeeper" class="soft">{{
            t('apiary.apiaryPage.dragHiveChangeWalk')
          }}</span>
        </p>
        <YardList
          v-if="asList"
          v-model="chosen"
          :hives="yard.hives.value"
          :kept="seals.lines.value"
          :may-move="session.isKeeper"
          @move="move"
        />
        <YardRows
          v-else
          v-model="chosen"
          :rows="yard.rows.value"
          :kept="seals.lines.value"
          :many="many"
          :may-move="session.isKeeper"
          @move="move"
        />
      </div>
      <aside class="sheet side" :aria-label="t('apiary.apiaryPage.whatChosen')">
        <SealQuestionForm
          v-if="hands.length < 2"
          v-model="seals.question.value"
          :wrong="seals.wrong.value"
        />
        <SealRanking
          v-if="hands.length === 0"
          :hives="yard.hives.value"
          :seals="seals.lines.value"
          @choose="chosen = new Set([$event])"
        />
        <template v-else>
          <h2>
            <HiveLink v-if="single" :id="single.id" :name="single.name" />
            <template v-else>{{ counted(hands.length, 'hive') }}</template>
            <span v-if="single" class="soft">{{
              t('apiary.apiaryPage.rowPlaceWalk', { row: single.row, place: single.place })
            }}</span>
            <router-link
              v-if="single && session.mayWork"
              :to="`/spacing/${single.id}`"
              class="brood"
              >{{ t('apiary.apiaryPage.brood') }}</router-link
            >
          </h2>
          <SealCard
            v-if="single && seals.closely.value"
            :read="seals.closely.value"
            :name="single.name"
          />
          <ActBar v-if="session.isKeeper" :hives="hands" :apiary-id="id" @done="acted" />
          <HivePainter
            v-if="session.mayWork"
            :hives="hands"
            :wrong="yard.wrong.value"
            @paint="paint"
          />
        </template>
      </aside>
    </div>
  </template>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  margin-bottom: 10px;
}

.spring {
  flex: 1;
}

.held {
  padding: 10px 14px;
  margin: 0 0 10px;
  border-left: 6px solid var(--off-label);
}

.yard {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 372px;
  gap: 18px;
  align-items: start;
}

.listed {
  grid-template-columns: minmax(0, 1fr) 316px;
  gap: 14px;
}

.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 16px;
  margin: 0 0 8px;
}

.tools label,
.tools button {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 36px;
}

.tools button {
  text-decoration: underline;
}

.tools button:disabled {
  color: var(--ink-soft);
  text-decoration: none;
}

.tools input {
  width: 20px;
  height: 20px;
}

.side {
  position: sticky;
  top: 100px;
  display: grid;
  gap: 8px;
  max-height: calc(100dvh - 116px);
  padding: 12px 14px;
  overflow-y: auto;
}

.side h2 {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 10px;
  margin: 0;
}

.side h2 span,
.brood {
  font-size: 0.875rem;
  font-weight: 400;
}

.brood {
  margin-left: auto;
}

@media (width <= 900px) {
  .yard {
    grid-template-columns: 1fr;
  }

  .side {
    position: static;
    max-height: none;
  }
}
</style>
