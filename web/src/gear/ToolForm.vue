<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Shapes } from '../api/client'
import { options } from '../shared/standing'
import {
  asFamily,
  draftOf,
  END_SIGNS,
  FAMILIES,
  freshTool,
  POWERS,
  RELEASES,
  TOOL_NUMBERS,
  toolOf,
  type ToolDraft,
} from './gearWords'
import FigureField from '../shared/units/FigureField.vue'
import { t } from '../words/words'

/** A tool as its keeper and its maker describe it. */
const props = defineProps<{
  tool?: Shapes['Tool']
  newId: string
  bowl: Shapes['UsualBowl']
  packs: readonly Shapes['Pack'][]
  refused: Readonly<Record<string, string>>
}>()
const emit = defineEmits<{ keep: [tool: Shapes['Tool']]; back: [] }>()
const draft = ref<ToolDraft>(props.tool ? draftOf(props.tool) : freshTool(props.newId, props.bowl))
const unread = ref<Record<string, string>>({})
const wrong = computed(() => ({ ...props.refused, ...unread.value }))

watch(
  () => props.tool?.id,
  () => {
    draft.value = props.tool ? draftOf(props.tool) : freshTool(props.newId, props.bowl)
  },
)

const numbers = computed(() =>
  TOOL_NUMBERS.filter(({ of }) => of === 'both' || of === draft.value.family),
)
const releases = computed(() =>
  options(RELEASES).filter(
    ({ value }) => (value === 'LOADED_COLD') === (draft.value.family === 'PAN_WAND'),
  ),
)
const packs = computed(() => [
  { value: '', title: t('common.none') },
  ...props.packs.map((pack) => ({ value: pack.id, title: pack.name })),
])

function keep(): void {
  const read = toolOf(draft.value)
  unread.value = read.wrong
  if (read.tool) emit('keep', read.tool)
}
</script>

<template>
  <form class="form-grid form" :aria-label="t('gear.toolForm.tool')" @submit.prevent="keep">
    <v-text-field v-model="draft.name" :label="t('common.name')" :error-messages="wrong.name" />
    <v-select
      :model-value="draft.family"
      :label="t('gear.toolForm.family')"
      :items="options(FAMILIES)"
      :error-messages="wrong.family"
      @update:model-value="draft = asFamily(draft, $event, bowl)"
    />
    <v-select v-model="draft.power" :label="t('gear.toolForm.heatedBy')" :items="options(POWERS)" />
    <v-select
      v-model="draft.packId"
      :label="t('gear.toolForm.runsOn')"
      :items="packs"
      :error-messages="wrong.packId"
    />
    <v-select
      v-model="draft.release"
      :label="t('gear.toolForm.acid')"
      :items="releases"
      :error-messages="wrong.release"
    />
    <v-select
      v-model="draft.endSign"
      :label="t('gear.toolForm.showsEndBy')"
      :items="options(END_SIGNS)"
    />
    <FigureField
      v-for="field in numbers"
      :key="field.key"
      v-model="draft.numbers[field.key]"
      :unit="field.unit"
      :label="field.label"
      :error-messages="wrong[field.key]"
    />
    <v-textarea
      v-model="draft.note"
      class="wide"
      :label="t('gear.toolForm.note')"
      :error-messages="wrong.note"
    />
    <v-checkbox
      v-if="draft.family === 'PAN_WAND'"
      v-model="draft.dunkAllowed"
      class="wide"
      :label="t('gear.toolForm.itsMakerAllowsCooling')"
      :error-messages="wrong.dunkAllowed"
    />
    <v-checkbox v-model="draft.retired" class="wide" :label="t('gear.toolForm.noLongerUsed')" />
    <div class="wide foot">
      <v-btn @click="$emit('back')">{{ t('common.back') }}</v-btn>
      <v-btn type="submit" variant="flat" color="primary">{{ t('gear.toolForm.keepTool') }}</v-btn>
    </div>
  </form>
</template>

<style scoped>
.form {
  --field: 200px;
}

.wide {
  grid-column: 1 / -1;
}

.foot {
  display: flex;
  gap: 10px;
}
</style>
