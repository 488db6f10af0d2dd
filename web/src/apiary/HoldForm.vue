<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { dayOf } from '../shared/format'
import { useForm, useRequest } from '../shared/request'
import DayField from '../shared/units/DayField.vue'
import { t } from '../words/words'

/** The order or ban on movement that a yard is under: written down, lifted, and those of before. */
const props = defineProps<{ apiaryId: string; mayWrite: boolean }>()
const emit = defineEmits<{ kept: [] }>()

const holds = ref<Shapes['Hold'][]>([])
const why = ref('')
const day = ref<string | null>(todayHere(serverNow()))
const fetched = useRequest()
const { problem, wrong, forget, attempt, busy } = useForm()

const now = computed(() => holds.value.find((each) => each.until === undefined))

async function load(): Promise<void> {
  await fetched.attempt(async () => {
    holds.value = await ask(
      api.GET('/api/apiaries/{id}/holds', { params: { path: { id: props.apiaryId } } }),
    )
  })
}
watch(() => props.apiaryId, load, { immediate: true })

async function keep(): Promise<void> {
  const on = day.value
  if (!on || busy.value) return
  forget()
  const path = { id: props.apiaryId }
  const kept = await attempt(async () => {
    holds.value = now.value
      ? await ask(
          api.PUT('/api/apiaries/{id}/hold/lifted', { params: { path }, body: { day: on } }),
        )
      : await ask(
          api.PUT('/api/apiaries/{id}/hold', {
            params: { path },
            body: { from: on, why: why.value },
          }),
        )
  })
  if (!kept) return
  why.value = ''
  emit('kept')
}
</script>

<template>
  <form class="form-grid" @submit.prevent="keep">
    <h2>{{ t('apiary.holdForm.order') }}</h2>
    <p class="whole soft">{{ t('apiary.holdForm.whatItDoes') }}</p>
    <p v-for="each in holds" :key="each.id" class="whole">
      <strong>{{
        each.until
          ? t('apiary.holdForm.fromTo', { from: dayOf(each.from), until: dayOf(each.until) })
          : t('apiary.holdForm.since', { from: dayOf(each.from) })
      }}</strong>
      {{ each.why }} <span class="soft">({{ each.saidBy }})</span>
    </p>
    <template v-if="mayWrite">
      <DayField
        v-model="day"
        :label="now ? t('apiary.holdForm.liftedOn') : t('apiary.holdForm.heldFrom')"
        :error-messages="wrong.day || wrong.from"
      />
      <v-text-field
        v-if="!now"
        v-model="why"
        :label="t('apiary.holdForm.whatOrdered')"
        maxlength="200"
        :error-messages="wrong.why"
      />
      <v-btn type="submit" min-height="48" :loading="busy">{{
        now ? t('apiary.holdForm.lift') : t('apiary.holdForm.hold')
      }}</v-btn>
    </template>
    <p v-if="problem || fetched.problem.value" role="alert" class="problem">
      {{ problem || fetched.problem.value }}
    </p>
  </form>
</template>

<style scoped>
.form-grid {
  --field: 220px;
}

h2,
.whole {
  grid-column: 1 / -1;
  margin: 0;
}
</style>
