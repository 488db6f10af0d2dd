<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, type Shapes } from '../api/client'
import { useDoseDraft, withSheet } from '../shared/dose/doseDraft'
import { useChosenHives } from '../shared/dose/useChosenHives'
import { gradesOf } from '../shared/gradeWords'
import ApiaryPick from '../shared/ApiaryPick.vue'
import { useApiaryInHand } from '../shared/apiaryInHand'
import { clockOf, counted, timeIn } from '../shared/format'
import { useSession } from '../shared/session'
import PaceChart from './PaceChart.vue'
import { draftOf, PACE_TIMES, usePace, type WorkDraft } from './usePace'
import PageState from '../shared/layout/PageState.vue'
import { useLimits } from '../shared/limits'
import { useRequest } from '../shared/request'

/** How long a round takes with these tools and this crew, and what one more would gain. */
const route = useRoute()
const session = useSession()
const limits = useLimits()
const inHand = useApiaryInHand()
const none = ref(false)
const gear = ref<Shapes['AllGear'] | null>(null)
const apiaryId = ref('')
const dose = useDoseDraft(apiaryId)
const { hives, chosen, body: whom } = useChosenHives(apiaryId)
const toolIds = ref<string[]>([])
const work = ref<WorkDraft | null>(null)
const sheets = ref<Shapes['RuleSheet'][]>([])
const { problem: loading, attempt: fetching } = useRequest()
const { problem: notKept, attempt } = useRequest()
const kept = ref('')
const { length, problem, wrong, work: readWork } = usePace(apiaryId, dose, whom, toolIds, work)

const tools = computed(() => gear.value?.tools.filter(({ tool }) => !tool.retired) ?? [])
const pace = computed(() => length.value?.pace)
const saving = computed(() => length.value?.savings.filter((gain) => gain.saved > 0) ?? [])
const window_ = computed(() =>
  inHand.dayline?.apiary.id === apiaryId.value
    ? inHand.dayline.day?.windows.find(
        (each) => Date.parse(each.to) > Date.parse(inHand.dayline?.now ?? ''),
      )
    : undefined,
)
const begun = computed(() => {
  const from = window_.value && Date.parse(window_.value.from)
  return from === undefined ? undefined : Math.max(from, Date.parse(inHand.dayline?.now ?? ''))
})
/** Whether a run begun with the next window is over while it lasts. */
const fits = computed(() => {
  if (begun.value === undefined || !window_.value || !pace.value) return undefined
  return begun.value + 1000 * pace.value.finish <= Date.parse(window_.value.to)
})

async function load(): Promise<void> {
  await fetching(async () => {
    const [all, usual, labels] = await Promise.all([
      ask(api.GET('/api/gear')),
      ask(api.GET('/api/usual-work')),
      ask(api.GET('/api/rule-sheets')),
    ])
    sheets.value = labels
    gear.value = all
    work.value = draftOf(usual)
    apiaryId.value = String(route.query.apiary ?? inHand.id)
  })
}
onMounted(load)

watch(apiaryId, (id) => {
  if (!id) return
  dose.value = withSheet(dose.value, sheets.value)
  void inHand.take(id)
  const own = tools.value.find(({ tool }) => tool.id === dose.value.toolId)
  const first = own ?? tools.value.find(({ fit }) => fit.basis !== 'NOTHING')
  toolIds.value = first ? [first.tool.id] : []
})

function count(id: string): number {
  return toolIds.value.filter((each) => each === id).length
}

function more(id: string): void {
  toolIds.value = [...toolIds.value, id]
}

function fewer(id: string): void {
  const at = toolIds.value.lastIndexOf(id)
  toolIds.value = toolIds.value.filter((_, i) => i !== at)
}

async function keepUsual(): Promise<void> {
  const body = readWork.value
  if (!body) return
  await attempt(async () => {
    await ask(api.PUT('/api/usual-work', { body }))
    kept.value = 'Kept: windows everywhere tell how many hives fit at this pace.'
    void inHand.refresh()
  })
}
watch(work, () => (kept.value = ''), { deep: true })
</script>

<template>
  <div class="head">
    <h1>How long</h1>
    <ApiaryPick v-if="work" v-model="apiaryId" @none="none = true" />
    <router-link :to="{ path: '/dose', query: { apiary: apiaryId } }">Dose sheet</router-link>
  </div>
  <PageState :there="work !== null" :problem="loading" what="gear and usual work" @again="load()" />
  <p v-if="none">
    No hives yet. <router-link to="/apiaries/import">Bring in a roster first.</router-link>
  </p>
  <div v-if="work && apiaryId" class="bench">
    <form class="form" aria-label="Tools and crew" @submit.prevent>
      <fieldset>
        <legend>Tools that come along</legend>
        <p v-if="tools.length === 0">
          No tool yet. <router-link to="/gear">Add one, with a test burn.</router-link>
        </p>
        <div v-for="{ tool, fit } in tools" :key="tool.id" class="tool">
          <span>
            <strong>{{ tool.name }}</strong>
            <span class="soft">{{ fit.basis === 'NOTHING' ? 'no burn time known' : '' }}</span>
          </span>
          <span class="count">
            <button
              type="button"
              :disabled="count(tool.id) === 0"
              :aria-label="`One ${tool.name} less`"
              @click="fewer(tool.id)"
            >
              −
            </button>
            <span class="figure" :aria-label="`${tool.name} taken`">{{ count(tool.id) }}</span>
            <button
              type="button"
              :disabled="toolIds.length >= limits.of('toolsInARun', Infinity)"
              :aria-label="`One ${tool.name} more`"
              @click="more(tool.id)"
            >
              +
            </button>
          </span>
        </div>
      </fieldset>
      <fieldset class="pairs">
        <legend>Crew and cloths</legend>
        <v-text-field
          v-model="work.burners"
          density="compact"
          label="Burn"
          suffix="people"
          inputmode="numeric"
          :error-messages="wrong['crew.burners']"
        />
        <v-text-field
          v-model="work.helpers"
          density="compact"
          label="Help"
          suffix="people"
          inputmode="numeric"
          :error-messages="wrong['crew.helpers']"
        />
        <v-text-field
          v-model="work.cloths"
          density="compact"
          label="Cloths"
          inputmode="numeric"
          :error-messages="wrong.cloths"
        />
        <v-text-field
          v-model="work.caps"
          density="compact"
          label="Caps"
          placeholder="enough"
          inputmode="numeric"
          :error-messages="wrong.caps"
        />
        <v-checkbox
          v-model="work.preparedAhead"
          class="wide"
          density="compact"
          label="Hives made ready the evening before"
        />
        <v-checkbox
          v-model="work.staysWithBowl"
          class="wide"
          density="compact"
          label="Whoever burns stays while a bowl burns"
        />
      </fieldset>
      <details>
        <summary>How long the hands take</summary>
        <div class="pairs">
          <v-text-field
            v-for="field in PACE_TIMES"
            :key="field.key"
            v-model="work.times[field.key]"
            density="compact"
            inputmode="numeric"
            :label="field.label"
            :suffix="field.unit"
            :error-messages="wrong[`times.${field.key}`]"
          />
        </div>
      </details>
      <v-btn v-if="session.isKeeper" @click="keepUsual">Keep as our usual</v-btn>
      <p v-if="notKept || kept" role="status" class="soft">{{ notKept || kept }}</p>
    </form>
    <section class="result" aria-label="How long it takes" aria-live="polite">
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
      <p v-if="!dose.ruleSheetId" class="sheet ask">
        The dose decides loads and burn times:
        <router-link :to="{ path: '/dose', query: { apiary: apiaryId } }"
          >choose a rule sheet and a dose first.</router-link
        >
      </p>
      <template v-else-if="pace && length">
        <div class="sums sheet">
          <p>
            <span class="figure big">{{ clockOf(1000 * pace.finish) }}</span> h:min:s from arrival
            until all is cleared away, {{ chosen.length }} of {{ counted(hives.length, 'hive') }}
          </p>
          <p v-if="fits !== undefined && begun !== undefined && window_" :class="{ late: !fits }">
            Begun at {{ timeIn(inHand.zone ?? 'UTC', begun) }}, over at
            {{ timeIn(inHand.zone ?? 'UTC', begun + 1000 * pace.finish) }}:
            {{ fits ? 'within' : 'beyond' }} the {{ gradesOf(window_) }} hours to
            {{ timeIn(inHand.zone ?? 'UTC', window_.to)
            }}<template v-if="inHand.dayline?.there?.madeUp"> (made-up weather)</template>.
          </p>
        </div>
        <p v-if="pace.unfinished" class="problem">
          Packs run out: {{ counted(pace.unfinished, 'hive') }} not reached.
        </p>
        <ul class="facts">
          <li>
            Most shut at once <strong>{{ pace.mostShut }}</strong>: that many cloths.
          </li>
          <li>
            Longest shut <strong class="figure">{{ clockOf(1000 * pace.longestShut) }}</strong>;
            opened late {{ pace.overdue }}, the worst by {{ clockOf(1000 * pace.worstOverdue) }}.
          </li>
          <li v-for="(tool, i) in pace.tools" :key="i">
            {{ tool.name }} works {{ Math.round(100 * tool.busy) }} % of the time<template
              v-if="tool.charges"
              >, {{ counted(tool.charges, 'charge') }}</template
            >.
          </li>
          <li v-for="gain in saving" :key="gain.more">
            <strong>{{ gain.words }}</strong> saves {{ clockOf(1000 * gain.saved) }}.
          </li>
          <li v-if="saving.length === 0">One more of anything would save nothing.</li>
        </ul>
        <PaceChart :pace="pace" />
        <p class="soft">
          An estimate, as true as the times it is given. Nobody opens early; a hive
          {{ clockOf(1000 * Number(work.times.openFirstAfter)) }} over its time is opened before the
          next burn. Walking order, one burn a tool at a time; where more hands or cloths would only
          get in the way, they are left out.
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 20px;
  margin-bottom: 12px;
}

.bench {
  display: grid;
  grid-template-columns: 290px minmax(0, 1fr);
  gap: 24px;
  align-items: start;
}

.form,
fieldset {
  display: grid;
  gap: 10px;
  min-width: 0;
}

fieldset {
  padding: 0;
  border: 0;
}

legend {
  margin-bottom: 6px;
  font-weight: 650;
}

.pairs {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.wide {
  grid-column: 1 / -1;
}

.tool {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
}

.tool .soft {
  display: block;
  font-size: 0.8125rem;
}

.count {
  display: flex;
  align-items: center;
  gap: 10px;
}

.count button {
  width: 44px;
  height: 44px;
  border: 1px solid var(--ink);
  font-size: 1.25rem;
}

.count button:disabled {
  border-color: var(--rule);
  color: var(--ink-soft);
}

summary {
  min-height: 36px;
  cursor: pointer;
}

.sums {
  padding: 10px 16px;
}

.sums p {
  margin: 0;
}

.big {
  font-size: 1.9rem;
}

.late {
  color: var(--off-label);
  font-weight: 600;
}

.ask {
  padding: 16px 20px;
}

.facts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 2px 24px;
  margin: 10px 0;
  padding-left: 20px;
}

@media (width <= 900px) {
  .bench,
  .facts {
    grid-template-columns: 1fr;
  }
}
</style>
