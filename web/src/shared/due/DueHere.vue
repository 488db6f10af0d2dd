<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../../api/client'
import { t } from '../../words/words'
import { useRequest } from '../request'
import DueTaskList from './DueTaskList.vue'
import { usePutOff } from './usePutOff'

/** What is due of one yard or one hive: its share of the list of Today. */
const props = defineProps<{ apiaryId?: string; hiveId?: string; isKeeper: boolean }>()

const PutOffDialog = defineAsyncComponent(() => import('./PutOffDialog.vue'))

const here = ref<Shapes['DueHere'] | null>(null)
const { problem, attempt } = useRequest()
/** On the page of a hive a line about several leads to that hive. */
const tasks = computed(
  () =>
    here.value?.dueTasks.map((each) =>
      props.hiveId && each.hiveId ? { ...each, hiveId: props.hiveId } : each,
    ) ?? [],
)
const standing = computed(() => tasks.value.filter((each) => !each.putOff))
const later = computed(() => tasks.value.filter((each) => each.putOff))

async function load(): Promise<void> {
  const { apiaryId, hiveId } = props
  await attempt(async () => {
    const found = await ask(api.GET('/api/due', { params: { query: { apiaryId, hiveId } } }))
    if (props.apiaryId === apiaryId && props.hiveId === hiveId) here.value = found
  })
}
const { puttingOff, takeUp, wasPutOff } = usePutOff(attempt, load)
watch(() => [props.apiaryId, props.hiveId], load, { immediate: true })
useIntervalFn(() => {
  if (here.value?.reckoning) void load()
}, 400)
</script>

<template>
  <div class="here">
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <p v-if="here?.reckoning" class="soft" role="status">{{ t('due.waiting.reckoning') }}</p>
    <DueTaskList
      :title="t('due.waiting.due')"
      :due-tasks="standing"
      :is-keeper="isKeeper"
      @put-off="puttingOff = $event"
    />
    <DueTaskList
      :title="t('due.waiting.putOffTitle')"
      :due-tasks="later"
      :is-keeper="isKeeper"
      @take-up="takeUp"
    />
    <PutOffDialog
      v-if="puttingOff"
      :model-value="true"
      :task="puttingOff"
      @update:model-value="puttingOff = null"
      @done="wasPutOff"
    />
  </div>
</template>

<style scoped>
.here:not(:empty) {
  margin-bottom: 16px;
}
</style>
