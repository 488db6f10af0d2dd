<script setup lang="ts">
import { ref } from 'vue'
import { api, ask, type Shapes } from '../../api/client'
import { addDays, todayHere } from '../days'
import { newId } from '../ids'
import AskDialog from '../layout/AskDialog.vue'
import { useForm } from '../request'
import DayField from '../units/DayField.vue'
import { t } from '../../words/words'
import { dueWords } from './dueWords'

/** Puts a line off until a day, with a reason. */
const props = defineProps<{ task: Shapes['DueTask'] }>()
const emit = defineEmits<{ done: [] }>()
const open = defineModel<boolean>({ required: true })

const id = newId()
const until = ref<string | null>(addDays(todayHere(Date.now()), 7))
const reason = ref('')
const { problem, wrong, attempt, busy } = useForm()

async function keep(): Promise<void> {
  const done = await attempt(async () => {
    await ask(
      api.PUT('/api/put-off/{id}', {
        params: { path: { id } },
        body: { line: props.task.line, until: until.value ?? '', reason: reason.value },
      }),
    )
  })
  if (done) emit('done')
}
</script>

<template>
  <AskDialog
    v-model="open"
    :title="t('due.waiting.putOff')"
    :does="t('due.waiting.putOff')"
    :problem="problem"
    :busy="busy"
    @keep="keep"
  >
    <p>
      <strong>{{ task.apiary }}</strong>: {{ dueWords(task) }}
    </p>
    <DayField v-model="until" :label="t('due.waiting.until')" :error-messages="wrong.until" />
    <v-text-field
      v-model="reason"
      :label="t('due.waiting.reason')"
      :error-messages="wrong.reason"
      maxlength="200"
      autocomplete="off"
    />
  </AskDialog>
</template>
