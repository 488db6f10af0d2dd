<script setup lang="ts">
import { reactive, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../../api/client'
import { newId } from '../ids'
import { numberIn } from '../numbers'
import { useSession } from '../session'
import FigureField from '../units/FigureField.vue'
import { useForm } from '../request'
import { t } from '../../words/words'
import DayField from '../units/DayField.vue'

type RuleSheet = Shapes['RuleSheet']

const props = defineProps<{
  from?: RuleSheet
  today: string
  /** Whether the new sheet takes the place of the one it starts from. */
  edits?: boolean
}>()
const emit = defineEmits<{ kept: [sheet: RuleSheet] }>()
/** Copies a rule sheet from the label in hand, starting from another sheet. */
const open = defineModel<boolean>({ required: true })
const FIGURES = [
  ['maxPerBox', t('shared.ruleSheetForm.mostGramsBox'), 'g'],
  ['maxPerHive', t('shared.ruleSheetForm.mostGramsHive'), 'g'],
  ['maxRoundsPerSeries', t('shared.ruleSheetForm.mostRoundsSeries'), ''],
  ['maxRoundsPerYear', t('shared.ruleSheetForm.mostRoundsYear'), ''],
  ['minDaysBetween', t('shared.ruleSheetForm.fewestDaysBetween'), 'd'],
  ['minSealMinutes', t('shared.ruleSheetForm.fewestMinutesShut'), 'min'],
  ['waitingDays', t('shared.ruleSheetForm.waitingDaysForHoney'), 'd'],
  ['minCelsius', t('shared.ruleSheetForm.coldestAir'), '°C'],
  ['maxCelsius', t('shared.ruleSheetForm.warmestAir'), '°C'],
] as const
type Figure = (typeof FIGURES)[number][0]

const session = useSession()
const figures = reactive<Record<Figure, string>>(blank())
const sheet = reactive({
  name: '',
  copiedOn: '',
  gramsOf: 'ACID_DIHYDRATE' as RuleSheet['gramsOf'],
  brood: null as RuleSheet['brood'] | null,
  supers: null as RuleSheet['supers'] | null,
  registeredProduct: false,
  note: '',
})
const unread = ref<Partial<Record<Figure, string>>>({})
const { problem, wrong, attempt } = useForm()
let id = newId()

function blank(): Record<Figure, string> {
  return Object.fromEntries(FIGURES.map(([key]) => [key, ''])) as Record<Figure, string>
}

watch(open, (isOpen) => {
  if (!isOpen) return
  const from = props.from
  id = newId()
  for (const [key] of FIGURES) figures[key] = from?.[key]?.toString() ?? ''
  sheet.name = from && !from.example ? from.name : ''
  sheet.copiedOn = props.today
  sheet.gramsOf = from?.gramsOf ?? 'ACID_DIHYDRATE'
  sheet.brood = from?.brood ?? null
  sheet.supers = from?.supers ?? null
  sheet.registeredProduct = from?.registeredProduct ?? false
  sheet.note = props.edits ? (from?.note ?? '') : ''
  wrong.value = {}
  unread.value = {}
  problem.value = ''
})

function read(): Partial<Record<Figure, number>> | null {
  const numbers: Partial<Record<Figure, number>> = {}
  unread.value = {}
  for (const [key] of FIGURES) {
    if (figures[key].trim() === '') continue
    const value = numberIn(figures[key])
    if (Number.isFinite(value)) numbers[key] = value
    else unread.value[key] = t('shared.ruleSheetForm.noNumberLeaveEmpty')
  }
  return Object.keys(unread.value).length > 0 ? null : numbers
}

async function keep(): Promise<void> {
  wrong.value = {}
  problem.value = ''
  const numbers = read()
  if (!numbers) return
  const body: RuleSheet = {
    id,
    name: sheet.name,
    example: false,
    copiedBy: session.account?.name,
    copiedOn: sheet.copiedOn || undefined,
    gramsOf: sheet.gramsOf,
    brood: sheet.brood ?? undefined,
    supers: sheet.supers ?? undefined,
    registeredProduct: sheet.registeredProduct,
    note: sheet.note.trim() || undefined,
    version: props.edits && props.from ? props.from.version + 1 : 1,
    replaces: props.edits ? props.from?.id : undefined,
    ...numbers,
  }
  await attempt(async () => {
    emit('kept', await ask(api.PUT('/api/rule-sheets/{id}', { params: { path: { id } }, body })))
    open.value = false
  })
}
</script>

<template>
  <v-dialog v-model="open" max-width="760" scrollable aria-labelledby="sheet-title">
    <form class="sheet form" @submit.prevent="keep">
      <h2 id="sheet-title">
        {{
          edits && from
            ? t('shared.ruleSheetForm.version', { name: from.name, version: from.version + 1 })
            : t('shared.ruleSheetForm.copiedFromLabelHand')
        }}
      </h2>
      <p class="soft">
        {{
          t('shared.ruleSheetForm.leaveLineEmptyWhere', {
            edits: edits
              ? t('shared.ruleSheetForm.versionBeforeStaysFor')
              : t('shared.ruleSheetForm.sheetEditedLaterBecomes'),
          })
        }}
      </p>
      <div class="form-grid grid">
        <v-text-field
          v-model="sheet.name"
          :label="t('shared.ruleSheetForm.nameThisSheet')"
          :error-messages="wrong.name"
        />
        <DayField
          v-model="sheet.copiedOn"
          :label="t('shared.ruleSheetForm.labelReadOn')"
          :error-messages="wrong.copiedOn"
        />
        <v-select
          v-model="sheet.gramsOf"
          :label="t('shared.ruleSheetForm.itsGramsAre')"
          :items="[
            { value: 'ACID_DIHYDRATE', title: t('shared.ruleSheetForm.acidDihydrate') },
            { value: 'ACID_ANHYDROUS', title: t('shared.ruleSheetForm.anhydrousAcid') },
            { value: 'PRODUCT', title: t('common.product') },
          ]"
        />
        <v-select
          v-model="sheet.brood"
          clearable
          :label="t('shared.ruleSheetForm.cappedBrood')"
          :items="[
            { value: 'ANY', title: t('shared.ruleSheetForm.withOrWithout') },
            { value: 'BROODLESS_ONLY', title: t('shared.ruleSheetForm.onlyWithout') },
          ]"
        />
        <v-select
          v-model="sheet.supers"
          clearable
          :label="t('common.supers')"
          :items="[
            { value: 'OFF', title: t('shared.ruleSheetForm.off') },
            { value: 'BARRIER', title: t('shared.ruleSheetForm.offOrPartedBy') },
            { value: 'ALLOWED', title: t('shared.ruleSheetForm.mayStayOn') },
          ]"
        />
        <FigureField
          v-for="[key, label, unit] in FIGURES"
          :key="key"
          v-model="figures[key]"
          :unit="unit"
          :label="label"
          :error-messages="unread[key] ?? wrong[key]"
        />
      </div>
      <v-checkbox
        v-model="sheet.registeredProduct"
        :label="t('shared.ruleSheetForm.labelRegisteredProduct')"
      />
      <v-textarea
        v-model="sheet.note"
        :label="t('shared.ruleSheetForm.note')"
        :error-messages="wrong.note"
      />
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <div class="foot">
        <v-btn @click="open = false">{{ t('common.back') }}</v-btn>
        <v-btn type="submit" variant="flat" color="primary">{{
          t('shared.ruleSheetForm.keepThisSheet')
        }}</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 10px;
  padding: 18px;
  overflow-y: auto;
}

.form p {
  margin: 0;
}

.grid {
  --field: 210px;
}

.foot {
  display: flex;
  justify-content: flex-end;
  gap: 10px;
}
</style>
