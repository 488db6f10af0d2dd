<script setup lang="ts">
import { onMounted } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '../api/client'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'
import { t } from '../words/words'

/** What a phone's camera opens from a tag: leads on to the hive's page. */
const props = defineProps<{ code: string }>()
const router = useRouter()
const { problem, attempt } = useRequest()

async function follow(): Promise<void> {
  await attempt(async () => {
    const { hiveId } = await ask(
      api.GET('/api/tags/{code}', { params: { path: { code: props.code } } }),
    )
    await router.replace(`/hives/${hiveId}`)
  })
}
onMounted(follow)
</script>

<template>
  <h1>{{ t('app.router.hive') }}</h1>
  <PageState
    :there="false"
    :problem="problem && t('hive.tagPage.noHiveHasThisTag', { code, problem })"
    :what="t('hive.hivePage.hive')"
    @again="follow()"
  />
</template>
