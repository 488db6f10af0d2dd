<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { ZONES } from '../shared/zones'
import { useForm } from '../shared/request'
import QuantityField from '../shared/units/QuantityField.vue'
import { t } from '../words/words'

/** Name and place of an apiary. */
const props = defineProps<{ apiary: Shapes['Apiary'] }>()
const emit = defineEmits<{ kept: [apiary: Shapes['Apiary']] }>()

const name = ref('')
const latitude = ref('')
const longitude = ref('')
const altitude = ref('')
const zone = ref('')
const { problem, wrong, attempt } = useForm()

watch(
  () => props.apiary,
  (apiary) => {
    name.value = apiary.name
    latitude.value = apiary.latitude?.toString() ?? ''
    longitude.value = apiary.longitude?.toString() ?? ''
    altitude.value = apiary.altitude?.toString() ?? ''
    zone.value = apiary.zoneFrom === 'PERSON' ? apiary.zone : ''
  },
  { immediate: true },
)

function degrees(text: string): number | undefined {
  return text.trim() === '' ? undefined : Number(text.replace(',', '.'))
}

/** Where the zone that holds comes from. */
const hint = computed(() => {
  const from = {
    PLACE: t('apiary.placeForm.foundFromItsPlace'),
    PERSON: t('apiary.placeForm.asSomebodySaidEmpty'),
    DEVICE: t('apiary.placeForm.takenFromDeviceCheck'),
  }[props.apiary.zoneFrom]
  return `${props.apiary.zone}, ${from}`
})

async function keep(): Promise<void> {
  wrong.value = {}
  problem.value = ''
  const place = {
    latitude: degrees(latitude.value),
    longitude: degrees(longitude.value),
    altitude: degrees(altitude.value),
  }
  if (Number.isNaN(place.altitude)) {
    problem.value = t('apiary.placeForm.heightNoNumber')
    return
  }
  if (Number.isNaN(place.latitude) || Number.isNaN(place.longitude)) {
    problem.value = t('apiary.placeForm.degreesAreWrittenWith')
    return
  }
  await attempt(async () => {
    emit(
      'kept',
      await ask(
        api.PUT('/api/apiaries/{id}', {
          params: { path: { id: props.apiary.id } },
          body: { name: name.value, zone: zone.value.trim() || undefined, ...place },
        }),
      ),
    )
  })
}
</script>

<template>
  <form class="form-grid form" @submit.prevent="keep">
    <v-text-field v-model="name" :label="t('common.name')" :error-messages="wrong.name" />
    <v-text-field
      v-model="latitude"
      :label="t('apiary.placeForm.latitudeNorth')"
      inputmode="decimal"
      :error-messages="wrong.latitude"
    />
    <v-text-field
      v-model="longitude"
      :label="t('apiary.placeForm.longitudeEastWestMinus')"
      inputmode="decimal"
      :error-messages="wrong.longitude"
    />
    <QuantityField
      v-model="altitude"
      kind="height"
      :label="t('apiary.placeForm.heightAboveSea')"
      inputmode="decimal"
      :error-messages="wrong.altitude"
    />
    <v-combobox
      v-model="zone"
      :label="t('apiary.placeForm.timeZoneIfNot')"
      :items="ZONES"
      :hint="hint"
      persistent-hint
      :error-messages="wrong.zone"
    />
    <v-btn type="submit" min-height="48">{{ t('common.keep') }}</v-btn>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </form>
</template>

<style scoped>
.form {
  --field: 180px;
}

.problem {
  grid-column: 1 / -1;
  color: var(--off-label);
}
</style>
