<script setup lang="ts">
import { reactive, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { newId } from './ids'
import { numberIn } from './numbers'
import AskDialog from './layout/AskDialog.vue'
import { useForm } from './request'
import QuantityField from './units/QuantityField.vue'
import { COMPASS, sideWords } from './windSide'
import { t } from '../words/words'

/** What the thermometer says and the wind does here and now; it goes before every other source for an hour. */
const props = defineProps<{ apiaryId: string; apiary: string }>()
const emit = defineEmits<{ kept: [] }>()
const open = defineModel<boolean>({ required: true })

const WINDS: { value: Shapes['NewReading']['wind']; title: string }[] = [
  { value: 'CALM', title: t('shared.thermometerDialog.calmSmokeRises') },
  { value: 'LIGHT', title: t('shared.thermometerDialog.lightLeavesStir') },
  { value: 'BREEZE', title: t('shared.thermometerDialog.breezeTwigsMove') },
  { value: 'STRONG', title: t('shared.thermometerDialog.strongBranchesMove') },
  { value: 'STORM', title: t('shared.thermometerDialog.stormTreesSway') },
]
const SIDES = COMPASS.map((side, i) => ({ value: 45 * i, title: sideWords(side) }))
const form = reactive({
  celsius: '',
  wind: 'LIGHT' as Shapes['NewReading']['wind'],
  from: 0,
  rain: false,
})
const { problem, wrong, attempt } = useForm()
let id = newId()

watch(open, (isOpen) => {
  if (!isOpen) return
  id = newId()
  wrong.value = {}
  problem.value = ''
})

async function keep(): Promise<void> {
  const celsius = numberIn(form.celsius)
  wrong.value = Number.isFinite(celsius) ? {} : { celsius: t('common.noNumber') }
  if (wrong.value.celsius) return
  await attempt(async () => {
    await ask(
      api.PUT('/api/apiaries/{id}/readings/{readingId}', {
        params: { path: { id: props.apiaryId, readingId: id } },
        body: { celsius, wind: form.wind, windFrom: form.from, rain: form.rain },
      }),
    )
    open.value = false
    emit('kept')
  })
}
</script>

<template>
  <AskDialog
    v-model="open"
    :title="t('shared.thermometerDialog.now', { apiary })"
    :does="t('shared.thermometerDialog.keepReading')"
    :problem="problem"
    :width="420"
    @keep="keep()"
  >
    <QuantityField
      v-model="form.celsius"
      kind="temperature"
      :label="t('shared.thermometerDialog.thermometerShade')"
      :error-messages="wrong.celsius"
    />
    <v-select
      v-model="form.wind"
      :label="t('common.wind')"
      :items="WINDS"
      :error-messages="wrong.wind"
    />
    <v-select
      v-model="form.from"
      :label="t('shared.thermometerDialog.comesFrom')"
      :items="SIDES"
      :error-messages="wrong.windFrom"
    />
    <v-checkbox v-model="form.rain" :label="t('shared.thermometerDialog.rains')" />
    <p class="soft">{{ t('shared.thermometerDialog.goesBeforeEveryOther') }}</p>
  </AskDialog>
</template>
