import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import SealRanking from './SealRanking.vue'
import YardList from './YardList.vue'
import YardRows from './YardRows.vue'
import type { Hive } from './useYard'

function hive(name: string, row: number, place: number, stand?: string, divided = false): Hive {
  return {
    id: name,
    name,
    row,
    place,
    boxes: [{ kind: 'DEEP', frames: 10 }],
    supers: 0,
    floor: 'SOLID',
    fittings: {
      material: 'WOOD',
      entrance: 'FULL',
      shutting: 'WET_CLOTH',
      innerCover: 'CLOSED',
      cracks: 'NONE',
      port: 'NONE',
      supersPlan: 'TAKEN_OFF',
      stand,
      divided,
    },
  }
}

const all = [hive('H1', 1, 1), hive('H2', 1, 2), hive('H3', 1, 3, 'T', true)]
const twins = [hive('H4', 2, 4, 'T2', true), hive('H5', 2, 5, 'T2', true)]
const rows = [
  { number: 1, of: all },
  { number: 2, of: twins },
]

function drawn(mayMove = true, many = false, chosen: string[] = []) {
  return mount(YardRows, {
    props: {
      rows,
      kept: new Map([
        ['H1', { kept: 0.9, leaky: false }],
        ['H2', { kept: 0.2, leaky: true }],
      ]),
      many,
      mayMove,
      modelValue: new Set(chosen),
    },
  })
}

function chosenIn(wrapper: ReturnType<typeof drawn>): string[] {
  const last = wrapper.emitted('update:modelValue')?.at(-1)?.[0] as ReadonlySet<string>
  return [...last]
}

describe('the rows of a yard', () => {
  it('choose one hive at a press, and none at a second', async () => {
    const wrapper = drawn()
    await wrapper.get('[data-hive=H2]').trigger('click')
    expect(chosenIn(wrapper)).toEqual(['H2'])
    const again = drawn(true, false, ['H2'])
    await again.get('[data-hive=H2]').trigger('click')
    expect(chosenIn(again)).toEqual([])
  })

  it('add to those chosen with Ctrl or with "many", and take a stretch with Shift', async () => {
    const ctrl = drawn(true, false, ['H1'])
    await ctrl.get('[data-hive=H3]').trigger('click', { ctrlKey: true })
    expect(chosenIn(ctrl)).toEqual(['H1', 'H3'])
    const many = drawn(true, true, ['H1'])
    await many.get('[data-hive=H2]').trigger('click')
    expect(chosenIn(many)).toEqual(['H1', 'H2'])
    const shift = drawn()
    await shift.get('[data-hive=H2]').trigger('click')
    await shift.get('[data-hive=H4]').trigger('click', { shiftKey: true })
    expect(chosenIn(shift)).toEqual(['H2', 'H3', 'H4'])
  })

  it('choose a whole row, and leave it again', async () => {
    const wrapper = drawn()
    await wrapper.get('button.all').trigger('click')
    expect(chosenIn(wrapper)).toEqual(['H1', 'H2', 'H3'])
    const whole = drawn(true, false, ['H1', 'H2', 'H3'])
    await whole.get('button.all').trigger('click')
    expect(chosenIn(whole)).toEqual([])
  })

  it('move a hive by Alt and arrows, over the end of a row too, but not past the walk', async () => {
    const wrapper = drawn()
    await wrapper.get('[data-hive=H3]').trigger('keydown', { key: 'ArrowRight', altKey: true })
    await wrapper.get('[data-hive=H1]').trigger('keydown', { key: 'ArrowLeft', altKey: true })
    expect(wrapper.emitted('move')).toEqual([['H3', 'H4', true]])
  })

  it('stay as they are for somebody who may only look', async () => {
    const wrapper = drawn(false)
    await wrapper.get('[data-hive=H3]').trigger('keydown', { key: 'ArrowRight', altKey: true })
    expect(wrapper.emitted('move')).toBeUndefined()
    expect(wrapper.get('[data-hive=H1]').attributes('draggable')).toBe('false')
  })

  it('draw the sides of a divided box on one stand, each a hive of its own', () => {
    const stand = drawn().findAll('li.shared')
    expect(stand).toHaveLength(1)
    expect(stand[0]?.text()).toContain('divided box, T2')
    expect(stand[0]?.findAll('[data-hive]')).toHaveLength(2)
  })

  it('call a leak by its word, not by its colour alone', () => {
    const wrapper = drawn()
    expect(wrapper.get('[data-hive=H2]').text()).toContain('leaky 20 %')
    expect(wrapper.get('[data-hive=H1]').text()).toContain('keeps 90 %')
  })

  it('say in words what each drawing shows', () => {
    expect(drawn().get('[data-hive=H1] svg').attributes('aria-label')).toBe(
      '1 brood box, floor solid, entrance full width, port none',
    )
  })
})

describe('the same hives as a list', () => {
  const list = (mayMove: boolean) =>
    mount(YardList, {
      props: { hives: [...all, ...twins], kept: new Map(), mayMove, modelValue: new Set<string>() },
    })

  it('moves a hive earlier or later by buttons that say which', async () => {
    const wrapper = list(true)
    await wrapper.get('[aria-label="H2 earlier in the walk"]').trigger('click')
    await wrapper.get('[aria-label="H2 later in the walk"]').trigger('click')
    expect(wrapper.emitted('move')).toEqual([
      ['H2', 'H1', false],
      ['H2', 'H3', true],
    ])
    expect(
      wrapper.get('[aria-label="H1 earlier in the walk"]').attributes('disabled'),
    ).toBeDefined()
    expect(list(false).find('[aria-label="H2 earlier in the walk"]').exists()).toBe(false)
  })

  it('chooses by a box with a name', async () => {
    const wrapper = list(true)
    await wrapper.get('[aria-label="Choose H3"]').trigger('change')
    expect([...(wrapper.emitted('update:modelValue')?.[0]?.[0] as Set<string>)]).toEqual(['H3'])
  })
})

describe('the leakiest', () => {
  const gain = { kind: 'FLOOR', kept: 0.9, kill: 0.86 } as const
  const seal = (id: string, kept: number, gains = [gain]) => ({
    hiveId: id,
    kept,
    leaky: kept < 0.5,
    gramsPerBox: 2,
    kill: 0.4,
    killGramMore: 0.5,
    gains: [...gains],
    keptShut: 0.92,
    killShut: 0.87,
  })

  it('come first, with what shutting brings beside a gram more; tight hives are not named', () => {
    const wrapper = mount(SealRanking, {
      props: {
        hives: all,
        seals: new Map([
          ['H1', seal('H1', 0.45)],
          ['H2', seal('H2', 0.2)],
          ['H3', seal('H3', 0.93, [])],
        ]),
      },
    })
    expect(wrapper.findAll('li strong').map((each) => each.text())).toEqual(['H2', 'H1'])
    expect(wrapper.text()).toContain('40 % → 86 %; a gram more 50 %')
  })

  it('are none where nothing is worth shutting', () => {
    const wrapper = mount(SealRanking, { props: { hives: all, seals: new Map() } })
    expect(wrapper.text()).toContain('No hive here has an opening worth shutting')
  })
})
