<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Shapes } from '../api/client'
import { numberIn } from '../shared/numbers'
import QuantityField from '../shared/units/QuantityField.vue'
import { road } from '../shared/units/quantity'

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
  return items.value.find((each) => each.value === id)?.title ?? 'a place that is gone'
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
      ? 'Choose both ends, and give kilometres and minutes.'
      : ''
  if (!unread.value) emit('keep', way)
}
</script>

<template>
  <ul class="ways">
    <li v-for="way in ways" :key="way.one + way.other">
      {{ nameOf(way.one) }} – {{ nameOf(way.other) }}:
      <span class="figure">{{ road(way.km, 1) }}, {{ way.minutes }} min</span>
      <v-btn v-if="mayChange" size="small" @click="emit('forget', way)">Reckon it again</v-btn>
    </li>
  </ul>
  <form v-if="mayChange" class="form-grid form" @submit.prevent="keep">
    <v-select v-model="one" density="compact" label="From" :items="items" />
    <v-select v-model="other" density="compact" label="To" :items="items" />
    <QuantityField v-model="km" density="compact" kind="road" label="Way" />
    <v-text-field
      v-model="minutes"
      density="compact"
      label="Takes"
      suffix="min"
      inputmode="numeric"
    />
    <v-btn type="submit" height="40">Keep the way</v-btn>
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
