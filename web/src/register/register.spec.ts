import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import CorrectionDialog from './CorrectionDialog.vue'
import RegisterTable from './RegisterTable.vue'
import { holds, shown, type RegisterEntry, type TreatmentLine } from './registerWords'
import { VTextField } from 'vuetify/components/VTextField'
import { vuetify } from '../shared/testing/controls'

const VDialog = { template: '<div><slot /></div>' }
const RouterLink = { props: ['to'], template: '<a><slot /></a>' }

function entry(
  more: Partial<RegisterEntry> = {},
  line: Partial<TreatmentLine> = {},
): RegisterEntry {
  return {
    line: {
      id: 'line',
      day: '2026-08-14',
      zone: 'Etc/GMT+2',
      apiary: 'Cold Quay',
      hiveId: 'h1',
      hive: 'C1',
      means: 'OXALIC_VAPOUR',
      method: 'vapour, Bowl 1',
      roundId: 'round',
      acid: 2,
      lot: '26-014',
      people: 'Tam',
      supers: 0,
      supersPlan: 'TAKEN_OFF',
      remarks: '',
      stands: true,
      ...line,
    } as TreatmentLine,
    now: {},
    corrections: [],
    ...more,
  }
}

const corrected = entry({
  now: { LOT: '26-041' },
  corrections: [
    {
      id: 'c',
      field: 'LOT',
      was: '26-014',
      becomes: '26-041',
      why: 'read again',
      by: 'Wren',
      at: '2026-08-17T06:00:00Z',
    },
  ],
})

beforeEach(() => {
  setActivePinia(createPinia())
  vi.restoreAllMocks()
})

describe('what holds in a line', () => {
  it('is what was recorded until something is put right', () => {
    expect(holds(entry(), 'LOT')).toBe('26-014')
    expect(holds(entry(), 'GRAMS')).toBe('2')
    expect(holds(corrected, 'LOT')).toBe('26-041')
  })

  it('is shown in words', () => {
    expect(shown('SUPERS', 'LEFT_ON')).toBe('left on')
    expect(shown('STANDS', 'no')).toBe('struck out')
    expect(shown('LOT', '')).toBe('nothing')
  })
})

describe('the table', () => {
  const table = (entries: RegisterEntry[], mayCorrect = true) =>
    mount(RegisterTable, {
      props: { entries, mayCorrect },
      global: { plugins: [vuetify], stubs: { RouterLink } },
    })

  it('shows the original and the correction under it, with reason and person', () => {
    const text = table([corrected]).text()
    expect(text).toContain('26-014')
    expect(text).toContain('lot: was 26-014')
    expect(text).toContain('read again')
    expect(text).toContain('Wren')
  })

  it('marks a line that was struck out in words', () => {
    expect(table([entry({}, { stands: false })]).text()).toContain('struck out')
  })

  it('offers to put right only to who may', () => {
    expect(table([entry()], false).find('button').exists()).toBe(false)
    expect(table([entry()]).find('button').text()).toContain('Put right')
  })
})

describe('putting right', () => {
  const dialog = (of: RegisterEntry) =>
    mount(CorrectionDialog, {
      props: { entry: of, modelValue: true },
      global: { plugins: [vuetify], stubs: { VDialog } },
    })

  it('sends what stood there, what should, and why; a second press sends nothing', async () => {
    const fetched = vi.fn<(request: Request) => Promise<Response>>(
      () => new Promise(() => undefined),
    )
    vi.stubGlobal('fetch', fetched)
    const open = dialog(entry())
    const [, becomes, why] = open.findAllComponents(VTextField)
    await becomes?.find('input').setValue('3.5')
    await why?.find('input').setValue('second load')
    await open.find('form').trigger('submit')
    await open.find('form').trigger('submit')
    expect(fetched).toHaveBeenCalledTimes(1)
    const sent = await fetched.mock.calls[0]?.[0].json()
    expect(sent).toMatchObject({ field: 'GRAMS', was: '2', becomes: '3.5', why: 'second load' })
  })

  it('keeps what was typed when it is refused, and says where', async () => {
    vi.stubGlobal('fetch', () =>
      Promise.resolve(
        new Response(
          JSON.stringify({ detail: 'no', errors: [{ field: 'why', says: 'is empty' }] }),
          { status: 400, headers: { 'Content-Type': 'application/problem+json' } },
        ),
      ),
    )
    const open = dialog(entry())
    const becomes = open.findAllComponents(VTextField)[1]
    await becomes?.find('input').setValue('3.5')
    await open.find('form').trigger('submit')
    await flushPromises()
    expect(open.text()).toContain('is empty')
    expect(becomes?.find('input').element.value).toBe('3.5')
    expect(open.emitted('written')).toBeUndefined()
  })

  it('of a struck line only offers to put it back', () => {
    const text = dialog(entry({ now: { STANDS: 'no' } }, { stands: false })).text()
    expect(text).toContain('Put it back')
    expect(text).not.toContain('Strike the whole line out')
  })
})
