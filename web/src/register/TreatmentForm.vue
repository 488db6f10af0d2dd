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
import { t } from '../words/words'
import DayField from '../shared/units/DayField.vue'

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
  outBy: '',
})
const hives = ref<Shapes['Hive'][]>([])
const sheets = ref<{ value: string; title: string }[]>([])
const { problem: notFetched, attempt: fetching } = useRequest()
const { problem, wrong, busy, attempt } = useForm({
  marked: () => t('register.treatmentForm.nothingWasWrittenYet'),
})
/** What may stay in the hive for a time, and has to come out by its label's day. */
const offered = ref<Shapes['OfferedMeans'][]>([])
const chosen = computed(() => offered.value.find((each) => each.means === form.means))
const staysIn = computed(() => chosen.value?.staysIn ?? false)
const oxalic = computed(() => chosen.value?.oxalic ?? false)
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
  offered.value = await ask(api.GET('/api/register/means')).catch(() => [])
  const all = await ask(api.GET('/api/rule-sheets/read')).catch(() => [])
  sheets.value = all
    .filter((each) => !each.replacedBy)
    .map(({ sheet }) => ({
      value: sheet.id,
      title: sheet.example ? t('common.example', { name: sheet.name }) : sheet.name,
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
    problem.value = t('register.treatmentForm.gramsDaysAreNumbers')
    return
  }
  if (form.chosen.length === 0) {
    problem.value = t('register.treatmentForm.chooseHivesWereTreated')
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
          ...(staysIn.value && form.outBy ? { outBy: form.outBy } : {}),
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
      <h2 id="typed-title">{{ t('register.treatmentForm.treatmentWasNotRun') }}</h2>
      <div class="form-grid pair">
        <v-select v-model="form.apiaryId" :items="[...apiaries]" :label="t('common.apiary')" />
        <DayField v-model="form.day" :label="t('common.day')" :error-messages="wrong.day" />
      </div>
      <HiveChoice v-if="hives.length" v-model="form.chosen" :hives="hives" />
      <div class="form-grid pair">
        <v-select
          v-model="form.means"
          :items="items(MEANS)"
          :label="t('register.treatmentForm.withWhat')"
        />
        <v-text-field
          v-model="form.method"
          :label="t('register.treatmentForm.howAsStripsBetween')"
          :error-messages="wrong.method"
        />
        <v-text-field
          v-if="oxalic"
          v-model="form.acid"
          inputmode="decimal"
          :label="t('register.treatmentForm.acidDihydrateHiveG')"
          :error-messages="wrong.acid"
        />
        <v-text-field
          v-model="form.amount"
          :label="
            oxalic
              ? t('register.treatmentForm.amountWordsOptional')
              : t('register.treatmentForm.howMuchHiveAs')
          "
          :error-messages="wrong.amount"
        />
        <DayField
          v-if="staysIn"
          v-model="form.outBy"
          :label="t('register.treatmentForm.outBy')"
          :error-messages="wrong.outBy"
        />
        <v-text-field
          v-model="form.product"
          :label="t('common.product2')"
          :error-messages="wrong.product"
        />
        <v-text-field v-model="form.lot" :label="t('common.lot')" :error-messages="wrong.lot" />
        <v-text-field
          v-model="form.people"
          :label="t('register.treatmentForm.operator')"
          :error-messages="wrong.people"
        />
        <v-select v-model="form.supersPlan" :items="items(SUPERS)" :label="t('common.supers')" />
        <v-text-field
          v-model="form.waitingDays"
          inputmode="numeric"
          :label="t('register.treatmentForm.waitingDaysForHoney')"
          :error-messages="wrong.waitingDays"
        />
        <v-select
          v-model="form.ruleSheetId"
          :items="sheets"
          :label="t('register.treatmentForm.ruleSheetOptional')"
          clearable
        />
      </div>
      <v-text-field
        v-model="form.remarks"
        :label="t('register.treatmentForm.remarks')"
        :error-messages="wrong.remarks"
      />
      <p v-if="problem || notFetched" role="alert">{{ problem || notFetched }}</p>
      <div class="ways">
        <v-btn type="submit" color="primary" :loading="busy">{{
          t('register.treatmentForm.writeIntoRegister')
        }}</v-btn>
        <v-btn variant="text" @click="open = false">{{ t('common.backChangeNothing') }}</v-btn>
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
