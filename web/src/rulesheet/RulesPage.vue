<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import RuleSheetForm from '../shared/dose/RuleSheetForm.vue'
import ChoiceList from '../shared/ChoiceList.vue'
import LineTable from '../shared/LineTable.vue'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { serverNow } from '../shared/clock'
import { todayHere } from '../shared/days'
import { counted } from '../shared/format'
import { useSession } from '../shared/session'
import PageState from '../shared/layout/PageState.vue'
import { useRequest } from '../shared/request'
import { t } from '../words/words'
import { inWords, wordOf } from '../words/facts'

type ReadSheet = Shapes['ReadSheet']

/** Rule sheets: what labels allow, copied by the keeper, version by version, two beside each other. */
const session = useSession()
const inHand = useApiaryInHand()
const all = ref<ReadSheet[]>([])
const chosenId = ref('')
const besideId = ref('')
const form = ref(false)
const edits = ref(false)
const { problem, attempt } = useRequest()

const current = computed(() => all.value.filter((each) => !each.replacedBy))
const names = computed(() =>
  current.value.map(({ sheet }) => ({
    key: sheet.id,
    name: sheet.name,
    note: t('rulesheet.rulesPage.grams', {
      version: sheet.example
        ? t('rulesheet.rulesPage.example')
        : t('rulesheet.rulesPage.version', { version: sheet.version }),
      gramsOf: sheet.gramsOf === 'PRODUCT' ? t('common.product') : t('rulesheet.rulesPage.acid'),
    }),
  })),
)
const chosen = computed(() => all.value.find((each) => each.sheet.id === chosenId.value))
const beside = computed(() => all.value.find((each) => each.sheet.id === besideId.value))
/** Versions before the chosen one, latest first. */
const before = computed(() => {
  const found: ReadSheet[] = []
  let next = chosen.value?.sheet.replaces
  while (next) {
    const older = all.value.find((each) => each.sheet.id === next)
    if (!older) break
    found.push(older)
    next = older.sheet.replaces
  }
  return found
})
const rows = computed(() =>
  (chosen.value?.lines ?? []).map((line, i) => {
    const other = beside.value?.lines[i]
    return {
      point: line.point,
      says: inWords(line.says),
      other: inWords(other?.says),
      differs: Boolean(beside.value) && inWords(other?.says) !== inWords(line.says),
    }
  }),
)
const others = computed(() => [
  { value: '', title: t('common.none') },
  ...all.value
    .filter((each) => each.sheet.id !== chosenId.value)
    .map((each) => ({ value: each.sheet.id, title: titleOf(each) })),
])

function titleOf({ sheet, replacedBy }: ReadSheet): string {
  if (sheet.example) return t('common.example', { name: sheet.name })
  return t('rulesheet.rulesPage.version2', {
    name: sheet.name,
    version: sheet.version,
    replacedBy: replacedBy ? ' ' + t('rulesheet.rulesPage.older') : '',
  })
}

function copied({ sheet }: ReadSheet): string {
  return sheet.example
    ? t('rulesheet.rulesPage.exampleCheckYourLabel')
    : t('rulesheet.rulesPage.copiedFromLabelBy', {
        copiedBy: sheet.copiedBy ?? '',
        copiedOn: sheet.copiedOn ?? '',
      })
}

async function load(choose?: string): Promise<void> {
  await attempt(async () => {
    all.value = await ask(api.GET('/api/rule-sheets/read'))
    chosenId.value = choose ?? (chosenId.value || (current.value[0]?.sheet.id ?? ''))
  })
}

function open(asEdit: boolean): void {
  edits.value = asEdit
  form.value = true
}

onMounted(() => load())
</script>

<template>
  <h1>{{ t('common.ruleSheets') }}</h1>
  <p class="soft">
    {{ t('rulesheet.rulesPage.whatLabelLawAllow') }}
  </p>
  <PageState
    :there="all.length > 0"
    :problem="problem"
    :what="t('rulesheet.rulesPage.ruleSheets')"
    @again="load()"
  />
  <div class="rules">
    <ChoiceList
      :label="t('rulesheet.rulesPage.sheets')"
      :items="names"
      :chosen="chosenId"
      @choose="chosenId = $event"
    />
    <section v-if="chosen" class="sheet one" :aria-label="t('rulesheet.rulesPage.sheet')">
      <div class="head">
        <h2>{{ titleOf(chosen) }}</h2>
        <span class="soft">{{
          t('rulesheet.rulesPage.by', {
            chosen: copied(chosen),
            rounds: counted(chosen.rounds, 'round'),
          })
        }}</span>
      </div>
      <div v-if="session.isKeeper" class="buttons">
        <v-btn v-if="!chosen.sheet.example && !chosen.replacedBy" @click="open(true)">{{
          t('rulesheet.rulesPage.edit')
        }}</v-btn>
        <v-btn @click="open(false)">{{ t('rulesheet.rulesPage.makeMyOwnFrom') }}</v-btn>
      </div>
      <v-select
        v-model="besideId"
        class="other"
        :items="others"
        :label="t('rulesheet.rulesPage.beside')"
        density="compact"
      />
      <LineTable :label="t('rulesheet.rulesPage.linesSheet')">
        <thead>
          <tr>
            <th scope="col">{{ t('rulesheet.rulesPage.line') }}</th>
            <th scope="col">{{ titleOf(chosen) }}</th>
            <th v-if="beside" scope="col">{{ titleOf(beside) }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.point" :class="{ differs: row.differs }">
            <th scope="row">{{ wordOf(`LabelPoint.${row.point}`) }}</th>
            <td>
              <template v-if="row.says">{{ row.says }}</template>
              <span v-else class="soft">{{ t('rulesheet.rulesPage.saysNothing') }}</span>
            </td>
            <td v-if="beside">
              <template v-if="row.other">{{ row.other }}</template>
              <span v-else class="soft">{{ t('rulesheet.rulesPage.saysNothing') }}</span>
              <strong v-if="row.differs" class="mark">{{
                t('rulesheet.rulesPage.differs')
              }}</strong>
            </td>
          </tr>
        </tbody>
      </LineTable>
      <template v-if="before.length">
        <h3>{{ t('rulesheet.rulesPage.versionsBefore') }}</h3>
        <ul>
          <li v-for="each in before" :key="each.sheet.id">
            {{
              t('rulesheet.rulesPage.versionJudgedBy', {
                version: each.sheet.version,
                copied: copied(each),
                rounds: counted(each.rounds, 'round'),
              })
            }}
            <button type="button" class="word" @click="besideId = each.sheet.id">
              {{ t('rulesheet.rulesPage.layBeside') }}
            </button>
          </li>
        </ul>
      </template>
    </section>
  </div>
  <RuleSheetForm
    v-model="form"
    :from="chosen?.sheet"
    :edits="edits"
    :today="inHand.dayline?.day?.date ?? todayHere(serverNow())"
    @kept="load($event.id)"
  />
</template>

<style scoped>
.rules {
  display: grid;
  grid-template-columns: 280px minmax(0, 1fr);
  gap: 24px;
  align-items: start;
}

.one {
  display: grid;
  gap: 12px;
  padding: 16px 18px;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}

.other {
  max-width: 380px;
}

.differs {
  background: var(--wash);
}

.mark {
  margin-left: 8px;
  color: var(--caution);
}

.word {
  min-height: 32px;
  margin-left: 8px;
  text-decoration: underline;
}

h3 {
  margin: 0;
  font-size: 1rem;
}

@media (width <= 900px) {
  .rules {
    grid-template-columns: 1fr;
  }
}
</style>
