import { describe, expect, it } from 'vitest'
import type { Shapes } from '../../api/client'
import { freshDraft, settingsOf, unread, withSheet } from './doseDraft'
import { saysByField } from '../../api/refusal'
import { fieldName } from '../../dose/useYardSheet'
import { Refused } from '../../api/client'

const sheet = (id: string, example: boolean): Shapes['RuleSheet'] => ({
  id,
  name: id,
  example,
  gramsOf: 'ACID_DIHYDRATE',
  version: 1,
})

describe('a dose as it is typed', () => {
  it('is read with a comma; a spoon goes with its grams, a scale reads tenths', () => {
    const draft = { ...freshDraft(), grams: '2,5', strengthPercent: '88,6' }
    const settings = settingsOf(draft)
    expect(settings.amount.grams).toBe(2.5)
    expect(settings.strength.assay).toBeCloseTo(0.886)
    expect(settings.measure).toEqual({ spoon: undefined, step: 0.1 })
    const spoon = settingsOf({ ...draft, measure: 'QUARTER_TSP_US', gramsPerScoop: '1,01' })
    expect(spoon.measure).toEqual({ spoon: 'QUARTER_TSP_US', step: 1.01 })
  })

  it('leaves supers to each hive, and a small first load out, where nobody says', () => {
    const settings = settingsOf({ ...freshDraft(), supersPlan: 'EACH' })
    expect(settings.supersPlan).toBeUndefined()
    expect(settings.loosening).toBeUndefined()
  })

  it('gives an exception in the same measure as the round', () => {
    const exceptions = [{ hiveId: 'h', grams: '1', reason: 'weak' }]
    expect(settingsOf({ ...freshDraft(), per: 'HIVE', exceptions }).exceptions).toEqual([
      { hiveId: 'h', amount: { grams: 1, per: 'HIVE', of: 'ACID_DIHYDRATE' }, reason: 'weak' },
    ])
  })

  it('names the fields that hold no number', () => {
    const draft = { ...freshDraft(), grams: 'two', measure: 'TSP_US', gramsPerScoop: '' }
    expect(Object.keys(unread(draft))).toEqual(['amount.grams', 'measure.step'])
  })
})

describe('the sheet of a draft', () => {
  it('is never an example that the keeper did not choose', () => {
    expect(withSheet(freshDraft(), [sheet('example', true)]).ruleSheetId).toBe('')
    const own = withSheet(freshDraft(), [sheet('example', true), sheet('own', false)])
    expect(own.ruleSheetId).toBe('own')
  })

  it('stays while it stands, and falls to the keeper’s own when it was replaced', () => {
    const draft = { ...freshDraft(), ruleSheetId: 'example' }
    expect(withSheet(draft, [sheet('example', true)])).toBe(draft)
    expect(withSheet(draft, [sheet('own', false)]).ruleSheetId).toBe('own')
  })
})

describe('the server’s words', () => {
  it('stand at the form’s own fields', () => {
    const refused = new Refused(400, 'no', [
      { field: 'settings.amount.grams', says: 'too much' },
      { field: 'settings.strength.assay', says: 'no strength' },
      { field: 'settings.exceptions.0.reason', says: 'is empty' },
    ])
    expect(saysByField(refused, fieldName)).toEqual({
      'amount.grams': 'too much',
      strength: 'no strength',
      'exceptions.0.reason': 'is empty',
    })
  })
})
