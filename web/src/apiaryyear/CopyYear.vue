<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { counted } from '../shared/format'
import { useRequest } from '../shared/request'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** An apiary's year copied to others, moved by their height. */
const props = defineProps<{ id: string }>()
const others = ref<Shapes['Apiary'][]>([])
const picked = ref<string[]>([])
const copied = ref<Shapes['CopiedYear'][]>([])
const { problem, attempt } = useRequest()

onMounted(async () => {
  await attempt(async () => {
    others.value = (await ask(api.GET('/api/apiaries')))
      .map((each) => each.apiary)
      .filter((apiary) => apiary.id !== props.id)
  })
})

async function copy(): Promise<void> {
  await attempt(async () => {
    copied.value = await ask(
      api.POST('/api/apiaries/{apiaryId}/season/copies', {
        params: { path: { apiaryId: props.id } },
        body: { to: picked.value },
      }),
    )
    picked.value = []
  })
}
</script>

<template>
  <p class="soft">
    {{ t('apiaryyear.copyYear.whatTheyHaveReplaced') }}
  </p>
  <p v-if="problem" role="alert">{{ problem }}</p>
  <form class="form" @submit.prevent="copy">
    <v-select
      v-model="picked"
      density="compact"
      multiple
      :label="t('common.to')"
      :items="others.map((apiary) => ({ value: apiary.id, title: apiary.name }))"
    />
    <v-btn type="submit" min-height="40" :disabled="picked.length === 0">{{
      t('apiaryyear.copyYear.copy', { apiarys: counted(picked.length, 'apiary') })
    }}</v-btn>
  </form>
  <ul role="status">
    <li v-for="each in copied" :key="each.apiaryId">{{ each.apiary }}: {{ inWords(each.says) }}</li>
  </ul>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: minmax(200px, 420px) auto;
  gap: 12px;
  justify-content: start;
}
</style>
