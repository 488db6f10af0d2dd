<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { apiaryItems } from './apiaryItems'
import { t } from '../words/words'
import { useYardGroups } from './yardGroups'

const emit = defineEmits<{ none: [] }>()
/** Chooses an apiary that has hives; takes the first where none is chosen. */
const chosen = defineModel<string>({ required: true })
const apiaries = ref<Shapes['ListedApiary'][]>([])
const groups = useYardGroups()
/** Those of the group in hand, and the one that was asked for or chosen before. */
const items = computed(() =>
  apiaryItems(apiaries.value, (id) => id === chosen.value || groups.shows(id)),
)

onMounted(async () => {
  try {
    apiaries.value = await ask(api.GET('/api/apiaries'))
  } catch {
    return
  }
  if (items.value.length === 0) emit('none')
  if (!items.value.some((each) => each.value === chosen.value)) {
    chosen.value = items.value[0]?.value ?? ''
  }
})
</script>

<template>
  <v-select
    v-model="chosen"
    class="pick"
    :items="items"
    :label="t('common.apiary')"
    density="compact"
  />
</template>

<style scoped>
.pick {
  flex: none;
  width: 290px;
}
</style>
