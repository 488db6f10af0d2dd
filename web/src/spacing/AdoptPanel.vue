<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import HiveChoice from '../shared/HiveChoice.vue'
import { shortDay } from '../shared/days'
import { newId } from '../shared/ids'
import RhythmTable from './RhythmTable.vue'
import { useForm } from '../shared/request'
import { t } from '../words/words'
import { inWords } from '../words/facts'

/** Makes a series of the days on the bench, for chosen hives of the apiary. */
const props = defineProps<{
  start: Shapes['BenchStart']
  question: Shapes['SpacingQuestion']
  days: readonly string[]
  /** The rule sheet says no to these days for the hive on the bench. */
  offLabel: boolean
}>()
const emit = defineEmits<{ adopted: []; take: [days: string[]] }>()

const OCCASIONS = {
  SWARM: t('spacing.adoptPanel.caughtSwarm'),
  PACKAGE: t('spacing.adoptPanel.package'),
  SPLIT: t('spacing.adoptPanel.split'),
  BEFORE_SALE: t('spacing.adoptPanel.beforeSaleOrMove'),
  SPRING: t('spacing.adoptPanel.spring'),
  LATE_SUMMER: t('spacing.adoptPanel.lateSummer'),
  WINTER: t('spacing.adoptPanel.winter'),
} as const
const name = ref(t('spacing.adoptPanel.series', { today: shortDay(props.start.clock.today) }))
const tool = ref(t('spacing.adoptPanel.bowl'))
const hives = ref<Shapes['Hive'][]>([])
const chosen = ref<string[]>([props.start.hive.id])
const reason = ref('')
const rhythm = ref<Shapes['HiveInRhythm'][] | null>(null)
const { problem, wrong, busy, attempt } = useForm({
  marked: () => t('spacing.adoptPanel.notAdoptedYetLook'),
})
let id = newId()

const said = computed(() =>
  props.days.length === 0
    ? t('spacing.adoptPanel.noRoundOnBench')
    : `${props.days.length === 1 ? t('spacing.adoptPanel.oneRound') : t('spacing.adoptPanel.rounds', { days: props.days.length })}: ${props.days.map(shortDay).join(', ')}`,
)
const askReason = computed(
  () => props.offLabel || wrong.value.offLabelReason !== undefined || reason.value !== '',
)

onMounted(async () => {
  await attempt(async () => {
    const path = { id: props.start.clock.apiaryId }
    const [whole, board] = await Promise.all([
      ask(api.GET('/api/apiaries/{id}', { params: { path } })),
      ask(api.GET('/api/apiaries/{id}/counts', { params: { path } })),
    ])
    hives.value = whole.hives
    const left = new Set(
      board.lines.filter((line) => line.decision?.choice === 'LEAVE').map((line) => line.hive.id),
    )
    if (left.has(props.start.hive.id)) chosen.value = []
  })
})
watch([() => props.days, () => props.question], () => (rhythm.value = null))

async function compareHives(): Promise<void> {
  await attempt(async () => {
    rhythm.value = await ask(
      api.POST('/api/apiaries/{id}/rhythm', {
        params: { path: { id: props.start.clock.apiaryId } },
        body: { question: props.question, days: [...props.days] },
      }),
    )
  })
}

async function adopt(): Promise<void> {
  await attempt(async () => {
    await ask(
      api.PUT('/api/series/{id}', {
        params: { path: { id } },
        body: {
          apiaryId: props.start.clock.apiaryId,
          name: name.value,
          hiveIds: chosen.value,
          days: [...props.days],
          tool: tool.value,
          offLabelReason: reason.value || undefined,
          benchHiveId: props.start.hive.id,
          bench: props.question,
        },
      }),
    )
    id = newId()
    emit('adopted')
  })
}
</script>

<template>
  <section class="sheet adopt" :aria-label="t('spacing.adoptPanel.adoptSeries')">
    <h2>{{ t('spacing.adoptPanel.adoptTheseDays') }}</h2>
    <p>{{ said }}</p>
    <details>
      <summary>{{ t('spacing.adoptPanel.plansForOccasion') }}</summary>
      <ul>
        <li v-for="each in start.presets" :key="each.occasion">
          <strong>{{ OCCASIONS[each.occasion] }}</strong>: {{ inWords(each.says) }}
          <button v-if="each.days.length" type="button" @click="emit('take', [...each.days])">
            {{ t('spacing.adoptPanel.putOnBench') }}
          </button>
        </li>
      </ul>
    </details>
    <div class="pair">
      <v-text-field
        v-model="name"
        :label="t('spacing.adoptPanel.nameSeries')"
        :error-messages="wrong.name"
      />
      <v-text-field v-model="tool" :label="t('common.tool')" :error-messages="wrong.tool" />
    </div>
    <HiveChoice v-model="chosen" :hives="hives" />
    <p v-if="wrong.hiveIds || wrong.days" role="alert" class="problem">
      {{ wrong.hiveIds ?? wrong.days }}
    </p>
    <v-textarea
      v-if="askReason"
      v-model="reason"
      :label="t('common.whyOffLabel')"
      :error-messages="wrong.offLabelReason"
    />
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <div class="buttons">
      <v-btn
        variant="flat"
        color="primary"
        min-height="56"
        :disabled="busy || days.length === 0 || chosen.length === 0 || name.trim() === ''"
        @click="adopt"
        >{{ t('spacing.adoptPanel.adoptSeries2') }}</v-btn
      >
      <v-btn min-height="56" :disabled="days.length === 0" @click="compareHives">{{
        t('spacing.adoptPanel.whatThisRhythmCosts')
      }}</v-btn>
    </div>
    <RhythmTable v-if="rhythm" v-model="chosen" :lines="rhythm" />
    <p class="soft">
      {{ t('spacing.adoptPanel.labelHandLocalRules') }}
    </p>
  </section>
</template>

<style scoped>
.adopt {
  display: grid;
  gap: 12px;
  padding: 16px;
}

.adopt p {
  margin: 0;
}

.pair {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 10px;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}

summary {
  cursor: pointer;
  min-height: 40px;
}

li button {
  min-height: 36px;
  margin-left: 8px;
  text-decoration: underline;
}
</style>
