import type { Shapes } from '../api/client'
import { numberIn } from '../shared/numbers'
import { t, texts } from '../words/words'

type Tool = Shapes['Tool']
type UsualBowl = Shapes['UsualBowl']

/** Words for what a tool is; the one place on the screens where they are kept. */
export const FAMILIES = texts({
  PAN_WAND: 'common.panWand',
  HEATED_BOWL: 'common.heatedBowl',
})
export const POWERS = texts({
  CAR_BATTERY: 'gear.gearWords.vBattery',
  MAINS: 'gear.gearWords.mainsInverterOrGenerator',
  TOOL_PACK: 'gear.gearWords.powerToolPack',
})
export const RELEASES = texts({
  LOADED_COLD: 'gear.gearWords.loadedCold',
  CAP_TURNED: 'gear.gearWords.capTurnedOver',
  PLUNGER: 'gear.gearWords.plungerPressed',
})
export const END_SIGNS = texts({
  NONE: 'gear.gearWords.noneByClock',
  DISPLAY: 'gear.gearWords.displayTemperatureBack',
  LAMP: 'gear.gearWords.lamp',
  BEEP: 'gear.gearWords.beep',
})
export const NOTES = texts({
  RESIDUE: 'gear.gearWords.residue',
  FAULT: 'gear.gearWords.fault',
  CLEANED: 'gear.gearWords.cleaned',
  SEALS_CHANGED: 'gear.gearWords.sealsChanged',
  FILTERS_CHANGED: 'gear.gearWords.filtersChanged',
})

/** Numbers of a tool as they are typed; an empty text is left out. */
export const TOOL_NUMBERS = [
  {
    key: 'capacity',
    get label() {
      return t('gear.gearWords.takesLoad')
    },
    unit: 'g',
    of: 'both',
  },
  {
    key: 'burnSeconds',
    get label() {
      return t('gear.gearWords.burnsByItsMaker')
    },
    unit: 's',
    of: 'both',
  },
  {
    key: 'coolSeconds',
    get label() {
      return t('gear.gearWords.coolsHive')
    },
    unit: 's',
    of: 'PAN_WAND',
  },
  {
    key: 'preheatSeconds',
    get label() {
      return t('gear.gearWords.preheats')
    },
    unit: 's',
    of: 'HEATED_BOWL',
  },
  {
    key: 'reloadSeconds',
    get label() {
      return t('gear.gearWords.betweenTwoLoads')
    },
    unit: 's',
    of: 'both',
  },
  {
    key: 'setCelsius',
    get label() {
      return t('gear.gearWords.setTemperature')
    },
    unit: '°C',
    of: 'HEATED_BOWL',
  },
  {
    key: 'maxCelsius',
    get label() {
      return t('gear.gearWords.makersHighest')
    },
    unit: '°C',
    of: 'HEATED_BOWL',
  },
  {
    key: 'watts',
    get label() {
      return t('gear.gearWords.draws')
    },
    unit: 'W',
    of: 'both',
  },
  {
    key: 'sealsEvery',
    get label() {
      return t('gear.gearWords.sealsLast')
    },
    unit: 'burns',
    of: 'HEATED_BOWL',
  },
  {
    key: 'marginPercent',
    get label() {
      return t('gear.gearWords.marginOnFit')
    },
    unit: '%',
    of: 'both',
  },
  {
    key: 'price',
    get label() {
      return t('gear.gearWords.price')
    },
    unit: 'in your money',
    of: 'both',
  },
] as const
type ToolNumber = (typeof TOOL_NUMBERS)[number]['key']

/** A tool as it is typed. */
export interface ToolDraft extends Pick<
  Tool,
  'id' | 'name' | 'family' | 'power' | 'release' | 'endSign' | 'dunkAllowed' | 'retired'
> {
  packId: string
  note: string
  numbers: Record<ToolNumber, string>
}

const NEEDED: ReadonlySet<ToolNumber> = new Set([
  'capacity',
  'coolSeconds',
  'preheatSeconds',
  'reloadSeconds',
  'marginPercent',
])

export function draftOf(tool: Tool): ToolDraft {
  return {
    ...tool,
    packId: tool.packId ?? '',
    note: tool.note ?? '',
    numbers: Object.fromEntries(
      TOOL_NUMBERS.map(({ key }) => [key, tool[key]?.toString() ?? '']),
    ) as Record<ToolNumber, string>,
  }
}

/** @param bowl what a heated bowl usually does, as the server has it */
export function freshTool(id: string, bowl: UsualBowl): ToolDraft {
  return {
    id,
    name: '',
    family: 'HEATED_BOWL',
    power: 'MAINS',
    release: 'CAP_TURNED',
    endSign: 'DISPLAY',
    dunkAllowed: false,
    retired: false,
    packId: '',
    note: '',
    numbers: {
      capacity: '4.5',
      burnSeconds: '',
      coolSeconds: '0',
      preheatSeconds: String(bowl.preheatSeconds),
      reloadSeconds: '20',
      setCelsius: String(bowl.setCelsius),
      maxCelsius: '',
      watts: '',
      sealsEvery: '',
      marginPercent: '15',
      price: '',
    },
  }
}

/** What changes with the family: a pan is loaded cold, cools in the hive and is not preheated. */
export function asFamily(draft: ToolDraft, family: Tool['family'], bowl: UsualBowl): ToolDraft {
  const pan = family === 'PAN_WAND'
  return {
    ...draft,
    family,
    power: pan ? 'CAR_BATTERY' : 'MAINS',
    release: pan ? 'LOADED_COLD' : 'CAP_TURNED',
    endSign: pan ? 'NONE' : 'DISPLAY',
    dunkAllowed: false,
    numbers: {
      ...draft.numbers,
      coolSeconds: pan ? '120' : '0',
      preheatSeconds: pan ? '0' : String(bowl.preheatSeconds),
      reloadSeconds: pan ? '60' : '20',
      setCelsius: pan ? '' : String(bowl.setCelsius),
      maxCelsius: '',
      sealsEvery: '',
    },
  }
}

/** The draft as the server takes it, or what is no number in it, by field. */
export function toolOf(draft: ToolDraft): { tool?: Tool; wrong: Record<string, string> } {
  const wrong: Record<string, string> = {}
  const numbers: Partial<Record<ToolNumber, number>> = {}
  for (const { key } of TOOL_NUMBERS) {
    const text = draft.numbers[key]
    if (text.trim() === '' && !NEEDED.has(key)) continue
    const value = numberIn(text)
    if (Number.isFinite(value)) numbers[key] = value
    else wrong[key] = text.trim() === '' ? t('gear.gearWords.missing') : t('common.noNumber')
  }
  if (Object.keys(wrong).length > 0) return { wrong }
  const tool = {
    ...draft,
    ...numbers,
    numbers: undefined,
    packId: draft.packId || undefined,
    note: draft.note || undefined,
  }
  return { tool: tool as unknown as Tool, wrong }
}
