<script setup lang="ts">
import { t } from '../../words/words'

/** What several hives are called from a day on: a number each, or no names and a stand that they share. */
defineProps<{
  /** How many they are. */
  many: number
  wrong: Readonly<Record<string, string | undefined>>
}>()
const way = defineModel<'NUMBERS' | 'STAND'>('way', { required: true })
const before = defineModel<string>('before', { required: true })
const first = defineModel<string>('first', { required: true })
const stand = defineModel<string>('stand', { required: true })
</script>

<template>
  <fieldset role="radiogroup" :aria-label="t('shared.namesFields.way')">
    <label
      ><input v-model="way" type="radio" value="NUMBERS" />{{
        t('shared.namesFields.numberEach')
      }}</label
    >
    <label
      ><input v-model="way" type="radio" value="STAND" />{{
        t('shared.namesFields.shareStand')
      }}</label
    >
  </fieldset>
  <template v-if="way === 'NUMBERS'">
    <v-text-field v-model="before" :label="t('shared.namesFields.before')" />
    <v-text-field
      v-model="first"
      inputmode="numeric"
      :label="t('shared.namesFields.first')"
      :error-messages="wrong.names || wrong.name"
    />
  </template>
  <template v-else>
    <v-text-field
      v-model="stand"
      :label="t('shared.namesFields.stand')"
      :error-messages="wrong.stand || wrong.name || wrong.hiveIds"
    />
    <p class="soft">{{ t('shared.namesFields.toldApart', { stand: stand || 'P3', many }) }}</p>
  </template>
</template>

<style scoped>
fieldset {
  display: grid;
  gap: 4px;
}

label {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
}
</style>
