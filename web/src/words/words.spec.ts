import { afterEach, describe, expect, it } from 'vitest'
import { beginIn, enterRoom, languageNow, languageOf, speak, t, texts } from './words'

afterEach(() => beginIn('en'))

describe('the words of a screen', () => {
  it('are those of another language as soon as it is chosen', async () => {
    const kinds = texts({ WOOD: 'shared.standing.wood' })
    await enterRoom('run')
    expect([t('common.strikeOut'), kinds.WOOD]).toEqual(['Strike out', 'wood'])
    await speak('it')
    expect([t('common.strikeOut'), kinds.WOOD]).toEqual(['Barra', 'legno'])
  })

  it('are there in the new language though the page changes while they are fetched', async () => {
    await enterRoom('people')
    await Promise.all([speak('es'), enterRoom('today')])
    expect(t('due.waiting.due')).toBe('Pendiente')
  })

  it('have the form that goes with a number', async () => {
    const hives = (count: number) => t('counted.hive', { n: count }, count)
    expect([hives(0), hives(1), hives(2)]).toEqual(['0 hives', '1 hive', '2 hives'])
    await speak('es')
    expect([hives(0), hives(1), hives(2)]).toEqual(['0 colmenas', '1 colmena', '2 colmenas'])
  })

  it('begin in the language of the region, and in English where that is none of ours', () => {
    expect(['es-MX', 'it', 'fr-CA'].map(languageOf)).toEqual(['es', 'it', 'en'])
    expect(languageNow()).toBe('en')
  })
})
