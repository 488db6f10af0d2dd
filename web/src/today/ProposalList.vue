<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import HiveLink from '../shared/HiveLink.vue'
import { shortDay } from '../shared/days'
import ActDialog from '../shared/life/ActDialog.vue'
import type { NewAct } from '../shared/life/acts'
import { newId } from '../shared/ids'
import { useRequest } from '../shared/request'
import { reasonOf } from '../words/facts'
import { fetchRoom, t } from '../words/words'

type Proposal = Shapes['Proposal']

/** What crews said at the row of hives that they left out; the keeper decides in one list, in the evening. */
const proposals = ref<Proposal[]>([])
const uniting = ref<Proposal | null>(null)
const { problem, attempt, busy } = useRequest()

async function load(): Promise<void> {
  try {
    const open = await ask(api.GET('/api/life-proposals'))
    if (open.length) await fetchRoom('fact')
    proposals.value = open
  } catch {
    return
  }
}
onMounted(load)

/** What a word at the row comes to; into which hive one was united only the keeper knows. */
const ACTS: Partial<Record<Proposal['reason'], Partial<NewAct> & Pick<NewAct, 'kind'>>> = {
  HIVE_DEAD: { kind: 'ENDED', endKind: 'DIED' },
  HIVE_GONE: { kind: 'ENDED', endKind: 'GONE' },
  HIVE_QUEENLESS: { kind: 'QUEEN', queen: 'FOUND_WITHOUT' },
}
const plain = computed(() => proposals.value.filter((each) => ACTS[each.reason]))

async function confirm(which: readonly Proposal[]): Promise<void> {
  await attempt(async () => {
    for (const each of which) {
      const act = ACTS[each.reason]
      if (!act) continue
      await ask(
        api.PUT('/api/hive-acts/{actId}', {
          params: { path: { actId: newId() } },
          body: { hiveIds: [each.hiveId], day: each.day, ...act },
        }),
      )
    }
  })
  await load()
}

async function turnDown(each: Proposal): Promise<void> {
  await attempt(async () => {
    await ask(
      api.PUT('/api/life-proposals/{eventId}/turned-down', {
        params: { path: { eventId: each.eventId } },
      }),
    )
  })
  await load()
}
</script>

<template>
  <section v-if="proposals.length" class="sheet" :aria-label="t('today.proposalList.fromTheRow')">
    <h2>{{ t('today.proposalList.fromTheRow') }}</h2>
    <p class="soft">{{ t('today.proposalList.youDecide') }}</p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <ul>
      <li v-for="each in proposals" :key="each.eventId">
        <span>
          <HiveLink :id="each.hiveId" :name="each.hive" />, {{ each.apiary }}:
          <strong>{{ reasonOf(each.reason) }}</strong>
          <span class="soft by">{{ each.by }}, {{ shortDay(each.day) }}</span>
        </span>
        <span class="acts">
          <v-btn
            size="small"
            :disabled="busy"
            @click="ACTS[each.reason] ? confirm([each]) : (uniting = each)"
            >{{
              ACTS[each.reason] ? t('today.proposalList.soItIs') : t('today.proposalList.intoWhich')
            }}</v-btn
          >
          <v-btn size="small" :disabled="busy" @click="turnDown(each)">{{
            t('today.proposalList.notSo')
          }}</v-btn>
        </span>
      </li>
    </ul>
    <v-btn v-if="plain.length > 1" :disabled="busy" @click="confirm(plain)">{{
      t('today.proposalList.allSo', { n: plain.length })
    }}</v-btn>
    <ActDialog
      v-if="uniting"
      :model-value="true"
      kind="UNITED"
      :hives="[{ id: uniting.hiveId, name: uniting.hive }]"
      :apiary-id="uniting.apiaryId"
      @update:model-value="uniting = null"
      @done="load()"
    />
  </section>
</template>

<style scoped>
section {
  padding: 14px 16px;
  margin-bottom: 16px;
}

h2,
p {
  margin: 0 0 6px;
}

ul {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
}

li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 4px 16px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}

.by {
  margin-left: 0.6em;
}

.acts {
  display: flex;
  gap: 6px;
}
</style>
