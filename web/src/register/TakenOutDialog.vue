<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { serverNow } from '../shared/clock'
import { shortDay, todayHere } from '../shared/days'
import AskDialog from '../shared/layout/AskDialog.vue'
import { useForm } from '../shared/request'
import DayField from '../shared/units/DayField.vue'
import { t } from '../words/words'
import { MEANS } from './registerWords'

/** Writes down that strips, pads or trays of a yard were taken out. */
const props = defineProps<{ apiaryId: string }>()
const emit = defineEmits<{ written: [] }>()
const open = defineModel<boolean>({ required: true })

const still = ref<Shapes['StillIn'][] | null>(null)
const chosen = ref<string[]>([])
const day = ref('')
const { problem, wrong, busy, attempt } = useForm()

watch(
  () => props.apiaryId,
  async (apiaryId) => {
    still.value = null
    day.value = todayHere(serverNow())
    await attempt(async () => {
      const found = await ask(
        api.GET('/api/register/in-hives', { params: { query: { apiaryId } } }),
      )
      if (props.apiaryId !== apiaryId) return
      still.value = found
      chosen.value = found.map((each) => each.treatmentId)
    })
  },
  { immediate: true },
)

async function write(): Promise<void> {
  const body = { treatmentIds: chosen.value, outOn: day.value }
  const done = await attempt(async () => {
    await ask(api.PUT('/api/register/taken-out', { body }))
  })
  if (!done) return
  open.value = false
  emit('written')
}
</script>

<template>
  <AskDialog
    v-model="open"
    :title="t('register.takenOut.title')"
    :does="t('register.takenOut.write')"
    :problem="problem"
    :busy="busy"
    :width="560"
    @keep="write()"
  >
    <p v-if="still?.length === 0">{{ t('register.takenOut.none') }}</p>
    <template v-if="still?.length">
      <p class="soft">{{ t('register.takenOut.care') }}</p>
      <fieldset>
        <legend>{{ t('register.takenOut.from', { n: chosen.length, of: still.length }) }}</legend>
        <label v-for="each in still" :key="each.treatmentId">
          <input v-model="chosen" type="checkbox" :value="each.treatmentId" />
          <span
            ><strong>{{ each.hive }}</strong
            >: {{ each.product ?? MEANS[each.means] }},
            {{
              t('register.takenOut.since', {
                day: shortDay(each.day),
                outBy: shortDay(each.outBy),
              })
            }}</span
          >
        </label>
      </fieldset>
      <DayField v-model="day" :label="t('register.takenOut.day')" :error-messages="wrong.outOn" />
      <p v-if="wrong.hives" role="alert">{{ wrong.hives }}</p>
    </template>
  </AskDialog>
</template>

<style scoped>
fieldset {
  display: grid;
  max-height: 40dvh;
  overflow: auto;
}

legend {
  font-weight: 600;
}

label {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 48px;
}

input {
  flex: none;
  width: 22px;
  height: 22px;
}
</style>
