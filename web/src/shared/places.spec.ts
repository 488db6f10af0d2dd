import { expect, test } from 'vitest'
import { placesOf } from './places'

const places = (...names: string[]) => placesOf(names, (name) => name)

test('hives without names of their own are one place with their neighbours on the stand', () => {
  expect(places('H1', 'P3/1', 'P3/2', 'P3/3', 'P4/1', 'P4/2', 'H2')).toEqual([
    { hives: ['H1'] },
    { stand: 'P3', hives: ['P3/1', 'P3/2', 'P3/3'] },
    { stand: 'P4', hives: ['P4/1', 'P4/2'] },
    { hives: ['H2'] },
  ])
})

test('a single one left, or a name that only looks so, stands by itself', () => {
  expect(places('P3/1', 'H1', 'P3/2', 'A/b')).toEqual([
    { hives: ['P3/1'] },
    { hives: ['H1'] },
    { hives: ['P3/2'] },
    { hives: ['A/b'] },
  ])
})
