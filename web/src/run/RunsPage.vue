<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, type Shapes } from '../api/client'
import { counted, dayOf } from '../shared/format'
import { useSession } from '../shared/session'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'
import { t } from '../words/words'

/** Rounds that are planned or under way. With one only, it is gone to at once. */
const router = useRouter()
const session = useSession()
const today = ref<Shapes['Today'] | null>(null)
const { problem, attempt } = useRequest()

async function load(): Promise<void> {
  await attempt(async () => {
    today.value = await ask(api.GET('/api/today'))
  })
  const rounds = today.value?.apiaries.filter((each) => each.roundId) ?? []
  if (rounds.length === 1 && history.state?.back !== `/run/${rounds[0]?.roundId}`) {
    await router.replace(`/run/${rounds[0]?.roundId}`)
  }
}
onMounted(load)
</script>

<template>
  <h1>{{ t('run.runsPage.roundsPlannedOrUnder') }}</h1>
  <PageState
    :there="today !== null"
    :problem="problem"
    :what="t('run.runsPage.rounds')"
    @again="load()"
  />
  <template v-if="today">
    <ul v-if="today.apiaries.some((each) => each.roundId)" class="rounds">
      <li v-for="each in today.apiaries.filter((one) => one.roundId)" :key="each.apiary.id">
        <router-link :to="`/run/${each.roundId}`" class="sheet round">
          <strong>{{ each.apiary.name }}</strong>
          <span v-if="each.roundDay">{{ dayOf(each.roundDay) }}</span>
          <span v-if="each.run">{{
            t('run.runsPage.doneShut', {
              done: each.run.done,
              hives: each.run.hives,
              stillShut: each.run.stillShut,
            })
          }}</span>
          <span v-else>{{
            t('run.runsPage.notBegun', { hives: counted(each.roundHives ?? 0, 'hive') })
          }}</span>
        </router-link>
      </li>
    </ul>
    <p v-else>
      <i18n-t keypath="run.runsPage.noRoundPlanned" scope="global"
        ><template #link
          ><router-link v-if="session.isKeeper" to="/dose">{{
            t('run.runsPage.makeDoseSheetFirst')
          }}</router-link>
          <template v-else>{{ t('run.runsPage.keeperPlans') }}</template></template
        ></i18n-t
      >
    </p>
  </template>
</template>

<style scoped>
.rounds {
  list-style: none;
  margin: 16px 0;
  padding: 0;
  display: grid;
  gap: 8px;
  max-width: 720px;
}

.round {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 20px;
  min-height: 64px;
  padding: 10px 18px;
  text-decoration: none;
}
</style>
