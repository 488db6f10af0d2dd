<script setup lang="ts">
import { reactive, ref } from 'vue'
import type { Shapes } from '../api/client'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { numberIn } from '../shared/numbers'
import { t } from '../words/words'
import DayField from '../shared/units/DayField.vue'
import QuantityField from '../shared/units/QuantityField.vue'

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
    ? t('stock.lotForm.gramsPercentPriceAre')
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
  <v-btn v-if="!open" class="begin" @click="begin">{{ t('stock.lotForm.enterLotBought') }}</v-btn>
  <form v-else class="form-grid form" @submit.prevent="keep">
    <v-text-field
      v-model="form.name"
      :label="t('stock.lotForm.lotAsOnTin')"
      :error-messages="wrong.name"
    />
    <v-text-field
      v-model="form.product"
      :label="t('common.product2')"
      :error-messages="wrong.product"
    />
    <DayField
      v-model="form.boughtOn"
      :label="t('stock.lotForm.boughtOn')"
      :error-messages="wrong.boughtOn"
    />
    <QuantityField
      v-model="form.grams"
      kind="mass"
      :label="t('stock.lotForm.gramsProduct')"
      :error-messages="wrong.grams"
    />
    <v-text-field
      v-model="form.percent"
      :label="t('stock.lotForm.strengthAcidDihydrate')"
      inputmode="decimal"
      :error-messages="wrong.strength"
    />
    <v-text-field
      v-model="form.price"
      :label="t('stock.lotForm.priceOptional')"
      inputmode="decimal"
      :error-messages="wrong.price"
    />
    <v-text-field
      v-model="form.supplier"
      :label="t('stock.lotForm.boughtFromOptional')"
      :error-messages="wrong.supplier"
    />
    <p v-if="problem" role="alert" class="wide">{{ problem }}</p>
    <div class="wide">
      <v-btn type="submit" :loading="busy">{{ t('stock.lotForm.keepThisLot') }}</v-btn>
      <v-btn variant="text" @click="open = false">{{ t('common.back') }}</v-btn>
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
