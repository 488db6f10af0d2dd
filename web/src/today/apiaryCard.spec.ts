import { mount } from '@vue/test-utils'
import { afterEach, describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import { beginIn } from '../words/words'
import ApiaryCard from './ApiaryCard.vue'

const each: Shapes['ApiaryToday'] = {
  apiary: {
    id: 'a',
    name: 'Kiln Field',
    latitude: 47.6,
    longitude: -24.3,
    zone: 'Etc/GMT+2',
    zoneFrom: 'PERSON',
  },
  hives: 24,
  due: 'NOTHING',
  nextWindow: {
    from: '2026-08-19T07:00:00Z',
    to: '2026-08-19T09:00:00Z',
    parts: [{ from: '2026-08-19T07:00:00Z', to: '2026-08-19T09:00:00Z', grade: 'GOOD' }],
    fits: 7,
  },
  hoursFrom: [{ code: 'weather.forecastBy', values: { who: { text: 'Wren' } } }],
}

const hours = (over: Partial<Shapes['ApiaryToday']> = {}) =>
  mount(ApiaryCard, {
    props: {
      each: { ...each, ...over },
      now: Date.parse('2026-08-18T06:40:00Z'),
      reckoning: false,
      isKeeper: true,
      mayWork: true,
    },
    global: { stubs: { RouterLink: true } },
  }).get('.hours dd')

afterEach(() => beginIn('en'))

describe('the next workable hours of a yard', () => {
  it('name their day in the language of who reads', () => {
    expect(hours().text()).toContain('Wed 19, 05:00–07:00')
    beginIn('it')
    expect(hours().text()).toContain('mer 19, 05:00–07:00')
  })

  it('say how many of such offers held, once enough were read', () => {
    expect(hours().text()).not.toContain('held')
    expect(hours({ held: { held: 7, offered: 10 } }).text()).toContain('; 7 of 10 such held here')
  })
})
