<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, Refused, words, type Shapes } from '../api/client'
import VerdictMark from '../shared/VerdictMark.vue'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { clockOf, counted, dayOf } from '../shared/format'
import { useSession } from '../shared/session'
import { boxNotation } from '../shared/standing'
import { keptRun } from '../shared/keptRuns'
import KitTicks from '../shared/kit/KitTicks.vue'
import { useKit } from '../shared/kit/useKit'
import PageState from '../shared/layout/PageState.vue'
import { tasksOf } from '../shared/readyWords'
import { t } from '../words/words'
import { fixed } from '../shared/numbers'
import { weight } from '../shared/units/quantity'
import { inWords } from '../words/facts'

/** A planned round's dose sheet and kit list: to print, to pack by, to take to the yard. */
const props = defineProps<{ id: string }>()
const session = useSession()
const inHand = useApiaryInHand()
const whole = ref<Shapes['WholeRound'] | null>(null)
const kit = useKit(props.id)
const problem = ref('')

async function load(): Promise<void> {
  void kit.load()
  try {
    whole.value = await ask(api.GET('/api/rounds/{id}', { params: { path: { id: props.id } } }))
  } catch (thrown) {
    whole.value = thrown instanceof Refused ? null : (keptRun(props.id)?.whole ?? null)
    if (!whole.value) problem.value = words(thrown)
  }
  if (whole.value) void inHand.take(whole.value.apiary.id)
}
onMounted(load)

const totals = computed(() => {
  const hives = whole.value?.hives ?? []
  const sum = (of: (hive: Shapes['RoundHive']) => number) =>
    hives.reduce((total, hive) => total + of(hive), 0)
  return {
    acid: sum(
      (hive) =>
        rest(hive) * hive.acidPerLoad +
        (hive.firstAcid ?? 0) +
        hive.largerLoads * (hive.largerAcid ?? 0),
    ),
    product: sum(
      (hive) =>
        rest(hive) * hive.productPerLoad +
        (hive.firstProduct ?? 0) +
        hive.largerLoads * (hive.largerProduct ?? 0),
    ),
    loads: sum((hive) => hive.loads),
    offLabel: hives.filter((hive) => hive.verdict === 'NOT_ON_LABEL').length,
  }
})

function rest(hive: Shapes['RoundHive']): number {
  return hive.loads - hive.largerLoads - (hive.firstAcid === undefined ? 0 : 1)
}

function print(): void {
  window.print()
}
</script>

<template>
  <PageState
    :there="whole !== null"
    :problem="problem"
    :what="t('dose.sheetPage.doseSheet')"
    @again="load()"
  />
  <template v-if="whole">
    <div class="head">
      <h1>{{ t('dose.sheetPage.doseSheet2', { name: whole.apiary.name }) }}</h1>
      <span class="spring"></span>
      <span class="no-print buttons">
        <v-btn @click="print">{{ t('common.print') }}</v-btn>
        <v-btn :href="`/api/rounds/${id}/sheet.pdf`">PDF</v-btn>
        <v-btn v-if="session.mayWork" variant="flat" color="primary" :to="`/run/${id}`">{{
          t('dose.sheetPage.run')
        }}</v-btn>
      </span>
    </div>
    <p class="facts">
      {{
        t('dose.sheetPage.shutMinAfterTool', {
          day: dayOf(whole.round.day),
          tool: whole.round.tool,
          toolFamily:
            whole.round.toolFamily === 'PAN_WAND' ? t('common.panWand') : t('common.heatedBowl'),
          sealMinutes: whole.round.sealMinutes,
          plannedBy: whole.round.plannedBy,
        })
      }}
    </p>
    <p class="facts">
      <i18n-t keypath="dose.sheetPage.acidDihydrateProductFill" scope="global"
        ><template #strong
          ><strong class="figure">{{ weight(totals.acid, 2) }}</strong></template
        ><template #strong2
          ><strong class="figure">{{ weight(totals.product, 2) }}</strong></template
        ><template #strength>{{ fixed(100 * whole.round.strength, 1) }}</template
        ><template #more
          ><template v-if="whole.round.product">, {{ whole.round.product }}</template></template
        ><template #more2
          ><template v-if="whole.round.lot">{{
            t('dose.sheetPage.lot', { lot: whole.round.lot })
          }}</template></template
        ><template #loads>{{ counted(totals.loads, 'load') }}</template
        ><template #hives>{{ counted(whole.hives.length, 'hive') }}</template></i18n-t
      >
    </p>
    <p class="facts">
      <i18n-t keypath="dose.sheetPage.heldAgainstVersion" scope="global"
        ><template #name>{{ whole.ruleSheet.name }}</template
        ><template #version>{{ whole.ruleSheet.version }}</template
        ><template #strong
          ><strong v-if="totals.offLabel" class="problem">
            <i18n-t keypath="dose.sheetPage.notOnLabel" scope="global"
              ><template #offLabel>{{ totals.offLabel }}</template
              ><template #more
                ><template v-if="whole.round.offLabelReason">{{
                  t('dose.sheetPage.because', { offLabelReason: whole.round.offLabelReason })
                }}</template></template
              ></i18n-t
            >
          </strong>
          <span v-else>{{ t('dose.sheetPage.noneOffLabel') }}</span></template
        ></i18n-t
      >
    </p>
    <div
      class="paper"
      :class="{ many: whole.hives.length > 40 }"
      tabindex="0"
      role="region"
      :aria-label="t('common.doseSheet')"
    >
      <table>
        <thead>
          <tr>
            <th scope="col"></th>
            <th scope="col">{{ t('common.hive') }}</th>
            <th scope="col">{{ t('dose.sheetPage.boxes') }}</th>
            <th scope="col" class="boxes">{{ t('dose.sheetPage.eachLoad') }}</th>
            <th scope="col">{{ t('dose.sheetPage.loads') }}</th>
            <th scope="col">{{ t('common.burn') }}</th>
            <th scope="col">{{ t('common.beforeBurn') }}</th>
            <th scope="col">{{ t('common.label') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="hive in whole.hives" :key="hive.hiveId">
            <td class="figure soft">{{ hive.place }}</td>
            <td>
              <strong>{{ hive.hiveName }}</strong>
            </td>
            <td class="boxes">{{ boxNotation(hive.boxes) }}</td>
            <td>
              <strong class="figure boxes">{{ inWords(hive.eachLoad) }}</strong>
              <span v-if="hive.exception" class="why">{{ hive.exception }}</span>
            </td>
            <td class="figure">{{ hive.loads }}</td>
            <td class="figure">
              {{ hive.burnSeconds ? clockOf(1000 * hive.burnSeconds) : '' }}
            </td>
            <td class="tasks">{{ tasksOf(hive).join('; ') }}</td>
            <td>
              <VerdictMark :verdict="hive.verdict" />
              <span v-if="hive.verdict === 'NOT_ON_LABEL'" class="why">{{
                inWords(hive.labelSays)
              }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <KitTicks
      :kit="kit.lines.value"
      :waiting="kit.waiting.value"
      :problem="kit.problem.value"
      :may-tick="session.mayWork"
      @tick="kit.tick"
    />
    <ul class="cautions" :aria-label="t('dose.sheetPage.cautions')">
      <li v-for="caution in whole.cautions" :key="caution.code">{{ inWords(caution) }}</li>
    </ul>
  </template>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
}

.spring {
  flex: 1;
}

.buttons {
  display: flex;
  gap: 10px;
}

.facts {
  margin: 2px 0;
}

.paper {
  margin-top: 12px;
  position: relative;
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.9375rem;
}

th {
  padding: 3px 8px;
  text-align: left;
  font-size: 0.8125rem;
  border-bottom: 2px solid var(--ink);
}

td {
  padding: 4px 8px;
  vertical-align: top;
  border-bottom: 1px solid var(--rule);
}

.tasks {
  font-size: 0.8125rem;
  line-height: 1.35;
}

.boxes {
  white-space: nowrap;
}

.why {
  display: block;
  font-size: 0.8125rem;
}

.cautions {
  margin: 12px 0 0;
  padding-left: 18px;
  font-size: 0.875rem;
}

@media print {
  table {
    font-size: 8.5pt;
  }

  .many table {
    font-size: 7pt;
  }

  td,
  th {
    padding: 1.5pt 4pt;
  }

  .tasks,
  .why,
  .cautions {
    font-size: 7pt;
    line-height: 1.2;
  }

  .cautions {
    columns: 2;
  }

  tr {
    break-inside: avoid;
  }

  h1 {
    font-size: 15pt !important;
  }

  .facts {
    font-size: 9pt;
  }
}
</style>
