<script setup lang="ts">
import HiveLink from '../shared/HiveLink.vue'
import { computed, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import ApiaryPick from '../shared/ApiaryPick.vue'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { counted } from '../shared/format'
import { newId } from '../shared/ids'
import { useSession } from '../shared/session'
import { OUTCOMES, SIGNS, type DeathSign, type Outcome } from './reviewWords'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** How an apiary's hives came through the winter: one press a hive, kept at once. */
const session = useSession()
const inHand = useApiaryInHand()
const apiaryId = ref(inHand.id)
const winter = ref<number | null>(null)
const winters = ref<{ value: number; title: string }[]>([])
const hives = ref<Shapes['Outcome'][]>([])
const { problem, attempt } = useRequest()
const there = ref(false)
const left = computed(() => hives.value.filter((each) => !each.outcome).length)

watch(
  apiaryId,
  async (apiary) => {
    if (!apiary) return
    if (apiary !== inHand.id) void inHand.take(apiary)
    await attempt(async () => {
      const here = await ask(
        api.GET('/api/review/winters', { params: { query: { apiaryId: apiary } } }),
      )
      if (apiary !== apiaryId.value) return
      winters.value = here.all.map((each) => ({ value: each.winter, title: inWords(each.name) }))
      if (!here.all.some((each) => each.winter === winter.value)) winter.value = here.now
    })
  },
  { immediate: true },
)

async function load(): Promise<void> {
  const year = winter.value
  const apiary = apiaryId.value
  if (!apiary || year === null) return
  await attempt(async () => {
    const found = await ask(
      api.GET('/api/review/winters/{winter}', {
        params: { path: { winter: year }, query: { apiaryId: apiary } },
      }),
    )
    if (apiaryId.value !== apiary || winter.value !== year) return
    hives.value = found
    there.value = true
  })
}
watch([apiaryId, winter], load, { immediate: true })

async function say(hive: Shapes['Outcome'], outcome: Outcome, sign?: DeathSign): Promise<void> {
  const year = winter.value
  if (year === null) return
  const before = { ...hive }
  Object.assign(hive, { outcome, sign })
  const kept = await attempt(async () => {
    await ask(
      api.POST('/api/review/winters/{winter}', {
        params: { path: { winter: year } },
        body: [{ id: newId(), hiveId: hive.hiveId, outcome, ...(sign ? { sign } : {}) }],
      }),
    )
  })
  if (kept) return
  Object.assign(hive, { outcome: before.outcome, sign: before.sign })
  problem.value = t('year.winterPage.wasNotKept', { hive: hive.hive, problem: problem.value })
}
</script>

<template>
  <div class="top">
    <h1>{{ t('year.winterPage.howHivesWintered') }}</h1>
    <ApiaryPick v-model="apiaryId" />
    <v-select
      v-model="winter"
      :items="winters"
      :label="t('year.winterPage.winter')"
      density="compact"
      class="winter"
    />
    <router-link to="/counts/year">{{ t('year.winterPage.yearOnOnePage') }}</router-link>
  </div>
  <PageState
    :there="there || !apiaryId"
    :problem="problem"
    :what="t('year.winterPage.hivesThisWinter')"
    @again="load()"
  />
  <p v-if="hives.length">
    {{
      left
        ? t('year.winterPage.lookAt', { hives: counted(left, 'hive') })
        : t('year.winterPage.everyHiveHasBeen')
    }}
  </p>
  <p v-else-if="there">{{ t('year.winterPage.noHiveStandsHere') }}</p>
  <ul class="hives">
    <li v-for="hive in hives" :key="hive.hiveId" class="sheet hive">
      <HiveLink :id="hive.hiveId" class="name" :name="hive.hive" />
      <div class="ways" role="group" :aria-label="hive.hive">
        <button
          v-for="(name, outcome) in OUTCOMES"
          :key="outcome"
          type="button"
          class="way"
          :aria-pressed="hive.outcome === outcome"
          :disabled="!session.mayWork"
          @click="say(hive, outcome as Outcome)"
        >
          {{ name }}
        </button>
      </div>
      <v-select
        v-if="hive.outcome === 'DEAD'"
        :model-value="hive.sign"
        :items="Object.entries(SIGNS).map(([value, title]) => ({ value, title }))"
        :label="t('year.winterPage.whatShowed', { hive: hive.hive })"
        density="compact"
        class="sign"
        :disabled="!session.mayWork"
        @update:model-value="say(hive, 'DEAD', $event)"
      />
    </li>
  </ul>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
}

.winter {
  flex: none;
  width: 170px;
}

.hives {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 8px;
}

.hive {
  display: grid;
  grid-template-columns: 70px 1fr;
  gap: 8px 12px;
  align-items: center;
  padding: 8px 14px;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.way {
  min-height: 56px;
  padding: 0 14px;
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
}

.way[aria-pressed='true'] {
  background: var(--ink);
  border-color: var(--ink);
  color: var(--paper);
  font-weight: 650;
}

.sign {
  grid-column: 1 / -1;
}
</style>
