<script setup lang="ts">
import { ref } from 'vue'
import type { Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { dayOf } from '../shared/format'
import { numberIn } from '../shared/numbers'

type Kind = Shapes['SupplyShelf']['kind']

/** Pieces beside the acid: bought, counted, and used with each change noted under Gear. */
const props = defineProps<{
  shelves: readonly Shapes['SupplyShelf'][]
  supplies: readonly Shapes['Supply'][]
  foretold: readonly Shapes['SupplyForecast'][]
  mayEnter: boolean
  wrong: Record<string, string>
  add: (supply: Shapes['NewSupply']) => Promise<boolean>
}>()
defineEmits<{ strike: [id: string] }>()
const NAMES: Record<Kind, string> = {
  SEALS: 'Seals for the tools',
  FILTERS: 'Respirator filters, pairs',
  CAPS: 'Caps',
  CLOTHS: 'Cloths',
}
const USED: Partial<Record<Kind, string>> = {
  SEALS: 'one with each change of seals',
  FILTERS: 'one with each change of filters',
}
const kind = ref<Kind | ''>('')
const pieces = ref('')
const counted = ref(false)
const typing = ref('')

function begin(of: Kind, count: boolean): void {
  kind.value = of
  counted.value = count
  pieces.value = ''
  typing.value = ''
}

async function keep(): Promise<void> {
  const number = numberIn(pieces.value)
  typing.value = Number.isInteger(number) ? '' : 'is not a whole number'
  if (typing.value || !kind.value) return
  const kept = await props.add({
    kind: kind.value,
    day: todayHere(serverNow()),
    pieces: number,
    counted: counted.value,
  })
  if (kept) kind.value = ''
}

function ahead(of: Kind): Shapes['SupplyForecast'] | undefined {
  return props.foretold.find((each) => each.kind === of)
}

function last(of: Kind): Shapes['Supply'] | undefined {
  return props.supplies.find((each) => each.kind === of)
}
</script>

<template>
  <LineTable label="On the shelf">
    <thead>
      <tr>
        <th scope="col">What</th>
        <th scope="col">Should be there</th>
        <th scope="col">Used since</th>
        <th scope="col">Rounds to come need</th>
        <th scope="col">Last entry</th>
        <th v-if="mayEnter" scope="col"><span class="visually-hidden">Enter</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="each in shelves" :key="each.kind">
        <th scope="row">{{ NAMES[each.kind] }}</th>
        <td class="figure">{{ last(each.kind) ? each.onHand : 'not counted' }}</td>
        <td>
          <template v-if="USED[each.kind]">{{ each.used }}, {{ USED[each.kind] }}</template>
          <template v-else>not followed</template>
        </td>
        <td>
          <template v-if="ahead(each.kind)">
            about <span class="figure">{{ ahead(each.kind)?.pieces }}</span>
            <strong v-if="ahead(each.kind)?.runsOutOn" class="out"
              >, none left on {{ dayOf(ahead(each.kind)?.runsOutOn ?? '') }}</strong
            >
            <span class="soft under">{{ ahead(each.kind)?.from }}</span>
          </template>
          <span v-else class="soft">not foretold</span>
        </td>
        <td>
          <template v-if="last(each.kind)">
            {{ last(each.kind)?.counted ? 'counted' : 'bought' }} {{ last(each.kind)?.pieces }},
            {{ dayOf(last(each.kind)?.day ?? '') }}
            <button
              v-if="mayEnter"
              type="button"
              class="word"
              @click="$emit('strike', last(each.kind)?.id ?? '')"
            >
              Strike out
            </button>
          </template>
          <template v-else>none</template>
        </td>
        <td v-if="mayEnter">
          <form v-if="kind === each.kind" class="entry" @submit.prevent="keep">
            <v-text-field
              v-model="pieces"
              :label="counted ? 'Pieces found' : 'Pieces bought'"
              inputmode="numeric"
              density="compact"
              :error-messages="typing || wrong.pieces"
            />
            <v-btn type="submit">Keep</v-btn>
          </form>
          <template v-else>
            <button type="button" class="word" @click="begin(each.kind, false)">Bought…</button>
            <button type="button" class="word" @click="begin(each.kind, true)">Counted…</button>
          </template>
        </td>
      </tr>
    </tbody>
  </LineTable>
</template>

<style scoped>
.entry {
  display: grid;
  grid-template-columns: 150px auto;
  gap: 6px;
  align-items: start;
}

.under {
  display: block;
  font-size: 0.8125rem;
}

.out {
  color: var(--caution);
}

.word {
  min-height: 32px;
  margin-block: -6px;
  margin-right: 10px;
  text-decoration: underline;
}
</style>
