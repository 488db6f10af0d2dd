<script setup lang="ts">
import { reactive, ref } from 'vue'
import type { Shapes } from '../api/client'
import { newId } from '../shared/ids'
import { fixed, numberIn } from '../shared/numbers'
import { t } from '../words/words'

/** Batteries and packs, with the voltage at which each is swapped. */
const props = defineProps<{
  packs: readonly Shapes['Pack'][]
  refused: Readonly<Record<string, string>>
  mayChange: boolean
  /** Keeps a pack; tells whether the server took it. */
  keep: (pack: Shapes['Pack']) => Promise<boolean>
}>()
const NUMBERS = [
  { key: 'volts', label: t('gear.packList.volts'), unit: 'V' },
  { key: 'ampHours', label: t('gear.packList.capacity'), unit: 'Ah' },
  { key: 'cutoffVolts', label: t('gear.packList.swapAt'), unit: 'V' },
  { key: 'burnsPerCharge', label: t('gear.packList.burnsCharge2'), unit: '' },
  { key: 'chargeMinutes', label: t('gear.packList.charges2'), unit: 'min' },
  { key: 'count', label: t('gear.packList.howMany'), unit: '' },
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
  return minutes < 120 ? `${minutes} min` : `${fixed(minutes / 60, minutes % 60 === 0 ? 0 : 1)} h`
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
    else unread.value[key] = t('common.noNumber')
  }
  if (Object.keys(unread.value).length > 0) return
  const pack = { id: editing.value, name: form.name, ...numbers } as Shapes['Pack']
  if (await props.keep(pack)) editing.value = undefined
}
</script>

<template>
  <section :aria-label="t('gear.packList.packsBatteries')">
    <h2>{{ t('gear.packList.packsBatteries') }}</h2>
    <p class="soft">
      {{ t('gear.packList.swapAtVoltageMaker') }}
    </p>
    <ul v-if="packs.length">
      <li v-for="pack in packs" :key="pack.id">
        <strong>{{ pack.count }} × {{ pack.name }}</strong>
        {{ ' '
        }}<span class="figure">{{
          t('gear.packList.vAhSwapAt', {
            volts: pack.volts,
            ampHours: pack.ampHours,
            cutoffVolts: pack.cutoffVolts,
          })
        }}</span>
        <span v-if="pack.burnsPerCharge">{{
          t('gear.packList.burnsCharge', { burnsPerCharge: pack.burnsPerCharge })
        }}</span>
        <span v-if="pack.chargeMinutes">{{
          t('gear.packList.charges', { chargeMinutes: charging(pack.chargeMinutes) })
        }}</span>
        <button v-if="mayChange" type="button" class="word" @click="edit(pack)">
          {{ t('gear.packList.change') }}
        </button>
      </li>
    </ul>
    <form
      v-if="editing"
      class="form-grid sheet"
      :aria-label="t('gear.packList.pack')"
      @submit.prevent="keepPack"
    >
      <v-text-field
        v-model="form.name"
        density="compact"
        :label="t('common.name')"
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
      <v-btn @click="editing = undefined">{{ t('common.back') }}</v-btn>
      <v-btn type="submit" variant="flat" color="primary">{{ t('gear.packList.keepPack') }}</v-btn>
    </form>
    <v-btn v-else-if="mayChange" @click="edit()">{{ t('gear.packList.addPack') }}</v-btn>
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
