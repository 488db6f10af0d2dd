import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import { apiaryItems } from './apiaryItems'

const yards = [
  { apiary: { id: 'a', name: 'Kiln Field' }, hives: 24 },
  { apiary: { id: 'b', name: 'Cold Quay' }, hives: 6 },
  { apiary: { id: 'c', name: 'Empty Stand' }, hives: 0 },
] as Shapes['ListedApiary'][]

const ids = (shown: string[]) =>
  apiaryItems(yards, (id) => shown.includes(id)).map((each) => each.value)

describe('the choice of a yard', () => {
  it('offers those of a group that have hives', () => {
    expect(ids(['b', 'c'])).toEqual(['b'])
  })

  it('offers all where none of a group has hives: nobody stands before an empty list', () => {
    expect(ids(['c'])).toEqual(['a', 'b'])
  })
})
