<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask } from '../api/client'
import { dayOf } from '../shared/format'
import { newId } from '../shared/ids'
import {
  FIELDS,
  holds,
  items,
  shown,
  SUPERS,
  type Field,
  type RegisterEntry,
} from './registerWords'
import { useForm } from '../shared/request'

/** Puts something right in a line: the original stays, the correction stands under it with its reason. */
const props = defineProps<{ entry: RegisterEntry }>()
const emit = defineEmits<{ written: [entry: RegisterEntry] }>()
const open = defineModel<boolean>({ required: true })

const field = ref<Field>('GRAMS')
const becomes = ref('')
const why = ref('')
const id = ref('')
const { problem, wrong, busy, attempt } = useForm()

const was = computed(() => holds(props.entry, field.value))
const struck = computed(() => holds(props.entry, 'STANDS') === 'no')
const fields = computed(() =>
  items(FIELDS)
    .filter(({ value }) => value !== 'STANDS')
    .filter(({ value }) => value !== 'AMOUNT' || !props.entry.line.roundId),
)

watch(open, (isOpen) => isOpen && begin(), { immediate: true })
watch(field, fill)

function begin(): void {
  field.value = 'GRAMS'
  why.value = ''
  fill()
}

function fill(): void {
  id.value = newId()
  becomes.value = field.value === 'STANDS' ? '' : was.value
  wrong.value = {}
  problem.value = ''
}

async function write(what: Field, value: string): Promise<void> {
  if (busy.value) return
  wrong.value = {}
  problem.value = ''
  await attempt(async () => {
    const entry = await ask(
      api.POST('/api/register/{id}/corrections', {
        params: { path: { id: props.entry.line.id } },
        body: {
          id: id.value,
          field: what,
          was: holds(props.entry, what),
          becomes: value,
          why: why.value,
        },
      }),
    )
    emit('written', entry)
    open.value = false
  })
}
</script>

<template>
  <v-dialog v-model="open" max-width="620" aria-labelledby="correction-title">
    <form class="sheet correction" @submit.prevent="write(field, becomes)">
      <h2 id="correction-title">
        Put right: {{ entry.line.hive }}, {{ entry.line.apiary }}, {{ dayOf(entry.line.day) }}
        {{ entry.line.day.slice(0, 4) }}
      </h2>
      <p v-if="struck">This line was struck out. Put it back to correct anything else in it.</p>
      <template v-else>
        <p>What was recorded stays. Your correction stands under it, with your name and reason.</p>
        <v-select v-model="field" :items="fields" label="What is wrong" />
        <p class="was">
          It says: <strong>{{ shown(field, was) }}</strong>
        </p>
        <v-select
          v-if="field === 'SUPERS'"
          v-model="becomes"
          :items="items(SUPERS)"
          label="It should say"
          :error-messages="wrong.becomes"
        />
        <v-text-field
          v-else
          v-model="becomes"
          label="It should say"
          :inputmode="field === 'GRAMS' ? 'decimal' : 'text'"
          :error-messages="wrong.becomes"
        />
      </template>
      <v-text-field
        v-model="why"
        label="Why"
        hint="An inspector reads this."
        persistent-hint
        maxlength="500"
        :error-messages="wrong.why"
      />
      <p v-if="problem" role="alert">{{ problem }}</p>
      <div class="ways">
        <v-btn v-if="!struck" type="submit" color="primary" :loading="busy">Write it down</v-btn>
        <v-btn v-if="struck" :loading="busy" @click="write('STANDS', 'yes')">Put it back</v-btn>
        <v-btn v-else variant="outlined" :disabled="busy" @click="write('STANDS', 'no')"
          >Strike the whole line out</v-btn
        >
        <v-btn variant="text" @click="open = false">Back, change nothing</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.correction {
  padding: 18px;
  display: grid;
  gap: 10px;
}

.was {
  margin: 0;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 6px;
}
</style>
