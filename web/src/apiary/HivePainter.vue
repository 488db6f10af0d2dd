<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import {
  CRACKS,
  ENTRANCES,
  FLOORS,
  INNER_COVERS,
  MATERIALS,
  options,
  PORTS,
  SHUTTINGS,
  SUPERS_PLANS,
} from '../shared/standing'
import { common, type Hive, type HiveChange } from './useYard'
import { t } from '../words/words'
import DayField from '../shared/units/DayField.vue'

/** Sets how the chosen hives stand. Each choice is painted over all of them at once, and can be taken back. */
const props = defineProps<{ hives: readonly Hive[]; wrong: Readonly<Record<string, string>> }>()
const emit = defineEmits<{ paint: [change: HiveChange, says: string] }>()

const SELECTS = [
  { key: 'floor', label: t('common.floor'), items: options(FLOORS) },
  { key: 'entrance', label: t('apiary.hivePainter.entrance'), items: options(ENTRANCES) },
  {
    key: 'shutting',
    label: t('apiary.hivePainter.entranceDuringTreatment'),
    items: options(SHUTTINGS),
  },
  { key: 'innerCover', label: t('apiary.hivePainter.innerCover'), items: options(INNER_COVERS) },
  { key: 'cracks', label: t('apiary.hivePainter.cracks'), items: options(CRACKS) },
  { key: 'port', label: t('apiary.hivePainter.port'), items: options(PORTS) },
  { key: 'material', label: t('apiary.hivePainter.material'), items: options(MATERIALS) },
  { key: 'supersPlan', label: t('apiary.hivePainter.supersWillBe'), items: options(SUPERS_PLANS) },
] as const
const now = computed(() => common(props.hives))
const typed = ref({ boxes: '', supers: '', stand: '', since: '', line: '' })

watch(
  now,
  (shared) => {
    typed.value = {
      boxes: shared.boxes ?? '',
      supers: shared.supers?.toString() ?? '',
      stand: shared.stand ?? '',
      since: shared.since ?? '',
      line: shared.line ?? '',
    }
  },
  { immediate: true },
)

function differs(key: keyof HiveChange): string | undefined {
  return now.value[key] === undefined ? t('apiary.hivePainter.theyDiffer') : undefined
}

function set(key: keyof HiveChange, value: unknown, label: string): void {
  if (value !== now.value[key]) emit('paint', { [key]: value }, label)
}

function setSupers(): void {
  const text = typed.value.supers.trim()
  if (text !== '' || now.value.supers !== undefined) {
    set('supers', text === '' ? 0 : Number(text), t('common.supers'))
  }
}

function setBoxes(): void {
  if (typed.value.boxes !== (now.value.boxes ?? ''))
    set('boxes', typed.value.boxes, t('apiary.hivePainter.broodBoxesFromFloor'))
}

function setSince(): void {
  if (typed.value.since !== (now.value.since ?? '')) {
    set('since', typed.value.since, t('apiary.hivePainter.standsHereSince'))
  }
}

function setLine(): void {
  if (typed.value.line !== (now.value.line ?? ''))
    set('line', typed.value.line, t('apiary.hivePainter.lineItsBees'))
}

function setStand(): void {
  if (typed.value.stand !== (now.value.stand ?? ''))
    set('stand', typed.value.stand, t('apiary.hivePainter.sharesStandByIts'))
}
</script>

<template>
  <form class="painter" :aria-label="t('apiary.hivePainter.howTheyStand')" @submit.prevent>
    <v-text-field
      v-model="typed.boxes"
      density="compact"
      :label="t('apiary.hivePainter.broodBoxesFromFloor')"
      :placeholder="differs('boxes') ?? t('apiary.hivePainter.deepMedium')"
      :persistent-placeholder="Boolean(differs('boxes'))"
      :error-messages="wrong.boxes"
      @change="setBoxes"
    />
    <v-text-field
      v-model="typed.supers"
      density="compact"
      :label="t('common.supers')"
      inputmode="numeric"
      :placeholder="differs('supers')"
      :persistent-placeholder="Boolean(differs('supers'))"
      :error-messages="wrong.supers"
      @change="setSupers"
    />
    <v-select
      v-for="field in SELECTS"
      :key="field.key"
      density="compact"
      :label="field.label"
      :items="[...field.items]"
      :model-value="now[field.key] ?? null"
      :placeholder="differs(field.key)"
      :persistent-placeholder="Boolean(differs(field.key))"
      :error-messages="wrong[field.key]"
      @update:model-value="(value: unknown) => set(field.key, value, field.label)"
    />
    <v-text-field
      v-model="typed.stand"
      density="compact"
      :label="t('apiary.hivePainter.sharesStandByIts')"
      :placeholder="differs('stand') ?? t('common.none')"
      :error-messages="wrong.stand"
      @change="setStand"
    />
    <v-text-field
      v-model="typed.line"
      density="compact"
      :label="t('apiary.hivePainter.lineItsBees')"
      :placeholder="differs('line') ?? t('apiary.hivePainter.asYouCall')"
      :error-messages="wrong.line"
      @change="setLine"
    />
    <DayField
      v-model="typed.since"
      density="compact"
      :label="t('apiary.hivePainter.standsHereSince')"
      :hint="differs('since')"
      :error-messages="wrong.since"
      @set="setSince"
    />
    <v-checkbox
      v-if="now.stand"
      :model-value="now.divided ?? false"
      density="compact"
      :label="t('apiary.hivePainter.oneBoxPartedBy')"
      @update:model-value="
        (value: unknown) => set('divided', value === true, t('apiary.hivePainter.oneBoxPartedBy'))
      "
    />
  </form>
</template>

<style scoped>
.painter {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.painter > :last-child {
  grid-column: 1 / -1;
}
</style>
