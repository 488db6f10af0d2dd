<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../../api/client'
import { wordOf } from '../../words/facts'
import { t } from '../../words/words'
import { serverNow } from '../clock'
import { todayHere } from '../days'
import { counted } from '../format'
import { newId } from '../ids'
import { numberIn } from '../numbers'
import AskDialog from '../layout/AskDialog.vue'
import { useForm } from '../request'
import DayField from '../units/DayField.vue'
import NamesFields from './NamesFields.vue'
import SetUpFields from './SetUpFields.vue'
import type { ActKind, DoneAct, NewAct } from './acts'

/** Asks for what happened to some hives, and writes it down: one act, with one way back. */
const props = defineProps<{
  kind: ActKind
  hives: readonly { id: string; name: string }[]
  /** Where they stand. */
  apiaryId: string
}>()
const emit = defineEmits<{ done: [act: DoneAct] }>()
const open = defineModel<boolean>({ required: true })

const END_KINDS = ['DIED', 'SOLD', 'GIVEN', 'STOLEN', 'BROKEN_UP', 'GONE'] as const
const END_SIGNS = [
  'FEW_BEES_MANY_MITES',
  'STARVED',
  'QUEENLESS',
  'WET',
  'ROBBED',
  'UNKNOWN',
] as const
const QUEEN_CHANGES = ['GIVEN', 'RAISED', 'LOST', 'FOUND_WITHOUT'] as const

const blank = () => ({
  day: todayHere(serverNow()),
  apiaryId: null as string | null,
  name: props.hives[0]?.name ?? '',
  naming: 'NUMBERS' as 'NUMBERS' | 'STAND',
  before: '',
  first: '1',
  stand: '',
  boxes: '',
  supers: '',
  queen: 'GIVEN' as (typeof QUEEN_CHANGES)[number],
  queenYear: '',
  queenMark: '',
  queenLine: '',
  intoId: null as string | null,
  endKind: 'DIED' as (typeof END_KINDS)[number],
  endSign: null as (typeof END_SIGNS)[number] | null,
  says: '',
  series: undefined as NewAct['series'],
})
const form = reactive(blank())
const { problem, wrong, forget, attempt, busy } = useForm()
const apiaries = ref<Shapes['ListedApiary'][]>([])
const neighbours = ref<Shapes['Hive'][]>([])
let id = newId()

watch(
  open,
  (isOpen) => {
    if (!isOpen) return
    id = newId()
    Object.assign(form, blank())
    forget()
    void attempt(async () => {
      if (props.kind === 'MOVED') apiaries.value = await ask(api.GET('/api/apiaries'))
      if (props.kind === 'UNITED' || props.kind === 'SET_UP') {
        const whole = await ask(
          api.GET('/api/apiaries/{id}', { params: { path: { id: props.apiaryId } } }),
        )
        neighbours.value = whole.hives
      }
    })
  },
  { immediate: true },
)

const whom = computed(() =>
  props.hives.length === 1 ? (props.hives[0]?.name ?? '') : counted(props.hives.length, 'hive'),
)
const title = computed(
  () =>
    ({
      MOVED: t('shared.actDialog.moveTitle', { whom: whom.value }),
      RENAMED: t('shared.actDialog.renameTitle', { whom: whom.value }),
      QUEEN: t('shared.actDialog.queenTitle', { whom: whom.value }),
      SET_UP: t('shared.actDialog.setUpTitle', { whom: whom.value }),
      UNITED: t('shared.actDialog.uniteTitle', { whom: whom.value }),
      ENDED: t('shared.actDialog.endTitle', { whom: whom.value }),
    })[props.kind],
)
const goals = computed(() =>
  apiaries.value
    .filter((each) => each.apiary.id !== props.apiaryId && each.apiary.closedOn === undefined)
    .map((each) => ({
      value: each.apiary.id,
      title: `${each.apiary.name}, ${counted(each.hives, 'hive')}`,
    })),
)
const receivers = computed(() => {
  const own = new Set(props.hives.map((each) => each.id))
  return neighbours.value
    .filter((each) => !own.has(each.id))
    .map((each) => ({ value: each.id, title: each.name }))
})
const hasQueen = computed(() => form.queen === 'GIVEN' || form.queen === 'RAISED')
const items = (of: readonly string[], type: string) =>
  of.map((value) => ({ value, title: wordOf(`${type}.${value}`) }))

function act(): NewAct {
  const common = { hiveIds: props.hives.map((each) => each.id), day: form.day, kind: props.kind }
  switch (props.kind) {
    case 'MOVED':
      return { ...common, apiaryId: form.apiaryId ?? undefined, series: form.series }
    case 'RENAMED':
      if (props.hives.length === 1) return { ...common, name: form.name }
      if (form.naming === 'STAND') return { ...common, stand: form.stand }
      return {
        ...common,
        names: props.hives.map((_, i) => `${form.before}${(numberIn(form.first) || 0) + i}`),
      }
    case 'SET_UP':
      return {
        ...common,
        supers: form.supers.trim() === '' ? undefined : numberIn(form.supers),
        boxes: form.intoId ? undefined : form.boxes || undefined,
        intoId: form.intoId ?? undefined,
      }
    case 'QUEEN': {
      const year = numberIn(form.queenYear)
      return {
        ...common,
        queen: form.queen,
        queenYear: hasQueen.value && Number.isFinite(year) ? year : undefined,
        queenMark: hasQueen.value ? form.queenMark || undefined : undefined,
        queenLine: hasQueen.value ? form.queenLine || undefined : undefined,
      }
    }
    case 'UNITED':
      return { ...common, intoId: form.intoId ?? undefined }
    case 'ENDED':
      return {
        ...common,
        endKind: form.endKind,
        endSign: form.endKind === 'DIED' ? (form.endSign ?? undefined) : undefined,
        says: form.says || undefined,
      }
  }
}

function said(): string {
  const goal = goals.value.find((each) => each.value === form.apiaryId)?.title.split(',')[0]
  const into = receivers.value.find((each) => each.value === form.intoId)?.title
  switch (props.kind) {
    case 'MOVED':
      return t('shared.actDialog.movedTo', { whom: whom.value, apiary: goal })
    case 'RENAMED':
      return props.hives.length === 1
        ? t('shared.actDialog.renamedTo', { whom: whom.value, name: form.name })
        : t('shared.actDialog.manyRenamed', { whom: whom.value })
    case 'SET_UP':
      return form.intoId
        ? t('shared.actDialog.supersGiven', { whom: whom.value, hive: into })
        : t('shared.actDialog.setUpWritten', { whom: whom.value })
    case 'QUEEN':
      return t('shared.actDialog.queenWritten', { whom: whom.value })
    case 'UNITED':
      return t('shared.actDialog.unitedInto', { whom: whom.value, hive: into })
    case 'ENDED':
      return t('shared.actDialog.endedOn', { whom: whom.value })
  }
}

async function keep(): Promise<void> {
  forget()
  const kept = await attempt(async () => {
    await ask(api.PUT('/api/hive-acts/{actId}', { params: { path: { actId: id } }, body: act() }))
  })
  if (!kept) return
  open.value = false
  emit('done', { id, says: said() })
}
</script>

<template>
  <AskDialog
    v-model="open"
    :title="title"
    :does="t('shared.actDialog.writeDown')"
    :problem="problem"
    :busy="busy"
    @keep="keep()"
  >
    <DayField v-model="form.day" :label="t('shared.actDialog.day')" :error-messages="wrong.day" />
    <template v-if="kind === 'MOVED'">
      <v-select
        v-model="form.apiaryId"
        :label="t('shared.actDialog.toApiary')"
        :items="goals"
        :no-data-text="t('shared.actDialog.noOtherApiary')"
        :error-messages="wrong.apiaryId || wrong.hiveIds"
      />
      <fieldset v-if="wrong.series || form.series" role="radiogroup">
        <legend>{{ wrong.series || t('shared.actDialog.roundsToCome') }}</legend>
        <label
          ><input v-model="form.series" type="radio" value="GO_ALONG" />{{
            t('shared.actDialog.goAlong')
          }}</label
        >
        <label
          ><input v-model="form.series" type="radio" value="END" />{{
            t('shared.actDialog.endForThem')
          }}</label
        >
      </fieldset>
    </template>
    <NamesFields
      v-else-if="kind === 'RENAMED' && hives.length > 1"
      v-model:way="form.naming"
      v-model:before="form.before"
      v-model:first="form.first"
      v-model:stand="form.stand"
      :many="hives.length"
      :wrong="wrong"
    />
    <SetUpFields
      v-else-if="kind === 'SET_UP'"
      v-model:boxes="form.boxes"
      v-model:supers="form.supers"
      v-model:into-id="form.intoId"
      :receivers="hives.length === 1 ? receivers : []"
      :wrong="wrong"
    />
    <v-text-field
      v-else-if="kind === 'RENAMED'"
      v-model="form.name"
      :label="t('shared.actDialog.newName')"
      :error-messages="wrong.name"
    />
    <template v-else-if="kind === 'QUEEN'">
      <v-select
        v-model="form.queen"
        :label="t('shared.actDialog.whatHappened')"
        :items="items(QUEEN_CHANGES, 'QueenChange')"
        :error-messages="wrong.queen"
      />
      <template v-if="hasQueen">
        <v-text-field
          v-model="form.queenYear"
          :label="t('shared.actDialog.hatchedIn')"
          inputmode="numeric"
          :error-messages="wrong.queenYear"
        />
        <v-text-field
          v-model="form.queenMark"
          :label="t('shared.actDialog.mark')"
          :error-messages="wrong.mark"
        />
        <v-text-field
          v-model="form.queenLine"
          :label="t('shared.actDialog.line')"
          :error-messages="wrong.line"
        />
      </template>
    </template>
    <template v-else-if="kind === 'UNITED'">
      <v-select
        v-model="form.intoId"
        :label="t('shared.actDialog.intoHive')"
        :items="receivers"
        :no-data-text="t('shared.actDialog.noOtherHive')"
        :error-messages="wrong.intoId || wrong.hiveIds"
      />
      <p class="soft">{{ t('shared.actDialog.stricterHolds') }}</p>
    </template>
    <template v-else>
      <v-select
        v-model="form.endKind"
        :label="t('shared.actDialog.how')"
        :items="items(END_KINDS, 'EndKind')"
        :error-messages="wrong.endKind"
      />
      <v-select
        v-if="form.endKind === 'DIED'"
        v-model="form.endSign"
        clearable
        :label="t('shared.actDialog.signs')"
        :items="items(END_SIGNS, 'DeadOutSign')"
        :error-messages="wrong.sign"
      />
      <v-text-field
        v-model="form.says"
        :label="t('shared.actDialog.aWord')"
        :error-messages="wrong.says"
      />
      <p class="soft">{{ t('shared.actDialog.endStaysOnRecord') }}</p>
    </template>
  </AskDialog>
</template>

<style scoped>
fieldset {
  display: grid;
  gap: 4px;
  border: 0;
  padding: 0;
}

legend {
  color: var(--off-label);
}

label {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
}
</style>
