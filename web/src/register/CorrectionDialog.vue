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
import { t } from '../words/words'
import { inWords } from '../words/facts'

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
  becomes.value =
    field.value === 'STANDS' ? '' : field.value === 'REMARKS' ? inWords(was.value) : was.value
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
        {{
          t('register.correctionDialog.putRight', {
            hive: entry.line.hive,
            apiary: entry.line.apiary,
            day: dayOf(entry.line.day),
            day2: entry.line.day.slice(0, 4),
          })
        }}
      </h2>
      <p v-if="struck">{{ t('register.correctionDialog.thisLineWasStruck') }}</p>
      <template v-else>
        <p>{{ t('register.correctionDialog.whatWasRecordedStays') }}</p>
        <v-select
          v-model="field"
          :items="fields"
          :label="t('register.correctionDialog.whatWrong')"
        />
        <p class="was">
          <i18n-t keypath="register.correctionDialog.says" scope="global"
            ><template #strong
              ><strong>{{ shown(field, was) }}</strong></template
            ></i18n-t
          >
        </p>
        <v-select
          v-if="field === 'SUPERS'"
          v-model="becomes"
          :items="items(SUPERS)"
          :label="t('register.correctionDialog.shouldSay')"
          :error-messages="wrong.becomes"
        />
        <v-text-field
          v-else
          v-model="becomes"
          :label="t('register.correctionDialog.shouldSay')"
          :inputmode="field === 'GRAMS' ? 'decimal' : 'text'"
          :error-messages="wrong.becomes"
        />
      </template>
      <v-text-field
        v-model="why"
        :label="t('register.correctionDialog.why')"
        :hint="t('register.correctionDialog.inspectorReadsThis')"
        persistent-hint
        maxlength="500"
        :error-messages="wrong.why"
      />
      <p v-if="problem" role="alert">{{ problem }}</p>
      <div class="ways">
        <v-btn v-if="!struck" type="submit" color="primary" :loading="busy">{{
          t('register.correctionDialog.writeDown')
        }}</v-btn>
        <v-btn v-if="struck" :loading="busy" @click="write('STANDS', 'yes')">{{
          t('register.correctionDialog.putBack')
        }}</v-btn>
        <v-btn v-else variant="outlined" :disabled="busy" @click="write('STANDS', 'no')">{{
          t('register.correctionDialog.strikeWholeLineOut')
        }}</v-btn>
        <v-btn variant="text" @click="open = false">{{ t('common.backChangeNothing') }}</v-btn>
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
