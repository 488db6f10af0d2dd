<script setup lang="ts">
import { useRouter } from 'vue-router'
import { LIGHT_WORDS } from './lightWords'
import { LIGHTS, useLight } from '../theme/light'
import { useSession } from './session'
import { t } from '../words/words'

defineProps<{
  /** The button that opens it. */
  activator: HTMLElement | undefined
  /** Places that the rail has no room for on a narrow screen. */
  atDesk: readonly { to: string; name: string }[]
}>()
const open = defineModel<boolean>({ required: true })

const session = useSession()
const router = useRouter()
const light = useLight()

async function signOut(): Promise<void> {
  await session.end()
  await router.push('/sign-in')
}
</script>

<template>
  <v-menu v-model="open" :activator="activator" location="top">
    <v-list class="menu">
      <v-list-item
        v-for="place in atDesk"
        :key="place.to"
        class="narrow"
        :to="place.to"
        :title="place.name"
      />
      <v-list-item to="/account" :title="t('shared.navMenu.myAccount')" />
      <v-list-item to="/rules" :title="t('common.ruleSheets')" />
      <v-list-item v-if="session.mayWork" to="/dose/scoops" :title="t('common.scoopBench')" />
      <v-list-item v-if="session.isKeeper" to="/people" :title="t('common.people')" />
      <v-list-item v-if="session.isKeeper" to="/parameters" :title="t('common.figures')" />
      <v-list-item v-if="session.isKeeper" to="/safekeeping" :title="t('common.safekeeping')" />
      <v-list-subheader>{{ t('shared.navMenu.light') }}</v-list-subheader>
      <v-list-item
        v-for="choice in LIGHTS"
        :key="choice"
        :title="(light.chosen.value === choice ? '✓ ' : '') + LIGHT_WORDS[choice]"
        @click="light.chosen.value = choice"
      />
      <v-divider />
      <v-list-item :title="t('shared.navMenu.signOut')" @click="signOut" />
    </v-list>
  </v-menu>
</template>

<style scoped>
.narrow {
  display: none;
}

@media (width <= 900px) {
  .narrow {
    display: grid;
  }
}
</style>
