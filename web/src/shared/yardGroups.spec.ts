import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { useYardGroups } from './yardGroups'

describe('groups of yards', () => {
  beforeEach(() => {
    localStorage.clear()
    setActivePinia(createPinia())
  })

  it('narrow to their yards, and to what is of no yard', () => {
    const groups = useYardGroups()
    groups.groups = [
      { name: 'North', apiaryIds: ['a', 'b'] },
      { name: 'Tam', apiaryIds: ['b'] },
    ]
    groups.name = 'Tam'
    expect(['a', 'b', undefined].map(groups.shows)).toEqual([false, true, true])
    groups.name = 'North'
    expect(['a', 'b', 'c'].map(groups.shows)).toEqual([true, true, false])
  })

  it('narrow nothing where none is chosen, or the chosen one is no more', () => {
    const groups = useYardGroups()
    groups.groups = [{ name: 'North', apiaryIds: ['a'] }]
    expect(groups.shows('z')).toBe(true)
    groups.name = 'South'
    expect(groups.inHand).toBeUndefined()
    expect(groups.shows('z')).toBe(true)
  })
})
