<script setup lang="ts">
import { computed, onMounted, reactive, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import HiveChoice from '../shared/HiveChoice.vue'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { newId } from '../shared/ids'
import { numberIn } from '../shared/numbers'
import { useSession } from '../shared/session'
import { items, MEANS, SUPERS, type Means, type SupersPlan } from './registerWords'
import { useForm, useRequest } from '../shared/request'

/** A treatment that was not run here: other means, or from before this book was kept. */
const props = defineProps<{ apiaries: readonly { value: string; title: string }[] }>()
const emit = defineEmits<{ written: [] }>()
const open = defineModel<boolean>({ required: true })
const session = useSession()

const form = reactive({
  apiaryId: '',
  chosen: [] as string[],
  day: '',
  means: 'FORMIC' as Means,
  method: '',
  amount: '',
  acid: '',
  product: '',
  lot: '',
  people: session.account?.name ?? '',
  supersPlan: 'TAKEN_OFF' as SupersPlan,
  waitingDays: '',
  ruleSheetId: null as string | null,
  remarks: '',
})
const hives = ref<Shapes['Hive'][]>([])
const sheets = ref<{ value: string; title: string }[]>([])
const { problem: notFetched, attempt: fetching } = useRequest()
const { problem, wrong, busy, attempt } = useForm({
  marked: () => 'Nothing was written yet: look at the fields marked.',
})
const oxalic = computed(() => form.means.startsWith('OXALIC'))
/** The same press twice writes the same lines. */
let ids: Record<string, string> = {}

watch(
  () => form.apiaryId,
  async (id) => {
    hives.value = []
    form.chosen = []
    if (!id) return
    await fetching(async () => {
      hives.value = (await ask(api.GET('/api/apiaries/{id}', { params: { path: { id } } }))).hives
    })
  },
)
watch(open, (isOpen) => {
  if (!isOpen) return
  form.day ||= todayHere(serverNow())
  ids = {}
  wrong.value = {}
  problem.value = ''
})
onMounted(async () => {
  const all = await ask(api.GET('/api/rule-sheets/read')).catch(() => [])
  sheets.value = all
    .filter((each) => !each.replacedBy)
    .map(({ sheet }) => ({
      value: sheet.id,
      title: sheet.example ? `Example: ${sheet.name}` : sheet.name,
    }))
  if (props.apiaries.length === 1) form.apiaryId = props.apiaries[0]?.value ?? ''
})

async function write(): Promise<void> {
  if (busy.value) return
  wrong.value = {}
  problem.value = ''
  const acid = oxalic.value && form.acid.trim() ? numberIn(form.acid) : 0
  const waitingDays = form.waitingDays.trim() ? numberIn(form.waitingDays) : undefined
  if (Number.isNaN(acid) || Number.isNaN(waitingDays ?? 0)) {
    problem.value = 'Grams and days are numbers, such as 2.1 and 42.'
    return
  }
  if (form.chosen.length === 0) {
    problem.value = 'Choose the hives that were treated.'
    return
  }
  for (const hive of form.chosen) ids[hive] ??= newId()
  await attempt(async () => {
    await ask(
      api.POST('/api/register', {
        body: {
          hives: Object.fromEntries(form.chosen.map((hive) => [hive, ids[hive] ?? newId()])),
          day: form.day,
          means: form.means,
          method: form.method,
          people: form.people,
          supersPlan: form.supersPlan,
          remarks: form.remarks,
          acid,
          ...(form.amount.trim() ? { amount: form.amount } : {}),
          ...(form.product.trim() ? { product: form.product } : {}),
          ...(form.lot.trim() ? { lot: form.lot } : {}),
          ...(waitingDays === undefined ? {} : { waitingDays }),
          ...(form.ruleSheetId ? { ruleSheetId: form.ruleSheetId } : {}),
        },
      }),
    )
    emit('written')
    form.chosen = []
    open.value = false
  })
}
</script>

<template>
  <v-dialog v-model="open" max-width="760" aria-labelledby="typed-title" scrollable>
    <form class="sheet typed" @submit.prevent="write">
      <h2 id="typed-title">A treatment that was not run here</h2>
      <div class="form-grid pair">
        <v-select v-model="form.apiaryId" :items="[...apiaries]" label="Apiary" />
        <v-text-field v-model="form.day" type="date" label="Day" :error-messages="wrong.day" />
      </div>
      <HiveChoice v-if="hives.length" v-model="form.chosen" :hives="hives" />
      <div class="form-grid pair">
        <v-select v-model="form.means" :items="items(MEANS)" label="With what" />
        <v-text-field
          v-model="form.method"
          label="How, as “strips between combs 3 and 7”"
          :error-messages="wrong.method"
        />
        <v-text-field
          v-if="oxalic"
          v-model="form.acid"
          inputmode="decimal"
          label="Acid dihydrate a hive, g"
          :error-messages="wrong.acid"
        />
        <v-text-field
          v-model="form.amount"
          :label="oxalic ? 'Amount in words (optional)' : 'How much a hive, as “2 strips”'"
          :error-messages="wrong.amount"
        />
        <v-text-field v-model="form.product" label="Product" :error-messages="wrong.product" />
        <v-text-field v-model="form.lot" label="Lot" :error-messages="wrong.lot" />
        <v-text-field v-model="form.people" label="Operator" :error-messages="wrong.people" />
        <v-select v-model="form.supersPlan" :items="items(SUPERS)" label="Supers" />
        <v-text-field
          v-model="form.waitingDays"
          inputmode="numeric"
          label="Waiting days for honey, by its label"
          :error-messages="wrong.waitingDays"
        />
        <v-select
          v-model="form.ruleSheetId"
          :items="sheets"
          label="Rule sheet (optional)"
          clearable
        />
      </div>
      <v-text-field v-model="form.remarks" label="Remarks" :error-messages="wrong.remarks" />
      <p v-if="problem || notFetched" role="alert">{{ problem || notFetched }}</p>
      <div class="ways">
        <v-btn type="submit" color="primary" :loading="busy">Write it into the register</v-btn>
        <v-btn variant="text" @click="open = false">Back, change nothing</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.typed {
  padding: 18px;
  overflow-y: auto;
  display: grid;
  gap: 10px;
}

.pair {
  --field: 260px;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
