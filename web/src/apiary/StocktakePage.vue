<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { counted, dayOf } from '../shared/format'
import HiveLink from '../shared/HiveLink.vue'
import { newId } from '../shared/ids'
import UndoBar from '../shared/life/UndoBar.vue'
import PageState from '../shared/layout/PageState.vue'
import { useForm } from '../shared/request'
import DayField from '../shared/units/DayField.vue'
import { t, texts } from '../words/words'
import { useYard } from './useYard'

/** Hives of a yard looked for one by one, in the order of the walk; kept on this device until it is written down. */
const props = defineProps<{ id: string }>()

type Found = 'found' | 'dead' | 'gone' | 'unread'
const WAYS = ['found', 'dead', 'gone', 'unread'] as const
const NAMES = texts({
  found: 'apiary.stocktakePage.there',
  dead: 'apiary.stocktakePage.dead',
  gone: 'apiary.stocktakePage.gone',
  unread: 'apiary.stocktakePage.unread',
})

interface Draft {
  id: string
  day: string
  of: Record<string, Found>
  added: string
}
const blank = (): Draft => ({ id: newId(), day: todayHere(serverNow()), of: {}, added: '' })
const draft = useStorage<Draft>(`tavrel.stocktake.${props.id}`, blank())
const yard = useYard(() => props.id)
const done = ref<Shapes['Stocktake'][]>([])
const last = ref<Shapes['Stocktake'] | null>(null)
const { problem, wrong, forget, attempt, busy } = useForm()

async function load(): Promise<void> {
  await yard.load()
  await attempt(async () => {
    done.value = await ask(
      api.GET('/api/apiaries/{apiaryId}/stocktakes', { params: { path: { apiaryId: props.id } } }),
    )
  })
}
watch(() => props.id, load, { immediate: true })

const added = computed(() =>
  draft.value.added
    .split(/[,;\n]/)
    .map((name) => name.trim())
    .filter((name) => name !== ''),
)
const ids = (way: Found) =>
  yard.hives.value.filter((hive) => draft.value.of[hive.id] === way).map((hive) => hive.id)
const open = computed(() => yard.hives.value.filter((hive) => !draft.value.of[hive.id]))
const found = computed(() => ids('found').length)

function say(hiveId: string, way: Found): void {
  draft.value.of = { ...draft.value.of, [hiveId]: way }
}

function restAs(way: Found): void {
  draft.value.of = {
    ...draft.value.of,
    ...Object.fromEntries(open.value.map((hive) => [hive.id, way])),
  }
}

async function keep(): Promise<void> {
  if (busy.value) return
  forget()
  const kept = await attempt(async () => {
    done.value = await ask(
      api.PUT('/api/apiaries/{apiaryId}/stocktakes/{id}', {
        params: { path: { apiaryId: props.id, id: draft.value.id } },
        body: {
          day: draft.value.day,
          found: ids('found'),
          dead: ids('dead'),
          gone: ids('gone'),
          unread: ids('unread'),
          added: added.value,
        },
      }),
    )
  })
  if (!kept) return
  last.value = done.value.find((each) => each.id === draft.value.id) ?? null
  draft.value = blank()
  await yard.load()
}

async function takeBack(): Promise<void> {
  const taken = last.value
  if (!taken) return
  const back = await attempt(async () => {
    done.value = await ask(
      api.POST('/api/apiaries/{apiaryId}/stocktakes/{id}/take-back', {
        params: { path: { apiaryId: props.id, id: taken.id } },
      }),
    )
  })
  if (!back) return
  last.value = null
  await yard.load()
}

function told(each: Shapes['Stocktake']): string {
  return t('apiary.stocktakePage.told', {
    day: dayOf(each.day),
    written: each.written,
    found: each.found,
    dead: each.dead,
    gone: each.gone,
    unread: each.unread,
    added: each.added,
    by: each.doneBy,
  })
}
</script>

<template>
  <PageState
    v-if="!yard.apiary.value"
    :there="false"
    :problem="yard.problem.value"
    :what="t('apiary.apiaryPage.apiary')"
    @again="load()"
  />
  <template v-else>
    <h1>{{ t('apiary.stocktakePage.title', { apiary: yard.apiary.value.name }) }}</h1>
    <p class="soft">{{ t('apiary.stocktakePage.howItGoes') }}</p>
    <UndoBar v-if="last" :says="told(last)" :busy="busy" @back="takeBack()" />
    <p v-if="problem || yard.problem.value" role="alert" class="problem">
      {{ problem || yard.problem.value }}
    </p>
    <form @submit.prevent="keep">
      <div class="head">
        <DayField
          v-model="draft.day"
          :label="t('apiary.stocktakePage.day')"
          :error-messages="wrong.day"
        />
        <strong class="figure" role="status">{{
          t('apiary.stocktakePage.soFar', { found, written: yard.hives.value.length })
        }}</strong>
        <v-btn v-if="open.length" min-height="48" @click="restAs('found')">{{
          t('apiary.stocktakePage.restThere', { hives: counted(open.length, 'hive') })
        }}</v-btn>
      </div>
      <ol>
        <li v-for="hive in yard.hives.value" :key="hive.id" :class="draft.of[hive.id]">
          <HiveLink :id="hive.id" :name="hive.name" />
          <span role="radiogroup" :aria-label="hive.name" class="ways">
            <button
              v-for="way in WAYS"
              :key="way"
              type="button"
              role="radio"
              :aria-checked="draft.of[hive.id] === way"
              @click="say(hive.id, way)"
            >
              {{ NAMES[way] }}
            </button>
          </span>
        </li>
      </ol>
      <v-textarea
        v-model="draft.added"
        rows="1"
        auto-grow
        :label="t('apiary.stocktakePage.newOnes')"
        :hint="t('apiary.stocktakePage.newOnesHint')"
        persistent-hint
        :error-messages="wrong.name || wrong.added"
      />
      <p v-if="wrong.found" role="alert" class="problem">{{ wrong.found }}</p>
      <p v-if="open.length" class="soft">
        {{ t('apiary.stocktakePage.stillOpen', { hives: counted(open.length, 'hive') }) }}
      </p>
      <v-btn
        type="submit"
        variant="flat"
        color="primary"
        min-height="56"
        :disabled="open.length > 0"
        :loading="busy"
        >{{ t('apiary.stocktakePage.writeDown') }}</v-btn
      >
    </form>
    <section v-if="done.length" :aria-label="t('apiary.stocktakePage.before')">
      <h2>{{ t('apiary.stocktakePage.before') }}</h2>
      <p v-for="each in done" :key="each.id" :class="{ struck: each.struckBy }">
        {{ told(each) }}
        <template v-if="each.struckBy">{{
          t('apiary.stocktakePage.takenBackBy', { by: each.struckBy })
        }}</template>
      </p>
    </section>
  </template>
</template>

<style scoped>
.head {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, max-content));
  gap: 10px 18px;
  align-items: center;
}

ol {
  list-style: none;
  margin: 10px 0;
  padding: 0;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
  justify-content: space-between;
  max-width: 720px;
  padding: 4px 0 4px 10px;
  border-bottom: 1px solid var(--rule);
  border-left: 6px solid transparent;
}

.found {
  border-left-color: var(--sealed);
}

.dead,
.gone {
  border-left-color: var(--off-label);
}

.unread {
  border-left-color: var(--rule-strong);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

button[role='radio'] {
  min-width: 76px;
  min-height: 48px;
  padding: 0 10px;
  border: 1px solid var(--rule-strong);
}

button[aria-checked='true'] {
  background: var(--ink);
  color: var(--paper);
}

.struck {
  text-decoration: line-through;
}
</style>
