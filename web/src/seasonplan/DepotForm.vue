<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Shapes } from '../api/client'
import { numberIn } from '../shared/numbers'
import { ZONES } from '../shared/zones'
import { t } from '../words/words'

/** The place where crews start and end. */
const props = defineProps<{
  depot?: Shapes['Depot']
  wrong: Record<string, string>
  mayChange: boolean
}>()
const emit = defineEmits<{ keep: [depot: Shapes['DescribedDepot']] }>()
const name = ref('')
const latitude = ref('')
const longitude = ref('')
const zone = ref('')
const unread = ref('')

watch(
  () => props.depot,
  (depot) => {
    name.value = depot?.name ?? ''
    latitude.value = depot?.latitude.toString() ?? ''
    longitude.value = depot?.longitude.toString() ?? ''
    zone.value = ''
  },
  { immediate: true },
)

function keep(): void {
  const depot = {
    name: name.value,
    latitude: numberIn(latitude.value),
    longitude: numberIn(longitude.value),
    zone: zone.value.trim() || undefined,
  }
  unread.value =
    Number.isNaN(depot.latitude) || Number.isNaN(depot.longitude)
      ? t('seasonplan.depotForm.degreesAreWrittenWith')
      : ''
  if (!unread.value) emit('keep', depot)
}
</script>

<template>
  <form class="form-grid form" @submit.prevent="keep">
    <v-text-field
      v-model="name"
      density="compact"
      :label="t('common.name')"
      :error-messages="wrong.name"
    />
    <v-text-field
      v-model="latitude"
      density="compact"
      :label="t('seasonplan.depotForm.latitudeNorth')"
      inputmode="decimal"
      :error-messages="wrong.latitude"
    />
    <v-text-field
      v-model="longitude"
      density="compact"
      :label="t('seasonplan.depotForm.longitudeEastWestMinus')"
      inputmode="decimal"
      :error-messages="wrong.longitude"
    />
    <v-combobox
      v-model="zone"
      density="compact"
      :label="t('seasonplan.depotForm.timeZoneIfNot')"
      :items="ZONES"
      :hint="depot?.zone ?? ''"
      persistent-hint
      :error-messages="wrong.zone"
    />
    <v-btn v-if="mayChange" type="submit" min-height="40">{{
      t('seasonplan.depotForm.keepDepot')
    }}</v-btn>
    <p v-if="unread" role="alert">{{ unread }}</p>
  </form>
</template>

<style scoped>
.form {
  --field: 170px;
}
</style>
