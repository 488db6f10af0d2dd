<script setup lang="ts">
import { reactive, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { dayOf } from '../shared/format'
import PageState from '../shared/layout/PageState.vue'
import { useForm, useRequest } from '../shared/request'
import { t, texts } from '../words/words'

/** The card of an apiary: how to get in, whom to ask, what to say to the rescue service. */
const props = defineProps<{ apiary: Shapes['Apiary']; mayWrite: boolean }>()

const FIELDS = [
  'gateCode',
  'wayIn',
  'landowner',
  'telephone',
  'parking',
  'coverage',
  'rescue',
  'poisonCentre',
] as const
const NAMES = texts({
  gateCode: 'apiary.cardForm.gateCode',
  wayIn: 'apiary.cardForm.wayIn',
  landowner: 'apiary.cardForm.landowner',
  telephone: 'apiary.cardForm.telephone',
  parking: 'apiary.cardForm.parking',
  coverage: 'apiary.cardForm.coverage',
  rescue: 'apiary.cardForm.rescue',
  poisonCentre: 'apiary.cardForm.poison',
})
const card = reactive<Record<(typeof FIELDS)[number], string>>({
  gateCode: '',
  wayIn: '',
  landowner: '',
  telephone: '',
  parking: '',
  coverage: '',
  rescue: '',
  poisonCentre: '',
})
const kept = ref<Shapes['ApiaryCard'] | null>(null)
const fetched = useRequest()
const { problem, wrong, forget, attempt, busy } = useForm()
const said = ref('')

function show(found: Shapes['ApiaryCard']): void {
  kept.value = found
  for (const field of FIELDS) card[field] = found[field] ?? ''
}

async function load(): Promise<void> {
  await fetched.attempt(async () => {
    show(
      await ask(api.GET('/api/apiaries/{id}/card', { params: { path: { id: props.apiary.id } } })),
    )
  })
}
watch(() => props.apiary.id, load, { immediate: true })

async function keep(): Promise<void> {
  forget()
  said.value = ''
  await attempt(async () => {
    show(
      await ask(
        api.PUT('/api/apiaries/{id}/card', {
          params: { path: { id: props.apiary.id } },
          body: Object.fromEntries(FIELDS.map((field) => [field, card[field] || undefined])),
        }),
      ),
    )
    said.value = t('apiary.cardForm.kept')
  })
}
</script>

<template>
  <PageState
    :there="kept !== null"
    :problem="fetched.problem.value"
    :what="t('apiary.cardForm.card')"
    @again="load()"
  />
  <form v-if="kept" class="form-grid card" @submit.prevent="keep">
    <p class="soft whole">
      {{
        apiary.latitude === undefined
          ? t('apiary.cardForm.noPlace')
          : t('apiary.cardForm.placeToSay', {
              latitude: apiary.latitude.toFixed(5),
              longitude: apiary.longitude?.toFixed(5),
            })
      }}
    </p>
    <v-textarea
      v-for="field in FIELDS"
      :key="field"
      v-model="card[field]"
      rows="1"
      auto-grow
      :readonly="!mayWrite"
      :label="NAMES[field]"
      :error-messages="wrong[field]"
    />
    <v-btn v-if="mayWrite" type="submit" min-height="48" :loading="busy">{{
      t('common.keep')
    }}</v-btn>
    <p v-if="said" role="status">{{ said }}</p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <p v-if="kept.writtenBy && kept.writtenAt" class="soft">
      {{
        t('apiary.cardForm.writtenBy', {
          by: kept.writtenBy,
          day: dayOf(kept.writtenAt.slice(0, 10)),
        })
      }}
    </p>
  </form>
</template>

<style scoped>
.card {
  --field: 240px;
}

.whole {
  grid-column: 1 / -1;
  margin: 0;
}
</style>
