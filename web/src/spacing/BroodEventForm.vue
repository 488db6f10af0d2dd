<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import HiveChoice from '../shared/HiveChoice.vue'
import { newId } from '../shared/ids'
import { numberIn } from '../shared/numbers'
import { CAPPED, COMBS, GIVEN, KINDS, LEFT, OPEN, QUEENS, YOUNGEST } from './broodWords'
import { useForm } from '../shared/request'
import { t } from '../words/words'
import DayField from '../shared/units/DayField.vue'

/** What happened to the brood of one hive or of many. */
const props = defineProps<{ apiaryId: string; today: string; hiveId?: string }>()
const emit = defineEmits<{ kept: [] }>()
const open = defineModel<boolean>({ required: true })
type Event = Shapes['NewBroodEvent']
const hives = ref<Shapes['Hive'][]>([])
const chosen = ref<string[]>([])
const kind = ref<Event['kind']>('INSPECTION')
const day = ref(props.today)
const released = ref('')
const comb = ref<NonNullable<Event['comb']>>('DRAWN')
const youngest = ref<NonNullable<Event['youngest']>>('EGGS')
const newQueen = ref<NonNullable<Event['newQueen']>>('RIPE_CELL')
const leftBrood = ref<NonNullable<Event['leftBrood']>>('OPEN_LARVAE')
const given = ref<NonNullable<Event['given']>>('CAPPED')
const capped = ref<NonNullable<Event['capped']>>('FRAMES')
const cappedFrames = ref('')
const openBrood = ref<NonNullable<Event['openBrood']>>('NOT_NOTED')
const framesOfBees = ref('')
const { problem, wrong, busy, attempt } = useForm({
  nameOf: (field) => field.replace(/^\d+\./, ''),
})
/** Ids hold while the same entry is tried again, so that a lost answer does no harm. */
let ids = new Map<string, string>()

const ready = computed(() => chosen.value.length > 0 && !busy.value)

watch(open, async (isOpen) => {
  if (!isOpen) return
  wrong.value = {}
  problem.value = ''
  day.value = props.today
  ids = new Map()
  await attempt(async () => {
    const whole = await ask(
      api.GET('/api/apiaries/{id}', { params: { path: { id: props.apiaryId } } }),
    )
    hives.value = whole.hives
    chosen.value = props.hiveId ? [props.hiveId] : []
  })
})

function idFor(hiveId: string): string {
  const known = ids.get(hiveId) ?? newId()
  ids.set(hiveId, known)
  return known
}

function event(hiveId: string): Event {
  const look = kind.value === 'INSPECTION'
  return {
    id: idFor(hiveId),
    hiveId,
    day: day.value,
    kind: kind.value,
    comb: kind.value === 'SWARM_HIVED' ? comb.value : undefined,
    released: kind.value === 'PACKAGE_HIVED' && released.value ? released.value : undefined,
    youngest: kind.value === 'SPLIT' ? youngest.value : undefined,
    newQueen: kind.value === 'SPLIT' ? newQueen.value : undefined,
    leftBrood: kind.value === 'BROOD_REMOVED' ? leftBrood.value : undefined,
    given: kind.value === 'BROOD_GIVEN' ? given.value : undefined,
    capped: look ? capped.value : undefined,
    cappedFrames: look && capped.value === 'FRAMES' ? numberIn(cappedFrames.value) : undefined,
    openBrood: look ? openBrood.value : undefined,
    framesOfBees: look && framesOfBees.value.trim() ? numberIn(framesOfBees.value) : undefined,
  }
}

function unread(): Record<string, string> {
  const found: Record<string, string> = {}
  if (!/^\d{4}-\d{2}-\d{2}$/.test(day.value)) found.day = t('common.noDate')
  if (kind.value === 'INSPECTION') {
    if (capped.value === 'FRAMES' && !Number.isFinite(numberIn(cappedFrames.value)))
      found.cappedFrames = t('common.noNumber')
    if (framesOfBees.value.trim() && !Number.isFinite(numberIn(framesOfBees.value)))
      found.framesOfBees = t('common.noNumber')
  }
  return found
}

async function keep(): Promise<void> {
  wrong.value = unread()
  if (Object.keys(wrong.value).length > 0) return
  await attempt(async () => {
    await ask(api.POST('/api/brood-events', { body: chosen.value.map(event) }))
    open.value = false
    emit('kept')
  })
}
</script>

<template>
  <v-dialog v-model="open" max-width="620">
    <form class="sheet form" :aria-label="t('common.whatHappened')" @submit.prevent="keep">
      <h2>{{ t('common.whatHappened') }}</h2>
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <v-select
        v-model="kind"
        :label="t('spacing.broodEventForm.event')"
        :items="KINDS.map((each) => ({ value: each.kind, title: each.words }))"
      />
      <DayField v-model="day" :label="t('common.day')" :error-messages="wrong.day" />
      <v-select
        v-if="kind === 'SWARM_HIVED'"
        v-model="comb"
        :label="t('spacing.broodEventForm.hivedOn')"
        :items="COMBS"
      />
      <DayField
        v-if="kind === 'PACKAGE_HIVED'"
        v-model="released"
        :label="t('spacing.broodEventForm.queenLetOutOn')"
        :error-messages="wrong.released"
      />
      <template v-if="kind === 'SPLIT'">
        <v-select
          v-model="youngest"
          :label="t('spacing.broodEventForm.itsYoungestBroodWas')"
          :items="YOUNGEST"
        />
        <v-select
          v-model="newQueen"
          :label="t('spacing.broodEventForm.got')"
          :items="QUEENS"
          :error-messages="wrong.newQueen"
          :hint="t('spacing.broodEventForm.queenCellsHangThere')"
        />
      </template>
      <v-select
        v-if="kind === 'BROOD_REMOVED'"
        v-model="leftBrood"
        :label="t('spacing.broodEventForm.whatStayed')"
        :items="LEFT"
      />
      <v-select
        v-if="kind === 'BROOD_GIVEN'"
        v-model="given"
        :label="t('spacing.broodEventForm.oldestBroodOn')"
        :items="GIVEN"
      />
      <template v-if="kind === 'INSPECTION'">
        <v-select
          v-model="capped"
          :label="t('spacing.broodEventForm.cappedBrood')"
          :items="CAPPED"
        />
        <v-text-field
          v-if="capped === 'FRAMES'"
          v-model="cappedFrames"
          :label="t('spacing.broodEventForm.framesCappedBrood')"
          inputmode="decimal"
          :error-messages="wrong.cappedFrames"
        />
        <v-select
          v-model="openBrood"
          :label="t('spacing.broodEventForm.openBrood')"
          :items="OPEN"
        />
        <v-text-field
          v-model="framesOfBees"
          :label="t('spacing.broodEventForm.framesBeesIfCounted')"
          inputmode="decimal"
          :error-messages="wrong.framesOfBees"
        />
      </template>
      <HiveChoice v-model="chosen" :hives="hives" />
      <div class="buttons">
        <v-btn type="submit" variant="flat" color="primary" :disabled="!ready">{{
          t('common.keep')
        }}</v-btn>
        <v-btn @click="open = false">{{ t('common.close') }}</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 12px;
  padding: 20px;
  max-height: 90dvh;
  overflow-y: auto;
}

.buttons {
  display: flex;
  gap: 10px;
}
</style>
