import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, ref } from 'vue'
import type { Shapes } from '../api/client'
import EndDialog from './EndDialog.vue'
import FirstAidDialog from './FirstAidDialog.vue'
import { AT, board, BURN, hive } from './fixtures'
import MergedNotice from './MergedNotice.vue'
import { overlay } from './overlay'
import PaceLine from './PaceLine.vue'
import PartPick from './PartPick.vue'
import ReviewLines from './ReviewLines.vue'
import { useStepCues } from './stepCue'
import { cueOf, useSpokenCues } from './useSpokenCues'
import { sentence } from '../shared/testing/facts'
import { vuetify } from '../shared/testing/controls'

/** The dialog without its overlay, which needs a real window. */
const plain = { plugins: [vuetify], stubs: { VDialog: { template: '<div><slot /></div>' } } }
const name = (hiveId?: string) => `Hive ${hiveId ?? ''}`
const shown = (...hives: Shapes['HiveOnBoard'][]) => overlay(board(...hives), [])
const later = (seconds: number) => new Date(Date.parse(AT) + 1000 * seconds).toISOString()

beforeEach(() => {
  localStorage.clear()
  document.body.innerHTML = ''
})

describe('the part that one plays', () => {
  it('is one of the tools of the run, or shutting and opening, with what is left in the pack', async () => {
    const picked = vi.fn()
    const wrapper = mount(PartPick, {
      props: {
        modelValue: 1,
        'onUpdate:modelValue': picked,
        name,
        tools: [
          { number: 1, name: 'Bowl 1', family: 'HEATED_BOWL', in: '3', burns: 2, packBurnsLeft: 1 },
          { number: 2, name: 'Pan', family: 'PAN_WAND', burns: 0 },
        ],
      },
    })
    expect(wrapper.text()).toContain('in Hive 3')
    expect(wrapper.text()).toContain('about 1 burn in the pack')
    await wrapper.findAll('[role="radio"]')[2]?.trigger('click')
    expect(picked).toHaveBeenCalledWith(0)
  })
})

describe('the pace', () => {
  const pace: Shapes['PaceNow'] = {
    out: 3,
    outByNow: 5,
    behind: 125,
    endsAt: later(3600),
    workableTo: later(7200),
    endsInside: true,
  }
  const text = (more: Partial<Shapes['PaceNow']>) =>
    mount(PaceLine, { props: { pace: { ...pace, ...more }, zone: 'UTC' } }).text()

  it('says how late the run is, when it ends, and whether that is inside the workable hours', () => {
    expect(text({})).toContain('2 min behind')
    expect(text({})).toContain('cleared away about 07:40')
    expect(text({})).toContain('inside the workable hours, to 08:40')
    expect(text({ behind: -90 })).toContain('2 min ahead')
    expect(text({ behind: 10 })).toContain('on time')
    expect(text({ endsInside: false })).toContain('past the workable hours')
    expect(text({ workableTo: undefined, endsInside: false })).toContain('not in workable hours')
  })
})

describe('what was merged', () => {
  it('is told until it was read, and never again', async () => {
    const mark = {
      kind: 'BURN_STARTED',
      at: AT,
      by: 'Tam',
      says: sentence('load 1 was also started by Tam'),
    }
    const hives = shown(hive('1', { marks: [mark as Shapes['Mark']] }))
    const wrapper = mount(MergedNotice, { props: { roundId: 'r', hives, name, zone: 'UTC' } })
    expect(wrapper.text()).toContain('Hive 1: load 1 was also started by Tam (06:40)')
    await wrapper.find('button').trigger('click')
    expect(wrapper.text()).toBe('')
  })

  it('says nothing of a leak that was seen', () => {
    const leak = { kind: 'LEAK_SEEN', at: AT, by: 'Tam' }
    const hives = shown(hive('1', { marks: [leak as Shapes['Mark']] }))
    expect(mount(MergedNotice, { props: { roundId: 'x', hives, name, zone: 'UTC' } }).text()).toBe(
      '',
    )
  })
})

const hurtAt = {
  apiary: { name: 'Fern Gate', latitude: 47.652, longitude: -24.288 },
  rescue: { says: 'Quarry road, by the lime kiln', poisonCentre: '0800 555 019' },
} as Shapes['WholeRound']

describe('an exposure', () => {
  it('is kept with who, what and what was done, and not before all three are said', async () => {
    const said = vi.fn()
    mount(FirstAidDialog, {
      attachTo: document.body,
      global: plain,
      props: { modelValue: true, whole: hurtAt, onSaid: said },
    })
    await nextTick()
    expect(document.querySelector('.there')?.textContent).toMatch(
      /Fern Gate 47\.65200, -24\.28800.*Quarry road.*Poison centre: 0800 555 019/,
    )
    const card = document.querySelector('.card')?.textContent ?? ''
    expect(card).toContain('at least 15 minutes')
    expect(card).toContain('emergency number')
    const fields = [...document.querySelectorAll<HTMLInputElement>('input')]
    const keep = document.querySelector<HTMLButtonElement>('button[type="submit"]')
    expect(keep?.disabled).toBe(true)
    const typed = ['Tam', 'vapour in the eyes', 'rinsed 15 min']
    for (const [i, field] of fields.entries()) {
      field.value = typed[i] ?? ''
      field.dispatchEvent(new Event('input'))
    }
    await nextTick()
    expect(keep?.disabled).toBe(false)
    document.querySelector('form')?.dispatchEvent(new Event('submit', { cancelable: true }))
    expect(said).toHaveBeenCalledWith('EXPOSURE', 'Tam: vapour in the eyes. Done: rinsed 15 min')
  })
})

describe('the end of a run', () => {
  function ask(shut: Shapes['HiveOnBoard'][], waiting: Shapes['HiveOnBoard'][]) {
    const putOff = vi.fn()
    mount(EndDialog, {
      attachTo: document.body,
      global: plain,
      props: {
        modelValue: true,
        shut: shown(...shut),
        waiting: shown(...waiting),
        name,
        onPutOff: putOff,
      },
    })
    return putOff
  }

  it('does not come while a hive is shut; each is named', async () => {
    ask([hive('4', { stage: 'SEALED' }), hive('7', { stage: 'SEALED' })], [hive('8')])
    await nextTick()
    expect(document.querySelector('[role="alert"]')?.textContent).toContain(
      '2 hives still shut: Hive 4, Hive 7',
    )
    expect(document.body.textContent).not.toContain('Another day')
  })

  it('leaves what waits for another day, because of what is said', async () => {
    const putOff = ask([], [hive('8')])
    await nextTick()
    const why = document.querySelector<HTMLInputElement>('input')
    if (why) why.value = 'rain'
    why?.dispatchEvent(new Event('input'))
    await nextTick()
    const days = [...document.querySelectorAll('button')].find((each) =>
      each.textContent?.includes('Another day'),
    )
    days?.click()
    expect(putOff).toHaveBeenCalledWith('rain')
  })
})

describe('spoken cues', () => {
  const sealed = hive('1', { stage: 'SEALED', openFrom: later(60), alarmAt: later(600) })

  it('say what is due, and what has been shut too long', () => {
    const [one] = shown(sealed)
    if (!one) throw new Error('no hive')
    expect(cueOf(one, 'Alder', Date.parse(AT))).toBe('')
    expect(cueOf(one, 'Alder', Date.parse(later(61)))).toBe('Open Alder.')
    expect(cueOf(one, 'Alder', Date.parse(later(601)))).toContain('shut too long')
    const [burning] = shown(hive('2', { stage: 'BURNING', clockTo: later(30) }))
    if (!burning) throw new Error('no hive')
    expect(cueOf(burning, 'Birch', Date.parse(later(31)))).toBe('Birch: burn time is over.')
  })

  it('tell that a pan has cooled, and that the rest of a load is due', () => {
    const ahead = BURN.slice(1)
    const [pan, bowl] = shown(
      hive('1', { stage: 'BURNT', clockTo: later(30), ahead }),
      hive('2', { stage: 'BURNT', clockTo: later(30), ahead: BURN }),
    )
    if (!pan || !bowl) throw new Error('no hive')
    expect(cueOf(pan, 'Alder', Date.parse(later(29)))).toBe('')
    expect(cueOf(pan, 'Alder', Date.parse(later(30)))).toBe('Alder: cooled. Take it out.')
    expect(cueOf(bowl, 'Birch', Date.parse(later(30)))).toBe('Birch: the rest of the load now.')
  })

  it('shake once when the clock of the own tool is out, with the voice off', async () => {
    const vibrate = vi.fn()
    vi.stubGlobal('navigator', { vibrate })
    const now = ref(Date.parse(AT))
    const hives = shown(
      hive('1', { stage: 'BURNING', clockTo: later(30), tool: 1 }),
      hive('2', { stage: 'BURNING', clockTo: later(40), tool: 2 }),
    )
    useStepCues(ref(hives), ref(1), ref(true), now)
    for (const second of [29, 31, 32, 41, 42]) {
      now.value = Date.parse(later(second))
      await nextTick()
    }
    expect(vibrate).toHaveBeenCalledTimes(1)
    vi.unstubAllGlobals()
  })

  it('are spoken once each, and only when the voice is on', async () => {
    const speak = vi.fn()
    vi.stubGlobal('speechSynthesis', { speak, cancel: vi.fn() })
    vi.stubGlobal(
      'SpeechSynthesisUtterance',
      class {
        constructor(readonly text: string) {}
      },
    )
    const now = ref(Date.parse(AT))
    const { on } = useSpokenCues(ref(shown(sealed)), name, now)
    on.value = true
    for (const second of [61, 62, 63]) {
      now.value = Date.parse(later(second))
      await nextTick()
    }
    expect(speak).toHaveBeenCalledTimes(1)
    on.value = false
    now.value = Date.parse(later(601))
    await nextTick()
    expect(speak).toHaveBeenCalledTimes(1)
    vi.unstubAllGlobals()
  })
})

describe('looking back', () => {
  it('lays every hive on two lines and says how late it was', () => {
    const done: Shapes['HiveDone'] = {
      hiveId: '1',
      stage: 'OPEN',
      planned: { hiveId: '1', shut: 0, out: 40, opened: 640 },
      shut: AT,
      out: later(50),
      opened: later(1000),
      overSeconds: 350,
      loadsEnded: 1,
      loads: 1,
      marks: [],
      people: ['Tam'],
    }
    const left: Shapes['HiveDone'] = {
      hiveId: '2',
      stage: 'SKIPPED',
      reason: 'weak colony',
      loadsEnded: 0,
      loads: 1,
      marks: [],
      people: [],
    }
    const wrapper = mount(ReviewLines, {
      props: {
        name,
        zone: 'UTC',
        review: { from: AT, to: later(1000), hives: [done, left] } as Shapes['RunReview'],
      },
    })
    expect(wrapper.findAll('.bar.reckoned')).toHaveLength(2)
    expect(wrapper.find('.bar.burn').attributes('style')).toContain('width: 5%')
    expect(wrapper.text()).toContain('6 min over')
    expect(wrapper.text()).toContain('left out: weak colony')
    expect(wrapper.text()).toContain('06:45')
  })
})
