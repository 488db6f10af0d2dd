<script setup lang="ts">
import { reactive, ref } from 'vue'
import type { Shapes } from '../api/client'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { numberIn } from '../shared/numbers'

/** A lot that was bought. */
const props = defineProps<{
  wrong: Record<string, string>
  busy: boolean
  add: (lot: Shapes['NewLot']) => Promise<boolean>
}>()
const open = ref(false)
const problem = ref('')
const form = reactive({
  name: '',
  product: '',
  boughtOn: '',
  grams: '',
  percent: '100',
  price: '',
  supplier: '',
})

function begin(): void {
  open.value = true
  form.boughtOn ||= todayHere(serverNow())
}

async function keep(): Promise<void> {
  const grams = numberIn(form.grams)
  const percent = numberIn(form.percent)
  const price = form.price.trim() ? numberIn(form.price) : undefined
  problem.value = [grams, percent, price ?? 0].some(Number.isNaN)
    ? 'Grams, percent and price are numbers, such as 500 and 99.6.'
    : ''
  if (problem.value) return
  const { name, product, boughtOn, supplier } = form
  const kept = await props.add({
    name,
    product,
    boughtOn,
    grams,
    strength: percent / 100,
    ...(price === undefined ? {} : { price }),
    ...(supplier.trim() ? { supplier } : {}),
  })
  if (kept) {
    Object.assign(form, { name: '', grams: '', price: '' })
    open.value = false
  }
}
</script>

<template>
  <v-btn v-if="!open" class="begin" @click="begin">Enter a lot bought</v-btn>
  <form v-else class="form-grid form" @submit.prevent="keep">
    <v-text-field v-model="form.name" label="Lot, as on the tin" :error-messages="wrong.name" />
    <v-text-field v-model="form.product" label="Product" :error-messages="wrong.product" />
    <v-text-field
      v-model="form.boughtOn"
      type="date"
      label="Bought on"
      :error-messages="wrong.boughtOn"
    />
    <v-text-field
      v-model="form.grams"
      label="Grams of product"
      inputmode="decimal"
      :error-messages="wrong.grams"
    />
    <v-text-field
      v-model="form.percent"
      label="Strength, % acid dihydrate"
      inputmode="decimal"
      :error-messages="wrong.strength"
    />
    <v-text-field
      v-model="form.price"
      label="Price (optional)"
      inputmode="decimal"
      :error-messages="wrong.price"
    />
    <v-text-field
      v-model="form.supplier"
      label="Bought from (optional)"
      :error-messages="wrong.supplier"
    />
    <p v-if="problem" role="alert" class="wide">{{ problem }}</p>
    <div class="wide">
      <v-btn type="submit" :loading="busy">Keep this lot</v-btn>
      <v-btn variant="text" @click="open = false">Back</v-btn>
    </div>
  </form>
</template>

<style scoped>
.begin {
  margin-top: 12px;
}

.form {
  --field: 220px;

  margin-top: 12px;
}

.wide {
  grid-column: 1 / -1;
}
</style>
