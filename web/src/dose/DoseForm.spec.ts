import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import DoseForm from './DoseForm.vue'
import ExceptionForm from './ExceptionForm.vue'
import { freshDraft, type DoseDraft } from '../shared/dose/doseDraft'
import { vuetify } from '../shared/testing/controls'

const choices = {
  presets: [
    {
      id: 'two',
      name: 'two grams',
      reason: '',
      amount: { grams: 2, per: 'BOX', of: 'ACID_DIHYDRATE' },
    },
    {
      id: 'four',
      name: 'four grams',
      reason: '',
      amount: { grams: 4, per: 'HIVE', of: 'PRODUCT' },
    },
  ],
  spoons: [{ spoon: 'QUARTER_TSP_US', words: '¼ teaspoon (US)', usualGrams: 1 }],
} as unknown as Shapes['Choices']

const weighed: Shapes['Weighed'] = {
  id: 'w',
  product: 'Vale crystals',
  lot: '7',
  grams: [1.2],
  scoops: {
    spoon: 'QUARTER_TSP_US',
    mean: 1.2,
    spread: 0,
    spreadPercent: 0,
    usualGrams: 1,
    weighings: 5,
    warnings: [],
  },
  by: 'Wren',
  at: '2026-08-18T06:40:00Z',
}

const tool = (id: string, retired = false) =>
  ({
    tool: { id, name: `Bowl ${id}`, family: 'HEATED_BOWL', capacity: 3, retired },
    fit: { basis: 'NOTHING' },
    wear: { due: [] },
  }) as unknown as Shapes['KnownTool']

/** The form and what it has made of the draft. */
function form(draft: Partial<DoseDraft> = {}, wrong: Record<string, string> = {}) {
  let now: DoseDraft = { ...freshDraft(), ...draft }
  const page = mount(DoseForm, {
    props: {
      modelValue: now,
      'onUpdate:modelValue': (changed: DoseDraft) => {
        now = changed
        void page.setProps({ modelValue: changed })
      },
      choices,
      sheets: [],
      wrong,
      slip: 'NONE',
      offLabel: false,
      tools: [tool('1'), tool('2', true)],
      scoops: [weighed],
      lots: [],
    },
    global: { plugins: [vuetify] },
  })
  const choose = async (label: string, value: string) => {
    page
      .findAllComponents({ name: 'VSelect' })
      .find((select) => select.props('label') === label)
      ?.vm.$emit('update:modelValue', value)
    await page.vm.$nextTick()
  }
  return { page, choose, draft: () => now }
}

describe('what is given', () => {
  it('follows a preset, and is the keeper’s own once he types another amount', async () => {
    const { page, choose, draft } = form()
    await choose('Preset', 'four')
    expect(draft()).toMatchObject({ preset: 'four', grams: '4', per: 'HIVE', of: 'PRODUCT' })
    page
      .findAllComponents({ name: 'VTextField' })
      .find((field) => field.props('label') === 'Dose a hive')
      ?.vm.$emit('update:modelValue', '3,5')
    expect(draft()).toMatchObject({ preset: 'own', grams: '3.5', per: 'HIVE' })
  })

  it('reckons with the scoop that was weighed for this lot, until another is typed', async () => {
    const { choose, draft } = form({ product: ' vale Crystals', lot: '7' })
    await choose('Measured with', 'QUARTER_TSP_US')
    expect(draft()).toMatchObject({ gramsPerScoop: '1.200', scoopFrom: 'w' })
    const typed = form({
      product: 'Vale crystals',
      lot: '7',
      measure: 'QUARTER_TSP_US',
      gramsPerScoop: '0.9',
      scoopFrom: 'w',
    })
    expect(typed.draft().gramsPerScoop).toBe('0.9')
  })

  it('takes a spoon for what it usually holds where none was weighed', async () => {
    const { choose, draft } = form({ product: 'another' })
    await choose('Measured with', 'QUARTER_TSP_US')
    expect(draft()).toMatchObject({ gramsPerScoop: '1.00', scoopFrom: '' })
  })

  it('brings a tool’s own capacity, and offers none that was retired', async () => {
    const { page, choose, draft } = form()
    await choose('Tool', '1')
    expect(draft()).toMatchObject({ toolId: '1', tool: 'Bowl 1', capacity: '3' })
    const offered = page
      .findAllComponents({ name: 'VSelect' })
      .find((select) => select.props('label') === 'Tool')
      ?.props('items') as { value: string }[]
    expect(offered.map((each) => each.value)).toEqual(['1', 'none'])
  })

  it('shows what is wrong beside its field', () => {
    expect(form({}, { 'amount.grams': 'allowed is 0.1 to 10' }).page.text()).toContain(
      'allowed is 0.1 to 10',
    )
  })
})

describe('one hive that gets another amount', () => {
  const given = async (grams: string, reason: string) => {
    const page = mount(ExceptionForm, {
      props: { hiveId: 'h', per: 'BOX', refused: {} },
      global: { plugins: [vuetify] },
    })
    const [first, second] = page.findAll('input')
    await first?.setValue(grams)
    await second?.setValue(reason)
    await page.find('form').trigger('submit')
    return page
  }

  it('wants a number and a reason before anything is asked of the server', async () => {
    const page = await given('much', ' ')
    expect(page.text()).toContain('is no number')
    expect(page.text()).toContain('say why')
    expect(page.emitted('except')).toBeUndefined()
  })

  it('gives what was typed, with its reason', async () => {
    const page = await given('1,5', ' strong ')
    expect(page.emitted('except')).toEqual([[{ hiveId: 'h', grams: '1,5', reason: 'strong' }]])
  })
})
