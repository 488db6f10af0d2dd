<script setup lang="ts">
import { ref } from 'vue'
import type { Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { dayOf } from '../shared/format'
import { fixed, numberIn } from '../shared/numbers'
import NoteList from '../shared/note/NoteList.vue'
import { t } from '../words/words'
import { weight } from '../shared/units/quantity'

/** Lots, latest first, each with what went out of it; one can be weighed. */
const props = defineProps<{
  lots: readonly Shapes['LotState'][]
  mayEnter: boolean
  wrong: Record<string, string>
  weigh: (take: Shapes['NewTake']) => Promise<boolean>
}>()
defineEmits<{ strike: [id: string] }>()
/** Lots whose notes were opened. */
const told = ref<Record<string, boolean>>({})
const weighed = ref('')
const grams = ref('')
const typing = ref('')

async function keep(): Promise<void> {
  const found = numberIn(grams.value)
  typing.value = Number.isNaN(found) ? t('stock.lotTable.notNumberGrams') : ''
  if (typing.value) return
  if (await props.weigh({ lotId: weighed.value, day: todayHere(serverNow()), grams: found })) {
    weighed.value = ''
    grams.value = ''
  }
}

function booked(state: Shapes['LotState']): string {
  if (!state.weighedOn) return t('stock.lotTable.notWeighed')
  const more =
    Math.abs(state.booked) < 0.05
      ? t('stock.lotTable.asReckoned')
      : t('stock.lotTable.gThanReckoned', {
          booked: weight(Math.abs(state.booked), 0),
          booked2: state.booked < 0 ? t('stock.lotTable.less') : t('stock.lotTable.more'),
        })
  return `${dayOf(state.weighedOn)}: ${more}`
}
</script>

<template>
  <p v-if="lots.length === 0">
    {{ t('stock.lotTable.noLotEnteredEnter') }}
  </p>
  <LineTable v-else :label="t('stock.lotTable.lots')">
    <thead>
      <tr>
        <th scope="col">{{ t('common.lot') }}</th>
        <th scope="col">{{ t('common.product2') }}</th>
        <th scope="col">{{ t('stock.lotTable.bought') }}</th>
        <th scope="col">{{ t('stock.lotTable.burned') }}</th>
        <th scope="col">{{ t('stock.lotTable.weighed') }}</th>
        <th scope="col">{{ t('stock.lotTable.shouldBeLeft') }}</th>
        <th v-if="mayEnter" scope="col">
          <span class="visually-hidden">{{ t('stock.lotTable.enter') }}</span>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="state in lots" :key="state.lot.id">
        <th scope="row">
          {{ state.lot.name }}
          <details class="notes" @toggle="told = { ...told, [state.lot.id]: true }">
            <summary>{{ t('shared.noteList.notes') }}</summary>
            <NoteList
              v-if="told[state.lot.id]"
              about="LOT"
              :about-id="state.lot.id"
              :thing="state.lot.name"
            />
          </details>
        </th>
        <td>
          {{ state.lot.product }}, {{ Math.round(1000 * state.lot.strength) / 10 }} %
          <span v-if="state.lot.supplier" class="soft">· {{ state.lot.supplier }}</span>
        </td>
        <td class="figure nowrap">
          {{ weight(state.lot.grams, 0) }} · {{ dayOf(state.lot.boughtOn) }}
          <template v-if="state.lot.price !== undefined">
            · {{ fixed(state.lot.price, 2) }}</template
          >
        </td>
        <td class="figure nowrap">{{ weight(state.drawn, 1) }}</td>
        <td>{{ booked(state) }}</td>
        <td class="figure nowrap">
          <strong>{{ weight(state.left, 1) }}</strong>
        </td>
        <td v-if="mayEnter">
          <form v-if="weighed === state.lot.id" class="weighing" @submit.prevent="keep">
            <v-text-field
              v-model="grams"
              :label="t('stock.lotTable.foundGWithoutTin')"
              inputmode="decimal"
              density="compact"
              :error-messages="typing || wrong.grams || wrong.day"
            />
            <v-btn type="submit">{{ t('common.keep') }}</v-btn>
          </form>
          <template v-else>
            <button type="button" class="word" @click="((weighed = state.lot.id), (grams = ''))">
              {{ t('stock.lotTable.weigh') }}
            </button>
            <button
              v-if="state.drawn === 0"
              type="button"
              class="word"
              @click="$emit('strike', state.lot.id)"
            >
              {{ t('common.strikeOut') }}
            </button>
          </template>
        </td>
      </tr>
    </tbody>
  </LineTable>
</template>

<style scoped>
.weighing {
  display: grid;
  grid-template-columns: 190px auto;
  gap: 6px;
  align-items: start;
}

.word {
  min-height: 32px;
  margin-block: -6px;
  margin-right: 10px;
  text-decoration: underline;
}

.nowrap {
  white-space: nowrap;
}
</style>
