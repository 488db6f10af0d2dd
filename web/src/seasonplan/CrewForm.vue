<script setup lang="ts">
import { reactive, ref } from 'vue'
import type { Shapes } from '../api/client'
import { newId } from '../shared/ids'
import { numberIn } from '../shared/numbers'
import { t } from '../words/words'
import ClockField from '../shared/units/ClockField.vue'

/** A crew: people, tools, hours, days off. */
const props = defineProps<{
  crew?: Shapes['OutfitCrew']
  tools: readonly { id: string; name: string; timed: boolean }[]
  people: readonly Shapes['Account'][]
  wrong: Record<string, string>
}>()
const emit = defineEmits<{ keep: [crew: Shapes['OutfitCrew']]; retire: []; close: [] }>()
const id = props.crew?.id ?? newId()
const typed = reactive({
  name: props.crew?.name ?? '',
  from: props.crew?.leavesFrom.slice(0, 5) ?? '04:00',
  to: props.crew?.backBy.slice(0, 5) ?? '22:00',
  longest: String((props.crew?.longestMinutes ?? 540) / 60),
  burners: String(props.crew?.burners ?? 1),
  helpers: String(props.crew?.helpers ?? 1),
  cloths: String(props.crew?.cloths ?? 24),
  minutes: props.crew?.minutesPerHive?.toString() ?? '',
  off: props.crew?.off.join(', ') ?? '',
})
const toolIds = ref<string[]>([...(props.crew?.toolIds ?? [])])
const memberIds = ref<string[]>([...(props.crew?.memberIds ?? [])])
const unread = ref('')

function keep(): void {
  const off = typed.off
    .split(/[\s,;]+/)
    .map((day) => day.trim())
    .filter(Boolean)
  const numbers = [typed.longest, typed.burners, typed.helpers, typed.cloths].map(numberIn)
  unread.value = off.some((day) => !/^\d{4}-\d{2}-\d{2}$/.test(day))
    ? t('seasonplan.crewForm.daysOffAreWritten')
    : numbers.some(Number.isNaN)
      ? t('seasonplan.crewForm.hoursPeopleClothsAre')
      : ''
  if (unread.value) return
  emit('keep', {
    id,
    name: typed.name,
    leavesFrom: typed.from,
    backBy: typed.to,
    longestMinutes: Math.round(60 * numberIn(typed.longest)),
    burners: numberIn(typed.burners),
    helpers: numberIn(typed.helpers),
    cloths: numberIn(typed.cloths),
    toolIds: toolIds.value,
    minutesPerHive: typed.minutes.trim() ? numberIn(typed.minutes) : undefined,
    off,
    memberIds: memberIds.value,
  })
}
</script>

<template>
  <form class="form-grid form" @submit.prevent="keep">
    <v-text-field
      v-model="typed.name"
      density="compact"
      :label="t('seasonplan.crewForm.crewsName')"
      :error-messages="wrong.name"
    />
    <ClockField
      v-model="typed.from"
      density="compact"
      :label="t('seasonplan.crewForm.leavesFrom')"
      :error-messages="wrong.leavesFrom"
    />
    <ClockField
      v-model="typed.to"
      density="compact"
      :label="t('seasonplan.crewForm.backBy')"
      :error-messages="wrong.backBy"
    />
    <v-text-field
      v-model="typed.longest"
      density="compact"
      :label="t('seasonplan.crewForm.longestDay')"
      suffix="h"
      :error-messages="wrong.longestMinutes"
    />
    <v-text-field
      v-model="typed.burners"
      density="compact"
      :label="t('common.burn')"
      :suffix="t('seasonplan.crewForm.people')"
      :error-messages="wrong.burners"
    />
    <v-text-field
      v-model="typed.helpers"
      density="compact"
      :label="t('seasonplan.crewForm.help')"
      :suffix="t('seasonplan.crewForm.people')"
      :error-messages="wrong.helpers"
    />
    <v-text-field
      v-model="typed.cloths"
      density="compact"
      :label="t('common.cloths')"
      :error-messages="wrong.cloths"
    />
    <v-select
      v-model="toolIds"
      density="compact"
      multiple
      :label="t('seasonplan.crewForm.tools')"
      :items="
        tools.map((tool) => ({
          value: tool.id,
          title: tool.name + (tool.timed ? '' : t('seasonplan.crewForm.notTimedYet')),
        }))
      "
      :error-messages="wrong.toolIds"
    />
    <v-text-field
      v-model="typed.minutes"
      density="compact"
      :label="t('seasonplan.crewForm.withoutTimedToolHive')"
      suffix="min"
      :error-messages="wrong.minutesPerHive"
    />
    <v-text-field
      v-model="typed.off"
      density="compact"
      :label="t('seasonplan.crewForm.daysOffAs')"
      :error-messages="wrong.off"
    />
    <v-select
      v-if="people.length"
      v-model="memberIds"
      class="who"
      density="compact"
      multiple
      :label="t('seasonplan.crewForm.whoGoes')"
      :hint="t('seasonplan.crewForm.whyWho')"
      persistent-hint
      :items="people.map((each) => ({ value: each.id, title: each.name }))"
      :error-messages="wrong.memberIds"
    />
    <p v-if="unread" role="alert" class="problem">{{ unread }}</p>
    <div class="buttons">
      <v-btn type="submit" variant="flat" color="primary">{{
        t('seasonplan.crewForm.keepCrew')
      }}</v-btn>
      <v-btn @click="$emit('close')">{{ t('common.close') }}</v-btn>
      <v-btn v-if="crew" @click="$emit('retire')">{{ t('seasonplan.crewForm.takeOffRoad') }}</v-btn>
    </div>
  </form>
</template>

<style scoped>
.form {
  --field: 170px;

  margin: 10px 0;
}

.buttons {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}

.who {
  grid-column: 1 / -1;
}

.problem {
  grid-column: 1 / -1;
  color: var(--off-label);
  font-weight: 600;
}
</style>
