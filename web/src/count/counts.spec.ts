import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import type { Shapes } from '../api/client'
import { useSession } from '../shared/session'
import { TAM } from '../shared/testing/people'
import CountPad from './CountPad.vue'
import CountRow from './CountRow.vue'
import IntervalBar from '../shared/chart/IntervalBar.vue'
import { sentence } from '../shared/testing/facts'
import { vuetify } from '../shared/testing/controls'

const RouterLink = { props: ['to'], template: '<a><slot /></a>' }

function line(name: string, more: Partial<Shapes['CountLine']> = {}): Shapes['CountLine'] {
  return {
    hive: { id: name, name, place: 1, boxes: [], supers: 0, floor: 'SOLID' },
    signs: [],
    ...more,
  } as Shapes['CountLine']
}

const reading: Shapes['SampleReading'] = {
  mites: 9,
  bees: 300,
  counts: 1,
  day: '2026-08-18',
  share: 0.03,
  interval: { low: 0.0159, high: 0.056 },
  standing: 'CANNOT_TELL',
  beesToSettle: 753,
  says: sentence(''),
}

beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
  useSession().account = TAM
})

describe('a reading as a bar', () => {
  it('says in words what it draws', () => {
    const bar = mount(IntervalBar, { props: { reading, limit: 0.02, most: 0.06 } })
    expect(bar.attributes('aria-label')).toBe('3.0 %, 95 %: 1.6 % to 5.6 %, limit 2.0 %')
  })
})

describe('the row of a hive', () => {
  const row = (more: Partial<Shapes['CountLine']>, keeper = true) =>
    mount(CountRow, {
      props: {
        line: line('H4', more),
        limit: 0.02,
        most: 0.06,
        mayWork: true,
        isKeeper: keeper,
        current: false,
      },
      global: { plugins: [vuetify], stubs: { RouterLink } },
    })
  const press = async (at: ReturnType<typeof row>, text: string) =>
    at
      .findAll('button')
      .find((button) => button.text() === text)
      ?.trigger('click')

  it('tells how many more bees to wash', () => {
    expect(row({ reading }).text()).toContain('wash 453 more bees to know')
    expect(row({ reading: { ...reading, beesToSettle: undefined } }).text()).toContain(
      'too close to tell by washing',
    )
    expect(row({}).text()).toContain('not counted')
  })

  it('asks again about a board that hardly can be right, and says what to do', () => {
    expect(row({}).text()).not.toContain('Look again')
    const doubt = row({ doubt: sentence('No mite on the board just after a round?') }).text()
    expect(doubt).toContain('Look again. No mite on the board just after a round?')
    expect(doubt).toContain('strike it out')
  })

  it('asks why before a hive is left untreated', async () => {
    const hive = row({})
    await press(hive, 'Leave')
    expect(hive.emitted('decide')).toBeUndefined()
    await hive.get('form input').setValue('a line that holds its own')
    await hive.get('form').trigger('submit')
    expect(hive.emitted('decide')).toEqual([['LEAVE', 'a line that holds its own']])
  })

  it('treats and watches at one press, by the keeper alone', async () => {
    const mine = row({})
    await press(mine, 'Treat')
    await press(mine, 'Watch')
    expect(mine.emitted('decide')).toEqual([['TREAT'], ['WATCH']])
    const crews = row({}, false)
    await press(crews, 'Treat')
    expect(crews.emitted('decide')).toBeUndefined()
  })

  it('marks a sign, and takes the mark back at a second press', async () => {
    const bare = row({})
    await press(bare, 'wings')
    expect(bare.emitted('sign')).toEqual([['DEFORMED_WINGS']])
    const seen = {
      id: 'sign-1',
      hiveId: 'H4',
      day: '2026-08-18',
      sign: 'DEFORMED_WINGS' as const,
      doneBy: 'Tam',
    }
    const marked = row({ signs: [seen] })
    await press(marked, 'wings')
    expect(marked.emitted('strikeSign')).toEqual([['sign-1']])
  })
})

describe('the pad', () => {
  const lines = [line('H1'), line('H2'), line('H3')]

  function pad() {
    const sent: Shapes['NewCount'][] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      sent.push(...((await request.json()) as Shapes['NewCount'][]))
      return new Response(null, { status: 204 })
    })
    const wrapper = mount(CountPad, {
      props: {
        lines,
        today: '2026-08-18',
        modelValue: 'H1',
        'onUpdate:modelValue': (modelValue: string) => wrapper.setProps({ modelValue }),
      },
      global: { plugins: [vuetify] },
    })
    return { wrapper, sent }
  }
  async function digits(wrapper: ReturnType<typeof pad>['wrapper'], ...keys: string[]) {
    for (const key of keys) {
      await wrapper
        .findAll('.keys button')
        .find((button) => button.text() === key)
        ?.trigger('click')
    }
  }
  async function settle() {
    for (let i = 0; i < 8; i++) await new Promise((done) => setTimeout(done))
    await nextTick()
  }

  it('keeps a count by digits and goes on to the next hive with the same pattern', async () => {
    const { wrapper, sent } = pad()
    await digits(wrapper, '1', '2', '⌫', '4')
    await wrapper.get('form').trigger('submit')
    await settle()
    expect(wrapper.props('modelValue')).toBe('H2')
    await digits(wrapper, '0')
    await wrapper.get('form').trigger('submit')
    await settle()
    expect(sent.map((count) => [count.hiveId, count.mites, count.bees])).toEqual([
      ['H1', 14, 300],
      ['H2', 0, 300],
    ])
    expect(new Set(sent.map((count) => count.id)).size).toBe(2)
    expect(wrapper.text()).toContain('2 of 3 hives')
  })

  it('clears with C and keeps nothing without a figure', async () => {
    const { wrapper, sent } = pad()
    await digits(wrapper, '7', 'C')
    expect(wrapper.get('.keep').attributes('disabled')).toBeDefined()
    await wrapper.get('form').trigger('submit')
    await settle()
    expect(sent).toEqual([])
  })
})
