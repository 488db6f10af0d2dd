import type { Shapes } from '../api/client'

/** Boards and hives for tests. */

export const AT = '2026-08-18T06:40:00.000Z'

export const BURN: Shapes['HiveOnBoard']['ahead'] = [
  { act: 'START_BURN', load: 1, events: ['BURN_STARTED'], leadsTo: 'BURNING' },
  { act: 'END_BURN', load: 1, events: ['BURN_ENDED', 'REMOVED'], leadsTo: 'SEALED' },
  { act: 'OPEN', events: ['OPENED'], leadsTo: 'OPEN' },
]

export function hive(
  hiveId: string,
  more: Partial<Shapes['HiveOnBoard']> = {},
): Shapes['HiveOnBoard'] {
  return {
    hiveId,
    stage: 'WAITING',
    loads: 1,
    loadsEnded: 0,
    ahead: BURN,
    marks: [],
    ready: {},
    notFor: [],
    latest: [],
    leftOpen: false,
    ...more,
  }
}

export function board(...hives: Shapes['HiveOnBoard'][]): Shapes['RunBoard'] {
  return {
    now: AT,
    hives,
    actOn: hives[0]?.hiveId,
    stillShut: 0,
    treated: 0,
    skipped: 0,
    acidUsed: 0,
    acidLeft: 0,
    sealSeconds: 600,
    finished: false,
    tools: [{ number: 1, name: 'Bowl 1', family: 'HEATED_BOWL', burns: 0 }],
    crew: { happened: [], pauses: [] },
    pointing: { openFirstAfterSeconds: 180, shutAhead: 2 },
  }
}
