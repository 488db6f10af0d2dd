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
    groups.choices = [
      { kind: 'CREW', name: 'North', apiaryIds: ['b'] },
      { kind: 'GROUP', name: 'North', apiaryIds: ['a', 'b'] },
    ]
    groups.choose(groups.choices[0])
    expect(['a', 'b', undefined].map(groups.shows)).toEqual([false, true, true])
    groups.choose(groups.choices[1])
    expect(['a', 'b', 'c'].map(groups.shows)).toEqual([true, true, false])
  })

  it('narrow nothing where none is chosen, or the chosen one is no more', () => {
    const groups = useYardGroups()
    groups.choices = [{ kind: 'GROUP', name: 'North', apiaryIds: ['a'] }]
    expect(groups.shows('z')).toBe(true)
    groups.chosen = 'GROUP:South'
    expect(groups.inHand).toBeUndefined()
    expect(groups.shows('z')).toBe(true)
  })

  it('stay in hand when they are called otherwise, and go when they are no more', () => {
    const groups = useYardGroups()
    groups.choices = [{ kind: 'GROUP', name: 'South', apiaryIds: ['a'] }]
    groups.chosen = 'GROUP:North'
    groups.renamed('North', 'South')
    expect(groups.inHand?.name).toBe('South')
    groups.renamed('South', '')
    expect(groups.inHand).toBeUndefined()
  })
})
