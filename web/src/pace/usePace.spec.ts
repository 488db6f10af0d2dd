import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import { draftOf, workOf } from './usePace'

const usual: Shapes['UsualWork'] = {
  crew: { burners: 1, helpers: 1 },
  cloths: 24,
  preparedAhead: false,
  times: {
    setUp: 900,
    clearAway: 900,
    walkAndShut: 20,
    loadCold: 15,
    disconnect: 5,
    withdraw: 10,
    opening: 15,
    fillCap: 12,
    seal: 480,
    openFirstAfter: 180,
    staysWithBowl: true,
  },
}

describe('how a crew works, as typed', () => {
  it('comes back as it went', () => {
    expect(workOf(draftOf(usual))).toEqual({ work: usual, wrong: {} })
  })

  it('takes an empty number of caps for enough', () => {
    const draft = draftOf({ ...usual, caps: 6 })
    expect(workOf(draft).work?.caps).toBe(6)
    expect(workOf({ ...draft, caps: ' ' }).work?.caps).toBeUndefined()
  })

  it('names what is no whole number at its field, and sends nothing', () => {
    const draft = draftOf(usual)
    const { work, wrong } = workOf({
      ...draft,
      burners: '1.5',
      times: { ...draft.times, opening: 'soon' },
    })
    expect(work).toBeUndefined()
    expect(Object.keys(wrong)).toEqual(['crew.burners', 'times.opening'])
  })
})
