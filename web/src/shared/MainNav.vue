<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useRoute } from 'vue-router'
import { useSession } from './session'
import { t, texts } from '../words/words'

/** Fetched when somebody opens it: a first look need not wait for it. */
const NavMenu = defineAsyncComponent(() => import('./NavMenu.vue'))
const FindDialog = defineAsyncComponent(() => import('./find/FindDialog.vue'))

const session = useSession()
const route = useRoute()
const more = ref<HTMLButtonElement>()
const asked = ref(false)
const open = ref(false)
const finding = ref(false)
const sought = ref(false)

const ROLES = texts({
  KEEPER: 'shared.mainNav.keeper',
  CREW: 'shared.mainNav.crew',
  READER: 'shared.mainNav.reader',
})
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
/** Pages that have a name: what the rail has, and what its menu has. */
const pages = computed(() => [
  ...shown.value,
  { to: '/account', name: t('shared.navMenu.myAccount') },
  { to: '/rules', name: t('common.ruleSheets') },
  { to: '/dose/scoops', name: t('common.scoopBench') },
  { to: '/people', name: t('common.people') },
  { to: '/parameters', name: t('common.figures') },
  { to: '/safekeeping', name: t('common.safekeeping') },
])
/** On a narrow screen these stand in the menu: four large targets suit a gloved thumb better than seven small ones. */
const inMenu = computed(() => shown.value.filter((place) => place.atDesk))

function here(to: string): boolean {
  return to === '/' ? route.path === '/' : route.path.startsWith(to)
}

/** Opens the finder: by its button, or by a stroke where nobody is typing. */
function find(): void {
  sought.value = true
  finding.value = true
}
onKeyStroke('/', (stroke) => {
  const into = stroke.target as HTMLElement
  if (into.isContentEditable || into.matches('input, textarea, select')) return
  stroke.preventDefault()
  find()
})

/** The first press brings the menu; from then on it listens to its button itself. */
function openFirst(): void {
  if (asked.value) return
  asked.value = true
  open.value = true
}
</script>

<template>
  <nav class="nav" :aria-label="t('shared.mainNav.orderWork')">
    <img class="brand" src="/mark.svg" :alt="t('shared.mainNav.tavrel')" width="40" height="40" />
    <button class="find" type="button" @click="find()">
      {{ t('shared.mainNav.find') }}<kbd aria-hidden="true">/</kbd>
    </button>
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
    <button
      ref="more"
      class="who"
      type="button"
      aria-haspopup="menu"
      aria-expanded="false"
      @click="openFirst()"
    >
      <strong class="name">{{ session.account?.name }}</strong>
      <strong class="more">{{ t('shared.mainNav.more') }}</strong>
      <span>{{ session.account ? ROLES[session.account.role] : '' }}</span>
    </button>
    <FindDialog v-if="sought" v-model="finding" :pages="pages" />
    <NavMenu v-if="asked" v-model="open" :activator="more" :at-desk="inMenu" />
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

.find {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 44px;
  padding: 0 14px;
  border: 1px solid var(--rule-strong);
  font-size: 0.9375rem;
  color: var(--ink-soft);
}

.find:hover {
  background: var(--wash);
}

kbd {
  font-family: var(--figure-face);
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

.more {
  display: none;
}

@media (width <= 900px) {
  .desk,
  .name {
    display: none !important;
  }

  .more {
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

  .brand,
  kbd {
    display: none;
  }

  .find {
    order: 1;
    min-height: 60px;
    padding: 0 10px;
    border: 0;
    color: var(--ink);
    font-weight: 600;
  }

  .who {
    order: 2;
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
