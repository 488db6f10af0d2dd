import { useStorage } from '@vueuse/core'
import type { Ref } from 'vue'
import type { Shapes } from '../../api/client'
import { t } from '../../words/words'

/** One hive that gets another amount, as typed. */
export interface DoseException {
  hiveId: string
  grams: string
  reason: string
}

/** What the keeper has typed for an apiary's round, kept on this device until the round is planned. */
export interface DoseDraft {
  /** Id of the round that this will become; empty until the page gives one. */
  roundId: string
  ruleSheetId: string
  preset: string
  grams: string
  per: Shapes['Amount']['per']
  of: Shapes['Amount']['of']
  mediums: Shapes['DoseSettings']['mediums']
  strengthPercent: string
  /** A spoon's key, or SCALE. */
  measure: string
  gramsPerScoop: string
  /** The weighing that the scoop was taken from; empty where none was. */
  scoopFrom: string
  /** Key of a tool from the gear; empty where it is only a name. */
  toolId: string
  tool: string
  capacity: string
  /** What is done with supers; EACH where every hive says its own. */
  supersPlan: NonNullable<Shapes['DoseSettings']['supersPlan']> | 'EACH'
  sealMinutes: string
  /** Grams of acid in a small first load; empty for none. */
  loosening: string
  exceptions: DoseException[]
  product: string
  lot: string
  offLabelReason: string
}

/** As devices kept it until December 2026, when a preset was called otherwise. */
type DraftOfOld = DoseDraft & { school?: string }

export function freshDraft(): DoseDraft {
  return {
    roundId: '',
    ruleSheetId: '',
    preset: 'two',
    grams: '2',
    per: 'BOX',
    of: 'ACID_DIHYDRATE',
    mediums: 'BY_COMB',
    strengthPercent: '99.6',
    measure: 'SCALE',
    gramsPerScoop: '',
    scoopFrom: '',
    toolId: '',
    tool: t('shared.doseDraft.bowl'),
    capacity: '4.5',
    supersPlan: 'TAKEN_OFF',
    sealMinutes: '10',
    loosening: '',
    exceptions: [],
    product: '',
    lot: '',
    offLabelReason: '',
  }
}

/** The draft with a sheet that still stands: its own, else the keeper's first; an example is never chosen for him. */
export function withSheet(draft: DoseDraft, sheets: readonly Shapes['RuleSheet'][]): DoseDraft {
  if (sheets.some((each) => each.id === draft.ruleSheetId)) return draft
  return { ...draft, ruleSheetId: sheets.find((each) => !each.example)?.id ?? '' }
}

/** The draft of whichever apiary is chosen. */
export function useDoseDraft(apiaryId: Ref<string>): Ref<DoseDraft> {
  return useStorage<DoseDraft>(() => `tavrel.dose.${apiaryId.value}`, freshDraft(), undefined, {
    mergeDefaults: (kept: DraftOfOld, fresh) => ({
      ...fresh,
      ...kept,
      preset: kept.preset ?? kept.school ?? fresh.preset,
    }),
  })
}

function number(text: string): number {
  return text.trim() === '' ? Number.NaN : Number(text.replace(',', '.'))
}

/** Fields that hold no number; the server judges the rest. */
export function unread(draft: DoseDraft): Record<string, string> {
  const wanted: Record<string, string> = {
    'amount.grams': draft.grams,
    strength: draft.strengthPercent,
    capacity: draft.capacity,
    sealMinutes: draft.sealMinutes,
    ...(draft.loosening.trim() === '' ? {} : { loosening: draft.loosening }),
    ...(draft.measure === 'SCALE' ? {} : { 'measure.step': draft.gramsPerScoop }),
  }
  return Object.fromEntries(
    Object.entries(wanted)
      .filter(([, text]) => !Number.isFinite(number(text)))
      .map(([field]) => [field, t('common.noNumber')]),
  )
}

/** The draft as the server takes it. */
export function settingsOf(draft: DoseDraft): Shapes['DoseSettings'] {
  const spoon =
    draft.measure === 'SCALE' ? undefined : (draft.measure as Shapes['Measure']['spoon'])
  return {
    amount: { grams: number(draft.grams), per: draft.per, of: draft.of },
    mediums: draft.mediums,
    strength: { assay: number(draft.strengthPercent) / 100 },
    measure: { spoon, step: spoon ? number(draft.gramsPerScoop) : 0.1 },
    capacity: number(draft.capacity),
    supersPlan: draft.supersPlan === 'EACH' ? undefined : draft.supersPlan,
    sealMinutes: number(draft.sealMinutes),
    loosening: draft.loosening.trim() === '' ? undefined : number(draft.loosening),
    exceptions: draft.exceptions.map((each) => ({
      hiveId: each.hiveId,
      amount: { grams: number(each.grams), per: draft.per, of: draft.of },
      reason: each.reason,
    })),
  }
}
