<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Shapes } from '../api/client'
import { numberIn } from '../shared/numbers'
import QuantityField from '../shared/units/QuantityField.vue'
import { road } from '../shared/units/quantity'
import { t } from '../words/words'

/** Ways that somebody drove and timed, and one more. */
const props = defineProps<{
  ways: readonly Shapes['Measured'][]
  places: readonly Shapes['Apiary'][]
  depot: string
  mayChange: boolean
}>()
const emit = defineEmits<{ keep: [way: Shapes['Measured']]; forget: [way: Shapes['Measured']] }>()
const DEPOT = '00000000-0000-0000-0000-000000000000'
const one = ref(DEPOT)
const other = ref('')
const km = ref('')
const minutes = ref('')
const unread = ref('')
const items = computed(() => [
  { value: DEPOT, title: props.depot },
  ...props.places.map((place) => ({ value: place.id, title: place.name })),
])

function nameOf(id: string): string {
  return items.value.find((each) => each.value === id)?.title ?? t('seasonplan.wayForm.placeGone')
}

function keep(): void {
  const way = {
    one: one.value,
    other: other.value,
    km: numberIn(km.value),
    minutes: numberIn(minutes.value),
  }
  unread.value =
    !way.other || Number.isNaN(way.km) || Number.isNaN(way.minutes)
      ? t('seasonplan.wayForm.chooseBothEndsGive')
      : ''
  if (!unread.value) emit('keep', way)
}
</script>

<template>
  <ul class="ways">
    <li v-for="way in ways" :key="way.one + way.other">
      {{ nameOf(way.one) }} – {{ nameOf(way.other) }}:
      <span class="figure">{{
        t('seasonplan.wayForm.min', { km: road(way.km, 1), minutes: way.minutes })
      }}</span>
      <v-btn v-if="mayChange" size="small" @click="emit('forget', way)">{{
        t('seasonplan.wayForm.reckonAgain')
      }}</v-btn>
    </li>
  </ul>
  <form v-if="mayChange" class="form-grid form" @submit.prevent="keep">
    <v-select v-model="one" density="compact" :label="t('common.from')" :items="items" />
    <v-select v-model="other" density="compact" :label="t('common.to')" :items="items" />
    <QuantityField v-model="km" density="compact" kind="road" :label="t('common.way')" />
    <v-text-field
      v-model="minutes"
      density="compact"
      :label="t('seasonplan.wayForm.takes')"
      suffix="min"
      inputmode="numeric"
    />
    <v-btn type="submit" min-height="40">{{ t('seasonplan.wayForm.keepWay') }}</v-btn>
    <p v-if="unread" role="alert">{{ unread }}</p>
  </form>
</template>

<style scoped>
.ways {
  margin: 0;
  padding-left: 18px;
}

.form {
  --field: 140px;

  margin-top: 8px;
}
</style>
