<script setup lang="ts">
import { reactive } from 'vue'
import type { Shapes } from '../api/client'
import { spanOf } from '../shared/days'
import { newId } from '../shared/ids'
import { t } from '../words/words'
import DayField from '../shared/units/DayField.vue'

/** Flows, further supers and days off of an apiary, and one more. */
defineProps<{ bands: readonly Shapes['YearBand'][] }>()
const emit = defineEmits<{ keep: [band: Shapes['YearBand']]; forget: [band: Shapes['YearBand']] }>()
const KINDS: { value: Shapes['YearBand']['kind']; title: string }[] = [
  { value: 'FLOW', title: t('apiaryyear.yearBandForm.flow') },
  { value: 'SUPERS', title: t('apiaryyear.yearBandForm.furtherSupers') },
  { value: 'OFF', title: t('apiaryyear.yearBandForm.nobodyMayCome') },
]
const typed = reactive<{
  kind: Shapes['YearBand']['kind']
  name: string
  from: string
  to: string
  yearly: boolean
}>({ kind: 'FLOW', name: '', from: '', to: '', yearly: true })

function keep(): void {
  if (!typed.from || !typed.to || !typed.name.trim()) return
  emit('keep', { id: newId(), ...typed })
}
</script>

<template>
  <ul class="bands">
    <li v-for="band in bands" :key="band.id">
      <strong>{{ band.name }}</strong>, {{ KINDS.find((kind) => kind.value === band.kind)?.title }}:
      {{ spanOf(band)
      }}{{ band.yearly ? t('apiaryyear.yearBandForm.everyYear') : ' ' + band.from.slice(0, 4) }}
      <v-btn size="small" @click="emit('forget', band)">{{
        t('apiaryyear.yearBandForm.takeAway')
      }}</v-btn>
    </li>
  </ul>
  <form class="form-grid form" @submit.prevent="keep">
    <v-select v-model="typed.kind" density="compact" :label="t('common.what')" :items="KINDS" />
    <v-text-field
      v-model="typed.name"
      density="compact"
      :label="t('apiaryyear.yearBandForm.nameAsHeather')"
    />
    <DayField
      v-model="typed.from"
      density="compact"
      :label="t('apiaryyear.yearBandForm.firstDay')"
    />
    <DayField v-model="typed.to" density="compact" :label="t('apiaryyear.yearBandForm.lastDay')" />
    <label class="tick"
      ><input v-model="typed.yearly" type="checkbox" />
      {{ t('apiaryyear.yearBandForm.everyYear2') }}</label
    >
    <v-btn type="submit" min-height="40">{{ t('apiaryyear.yearBandForm.add') }}</v-btn>
  </form>
</template>

<style scoped>
.bands {
  margin: 0 0 8px;
  padding-left: 18px;
}

.form {
  --field: 150px;

  max-width: 960px;
}

.tick {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 40px;
}
</style>
