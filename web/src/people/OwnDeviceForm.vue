<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { LIGHT_WORDS } from '../shared/lightWords'
import { LIGHTS, useLight } from '../theme/light'
import { t } from '../words/words'

/** What this device does, whoever is signed in: its light, and what it sounds and says in a run. */
const light = useLight()
const sound = useStorage('tavrel.sound', true)
const voice = useStorage('tavrel.voice', false)
</script>

<template>
  <section aria-labelledby="own-device">
    <h2 id="own-device">{{ t('people.ownDeviceForm.thisDevice') }}</h2>
    <div class="form-grid">
      <v-select
        v-model="light.chosen.value"
        density="compact"
        :label="t('shared.navMenu.light')"
        :items="LIGHTS.map((value) => ({ value, title: LIGHT_WORDS[value] }))"
      />
      <v-checkbox v-model="sound" density="compact" :label="t('people.ownDeviceForm.sounds')" />
      <v-checkbox v-model="voice" density="compact" :label="t('people.ownDeviceForm.voice')" />
    </div>
  </section>
</template>

<style scoped>
section {
  max-width: 760px;
  margin-top: 24px;
}
</style>
