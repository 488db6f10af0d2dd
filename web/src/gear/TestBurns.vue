<script setup lang="ts">
import { useIntervalFn, useStorage } from '@vueuse/core'
import { computed, reactive, ref } from 'vue'
import type { Shapes } from '../api/client'
import { serverNow } from '../shared/clock'
import { newId } from '../shared/ids'
import { fixed, numberIn } from '../shared/numbers'
import QuantityField from '../shared/units/QuantityField.vue'
import { degrees, weight } from '../shared/units/quantity'
import { t } from '../words/words'

/**
 * Test burns of a tool, timed by a stopwatch that goes on through a reload: its start is kept on this device.
 */
const props = defineProps<{
  known: Shapes['KnownTool']
  refused: Readonly<Record<string, string>>
  mayStrike: boolean
  /** Keeps a burn; tells whether the server took it. */
  keep: (burn: Shapes['TestBurn']) => Promise<boolean>
}>()
defineEmits<{ strike: [id: string] }>()

const started = useStorage<number | null>(`tavrel.testburn.${props.known.tool.id}`, null)
const stopped = ref<number | null>(null)
const now = ref(Date.now())
const form = reactive({ load: '', seconds: '', pack: '', celsius: '', note: '' })
const unread = ref<Record<string, string>>({})
const wrong = computed(() => ({ ...props.refused, ...unread.value }))
let id = newId()

useIntervalFn(() => {
  now.value = Date.now()
}, 100)
const shown = computed(() => {
  if (started.value === null) return form.seconds || '0.0'
  return fixed(Math.max(0, now.value - started.value) / 1000, 1)
})

function press(): void {
  if (started.value === null) {
    started.value = Date.now()
    stopped.value = null
    return
  }
  stopped.value = Date.now()
  form.seconds = ((stopped.value - started.value) / 1000).toFixed(1)
  started.value = null
}

async function keepBurn(): Promise<void> {
  const load = numberIn(form.load)
  const seconds = numberIn(form.seconds)
  const celsius = form.celsius.trim() === '' ? undefined : numberIn(form.celsius)
  unread.value = {
    ...(Number.isFinite(load) ? {} : { load: t('gear.testBurns.sayHowManyGrams') }),
    ...(Number.isFinite(seconds) ? {} : { seconds: t('gear.testBurns.pressStartStopOr') }),
    ...(celsius === undefined || Number.isFinite(celsius) ? {} : { celsius: t('common.noNumber') }),
  }
  if (Object.keys(unread.value).length > 0) return
  const kept = await props.keep({
    id,
    toolId: props.known.tool.id,
    load,
    seconds,
    celsius,
    pack: form.pack || undefined,
    note: form.note || undefined,
    at: new Date(serverNow()).toISOString(),
  })
  if (!kept) return
  id = newId()
  form.seconds = ''
  form.note = ''
}
</script>

<template>
  <section :aria-label="t('gear.testBurns.testBurns')">
    <h3>{{ t('gear.testBurns.testBurn') }}</h3>
    <p class="soft">
      {{ t('gear.testBurns.openUpwindMaskedWith') }}
    </p>
    <div class="watch">
      <p class="figure time" role="timer">{{ shown }} s</p>
      <button type="button" class="press" :class="{ runs: started !== null }" @click="press">
        {{ started === null ? t('gear.testBurns.start') : t('gear.testBurns.emptyStop') }}
      </button>
    </div>
    <form class="form-grid" :aria-label="t('gear.testBurns.whatBurned')" @submit.prevent="keepBurn">
      <QuantityField
        v-model="form.load"
        density="compact"
        :label="t('gear.testBurns.load')"
        kind="mass"
        :error-messages="wrong.load"
      />
      <v-text-field
        v-model="form.seconds"
        density="compact"
        :label="t('gear.testBurns.took')"
        suffix="s"
        inputmode="decimal"
        :error-messages="wrong.seconds"
      />
      <v-text-field
        v-model="form.pack"
        density="compact"
        :label="t('gear.testBurns.pack')"
        :error-messages="wrong.pack"
      />
      <QuantityField
        v-model="form.celsius"
        density="compact"
        kind="temperature"
        :label="t('gear.testBurns.air')"
        :error-messages="wrong.celsius"
      />
      <v-text-field
        v-model="form.note"
        density="compact"
        :label="t('gear.testBurns.seen')"
        :error-messages="wrong.note"
      />
      <v-btn type="submit" variant="flat" color="primary">{{
        t('gear.testBurns.keepThisBurn')
      }}</v-btn>
    </form>
    <table v-if="known.burns.length">
      <caption class="visually-hidden">
        {{
          t('gear.testBurns.burnsCount')
        }}
      </caption>
      <tbody>
        <tr v-for="burn in known.burns" :key="burn.id">
          <td class="figure">{{ weight(burn.load, 1) }}</td>
          <td class="figure">{{ fixed(burn.seconds, 0) }} s</td>
          <td>
            {{
              [burn.pack, burn.celsius !== undefined && degrees(burn.celsius), burn.note]
                .filter(Boolean)
                .join(', ')
            }}
          </td>
          <td class="soft figure">{{ burn.at.slice(0, 10) }}</td>
          <td>
            <button v-if="mayStrike" type="button" class="word" @click="$emit('strike', burn.id)">
              {{ t('gear.testBurns.strikeOut') }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
h3 {
  font-size: 1.1rem;
}

.watch {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 20px;
  margin: 8px 0;
}

.time {
  min-width: 170px;
  margin: 0;
  font-size: 2.75rem;
}

.press {
  min-width: 180px;
  min-height: 64px;
  background: var(--ink);
  color: var(--paper);
  font-size: 1.25rem;
  font-weight: 700;
  border-radius: 2px;
}

.runs {
  background: var(--burning);
  color: var(--on-state);
}

form {
  --field: 118px;
}

table {
  width: 100%;
  margin-top: 10px;
  border-collapse: collapse;
}

td {
  padding: 4px 6px;
  font-size: 0.875rem;
  border-bottom: 1px solid var(--rule);
}

.figure,
.word {
  white-space: nowrap;
}

.word {
  min-height: 32px;
  text-decoration: underline;
}
</style>
