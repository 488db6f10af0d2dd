<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { numberIn } from '../numbers'
import { choiceOf, inField, read, signOf, type Kind } from './quantity'

/**
 * A field for a quantity in the unit of who types. What it gives on is SI, as text; for what it cannot read it says
 * why and gives on no number, so that nobody reads it otherwise.
 */
const props = defineProps<{ kind: Kind; label: string; errorMessages?: string }>()
const si = defineModel<string>({ required: true })

const typed = ref('')
const last = ref<string>()
const found = computed(() => (typed.value.trim() === '' ? null : read(props.kind, typed.value)))
const wrong = computed(() => (found.value && 'wrong' in found.value ? found.value.wrong : ''))
const says = computed(() => (found.value && 'si' in found.value ? (found.value.says ?? '') : ''))

function take(text: string): void {
  typed.value = text
  last.value = !found.value ? '' : 'si' in found.value ? String(found.value.si) : String(Number.NaN)
  si.value = last.value
}

/** Written anew where somebody else sets it, or the person changes his units. */
watch(
  [si, () => choiceOf(props.kind)],
  ([value, unit], [, before]) => {
    if (value === last.value && (unit === before || wrong.value)) return
    const number = numberIn(value)
    typed.value = Number.isFinite(number) ? inField(props.kind, number) : ''
    last.value = value
  },
  { immediate: true },
)
</script>

<template>
  <v-text-field
    :model-value="typed"
    :label="label"
    :suffix="signOf(kind)"
    :hint="says"
    :persistent-hint="Boolean(says)"
    :error-messages="wrong || errorMessages"
    @update:model-value="take"
  />
</template>
