<script setup lang="ts">
import { reactive } from 'vue'
import type { Shapes } from '../api/client'
import { FLOORS, options } from '../shared/standing'
import { t } from '../words/words'
import DayField from '../shared/units/DayField.vue'

/** A hive entered by hand; it stands at the end of the walk. */
defineProps<{ wrong: Readonly<Record<string, string>> }>()
const emit = defineEmits<{ add: [hive: Shapes['NewHive']] }>()
const hive = reactive({
  name: '',
  boxes: t('apiary.newHiveForm.deep'),
  supers: '0',
  floor: 'SOLID' as Shapes['NewHive']['floor'],
  since: '',
  line: '',
})

function add(): void {
  emit('add', {
    ...hive,
    supers: Number(hive.supers || '0'),
    since: hive.since || undefined,
    line: hive.line || undefined,
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
    <DayField
      v-model="hive.since"
      density="compact"
      :label="t('apiary.newHiveForm.standsHereSince')"
      :error-messages="wrong.since"
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
