import type { Shapes } from '../api/client'
import { numberIn } from '../shared/numbers'

type Tool = Shapes['Tool']
type UsualBowl = Shapes['UsualBowl']

/** Words for what a tool is; the one place on the screens where they are kept. */
export const FAMILIES = { PAN_WAND: 'pan wand', HEATED_BOWL: 'heated bowl' } as const
export const POWERS = {
  CAR_BATTERY: '12 V battery',
  MAINS: 'mains, inverter or generator',
  TOOL_PACK: 'power-tool pack',
} as const
export const RELEASES = {
  LOADED_COLD: 'loaded cold',
  CAP_TURNED: 'cap turned over',
  PLUNGER: 'plunger pressed',
} as const
export const END_SIGNS = {
  NONE: 'none: by the clock',
  DISPLAY: 'display: temperature back',
  LAMP: 'lamp',
  BEEP: 'beep',
} as const
export const NOTES = {
  RESIDUE: 'residue',
  FAULT: 'fault',
  CLEANED: 'cleaned',
  SEALS_CHANGED: 'seals changed',
  FILTERS_CHANGED: 'filters changed',
} as const

/** Numbers of a tool as they are typed; an empty text is left out. */
export const TOOL_NUMBERS = [
  { key: 'capacity', label: 'Takes a load', unit: 'g', of: 'both' },
  { key: 'burnSeconds', label: 'Burns, by its maker or you', unit: 's', of: 'both' },
  { key: 'coolSeconds', label: 'Cools in the hive', unit: 's', of: 'PAN_WAND' },
  { key: 'preheatSeconds', label: 'Preheats', unit: 's', of: 'HEATED_BOWL' },
  { key: 'reloadSeconds', label: 'Between two loads', unit: 's', of: 'both' },
  { key: 'setCelsius', label: 'Set temperature', unit: '°C', of: 'HEATED_BOWL' },
  { key: 'maxCelsius', label: 'Maker’s highest', unit: '°C', of: 'HEATED_BOWL' },
  { key: 'watts', label: 'Draws', unit: 'W', of: 'both' },
  { key: 'sealsEvery', label: 'Seals last', unit: 'burns', of: 'HEATED_BOWL' },
  { key: 'marginPercent', label: 'Margin on the fit', unit: '%', of: 'both' },
  { key: 'price', label: 'Price', unit: 'your money', of: 'both' },
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
    else wrong[key] = text.trim() === '' ? 'is missing' : 'is no number'
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
