import { watchDebounced } from '@vueuse/core'
import { computed, ref, type Ref } from 'vue'
import { api, ask, words, type Shapes } from '../api/client'
import { saysByField } from '../api/refusal'
import { settingsOf, type DoseDraft } from '../shared/dose/doseDraft'
import { numberIn } from '../shared/numbers'
import { t } from '../words/words'

/** How the crew works, as typed. */
export interface WorkDraft {
  burners: string
  helpers: string
  cloths: string
  caps: string
  preparedAhead: boolean
  times: Record<PaceTime, string>
  staysWithBowl: boolean
  /** As it was kept, s; not asked for here, since a round goes by its dose sheet. */
  seal: number
}

export const PACE_TIMES = [
  {
    key: 'setUp',
    get label() {
      return t('pace.usePace.settingUp')
    },
    unit: 's',
  },
  {
    key: 'clearAway',
    get label() {
      return t('pace.usePace.clearingAway')
    },
    unit: 's',
  },
  {
    key: 'walkAndShut',
    get label() {
      return t('pace.usePace.walkOnShut')
    },
    unit: 's',
  },
  {
    key: 'loadCold',
    get label() {
      return t('pace.usePace.loadColdPan')
    },
    unit: 's',
  },
  {
    key: 'disconnect',
    get label() {
      return t('pace.usePace.disconnect')
    },
    unit: 's',
  },
  {
    key: 'withdraw',
    get label() {
      return t('pace.usePace.outPlug')
    },
    unit: 's',
  },
  {
    key: 'opening',
    get label() {
      return t('pace.usePace.openHive')
    },
    unit: 's',
  },
  {
    key: 'fillCap',
    get label() {
      return t('pace.usePace.fillCap')
    },
    unit: 's',
  },
  {
    key: 'openFirstAfter',
    get label() {
      return t('pace.usePace.openFirstIfOver')
    },
    unit: 's',
  },
] as const
type PaceTime = (typeof PACE_TIMES)[number]['key']

export function draftOf(work: Shapes['UsualWork']): WorkDraft {
  return {
    burners: String(work.crew.burners),
    helpers: String(work.crew.helpers),
    cloths: String(work.cloths),
    caps: work.caps?.toString() ?? '',
    preparedAhead: work.preparedAhead,
    times: Object.fromEntries(
      PACE_TIMES.map(({ key }) => [key, String(work.times[key])]),
    ) as Record<PaceTime, string>,
    staysWithBowl: work.times.staysWithBowl,
    seal: work.times.seal,
  }
}

/** The draft as the server takes it, or what is no number in it. */
export function workOf(draft: WorkDraft): {
  work?: Shapes['UsualWork']
  wrong: Record<string, string>
} {
  const typed: Record<string, string> = {
    'crew.burners': draft.burners,
    'crew.helpers': draft.helpers,
    cloths: draft.cloths,
    ...(draft.caps.trim() === '' ? {} : { caps: draft.caps }),
    ...Object.fromEntries(PACE_TIMES.map(({ key }) => [`times.${key}`, draft.times[key]])),
  }
  const wrong = Object.fromEntries(
    Object.entries(typed)
      .filter(([, text]) => !Number.isInteger(numberIn(text)))
      .map(([field]) => [field, t('pace.usePace.noWholeNumber')]),
  )
  if (Object.keys(wrong).length > 0) return { wrong }
  const times = Object.fromEntries(
    PACE_TIMES.map(({ key }) => [key, numberIn(draft.times[key])]),
  ) as Record<PaceTime, number>
  return {
    wrong,
    work: {
      crew: { burners: numberIn(draft.burners), helpers: numberIn(draft.helpers) },
      cloths: numberIn(draft.cloths),
      caps: draft.caps.trim() === '' ? undefined : numberIn(draft.caps),
      preparedAhead: draft.preparedAhead,
      times: { ...times, seal: draft.seal, staysWithBowl: draft.staysWithBowl },
    },
  }
}

/** How long a round takes, reckoned anew whenever something about it changes; the newest answer wins. */
export function usePace(
  apiaryId: Ref<string>,
  dose: Ref<DoseDraft>,
  whom: Ref<{ hiveIds?: string[]; seriesNumber?: number }>,
  toolIds: Ref<readonly string[]>,
  work: Ref<WorkDraft | null>,
) {
  const length = ref<Shapes['RunLength'] | null>(null)
  const refused = ref<Record<string, string>>({})
  const problem = ref('')
  const read = computed(() => (work.value ? workOf(work.value) : { wrong: {} }))
  let asked = 0

  async function reckon(): Promise<void> {
    const wanted = read.value
    if (!apiaryId.value || !dose.value.ruleSheetId || !('work' in wanted) || !wanted.work) return
    if (toolIds.value.length === 0) {
      length.value = null
      return
    }
    const turn = ++asked
    try {
      const found = await ask(
        api.POST('/api/apiaries/{id}/run-length', {
          params: { path: { id: apiaryId.value } },
          body: {
            dose: {
              ruleSheetId: dose.value.ruleSheetId,
              settings: settingsOf(dose.value),
              hiveIds: whom.value.hiveIds,
              seriesNumber: whom.value.seriesNumber,
            },
            toolIds: [...toolIds.value],
            work: wanted.work,
          },
        }),
      )
      if (turn !== asked) return
      length.value = found
      refused.value = {}
      problem.value = ''
    } catch (thrown) {
      if (turn !== asked) return
      refused.value = saysByField(thrown, (field) => field.replace(/^work\./, ''))
      const own = Object.keys(saysByField(thrown)).some((field) => field.startsWith('work.'))
      problem.value = own ? '' : words(thrown)
    }
  }

  watchDebounced([apiaryId, dose, whom, toolIds, work], reckon, {
    debounce: 200,
    deep: true,
    immediate: true,
  })

  return {
    length,
    problem,
    wrong: computed(() => ({ ...refused.value, ...read.value.wrong })),
    work: computed(() => ('work' in read.value ? read.value.work : undefined)),
  }
}
