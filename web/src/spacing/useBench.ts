import { useStorage, watchDebounced } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { addDays } from '../shared/days'
import { numberIn } from '../shared/numbers'
import { useForm } from '../shared/request'
import { t } from '../words/words'

/** What the keeper typed on the bench for a hive, kept on this device. */
export interface BenchDraft {
  mites: string
  sampleBees: string
  framesOfBees: string
  cappedFrames: string
  dronePercent: string
  gramsPerBox: string
  /** How tight the hive is; AS_IT_STANDS goes by its seal estimate. */
  shut: NonNullable<Shapes['SpacingQuestion']['shut']> | 'AS_IT_STANDS'
  curve: Shapes['SpacingQuestion']['curve']
  ruleSheetId: string
  commonDate: string
  targetPercent: string
  days: string[]
  /** The state of the hive that this was typed on; a newer one starts afresh. */
  from: string
}

const BLANK: BenchDraft = {
  mites: '',
  sampleBees: '',
  framesOfBees: '',
  cappedFrames: '',
  dronePercent: '2',
  gramsPerBox: '2',
  shut: 'AS_IT_STANDS',
  curve: 'FIELD',
  ruleSheetId: '',
  commonDate: '',
  targetPercent: '',
  days: [],
  from: '',
}

/** What a hive's records alone would put on the bench. */
export function fresh(start: Shapes['BenchStart'], ruleSheetId: string, from: string): BenchDraft {
  return {
    ...BLANK,
    mites: start.mites === undefined ? '' : String(start.mites),
    sampleBees: start.sampleBees === undefined ? '' : String(start.sampleBees),
    framesOfBees: String(start.framesOfBees),
    cappedFrames: String(start.cappedFrames),
    ruleSheetId,
    commonDate: start.commonDate,
    targetPercent: String(start.targetPercent),
    days: [0, 7, 14].map((ahead) => addDays(start.clock.today, ahead)),
    from,
  }
}

/** The draft as the server takes it. */
export function questionOf(draft: BenchDraft, recovery: number): Shapes['SpacingQuestion'] {
  return {
    load: {
      mites: numberIn(draft.mites),
      sampleBees: numberIn(draft.sampleBees),
      recovery,
      framesOfBees: numberIn(draft.framesOfBees),
      cappedFrames: numberIn(draft.cappedFrames),
      droneShare: numberIn(draft.dronePercent) / 100,
    },
    gramsPerBox: numberIn(draft.gramsPerBox),
    shut: draft.shut === 'AS_IT_STANDS' ? undefined : draft.shut,
    curve: draft.curve,
    ruleSheetId: draft.ruleSheetId || undefined,
    commonDate: draft.commonDate,
    targetPercent: numberIn(draft.targetPercent),
  }
}

const NUMBERS: Record<string, (draft: BenchDraft) => string> = {
  'load.mites': (draft) => draft.mites,
  'load.sampleBees': (draft) => draft.sampleBees,
  'load.framesOfBees': (draft) => draft.framesOfBees,
  'load.cappedFrames': (draft) => draft.cappedFrames,
  'load.droneShare': (draft) => draft.dronePercent,
  gramsPerBox: (draft) => draft.gramsPerBox,
  targetPercent: (draft) => draft.targetPercent,
}

/** Whether all that the server needs stands there as a number or a date. */
export function complete(draft: BenchDraft): boolean {
  return (
    Object.values(NUMBERS).every((text) => Number.isFinite(numberIn(text(draft)))) &&
    isDate(draft.commonDate)
  )
}

/** Fields that hold something else than a number, by the server's names for them. An empty field is only waited for. */
export function unread(draft: BenchDraft): Record<string, string> {
  const wrong: Record<string, string> = {}
  for (const [field, text] of Object.entries(NUMBERS)) {
    const typed = text(draft)
    if (typed.trim() !== '' && !Number.isFinite(numberIn(typed)))
      wrong[field] = t('common.noNumber')
  }
  if (!isDate(draft.commonDate)) wrong.commonDate = t('common.noDate')
  return wrong
}

function isDate(text: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(text)
}

/**
 * Asks with the newest wish only: while an answer is under way a newer wish replaces the one that waits, so that a dragged mark is
 * followed as fast as the server answers and never overtaken by an older answer.
 */
export function latestOnly(work: () => Promise<void>): () => void {
  let busy = false
  let again = false
  const go = (): void => {
    if (busy) {
      again = true
      return
    }
    busy = true
    void work().finally(() => {
      busy = false
      if (again) {
        again = false
        go()
      }
    })
  }
  return go
}

/** One hive on the bench: its draft, the forecast of the schedule in hand, and the comparison. */
export function useBench(hiveId: Ref<string>) {
  const start = ref<Shapes['BenchStart'] | null>(null)
  const choices = ref<Shapes['SpacingChoices'] | null>(null)
  const ruleSheets = ref<Shapes['RuleSheet'][]>([])
  const draft = useStorage<BenchDraft>(
    () => `tavrel.bench.${hiveId.value}`,
    { ...BLANK },
    undefined,
    { mergeDefaults: true },
  )
  const forecast = ref<Shapes['MiteForecast'] | null>(null)
  const comparison = ref<Shapes['Comparison'] | null>(null)
  const { problem, wrong, attempt } = useForm({
    nameOf: (field) => field.replace(/^question\./, ''),
  })

  const question = computed(() => questionOf(draft.value, start.value?.recovery ?? 1))
  const ready = computed(() => start.value !== null && complete(draft.value))

  async function load(): Promise<void> {
    const id = hiveId.value
    forecast.value = null
    comparison.value = null
    await attempt(async () => {
      const [found, offered, sheets] = await Promise.all([
        ask(api.GET('/api/hives/{id}/spacing', { params: { path: { id } } })),
        ask(api.GET('/api/spacing/choices')),
        ask(api.GET('/api/rule-sheets')),
      ])
      if (id !== hiveId.value) return
      choices.value = offered
      ruleSheets.value = sheets
      const own = sheets.find((sheet) => !sheet.example)?.id ?? ''
      const from = [
        found.clock.today,
        found.mites,
        found.sampleBees,
        found.clock.events.length,
      ].join()
      start.value = found
      if (draft.value.from !== from) draft.value = fresh(found, own, from)
      run()
      compare()
    })
  }

  const run = latestOnly(async () => {
    if (!ready.value) return
    const id = hiveId.value
    await attempt(async () => {
      const found = await ask(
        api.POST('/api/hives/{id}/spacing/forecast', {
          params: { path: { id } },
          body: { question: question.value, days: draft.value.days },
        }),
      )
      if (id !== hiveId.value) return
      forecast.value = found
    })
  })

  const compare = latestOnly(async () => {
    if (!ready.value || !start.value) return
    const id = hiveId.value
    const today = start.value.clock.today
    const first = draft.value.days[0] ?? today
    const latest = addDays(today, 13)
    await attempt(async () => {
      const found = await ask(
        api.POST('/api/hives/{id}/spacing/comparison', {
          params: { path: { id } },
          body: {
            question: question.value,
            start: first < today ? today : first > latest ? latest : first,
          },
        }),
      )
      if (id === hiveId.value) comparison.value = found
    })
  })

  watch(hiveId, load, { immediate: true })
  watch(
    () => draft.value.days,
    () => run(),
  )
  watchDebounced(
    [question, () => draft.value.days[0]],
    () => {
      wrong.value = unread(draft.value)
      run()
      compare()
    },
    { debounce: 250 },
  )

  return { start, choices, ruleSheets, draft, question, forecast, comparison, wrong, problem, load }
}
