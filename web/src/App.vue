<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, defineAsyncComponent, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from './api/client'
import Dayline from './shared/Dayline.vue'
import MainNav from './shared/MainNav.vue'
import { useApiaryInHand } from './shared/apiaryInHand'
import { useServerNow } from './shared/clock'
import { useSession } from './shared/session'
import WaitingNotice from './shared/offline/WaitingNotice.vue'
import { useOutbox } from './shared/offline/outbox'
import { useLimits } from './shared/limits'
import { useYardGroups } from './shared/yardGroups'
import { languageNow, t } from './words/words'

/** Most outfits have no groups. */
const GroupBar = defineAsyncComponent(() => import('./shared/GroupBar.vue'))
/** Its fields are fetched when somebody wants to read it: a first look need not wait for them. */
const ThermometerDialog = defineAsyncComponent(() => import('./shared/ThermometerDialog.vue'))

const session = useSession()
const inHand = useApiaryInHand()
const reading = ref(false)
const asked = ref(false)
const outbox = useOutbox()
const groups = useYardGroups()
const route = useRoute()
const router = useRouter()
const now = useServerNow(1000)
const inside = computed(
  () => session.account !== null && !session.account.firstPassword && !route.meta.open,
)

/** The most pressing apiary, unless another was taken in hand meanwhile. */
async function takeFirst(): Promise<void> {
  if (!inHand.id) {
    const today = await ask(api.GET('/api/today'))
    inHand.id ||= today.apiaries[0]?.apiary.id ?? ''
  }
  await inHand.refresh()
  if (inHand.id && !inHand.dayline) {
    inHand.id = ''
  }
}

onMounted(() => outbox.watchNetwork())
useIntervalFn(() => void (inside.value && inHand.refresh()), 60_000)
watch(
  inside,
  (isInside) => {
    if (!isInside) return
    void takeFirst().catch(() => undefined)
    void groups.learn().catch(() => undefined)
    void useLimits()
      .learn()
      .catch(() => undefined)
  },
  { immediate: true },
)
watch(
  () => session.account,
  (account, before) => {
    if (before && !account && !route.meta.open) {
      void router.push({ path: '/sign-in', query: { to: route.fullPath } })
    }
  },
)
</script>

<template>
  <v-app>
    <a class="skip no-print" href="#main">{{ t('app.app.goPage') }}</a>
    <div v-if="inside" class="frame" :class="{ field: route.path.startsWith('/run/') }">
      <header class="top no-print">
        <Dayline
          v-if="inHand.dayline"
          :dayline="inHand.dayline"
          :now="now"
          :openings="inHand.openings"
          :may-read="session.mayWork"
          @read="asked = reading = true"
        />
        <div v-else class="no-day"></div>
        <ThermometerDialog
          v-if="inHand.dayline && asked"
          v-model="reading"
          :apiary-id="inHand.dayline.apiary.id"
          :apiary="inHand.dayline.apiary.name"
          @kept="inHand.refresh()"
        />
      </header>
      <MainNav class="nav no-print" />
      <main id="main" class="page" tabindex="-1">
        <WaitingNotice v-if="route.path !== '/waiting'" />
        <GroupBar v-if="route.meta.grouped && groups.choices.length" />
        <router-view v-slot="{ Component }">
          <component :is="Component" :key="languageNow()" />
        </router-view>
      </main>
    </div>
    <main v-else id="main" class="outside" tabindex="-1">
      <div class="horizon" aria-hidden="true"></div>
      <router-view v-slot="{ Component }">
        <component :is="Component" :key="languageNow()" />
      </router-view>
    </main>
  </v-app>
</template>

<style scoped>
.skip {
  position: absolute;
  left: -999px;
  z-index: 10;
  padding: 0.5rem 1rem;
  background: var(--ink);
  color: var(--paper);
}

.skip:focus {
  left: 8px;
  top: 8px;
}

.frame {
  display: grid;
  grid-template: auto 1fr / 118px 1fr;
  min-height: 100dvh;
}

.top {
  grid-column: 1 / -1;
  position: sticky;
  top: 0;
  z-index: 5;
}

.no-day {
  height: 88px;
  border-bottom: 34px solid var(--paper);
  background: linear-gradient(
    to right,
    var(--night),
    var(--dusk) 22%,
    var(--dawn) 28%,
    #dbe6ea 36%
  );
}

.page {
  min-width: 0;
  padding: 20px 28px 48px;
  outline: none;
}

.outside {
  min-height: 100dvh;
  outline: none;
}

.horizon {
  height: 26dvh;
  background: linear-gradient(
    to bottom,
    var(--night),
    var(--dusk) 62%,
    var(--dawn) 97%,
    #fbfaf7 97%,
    #fbfaf7 98.2%,
    var(--ink) 98.2%
  );
}

@media (width <= 900px) {
  .frame {
    grid-template: auto 1fr auto / 1fr;
  }

  .no-day {
    height: 112px;
    border-bottom-width: 68px;
  }

  .page {
    padding: 14px 12px 96px;
  }

  .frame.field .page {
    padding-bottom: 24px;
  }

  .frame.field .nav {
    display: none;
  }
}
</style>
