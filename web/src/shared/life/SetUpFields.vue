<script setup lang="ts">
import { t } from '../../words/words'

/** In which boxes and under how many supers hives stand from a day on, and where supers went. */
defineProps<{
  /** Other hives of the yard that supers can go to; none where several hives are in hand. */
  receivers: readonly { value: string; title: string }[]
  wrong: Readonly<Record<string, string | undefined>>
}>()
const boxes = defineModel<string>('boxes', { required: true })
const supers = defineModel<string>('supers', { required: true })
const intoId = defineModel<string | null>('intoId', { required: true })
</script>

<template>
  <v-select
    v-if="receivers.length"
    v-model="intoId"
    clearable
    :label="t('shared.setUpFields.supersGoTo')"
    :items="receivers"
    :error-messages="wrong.intoId || wrong.hiveIds"
  />
  <v-text-field
    v-model="supers"
    inputmode="numeric"
    :label="intoId ? t('shared.setUpFields.howManyGo') : t('shared.setUpFields.supersFromThenOn')"
    :error-messages="wrong.supers"
  />
  <v-text-field
    v-if="!intoId"
    v-model="boxes"
    :label="t('shared.setUpFields.boxesFromThenOn')"
    :hint="t('shared.setUpFields.emptyAsTheyStand')"
    persistent-hint
    :error-messages="wrong.boxes"
  />
  <p v-else class="soft">{{ t('shared.setUpFields.waitGoesAlong') }}</p>
</template>
