<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue'
import type { Shapes } from '../api/client'
import { shortDay } from '../shared/days'
import { newId } from '../shared/ids'
import { numberIn } from '../shared/numbers'
import type { SetAside } from '../shared/offline/entries'
import { useOutbox } from '../shared/offline/outbox'
import { radioKeys } from '../shared/radioKeys'
import { t } from '../words/words'
import DayField from '../shared/units/DayField.vue'

/**
 * Counts at yard speed: digits, keep, next hive. The kind, the bees and the hours of the last hive hold for the next.
 */
const props = defineProps<{ lines: readonly Shapes['CountLine'][]; today: string }>()
const emit = defineEmits<{ kept: [] }>()
const hiveId = defineModel<string>({ required: true })
type Kind = Shapes['NewCount']['kind']
interface Pattern {
  kind: Kind
  bees: string
  hours: string
  natural: boolean
}

const SquaresDialog = defineAsyncComponent(() => import('./SquaresDialog.vue'))

const outbox = useOutbox()
/** Squares that the board's mites were told from, until another number is typed. */
const squares = ref<Shapes['SquaresCounted'] | null>(null)
const countingSquares = ref(false)
const pattern = useStorage<Pattern>('tavrel.counts.pattern', {
  kind: 'WASH',
  bees: '300',
  hours: '48',
  natural: true,
})
const mites = ref('')
const day = ref(props.today)
const wrong = ref<Record<string, string>>({})
const said = ref('')
const done = ref<string[]>([])

const KINDS: { kind: Kind; words: string }[] = [
  { kind: 'WASH', words: t('count.countPad.wash') },
  { kind: 'SUGAR_ROLL', words: t('count.countPad.sugarRoll') },
  { kind: 'BOARD', words: t('count.countPad.dropBoard') },
]
const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', 'C', '0', '⌫']
const line = computed(() => props.lines.find((each) => each.hive.id === hiveId.value))
const board = computed(() => pattern.value.kind === 'BOARD')

const treated = computed(() =>
  line.value?.lastTreated
    ? t('count.countPad.treatedOnBoardTime', { lastTreated: shortDay(line.value.lastTreated) })
    : '',
)

watch(hiveId, () => {
  mites.value = ''
  wrong.value = {}
})

function takeSquares(counted: Shapes['SquaresCounted'], total: number): void {
  countingSquares.value = false
  mites.value = String(total)
  void nextTick(() => (squares.value = counted))
}
watch(mites, () => (squares.value = null))

function press(key: string): void {
  if (key === 'C') mites.value = ''
  else if (key === '⌫') mites.value = mites.value.slice(0, -1)
  else if (mites.value.length < 5) mites.value += key
}

function next(): void {
  const at = props.lines.findIndex((each) => each.hive.id === hiveId.value)
  const after = props.lines[at + 1]
  if (after) hiveId.value = after.hive.id
}

function read(): Shapes['NewCount'] | null {
  const found: Record<string, string> = {}
  const number = (field: string, text: string) => {
    const value = numberIn(text)
    if (!Number.isFinite(value)) found[field] = t('common.noNumber')
    return value
  }
  const count: Shapes['NewCount'] = {
    id: newId(),
    hiveId: hiveId.value,
    day: day.value,
    kind: pattern.value.kind,
    mites: number('mites', mites.value),
    bees: board.value ? undefined : number('bees', pattern.value.bees),
    hours: board.value ? number('hours', pattern.value.hours) : undefined,
    natural: board.value && pattern.value.natural,
    squares: (board.value && squares.value) || undefined,
  }
  if (!/^\d{4}-\d{2}-\d{2}$/.test(day.value)) found.day = t('common.noDate')
  wrong.value = found
  return Object.keys(found).length > 0 ? null : count
}

async function keep(): Promise<void> {
  const count = read()
  const name = line.value?.hive.name
  if (!count || !name) return
  const typed = mites.value
  const id = outbox.put({ kind: 'COUNT', count, hive: name })
  if (!id) return
  mites.value = ''
  next()
  const outcome = await outbox.outcome(id)
  if (outcome.is === 'aside') {
    refill(count, typed, outcome.aside)
    return
  }
  done.value = [...done.value, count.hiveId]
  said.value =
    outcome.is === 'sent'
      ? t('count.countPad.kept', { name, mites: count.mites })
      : t('count.countPad.keptOnThisDevice', { name, mites: count.mites })
  if (outcome.is === 'sent') emit('kept')
}

/** A count that was refused comes back into the pad, unless another is being typed there already. */
function refill(count: Shapes['NewCount'], typed: string, aside: SetAside): void {
  if (mites.value !== '') {
    said.value = t('count.countPad.countWasNotTaken', { says: aside.says })
    return
  }
  outbox.throwAway(aside.id)
  hiveId.value = count.hiveId
  void nextTick(() => {
    mites.value = typed
    wrong.value = Object.fromEntries(
      aside.fields.map((each) => [each.field.replace(/^\d+\./, ''), each.says]),
    )
  })
  if (aside.fields.length === 0) said.value = aside.says
}
</script>

<template>
  <form class="pad sheet" :aria-label="t('count.countPad.enterCount')" @submit.prevent="keep">
    <div class="kinds" role="radiogroup" :aria-label="t('count.countPad.whatWasCounted')">
      <button
        v-for="each in KINDS"
        :key="each.kind"
        type="button"
        role="radio"
        :aria-checked="pattern.kind === each.kind"
        :tabindex="pattern.kind === each.kind ? 0 : -1"
        :class="{ bracketed: pattern.kind === each.kind }"
        @keydown="radioKeys"
        @click="pattern.kind = each.kind"
      >
        {{ each.words }}
      </button>
    </div>
    <v-select
      v-model="hiveId"
      :label="t('common.hive')"
      :items="lines.map((each) => ({ value: each.hive.id, title: each.hive.name }))"
    />
    <div class="pair">
      <v-text-field
        v-if="!board"
        v-model="pattern.bees"
        :label="t('count.countPad.bees')"
        inputmode="numeric"
        :error-messages="wrong.bees"
      />
      <v-text-field
        v-else
        v-model="pattern.hours"
        :label="t('count.countPad.hoursLay')"
        inputmode="decimal"
        :error-messages="wrong.hours"
      />
      <DayField v-model="day" :label="t('common.day')" :error-messages="wrong.day" />
    </div>
    <v-checkbox
      v-if="board"
      v-model="pattern.natural"
      :label="t('count.countPad.naturalDropNoTreatment')"
      :messages="treated"
    />
    <v-btn v-if="board" size="small" @click="countingSquares = true">{{
      t('count.squares.open')
    }}</v-btn>
    <SquaresDialog v-if="countingSquares" v-model="countingSquares" @take="takeSquares" />
    <v-text-field
      v-model="mites"
      class="mites"
      :label="t('count.countPad.mites', { name: line?.hive.name ?? '' })"
      inputmode="numeric"
      :error-messages="wrong.mites"
      autocomplete="off"
    />
    <div class="keys" :aria-label="t('count.countPad.digits')">
      <button
        v-for="key in KEYS"
        :key="key"
        type="button"
        :aria-label="
          key === 'C'
            ? t('count.countPad.clear')
            : key === '⌫'
              ? t('count.countPad.oneDigitBack')
              : key
        "
        @click="press(key)"
      >
        {{ key }}
      </button>
    </div>
    <button class="keep" type="submit" :disabled="mites === ''">
      {{ t('count.countPad.keepNextHive') }}
    </button>
    <p role="status" class="said">
      {{ said }}
      <template v-if="done.length">
        {{ t('count.countPad.hives', { done: new Set(done).size, lines: lines.length }) }}</template
      >
      <strong v-if="outbox.waiting">
        {{ t('count.countPad.waitForNetwork', { waiting: outbox.waiting }) }}</strong
      >
    </p>
  </form>
</template>

<style scoped>
.pad {
  display: grid;
  gap: 12px;
  padding: 14px;
}

.kinds {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
}

.kinds button {
  min-height: 48px;
  padding: 0 14px;
  font-weight: 600;
  font-size: 0.9375rem;
  line-height: 1.15;
}

.pair {
  display: grid;
  grid-template-columns: 1fr 1.6fr;
  gap: 10px;
}

.mites :deep(input) {
  font-family: var(--figure-face);
  font-size: 1.375rem;
}

.keys {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}

.keys button {
  min-height: 56px;
  border: 1px solid var(--rule-strong);
  border-radius: 2px;
  font-family: var(--figure-face);
  font-size: 1.375rem;
}

.keys button:hover {
  background: var(--wash);
}

.keep {
  min-height: 60px;
  background: var(--ink);
  color: var(--paper);
  font-weight: 650;
  border-radius: 2px;
}

.keep:disabled {
  background: var(--wash);
  color: var(--ink-soft);
}

/* On a phone all that every hive needs fits above the fold; what holds from hive to hive comes after. */
@media (width <= 900px) {
  .pair,
  .said {
    order: 1;
  }

  .pad {
    gap: 8px;
    padding: 8px;
  }
}

.said {
  min-height: 1.5em;
  margin: 0;
}
</style>
