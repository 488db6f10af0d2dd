<script setup lang="ts">
import HiveLink from '../shared/HiveLink.vue'
import { computed, ref } from 'vue'
import type { Shapes } from '../api/client'
import HiveFigure from '../shared/HiveFigure.vue'
import VerdictMark from '../shared/VerdictMark.vue'
import { clockOf, counted } from '../shared/format'
import { fixed, roughly } from '../shared/numbers'
import { placesOf } from '../shared/places'
import { weight } from '../shared/units/quantity'
import ExceptionForm from './ExceptionForm.vue'
import type { DoseException } from '../shared/dose/doseDraft'
import { taskWords } from '../shared/readyWords'
import { MATERIALS } from '../shared/standing'
import { t } from '../words/words'
import { inWords, wordOf } from '../words/facts'

/** Hive by hive: grams, loads, what it keeps, and what the label says. Each line can be asked why, and given its own amount. */
const props = defineProps<{
  sheet: Shapes['DoseSheet']
  ready: readonly Shapes['HiveReady'][]
  exceptions: readonly DoseException[]
  per: Shapes['Amount']['per']
  /** What is wrong with an exception, by field, as `exceptions.0.amount.grams`. */
  wrong: Readonly<Record<string, string>>
}>()
defineEmits<{ except: [exception: DoseException]; unexcept: [hiveId: string] }>()
const asked = ref<string>()
const readyOf = computed(() => new Map(props.ready.map((each) => [each.hiveId, each])))
const exceptionOf = computed(() => new Map(props.exceptions.map((each) => [each.hiveId, each])))

/** What a stand whose hives have no names of their own gets in all, by its first hive. */
const placeAt = computed(
  () =>
    new Map(
      placesOf(props.sheet.hives, (line) => line.hive.name)
        .filter((place) => place.stand)
        .map(({ stand, hives }) => [
          hives[0]?.hive.id ?? '',
          t('dose.doseTable.placeGets', {
            stand,
            hives: counted(hives.length, 'hive'),
            acid: weight(
              hives.reduce((sum, line) => sum + line.totalAcid, 0),
              2,
            ),
            loads: counted(
              hives.reduce((sum, line) => sum + line.loads.count, 0),
              'load',
            ),
          }),
        ]),
    ),
)

function refused(hiveId: string): Record<string, string> {
  const start = `exceptions.${props.exceptions.findIndex((each) => each.hiveId === hiveId)}.`
  return Object.fromEntries(
    Object.entries(props.wrong)
      .filter(([field]) => field.startsWith(start))
      .map(([field, says]) => [field.slice(start.length), says]),
  )
}

/** By how much the measured dose misses the wanted one. */
function missed({ error, errorPercent }: Shapes['HiveDose']): string {
  if (Math.abs(error) < 0.005) return ''
  const sign = error > 0 ? '+' : '−'
  return `${sign}${weight(Math.abs(error), 2)}, ${sign}${fixed(Math.abs(errorPercent), 1)} %`
}
</script>

<template>
  <div class="scroll">
    <table>
      <thead>
        <tr>
          <th scope="col">{{ t('common.hive') }}</th>
          <th scope="col">{{ t('dose.doseTable.asStands') }}</th>
          <th scope="col" class="right">{{ t('common.acid') }}</th>
          <th scope="col" class="right">{{ t('dose.doseTable.loads') }}</th>
          <th scope="col" class="right">{{ t('dose.doseTable.eachLoad') }}</th>
          <th scope="col" class="right wide">{{ t('common.burn') }}</th>
          <th scope="col" class="right wide">{{ t('dose.doseTable.keeps') }}</th>
          <th scope="col">{{ t('common.label') }}</th>
          <th scope="col">
            <span class="visually-hidden">{{ t('dose.doseTable.why') }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <template v-for="line in sheet.hives" :key="line.hive.id">
          <tr v-if="placeAt.get(line.hive.id)" class="place">
            <td colspan="9">{{ placeAt.get(line.hive.id) }}</td>
          </tr>
          <tr :class="{ asked: asked === line.hive.id }">
            <td>
              <HiveLink :id="line.hive.id" :name="line.hive.name" />
              <span v-if="line.exception" class="soft error">{{
                t('dose.doseTable.ownAmount')
              }}</span>
            </td>
            <td class="stands">
              <HiveFigure
                :boxes="line.hive.boxes"
                :supers="line.hive.supers"
                :floor="line.hive.floor"
                :fittings="line.hive.fittings"
                :scale="0.72"
              />
            </td>
            <td class="right figure">
              {{ weight(line.totalAcid, 2) }}
              <span v-if="missed(line)" class="soft error">{{ missed(line) }}</span>
            </td>
            <td class="right figure">{{ line.loads.count }}</td>
            <td class="right figure load">
              {{ line.loads.units > 0 ? inWords(line.eachLoad) : t('dose.doseTable.tooCoarse') }}
            </td>
            <td class="right figure wide">
              <template v-if="readyOf.get(line.hive.id)?.burn">
                {{ clockOf(1000 * (readyOf.get(line.hive.id)?.burn?.planned ?? 0)) }}
                <span v-if="readyOf.get(line.hive.id)?.burn?.untested" class="soft error">{{
                  t('dose.doseTable.untested')
                }}</span>
              </template>
              <span v-else class="soft">{{ t('common.notKnown') }}</span>
            </td>
            <td class="right figure wide">
              {{ roughly(readyOf.get(line.hive.id)?.kept ?? 0) }}
              <span class="soft error">{{
                t('dose.doseTable.kills', { kill: roughly(readyOf.get(line.hive.id)?.kill ?? 0) })
              }}</span>
            </td>
            <td>
              <VerdictMark :verdict="line.judgement.verdict" />
              <span v-if="readyOf.get(line.hive.id)?.unfit" class="unfit">{{
                t('shared.readyWords.noHotPan', {
                  material: MATERIALS[line.hive.fittings.material],
                })
              }}</span>
            </td>
            <td>
              <button
                type="button"
                class="why"
                :aria-expanded="asked === line.hive.id"
                :aria-label="t('dose.doseTable.whyFor', { name: line.hive.name })"
                @click="asked = asked === line.hive.id ? undefined : line.hive.id"
              >
                {{ t('dose.doseTable.why2') }}
              </button>
            </td>
          </tr>
          <tr v-if="asked === line.hive.id" class="answer">
            <td colspan="9">
              <div class="panels">
                <ol>
                  <li v-for="step in line.why" :key="step.code">{{ inWords(step) }}</li>
                </ol>
                <ul>
                  <li v-for="finding in line.judgement.findings" :key="finding.point">
                    <VerdictMark :verdict="finding.verdict" />
                    {{ wordOf(`LabelPoint.${finding.point}`) }}: {{ inWords(finding.says) }}
                    <q v-if="finding.line">{{ inWords(finding.line) }}</q>
                  </li>
                </ul>
              </div>
              <div class="panels">
                <div>
                  <h3>{{ t('common.beforeBurn') }}</h3>
                  <ul>
                    <li v-for="task in readyOf.get(line.hive.id)?.tasks" :key="task.what">
                      {{ taskWords(task) }}
                    </li>
                  </ul>
                  <p v-if="readyOf.get(line.hive.id)?.burn" class="soft">
                    {{
                      t('dose.doseTable.burnTime', {
                        says: inWords(readyOf.get(line.hive.id)?.burn?.says),
                      })
                    }}
                  </p>
                </div>
                <div>
                  <p>
                    <i18n-t keypath="dose.doseTable.keepsAcidKillsMites" scope="global"
                      ><template #kept>{{ roughly(readyOf.get(line.hive.id)?.kept ?? 0) }}</template
                      ><template #kill>{{ roughly(readyOf.get(line.hive.id)?.kill ?? 0) }}</template
                      ><template #more
                        ><template v-if="readyOf.get(line.hive.id)?.shutFirst"
                          >{{
                            ' ' +
                            t('dose.doseTable.gainMostThen', {
                              remedy: wordOf(
                                `LeakRemedy.${readyOf.get(line.hive.id)?.shutFirst?.kind}`,
                              ),
                              kept: roughly(readyOf.get(line.hive.id)?.shutFirst?.kept ?? 0),
                              kill: roughly(readyOf.get(line.hive.id)?.shutFirst?.kill ?? 0),
                            })
                          }}
                        </template></template
                      ></i18n-t
                    >
                  </p>
                  <ExceptionForm
                    :hive-id="line.hive.id"
                    :per="per"
                    :exception="exceptionOf.get(line.hive.id)"
                    :refused="refused(line.hive.id)"
                    @except="$emit('except', $event)"
                    @unexcept="$emit('unexcept', line.hive.id)"
                  />
                </div>
              </div>
            </td>
          </tr>
        </template>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.place td {
  padding-top: 10px;
  font-weight: 650;
}

.scroll {
  position: relative;
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th {
  padding: 4px 10px;
  text-align: left;
  font-size: 0.8125rem;
  font-weight: 600;
  color: var(--ink-soft);
  border-bottom: 2px solid var(--ink);
}

td {
  padding: 3px 10px;
  border-bottom: 1px solid var(--rule);
}

.right {
  text-align: right;
  white-space: nowrap;
}

.stands {
  width: 70px;
}

.stands :deep(svg) {
  display: block;
}

.load {
  font-weight: 700;
}

.error {
  display: block;
  font-size: 0.8125rem;
}

.unfit {
  display: block;
  max-width: 190px;
  font-size: 0.8125rem;
  color: var(--off-label);
}

h3 {
  margin: 0;
  font-size: 1rem;
}

.why {
  min-height: 36px;
  padding: 0 10px;
  text-decoration: underline;
}

.asked td {
  border-bottom: 0;
}

.answer td {
  padding: 2px 10px 14px;
  background: var(--wash);
}

.panels {
  display: grid;
  grid-template-columns: 1fr 1.2fr;
  gap: 20px;
}

.panels ol,
.panels ul {
  margin: 8px 0;
  padding-left: 20px;
}

.panels ul {
  padding-left: 0;
  list-style: none;
}

q {
  color: var(--ink-soft);
}

@media (width <= 900px) {
  .panels {
    grid-template-columns: 1fr;
    gap: 0;
  }

  .stands,
  .wide,
  th:nth-child(2) {
    display: none;
  }

  td,
  th {
    padding: 4px 6px;
  }
}
</style>
