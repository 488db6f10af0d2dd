<script setup lang="ts">
import { reactive, ref } from 'vue'
import type { Shapes } from '../api/client'
import { newId } from '../shared/ids'
import { numberIn } from '../shared/numbers'

/** Batteries and packs, with the voltage at which each is swapped. */
const props = defineProps<{
  packs: readonly Shapes['Pack'][]
  refused: Readonly<Record<string, string>>
  mayChange: boolean
  /** Keeps a pack; tells whether the server took it. */
  keep: (pack: Shapes['Pack']) => Promise<boolean>
}>()
const NUMBERS = [
  { key: 'volts', label: 'Volts', unit: 'V' },
  { key: 'ampHours', label: 'Capacity', unit: 'Ah' },
  { key: 'cutoffVolts', label: 'Swap at', unit: 'V' },
  { key: 'burnsPerCharge', label: 'Burns a charge', unit: '' },
  { key: 'chargeMinutes', label: 'Charges in', unit: 'min' },
  { key: 'count', label: 'How many', unit: '' },
] as const
type Key = (typeof NUMBERS)[number]['key']
const OPTIONAL: ReadonlySet<Key> = new Set(['burnsPerCharge', 'chargeMinutes'])

const editing = ref<string>()
const form = reactive({ name: '', numbers: {} as Record<Key, string> })
const unread = ref<Record<string, string>>({})

function edit(pack?: Shapes['Pack']): void {
  editing.value = pack?.id ?? newId()
  form.name = pack?.name ?? ''
  for (const { key } of NUMBERS) {
    form.numbers[key] = pack?.[key]?.toString() ?? (key === 'count' ? '1' : '')
  }
  unread.value = {}
}

function charging(minutes: number): string {
  return minutes < 120 ? `${minutes} min` : `${(minutes / 60).toFixed(1).replace('.0', '')} h`
}

async function keepPack(): Promise<void> {
  if (!editing.value) return
  const numbers: Partial<Record<Key, number>> = {}
  unread.value = {}
  for (const { key } of NUMBERS) {
    const text = form.numbers[key].trim()
    if (text === '' && OPTIONAL.has(key)) continue
    const value = numberIn(text)
    if (Number.isFinite(value)) numbers[key] = value
    else unread.value[key] = 'is no number'
  }
  if (Object.keys(unread.value).length > 0) return
  const pack = { id: editing.value, name: form.name, ...numbers } as Shapes['Pack']
  if (await props.keep(pack)) editing.value = undefined
}
</script>

<template>
  <section aria-label="Packs and batteries">
    <h2>Packs and batteries</h2>
    <p class="soft">
      Swap at the voltage the maker gives: running a pack flat destroys it. 12 V batteries spark and
      gas; keep clips tight and cables dry.
    </p>
    <ul v-if="packs.length">
      <li v-for="pack in packs" :key="pack.id">
        <strong>{{ pack.count }} × {{ pack.name }}</strong>
        {{ ' '
        }}<span class="figure"
          >{{ pack.volts }} V, {{ pack.ampHours }} Ah, swap at {{ pack.cutoffVolts }} V</span
        >
        <span v-if="pack.burnsPerCharge">, {{ pack.burnsPerCharge }} burns a charge</span>
        <span v-if="pack.chargeMinutes">, charges in {{ charging(pack.chargeMinutes) }}</span>
        <button v-if="mayChange" type="button" class="word" @click="edit(pack)">change</button>
      </li>
    </ul>
    <form v-if="editing" class="form-grid sheet" aria-label="The pack" @submit.prevent="keepPack">
      <v-text-field
        v-model="form.name"
        density="compact"
        label="Name"
        :error-messages="refused.name"
      />
      <v-text-field
        v-for="field in NUMBERS"
        :key="field.key"
        v-model="form.numbers[field.key]"
        density="compact"
        inputmode="decimal"
        :label="field.label"
        :suffix="field.unit"
        :error-messages="unread[field.key] ?? refused[field.key]"
      />
      <v-btn @click="editing = undefined">Back</v-btn>
      <v-btn type="submit" variant="flat" color="primary">Keep the pack</v-btn>
    </form>
    <v-btn v-else-if="mayChange" @click="edit()">Add a pack</v-btn>
  </section>
</template>

<style scoped>
ul {
  padding-left: 20px;
}

.word {
  min-height: 32px;
  margin-left: 10px;
  text-decoration: underline;
}

form {
  --field: 140px;

  padding: 12px;
}
</style>
