<script setup lang="ts">
import { computed, reactive, ref, useTemplateRef, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { counted, dayOf } from '../shared/format'
import { newId } from '../shared/ids'
import { numberIn } from '../shared/numbers'
import { placesOf } from '../shared/places'
import { useForm } from '../shared/request'
import DayField from '../shared/units/DayField.vue'
import { inWords } from '../words/facts'
import { t } from '../words/words'
import { KINDS } from './kinds'

/** Bees of several hives in one jar: what it tells of their mean, and the jars of before. */
const props = defineProps<{
  apiaryId: string
  hives: readonly { id: string; name: string }[]
  today: string
  mayWork: boolean
  /** Whose bees to put into one jar, as somebody just said. */
  proposed: readonly string[]
}>()
const emit = defineEmits<{ kept: [] }>()
const root = useTemplateRef('root')

const WAYS = ['WASH', 'SUGAR_ROLL'] as const
const blank = () => ({
  hiveIds: [] as string[],
  day: props.today,
  kind: 'WASH' as (typeof WAYS)[number],
  mites: '',
  bees: '',
})
const form = reactive(blank())
const jars = ref<Shapes['JarCounted'][]>([])
const { problem, wrong, forget, attempt, busy } = useForm()
let id = newId()

/** Stands whose hives have no names of their own: all of one are chosen in one press. */
const stands = computed(() =>
  placesOf(props.hives, (hive) => hive.name).filter((place) => place.stand),
)
const names = computed(() => new Map(props.hives.map((hive) => [hive.id, hive.name])))

async function load(): Promise<void> {
  await attempt(async () => {
    jars.value = await ask(
      api.GET('/api/apiaries/{id}/jars', { params: { path: { id: props.apiaryId } } }),
    )
  })
}
watch(() => props.apiaryId, load, { immediate: true })
watch(
  () => props.proposed,
  (hiveIds) => {
    if (hiveIds.length === 0 || !root.value) return
    Object.assign(form, blank(), { hiveIds: [...hiveIds] })
    root.value.open = true
    root.value.scrollIntoView({ block: 'center' })
    root.value.querySelector('input')?.focus()
  },
)

async function keep(): Promise<void> {
  if (busy.value) return
  forget()
  const kept = await attempt(async () => {
    await ask(
      api.PUT('/api/jars/{id}', {
        params: { path: { id } },
        body: {
          hiveIds: form.hiveIds,
          day: form.day,
          kind: form.kind,
          mites: numberIn(form.mites),
          bees: numberIn(form.bees),
        },
      }),
    )
  })
  if (!kept) return
  id = newId()
  Object.assign(form, blank())
  await load()
  emit('kept')
}

async function strike(jarId: string): Promise<void> {
  const done = await attempt(async () => {
    await ask(api.DELETE('/api/jars/{id}', { params: { path: { id: jarId } } }))
  })
  if (!done) return
  await load()
  emit('kept')
}
</script>

<template>
  <details ref="root" class="jar" :open="jars.length > 0 || stands.length > 0">
    <summary>{{ t('count.jarForm.jar') }}</summary>
    <p class="soft">{{ t('count.jarForm.whatItTells') }}</p>
    <form v-if="mayWork" class="form-grid" @submit.prevent="keep">
      <v-select
        v-model="form.hiveIds"
        multiple
        :label="t('count.jarForm.whose')"
        :items="hives.map((hive) => ({ value: hive.id, title: hive.name }))"
        :error-messages="wrong.hiveIds"
      />
      <v-btn
        v-for="place in stands"
        :key="place.stand"
        min-height="48"
        @click="form.hiveIds = place.hives.map((hive) => hive.id)"
        >{{
          t('count.jarForm.stand', {
            stand: place.stand,
            hives: counted(place.hives.length, 'hive'),
          })
        }}</v-btn
      >
      <DayField v-model="form.day" :label="t('count.jarForm.day')" :error-messages="wrong.day" />
      <v-select
        v-model="form.kind"
        :label="t('count.jarForm.how')"
        :items="WAYS.map((value) => ({ value, title: KINDS[value] }))"
      />
      <v-text-field
        v-model="form.mites"
        inputmode="numeric"
        :label="t('count.jarForm.mites')"
        :error-messages="wrong.mites"
      />
      <v-text-field
        v-model="form.bees"
        inputmode="numeric"
        :label="t('count.jarForm.bees')"
        :error-messages="wrong.bees"
      />
      <v-btn type="submit" min-height="48" :loading="busy">{{ t('count.jarForm.keep') }}</v-btn>
    </form>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <ul>
      <li v-for="each in jars" :key="each.id">
        <strong class="figure">{{ dayOf(each.day) }}</strong>
        <span
          >{{ inWords(each.says) }}
          <span class="soft">
            {{ each.hiveIds.map((hiveId) => names.get(hiveId) ?? '…').join(', ') }},
            {{ each.doneBy }}</span
          ></span
        >
        <button v-if="mayWork" type="button" @click="strike(each.id)">
          {{ t('common.strikeOut') }}
        </button>
      </li>
    </ul>
  </details>
</template>

<style scoped>
summary {
  min-height: 44px;
  padding: 10px 0;
  cursor: pointer;
  font-weight: 600;
}

.form-grid {
  --field: 180px;
}

p {
  margin: 0 0 10px;
}

ul {
  list-style: none;
  margin: 8px 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 8em minmax(0, 1fr) auto;
  gap: 4px 14px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}

li button {
  min-height: 36px;
  text-decoration: underline;
}
</style>
