<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Shapes } from '../api/client'
import { serverNow } from '../shared/clock'
import { shortDay, todayHere } from '../shared/days'
import AskDialog from '../shared/layout/AskDialog.vue'
import { useOutbox } from '../shared/offline/outbox'
import { useRequest } from '../shared/request'
import { stillIn } from '../shared/stillIn'
import DayField from '../shared/units/DayField.vue'
import { t } from '../words/words'
import { MEANS } from './registerWords'

/**
 * Writes down that strips, pads or trays of a yard were taken out; without network it waits on this
 * device.
 */
const props = defineProps<{ apiaryId: string }>()
const emit = defineEmits<{ written: [] }>()
const open = defineModel<boolean>({ required: true })

const still = ref<Shapes['StillIn'][] | null>(null)
const chosen = ref<string[]>([])
const day = ref('')
const writing = ref(false)
const refused = ref('')
const wrong = ref<Record<string, string>>({})
const outbox = useOutbox()
const { problem, busy, attempt } = useRequest()

watch(
  () => props.apiaryId,
  async (apiaryId) => {
    still.value = null
    day.value = todayHere(serverNow())
    await attempt(async () => {
      const found = await stillIn(apiaryId)
      if (props.apiaryId !== apiaryId) return
      still.value = found
      chosen.value = found.map((each) => each.treatmentId)
    })
  },
  { immediate: true },
)

async function write(): Promise<void> {
  const taken = (still.value ?? []).filter((each) => chosen.value.includes(each.treatmentId))
  refused.value = ''
  wrong.value = {}
  writing.value = true
  const id = outbox.put({
    kind: 'TAKEN_OUT',
    out: { treatmentIds: chosen.value, outOn: day.value },
    hives: taken.map((each) => each.hive).join(', '),
  })
  const outcome = id ? await outbox.outcome(id) : null
  writing.value = false
  if (!id || !outcome) return
  if (outcome.is === 'aside') {
    const { fields, says } = outcome.aside
    wrong.value = Object.fromEntries(fields.map((each) => [each.field, each.says]))
    refused.value = fields.length ? '' : says
    outbox.throwAway(id)
    return
  }
  open.value = false
  emit('written')
}
</script>

<template>
  <AskDialog
    v-model="open"
    :title="t('register.takenOut.title')"
    :does="t('register.takenOut.write')"
    :problem="problem || refused"
    :busy="busy || writing"
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
