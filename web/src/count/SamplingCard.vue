<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { counted, dayOf } from '../shared/format'
import { newId } from '../shared/ids'
import { percent } from '../shared/numbers'
import { useOutbox } from '../shared/offline/outbox'
import { useRequest } from '../shared/request'
import { t } from '../words/words'
import { inWords, wordOf } from '../words/facts'
import { goOffline, pendingWashes } from './sampling'

/**
 * Which hives of a yard to wash or to look into today, and when to stop. Without a network the boundaries that the server
 * sent hold on for what waits on the device.
 */
const props = defineProps<{
  apiaryId: string
  counts: Shapes['CountBoard']
  isKeeper: boolean
}>()
const emit = defineEmits<{ choose: [hiveId: string]; jar: [hiveIds: string[]] }>()

const plan = ref<Shapes['Sampling'] | null>(null)
const { problem, busy, attempt } = useRequest()
/** The same press twice is the same word. */
let wordId = newId()
const outbox = useOutbox()

async function load(): Promise<void> {
  await attempt(async () => {
    plan.value = await ask(
      api.GET('/api/apiaries/{id}/sampling', { params: { path: { id: props.apiaryId } } }),
    )
  })
}
watch(() => props.counts, load, { immediate: true })

/** The yard's sample stands for the hives that were not sampled, on the keeper's word. */
async function say(): Promise<void> {
  if (busy.value) return
  const done = await attempt(() =>
    ask(
      api.PUT('/api/yard-words/{id}', {
        params: { path: { id: wordId } },
        body: { apiaryId: props.apiaryId },
      }),
    ),
  )
  if (!done) return
  wordId = newId()
  await load()
}

async function takeBack(id: string): Promise<void> {
  const done = await attempt(() =>
    ask(api.DELETE('/api/yard-words/{id}', { params: { path: { id } } })),
  )
  if (done) await load()
}

const pending = computed(() => pendingWashes(outbox.entries, props.counts.today))
const offline = computed(() =>
  plan.value && pending.value.size > 0 ? goOffline(plan.value.washes, pending.value) : null,
)
const next = computed(() => {
  const washes = plan.value?.washes
  if (!washes) return undefined
  if (offline.value && offline.value !== 'NEXT') return undefined
  return washes.drawn.find(
    (each) =>
      each.mites === undefined &&
      !each.inJar &&
      !pending.value.has(each.id) &&
      (pending.value.size > 0 || each.id === washes.next),
  )
})
/** Those drawn that nobody counted yet: their bees can go into one jar. */
const open = computed(() =>
  (plan.value?.washes.drawn ?? [])
    .filter((each) => each.mites === undefined && !each.inJar && !pending.value.has(each.id))
    .map((each) => each.id),
)
</script>

<template>
  <details v-if="plan && plan.washes.drawn.length > 3" class="sheet sampling">
    <summary>{{ t('count.sampling.title') }}</summary>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <h3>{{ t('count.sampling.washes') }}</h3>
    <p role="status">
      {{ inWords(plan.washes.reading.says) }}.
      <template v-if="offline">{{
        t('count.sampling.offline', { go: wordOf(`YardSamplingGo.${offline}`) })
      }}</template>
    </p>
    <p v-if="plan.word" class="word">
      {{
        t('count.sampling.stands', {
          share: percent(plan.word.share),
          low: percent(plan.word.low),
          high: percent(plan.word.high),
          others: counted(plan.word.others, 'hive'),
          by: plan.word.saidBy,
          day: dayOf(plan.word.day),
        })
      }}
      <button v-if="isKeeper" type="button" class="word" @click="takeBack(plan.word.id)">
        {{ t('count.sampling.takeBack') }}
      </button>
    </p>
    <p v-else-if="isKeeper && plan.mayStand">
      <v-btn :loading="busy" @click="say">{{ t('count.sampling.letStand') }}</v-btn>
      <span class="soft"> {{ t('count.sampling.whatItDoes') }}</span>
    </p>
    <ol class="hives">
      <li v-for="each in plan.washes.drawn" :key="each.id">
        {{
          each.mites === undefined
            ? each.inJar
              ? t('count.sampling.inJar', { name: each.name })
              : each.name
            : t('count.sampling.done', { name: each.name, mites: each.mites })
        }}
      </li>
    </ol>
    <v-btn v-if="next" @click="emit('choose', next.id)">{{
      t('count.sampling.next', { name: next.name })
    }}</v-btn>
    <v-btn v-if="next && open.length > 1" variant="text" @click="emit('jar', open)">{{
      t('count.sampling.oneJar', { hives: counted(open.length, 'hive') })
    }}</v-btn>
    <template v-if="plan.washes.besides.length">
      <h3>{{ t('count.sampling.besides') }}</h3>
      <p>{{ plan.washes.besides.map((each) => each.name).join(', ') }}</p>
    </template>
    <h3>{{ t('count.sampling.looks') }}</h3>
    <p>{{ inWords(plan.looks.says) }}</p>
    <p class="hives">
      <router-link v-for="each in plan.looks.drawn" :key="each.id" :to="`/spacing/${each.id}`">{{
        each.capped === undefined
          ? each.name
          : each.capped
            ? t('count.sampling.capped', { name: each.name })
            : t('count.sampling.none', { name: each.name })
      }}</router-link>
    </p>
  </details>
</template>

<style scoped>
.sampling {
  padding: 4px 14px 12px;
  margin-bottom: 12px;
}

summary {
  min-height: 44px;
  padding: 10px 0;
  font-weight: 650;
}

h3,
p {
  margin: 0 0 6px;
}

h3 {
  margin-top: 14px;
  font-size: 1rem;
}

.hives {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 0 0 8px;
  padding: 0;
  list-style-position: inside;
}

.hives a {
  min-height: 32px;
}
</style>
