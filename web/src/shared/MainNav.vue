<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { LIGHT_WORDS } from './lightWords'
import { LIGHTS, useLight } from '../theme/light'
import { useSession } from './session'
import { t } from '../words/words'

const session = useSession()
const route = useRoute()
const router = useRouter()
const light = useLight()

const ROLES = {
  KEEPER: t('shared.mainNav.keeper'),
  CREW: t('shared.mainNav.crew'),
  READER: t('shared.mainNav.reader'),
} as const
const places = computed(() => [
  { to: '/', name: t('common.today') },
  { to: '/apiaries', name: t('common.apiaries'), atDesk: true },
  { to: '/counts', name: t('common.counts') },
  { to: '/spacing', name: t('common.spacing') },
  { to: '/dose', name: t('shared.mainNav.dose'), hidden: !session.isKeeper, atDesk: true },
  { to: '/season', name: t('common.season'), atDesk: true },
  { to: '/run', name: t('shared.mainNav.run'), hidden: !session.mayWork },
  { to: '/gear', name: t('common.gear'), atDesk: true },
  { to: '/register', name: t('common.register'), atDesk: true },
])
const shown = computed(() => places.value.filter((place) => !place.hidden))
/** On a narrow screen these stand in the menu: four large targets suit a gloved thumb better than seven small ones. */
const inMenu = computed(() => shown.value.filter((place) => place.atDesk))

function here(to: string): boolean {
  return to === '/' ? route.path === '/' : route.path.startsWith(to)
}

async function signOut(): Promise<void> {
  await session.end()
  await router.push('/sign-in')
}
</script>

<template>
  <nav class="nav" :aria-label="t('shared.mainNav.orderWork')">
    <img class="brand" src="/mark.svg" :alt="t('shared.mainNav.tavrel')" width="40" height="40" />
    <ul>
      <li v-for="place in shown" :key="place.to" :class="{ desk: place.atDesk }">
        <router-link
          :to="place.to"
          :class="{ bracketed: here(place.to) }"
          :aria-current="here(place.to) ? 'page' : undefined"
          >{{ place.name }}</router-link
        >
      </li>
    </ul>
    <v-menu location="top">
      <template #activator="{ props: menu }">
        <button v-bind="menu" class="who" type="button">
          <strong class="name">{{ session.account?.name }}</strong>
          <strong class="more">{{ t('shared.mainNav.more') }}</strong>
          <span>{{ session.account ? ROLES[session.account.role] : '' }}</span>
        </button>
      </template>
      <v-list class="menu">
        <v-list-item
          v-for="place in inMenu"
          :key="place.to"
          class="narrow"
          :to="place.to"
          :title="place.name"
        />
        <v-list-item to="/account" :title="t('shared.mainNav.myAccount')" />
        <v-list-item to="/rules" :title="t('common.ruleSheets')" />
        <v-list-item v-if="session.mayWork" to="/dose/scoops" :title="t('common.scoopBench')" />
        <v-list-item v-if="session.isKeeper" to="/people" :title="t('common.people')" />
        <v-list-item v-if="session.isKeeper" to="/parameters" :title="t('common.figures')" />
        <v-list-item v-if="session.isKeeper" to="/safekeeping" :title="t('common.safekeeping')" />
        <v-list-subheader>{{ t('shared.mainNav.light') }}</v-list-subheader>
        <v-list-item
          v-for="choice in LIGHTS"
          :key="choice"
          :title="(light.chosen.value === choice ? '✓ ' : '') + LIGHT_WORDS[choice]"
          @click="light.chosen.value = choice"
        />
        <v-divider />
        <v-list-item :title="t('shared.mainNav.signOut')" @click="signOut" />
      </v-list>
    </v-menu>
  </nav>
</template>

<style scoped>
.nav {
  display: flex;
  flex-direction: column;
  gap: 18px;
  padding: 16px 10px;
  border-right: 1px solid var(--rule);
  position: sticky;
  top: 84px;
  height: calc(100dvh - 84px);
}

.brand {
  margin-left: 8px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
  flex: 1;
  align-content: start;
}

a {
  display: block;
  padding: 10px 14px;
  text-decoration: none;
  font-weight: 600;
}

a:hover {
  background: var(--wash);
}

.who {
  display: grid;
  gap: 2px;
  padding: 8px 14px;
  text-align: left;
  font-size: 0.875rem;
}

.who:hover {
  background: var(--wash);
}

.more,
.narrow {
  display: none;
}

@media (width <= 900px) {
  .desk,
  .name {
    display: none !important;
  }

  .more,
  .narrow {
    display: grid;
  }

  .nav {
    position: fixed;
    inset: auto 0 0;
    top: auto;
    z-index: 5;
    height: auto;
    flex-direction: row;
    align-items: stretch;
    gap: 0;
    padding: 0;
    border-right: 0;
    border-top: 1px solid var(--rule);
    background: var(--paper);
  }

  .brand {
    display: none;
  }

  ul {
    display: flex;
    gap: 0;
  }

  li {
    flex: 1;
    display: grid;
  }

  a,
  .who {
    display: grid;
    place-content: center;
    min-height: 60px;
    padding: 0 6px;
    font-size: 0.9375rem;
    text-align: center;
  }

  .who span {
    display: none;
  }
}
</style>
