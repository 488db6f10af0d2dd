<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { counted, dayOf } from '../shared/format'
import { useSession } from '../shared/session'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'
import { t } from '../words/words'
import { fixed } from '../shared/numbers'

const session = useSession()
const apiaries = ref<Shapes['ListedApiary'][] | null>(null)
const { problem, attempt } = useRequest()

async function load(): Promise<void> {
  await attempt(async () => {
    apiaries.value = await ask(api.GET('/api/apiaries'))
  })
}
onMounted(load)
</script>

<template>
  <div class="top">
    <h1>{{ t('common.apiaries') }}</h1>
    <span class="acts">
      <v-btn v-if="session.isKeeper" to="/apiaries/new">{{
        t('apiary.newYardPage.openYard')
      }}</v-btn>
      <v-btn v-if="session.isKeeper" to="/apiaries/import">{{ t('common.bringHives') }}</v-btn>
    </span>
  </div>
  <PageState
    :there="apiaries !== null"
    :problem="problem"
    :what="t('apiary.apiariesPage.apiaries')"
    @again="load()"
  />
  <p v-if="apiaries?.length === 0">{{ t('apiary.apiariesPage.noApiaryYetBring') }}</p>
  <ul v-if="apiaries" class="list">
    <li v-for="each in apiaries" :key="each.apiary.id">
      <router-link :to="`/apiaries/${each.apiary.id}`" class="sheet apiary">
        <strong>{{ each.apiary.name }}</strong>
        <span>{{ counted(each.hives, 'hive') }}</span>
        <span v-if="each.hold" class="held">{{
          t('apiary.apiaryPage.heldSince', { day: dayOf(each.hold.from) })
        }}</span>
        <span v-if="each.apiary.closedOn" class="soft">{{
          t('apiary.apiariesPage.closedSince', { day: dayOf(each.apiary.closedOn) })
        }}</span>
        <span v-else class="soft figure">
          {{
            each.apiary.latitude === undefined
              ? t('apiary.apiariesPage.placeUnknownNoLight')
              : `${fixed(each.apiary.latitude ?? 0, 3)}°, ${fixed(each.apiary.longitude ?? 0, 3)}°`
          }}
        </span>
      </router-link>
    </li>
  </ul>
</template>

<style scoped>
.top {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.list {
  list-style: none;
  margin: 16px 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 10px;
}

.apiary {
  display: grid;
  gap: 4px;
  min-height: 92px;
  padding: 12px 16px;
  text-decoration: none;
}

.apiary:hover {
  border-color: var(--ink);
}

.held {
  color: var(--off-label);
  font-weight: 650;
}

strong {
  font-size: 1.125rem;
}
</style>
