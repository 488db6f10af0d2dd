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
  { value: '', title: 'none' },
  ...props.packs.map((pack) => ({ value: pack.id, title: pack.name })),
])

function keep(): void {
  const read = toolOf(draft.value)
  unread.value = read.wrong
  if (read.tool) emit('keep', read.tool)
}
</script>

<template>
  <form class="form-grid form" aria-label="The tool" @submit.prevent="keep">
    <v-text-field v-model="draft.name" label="Name" :error-messages="wrong.name" />
    <v-select
      :model-value="draft.family"
      label="Family"
      :items="options(FAMILIES)"
      :error-messages="wrong.family"
      @update:model-value="draft = asFamily(draft, $event, bowl)"
    />
    <v-select v-model="draft.power" label="Heated by" :items="options(POWERS)" />
    <v-select
      v-model="draft.packId"
      label="Runs on"
      :items="packs"
      :error-messages="wrong.packId"
    />
    <v-select
      v-model="draft.release"
      label="Acid is"
      :items="releases"
      :error-messages="wrong.release"
    />
    <v-select v-model="draft.endSign" label="Shows the end by" :items="options(END_SIGNS)" />
    <FigureField
      v-for="field in numbers"
      :key="field.key"
      v-model="draft.numbers[field.key]"
      :unit="field.unit"
      :label="field.label"
      :error-messages="wrong[field.key]"
    />
    <v-textarea v-model="draft.note" class="wide" label="Note" :error-messages="wrong.note" />
    <v-checkbox
      v-if="draft.family === 'PAN_WAND'"
      v-model="draft.dunkAllowed"
      class="wide"
      label="Its maker allows cooling the hot pan in water; it is dried before the next load"
      :error-messages="wrong.dunkAllowed"
    />
    <v-checkbox v-model="draft.retired" class="wide" label="No longer used" />
    <div class="wide foot">
      <v-btn @click="$emit('back')">Back</v-btn>
      <v-btn type="submit" variant="flat" color="primary">Keep the tool</v-btn>
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
