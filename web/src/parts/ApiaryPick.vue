<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { counted } from './format'

/** Chooses an apiary that has hives; takes the first where none is chosen. */
const chosen = defineModel<string>({ required: true })
const apiaries = ref<Shapes['ListedApiary'][]>([])
const items = computed(() =>
  apiaries.value
    .filter((each) => each.hives > 0)
    .map((each) => ({
      value: each.apiary.id,
      title: `${each.apiary.name}, ${counted(each.hives, 'hive')}`,
    })),
)

onMounted(async () => {
  try {
    apiaries.value = await ask(api.GET('/api/apiaries'))
  } catch {
    return
  }
  if (!items.value.some((each) => each.value === chosen.value)) {
    chosen.value = items.value[0]?.value ?? ''
  }
})
</script>

<template>
  <v-select v-model="chosen" class="pick" :items="items" label="Apiary" density="compact" />
</template>

<style scoped>
.pick {
  flex: none;
  width: 290px;
}
</style>
