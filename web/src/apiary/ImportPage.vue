<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, Refused, words, type Shapes } from '../api/client'
import LineTable from '../shared/LineTable.vue'
import { counted } from '../shared/format'
import { useRequest } from '../shared/request'
import WrongWords from './WrongWords.vue'
import { ZONES } from '../shared/zones'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** Bringing in hives: choose a file, look at what it would do, then do it whole. */
const router = useRouter()
const file = ref<File | null>(null)
const preview = ref<Shapes['Preview'] | null>(null)
const { problem, busy, attempt } = useRequest(said)
const goodRowsOnly = ref(false)
const zone = ref('')
/** Lines whose hives moved here from where they are known; nothing is taken for granted. */
const moved = ref<number[]>([])
/** What words that are none of a roster's stand for, by column and word. */
const meanings = ref<Shapes['Meaning'][]>([])
const outcome = ref<Shapes['Preview'] | null>(null)

const CHANGES = {
  NEW: t('apiary.importPage.new'),
  CHANGED: t('apiary.importPage.changes'),
  SAME: t('apiary.importPage.as'),
} as const
const good = computed(() =>
  preview.value ? preview.value.newHives + preview.value.changedHives + preview.value.sameHives : 0,
)
const blocked = computed(() => (preview.value?.errors.length ?? 0) > 0 && !goodRowsOnly.value)
const asksZone = computed(() => (preview.value?.zoneAsked.length ?? 0) > 0)
const zoneOf = computed(() => {
  const [first, ...others] = preview.value?.zoneAsked ?? []
  return others.length ? t('apiary.importPage.more', { first, others: others.length }) : first
})

function form(): FormData {
  const data = new FormData()
  if (file.value) data.append('file', file.value)
  data.append('meanings', new Blob([JSON.stringify(meanings.value)], { type: 'application/json' }))
  return data
}

function said(thrown: unknown): string {
  if (thrown instanceof Refused && thrown.at('zone'))
    return t('apiary.importPage.zone', { thrown: thrown.at('zone') })
  const at = thrown instanceof Refused ? thrown.at('file') : undefined
  return at ? t('apiary.importPage.thisFile', { at }) : words(thrown)
}

watch(file, async (chosen) => {
  preview.value = null
  outcome.value = null
  problem.value = ''
  goodRowsOnly.value = false
  moved.value = []
  meanings.value = []
  if (!chosen) return
  if (chosen.size > 5 * 1024 * 1024) {
    problem.value = t('apiary.importPage.thisFileLargerThan')
    return
  }
  await look()
})

async function look(): Promise<void> {
  await attempt(async () => {
    preview.value = await ask(
      api.POST('/api/roster/preview', { body: { file: '' }, bodySerializer: form }),
    )
  })
}

/** A word stands for another in all its rows; the file is looked at anew. */
async function take(meant: Shapes['Meaning'][]): Promise<void> {
  meanings.value = [...meanings.value, ...meant]
  await look()
}

async function bringIn(): Promise<void> {
  problem.value = ''
  await attempt(async () => {
    outcome.value = await ask(
      api.POST('/api/roster/import', {
        params: {
          query: {
            // For places that tell a zone it is found there; this stands where nothing tells it.
            zone: zone.value.trim() || Intl.DateTimeFormat().resolvedOptions().timeZone,
            goodRowsOnly: goodRowsOnly.value,
            movedLines: moved.value,
          },
        },
        body: { file: '' },
        bodySerializer: form,
      }),
    )
    preview.value = null
  })
}
</script>

<template>
  <h1>{{ t('common.bringHives') }}</h1>
  <p class="lead">
    <i18n-t keypath="apiary.importPage.oneLineHiveFrom" scope="global"
      ><template #code><code>deep 10</code></template
      ><template #code2><code>2x deep</code></template
      ><template #code3><code>deep + medium</code></template
      ><template #link
        ><a href="/api/roster/template.csv" download>{{
          t('apiary.importPage.downloadTemplate')
        }}</a></template
      ></i18n-t
    >
  </p>
  <v-btn v-if="!preview && !outcome" class="byHand" to="/apiaries/new" min-height="48">{{
    t('apiary.newYardPage.openYard')
  }}</v-btn>
  <v-file-input
    v-model="file"
    class="file"
    :label="t('apiary.importPage.rosterFileCsv')"
    accept=".csv,.txt,.tsv,text/csv,text/plain"
    prepend-icon=""
    :loading="busy"
    :error-messages="problem"
  />
  <div v-if="outcome" class="sheet done" role="status">
    <h2 class="bracketed">{{ t('apiary.importPage.brought') }}</h2>
    <p>
      {{
        t('apiary.importPage.changedAsTheyWere', {
          news: counted(outcome.newHives, 'newHive'),
          changedHives: outcome.changedHives,
          sameHives: outcome.sameHives,
          news2: counted(outcome.newApiaries, 'newApiary'),
        })
      }}
    </p>
    <v-btn variant="flat" color="primary" min-height="48" @click="router.push('/apiaries')">{{
      t('apiary.importPage.apiaries')
    }}</v-btn>
  </div>
  <section v-if="preview" :aria-label="t('apiary.importPage.preview')">
    <p class="sums">
      <i18n-t keypath="apiary.importPage.newChangeAsThey" scope="global"
        ><template #strong
          ><strong>{{ counted(good, 'goodRow') }}</strong></template
        ><template #newHives>{{ preview.newHives }}</template
        ><template #changedHives>{{ preview.changedHives }}</template
        ><template #sameHives>{{ preview.sameHives }}</template
        ><template #news>{{ counted(preview.newApiaries, 'newApiary') }}</template
        ><template #strong2
          ><strong v-if="preview.errors.length" class="bad"
            >{{ counted(preview.errors.length, 'badRow') }}.</strong
          ></template
        ><template #value>{{ ' ' }}</template
        ><template #span
          ><span class="soft">{{
            t('apiary.importPage.readAs', { readAs: inWords(preview.readAs) })
          }}</span></template
        ></i18n-t
      >
    </p>
    <p v-for="(note, i) in preview.notes" :key="i" class="soft">{{ inWords(note) }}</p>
    <WrongWords v-if="preview.wrongWords.length" :words="preview.wrongWords" @take="take" />
    <template v-if="preview.errors.length">
      <h2>{{ t('apiary.importPage.rowsCannotBeRead') }}</h2>
      <LineTable :label="t('apiary.importPage.rowsCannotBeRead')">
        <thead>
          <tr>
            <th scope="col">{{ t('apiary.importPage.line') }}</th>
            <th scope="col">{{ t('apiary.importPage.column') }}</th>
            <th scope="col">{{ t('apiary.importPage.standsThere') }}</th>
            <th scope="col">{{ t('apiary.importPage.whatWrong') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="error in preview.errors.slice(0, 200)" :key="error.line + error.column">
            <td class="figure">{{ error.line }}</td>
            <td>{{ error.column }}</td>
            <td>{{ error.found || t('common.nothing') }}</td>
            <td>{{ inWords(error.says) }}</td>
          </tr>
        </tbody>
      </LineTable>
      <v-checkbox
        v-if="good > 0"
        v-model="goodRowsOnly"
        :label="t('apiary.importPage.leaveBadRowsOut', { good })"
      />
      <p v-if="blocked" class="soft">
        {{ t('apiary.importPage.mendFileChooseAgain') }}
      </p>
    </template>
    <template v-if="asksZone">
      <p>
        {{ t('apiary.importPage.timeZoneCannotBe', { zoneOf }) }}
      </p>
      <v-combobox
        v-model="zone"
        class="file"
        :label="t('apiary.importPage.timeZone')"
        :items="ZONES"
      />
    </template>
    <fieldset v-if="preview.knownElsewhere.length" class="moved">
      <legend>{{ t('apiary.importPage.knownElsewhere') }}</legend>
      <p>
        <button type="button" @click="moved = preview.knownElsewhere.map((each) => each.line)">
          {{ t('apiary.importPage.allMoved') }}
        </button>
        <button type="button" @click="moved = []">{{ t('apiary.importPage.allNew') }}</button>
      </p>
      <label v-for="each in preview.knownElsewhere" :key="each.line">
        <input v-model="moved" type="checkbox" :value="each.line" />
        {{
          t('apiary.importPage.movedFrom', {
            hive: each.hive,
            from: each.from,
            apiary: each.apiary,
          })
        }}
      </label>
    </fieldset>
    <v-btn
      class="go"
      variant="flat"
      color="primary"
      min-height="56"
      :disabled="busy || blocked || good === 0 || (asksZone && !zone)"
      @click="bringIn"
    >
      {{ t('apiary.importPage.bring', { hives: counted(good, 'hive') }) }}
    </v-btn>
    <h2>{{ t('apiary.importPage.firstRows') }}</h2>
    <LineTable :label="t('apiary.importPage.firstRows')">
      <thead>
        <tr>
          <th scope="col">{{ t('apiary.importPage.line') }}</th>
          <th scope="col">{{ t('common.apiary') }}</th>
          <th scope="col">{{ t('apiary.importPage.place') }}</th>
          <th scope="col">{{ t('common.hive') }}</th>
          <th scope="col">{{ t('common.broodBoxes') }}</th>
          <th scope="col">{{ t('common.supers') }}</th>
          <th scope="col">{{ t('common.change') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in preview.rows" :key="row.row.line">
          <td class="figure">{{ row.row.line }}</td>
          <td>{{ row.row.apiary }}</td>
          <td class="figure">{{ row.row.place }}</td>
          <td>{{ row.row.hive }}</td>
          <td>{{ row.boxes }}</td>
          <td class="figure">{{ row.row.supers }}</td>
          <td>{{ CHANGES[row.change] }}</td>
        </tr>
      </tbody>
    </LineTable>
  </section>
</template>

<style scoped>
.lead {
  max-width: 74ch;
  margin: 8px 0 16px;
}

.byHand {
  margin-bottom: 16px;
}

.file {
  max-width: 620px;
}

.moved {
  max-height: 320px;
  margin: 0 0 14px;
  padding: 10px 14px;
  border: 1px solid var(--rule-strong);
  overflow: auto;
}

.moved p {
  margin: 0;
}

.moved label {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 40px;
}

.moved button {
  min-height: 32px;
  margin-right: 16px;
  text-decoration: underline;
}

.done {
  display: grid;
  gap: 10px;
  justify-items: start;
  max-width: 620px;
  margin-top: 16px;
  padding: 18px;
  border-top: 8px solid var(--open);
}

.done h2 {
  padding: 2px 18px;
}

.sums {
  margin: 18px 0 6px;
}

.bad {
  color: var(--off-label);
}

h2 {
  margin: 18px 0 8px;
}

.go {
  margin-top: 12px;
}
</style>
