<script setup lang="ts">
import { ref } from 'vue'
import type { Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { dayOf } from '../shared/format'
import { numberIn } from '../shared/numbers'
import { inWords } from '../words/facts'
import { t } from '../words/words'

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
  SEALS: t('stock.shelfList.sealsForTools'),
  FILTERS: t('stock.shelfList.respiratorFiltersPairs'),
  CAPS: t('stock.shelfList.caps'),
  CLOTHS: t('common.cloths'),
}
const USED: Partial<Record<Kind, string>> = {
  SEALS: t('stock.shelfList.oneWithEachChange'),
  FILTERS: t('stock.shelfList.oneWithEachChange2'),
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
  typing.value = Number.isInteger(number) ? '' : t('stock.shelfList.notWholeNumber')
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
  <LineTable :label="t('stock.shelfList.onShelf')">
    <thead>
      <tr>
        <th scope="col">{{ t('common.what') }}</th>
        <th scope="col">{{ t('stock.shelfList.shouldBeThere') }}</th>
        <th scope="col">{{ t('stock.shelfList.usedSince') }}</th>
        <th scope="col">{{ t('stock.shelfList.roundsComeNeed') }}</th>
        <th scope="col">{{ t('stock.shelfList.lastEntry') }}</th>
        <th v-if="mayEnter" scope="col">
          <span class="visually-hidden">{{ t('stock.shelfList.enter') }}</span>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="each in shelves" :key="each.kind">
        <th scope="row">{{ NAMES[each.kind] }}</th>
        <td class="figure">{{ last(each.kind) ? each.onHand : t('common.notCounted') }}</td>
        <td>
          <template v-if="USED[each.kind]">{{ each.used }}, {{ USED[each.kind] }}</template>
          <template v-else>{{ t('stock.shelfList.notFollowed') }}</template>
        </td>
        <td>
          <template v-if="ahead(each.kind)">
            <i18n-t keypath="stock.shelfList.about" scope="global"
              ><template #span
                ><span class="figure">{{ ahead(each.kind)?.pieces }}</span></template
              ><template #strong
                ><strong v-if="ahead(each.kind)?.runsOutOn" class="out">{{
                  t('stock.shelfList.noneLeftOn', {
                    runsOutOn: dayOf(ahead(each.kind)?.runsOutOn ?? ''),
                  })
                }}</strong></template
              ><template #span2
                ><span class="soft under">{{ inWords(ahead(each.kind)?.from) }}</span></template
              ></i18n-t
            >
          </template>
          <span v-else class="soft">{{ t('stock.shelfList.notForetold') }}</span>
        </td>
        <td>
          <template v-if="last(each.kind)">
            {{
              last(each.kind)?.counted ? t('stock.shelfList.counted') : t('stock.shelfList.bought')
            }}
            {{ last(each.kind)?.pieces }},
            {{ dayOf(last(each.kind)?.day ?? '') }}
            <button
              v-if="mayEnter"
              type="button"
              class="word"
              @click="$emit('strike', last(each.kind)?.id ?? '')"
            >
              {{ t('common.strikeOut') }}
            </button>
          </template>
          <template v-else>{{ t('common.none') }}</template>
        </td>
        <td v-if="mayEnter">
          <form v-if="kind === each.kind" class="entry" @submit.prevent="keep">
            <v-text-field
              v-model="pieces"
              :label="
                counted ? t('stock.shelfList.piecesFound') : t('stock.shelfList.piecesBought')
              "
              inputmode="numeric"
              density="compact"
              :error-messages="typing || wrong.pieces"
            />
            <v-btn type="submit">{{ t('common.keep') }}</v-btn>
          </form>
          <template v-else>
            <button type="button" class="word" @click="begin(each.kind, false)">
              {{ t('stock.shelfList.bought2') }}
            </button>
            <button type="button" class="word" @click="begin(each.kind, true)">
              {{ t('stock.shelfList.counted2') }}
            </button>
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
