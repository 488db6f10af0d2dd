<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, defineAsyncComponent, onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { useSession } from '../shared/session'
import { useYardGroups } from '../shared/yardGroups'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'
import { t } from '../words/words'
import OutfitDrawing from './OutfitDrawing.vue'
import OutfitYear from './OutfitYear.vue'
import YardTable from './YardTable.vue'
import { STATES, stateWords } from './yardLook'
import { chosen, ordered, type Order } from './yardOrder'

const GroupDialog = defineAsyncComponent(() => import('./GroupDialog.vue'))

/** Every yard of the outfit in one look: line by line, drawn by its places, and its load over the year. */
const session = useSession()
const groups = useYardGroups()
const grouping = ref(false)
const read = ref<Shapes['Yards'] | null>(null)
const order = ref<Order>({ by: 'state', down: false })
const text = ref('')
const state = ref<Shapes['YardLine']['state'] | null>(null)
const { problem, attempt } = useRequest()

async function load(): Promise<void> {
  await attempt(async () => {
    read.value = await ask(api.GET('/api/yards'))
  })
}
onMounted(load)
useIntervalFn(() => {
  if (read.value?.reckoning) void load()
}, 1_000)

const there = computed(() => read.value !== null && !read.value.reckoning)
const all = computed(() => read.value?.yards ?? [])
const yards = computed(() => all.value.filter((each) => groups.shows(each.apiary.id)))
const shown = computed(() => ordered(chosen(yards.value, text.value, state.value), order.value))
const states = computed(() => [
  { title: t('apiary.yards.allStates'), value: null },
  ...STATES.filter((each) => yards.value.some((yard) => yard.state === each)).map((each) => ({
    title: stateWords[each],
    value: each,
  })),
])
/** The limit that holds in most yards today. */
const limit = computed(() => {
  const limits = yards.value.map((yard) => yard.limit).sort((one, other) => one - other)
  return limits[Math.floor(limits.length / 2)] ?? 0.02
})
</script>

<template>
  <div class="top">
    <h1>{{ t('common.apiaries') }}</h1>
    <span class="acts">
      <v-btn v-if="yards.length" href="/api/yards/table.csv" download>{{
        t('apiary.yards.asTable')
      }}</v-btn>
      <v-btn v-if="session.isKeeper && all.length > 1" @click="grouping = true">{{
        t('apiary.groupDialog.groups')
      }}</v-btn>
      <v-btn v-if="session.isKeeper" to="/apiaries/new">{{
        t('apiary.newYardPage.openYard')
      }}</v-btn>
      <v-btn v-if="session.isKeeper" to="/apiaries/import">{{ t('common.bringHives') }}</v-btn>
    </span>
  </div>
  <PageState :there="there" :problem="problem" :what="t('apiary.yards.what')" @again="load()" />
  <p v-if="there && all.length === 0">{{ t('apiary.apiariesPage.noApiaryYetBring') }}</p>
  <template v-if="there && yards.length">
    <div v-if="yards.length > 6" class="filters">
      <v-text-field
        v-model="text"
        :label="t('apiary.yards.filter')"
        hide-details
        clearable
        autocomplete="off"
        @click:clear="text = ''"
      />
      <v-select v-model="state" :items="states" :label="t('apiary.yards.state')" hide-details />
    </div>
    <div class="beside">
      <OutfitDrawing :yards="shown.length ? shown : yards" />
      <OutfitYear v-if="read?.months.length" :months="read.months" :limit="limit" />
    </div>
    <YardTable v-model:order="order" :yards="shown" />
    <p v-if="shown.length === 0">{{ t('apiary.yards.none') }}</p>
    <p class="soft">{{ t('apiary.yards.estimate') }}</p>
  </template>
  <GroupDialog v-if="grouping" v-model="grouping" :yards="all.map((each) => each.apiary)" />
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 8px 16px;
  margin-bottom: 12px;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.filters {
  display: grid;
  grid-template-columns: minmax(200px, 320px) minmax(160px, 240px);
  gap: 12px;
  margin-bottom: 12px;
}

.beside {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
  align-items: start;
  gap: 12px;
  margin-bottom: 12px;
}
</style>
