<script setup lang="ts">
import { computed, reactive } from 'vue'
import type { Shapes } from '../api/client'
import { FLOORS, options } from '../shared/standing'
import { wordOf } from '../words/facts'
import { t } from '../words/words'
import DayField from '../shared/units/DayField.vue'

/** A hive entered by hand, with how it began; it stands at the end of the walk. */
const props = defineProps<{
  wrong: Readonly<Record<string, string>>
  /** Hives that it can have been split from. */
  mothers: readonly { id: string; name: string }[]
}>()
const emit = defineEmits<{ add: [hive: Shapes['NewHive']] }>()
const BEGINNINGS = ['ALREADY_HERE', 'SWARM', 'PACKAGE', 'NUCLEUS', 'SPLIT'] as const
const hive = reactive({
  name: '',
  boxes: t('apiary.newHiveForm.deep'),
  supers: '0',
  floor: 'SOLID' as Shapes['NewHive']['floor'],
  since: '',
  line: '',
  beganAs: 'ALREADY_HERE' as (typeof BEGINNINGS)[number],
  motherId: null as string | null,
})
const mothersToChoose = computed(() =>
  props.mothers.map((each) => ({ value: each.id, title: each.name })),
)

function add(): void {
  emit('add', {
    ...hive,
    supers: Number(hive.supers || '0'),
    since: hive.since || undefined,
    line: hive.line || undefined,
    motherId: hive.beganAs === 'SPLIT' ? (hive.motherId ?? undefined) : undefined,
  })
}
</script>

<template>
  <form
    class="form-grid sheet form"
    :aria-label="t('apiary.newHiveForm.newHive')"
    @submit.prevent="add"
  >
    <v-text-field
      v-model="hive.name"
      density="compact"
      :label="t('apiary.newHiveForm.nameOnHive')"
      :error-messages="wrong.name"
    />
    <v-text-field
      v-model="hive.boxes"
      density="compact"
      :label="t('common.broodBoxes')"
      :error-messages="wrong.boxes"
    />
    <v-text-field
      v-model="hive.supers"
      density="compact"
      :label="t('common.supers')"
      inputmode="numeric"
      :error-messages="wrong.supers"
    />
    <v-select
      v-model="hive.floor"
      density="compact"
      :label="t('common.floor')"
      :items="options(FLOORS)"
    />
    <v-text-field
      v-model="hive.line"
      density="compact"
      :label="t('apiary.newHiveForm.lineItsBees')"
      :error-messages="wrong.line"
    />
    <v-select
      v-model="hive.beganAs"
      density="compact"
      :label="t('apiary.newHiveForm.howItBegan')"
      :items="BEGINNINGS.map((value) => ({ value, title: wordOf(`BeganAs.${value}`) }))"
      :error-messages="wrong.beganAs"
    />
    <v-select
      v-if="hive.beganAs === 'SPLIT'"
      v-model="hive.motherId"
      density="compact"
      :label="t('apiary.newHiveForm.splitFrom')"
      :items="mothersToChoose"
      :error-messages="wrong.motherId"
    />
    <DayField
      v-model="hive.since"
      density="compact"
      :label="t('apiary.newHiveForm.standsHereSince')"
      :error-messages="wrong.since || wrong.day"
    />
    <v-btn type="submit" variant="flat" color="primary">{{ t('apiary.newHiveForm.add') }}</v-btn>
  </form>
</template>

<style scoped>
.form {
  --field: 150px;

  padding: 12px;
  margin-bottom: 12px;
}
</style>
