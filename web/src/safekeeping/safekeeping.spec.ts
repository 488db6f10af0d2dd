import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import BringIn from './BringIn.vue'
import { untilItAnswers } from '../shared/untilItAnswers'
import { vuetify } from '../shared/testing/controls'

async function chosen() {
  const page = mount(BringIn, { global: { plugins: [vuetify] } })
  const input = page.find('input[type=file]')
  Object.defineProperty(input.element, 'files', { value: [new File(['x'], 'tavrel.zip')] })
  await input.trigger('change')
  return page
}

describe('bringing an outfit in', () => {
  it('waits until somebody says that everything here is replaced', async () => {
    const page = await chosen()
    expect(page.text()).toContain('Put tavrel.zip')
    expect(page.find('button').attributes('disabled')).toBeDefined()
    await page.find('input[type=checkbox]').setValue(true)
    expect(page.find('button').attributes('disabled')).toBeUndefined()
  })

  it('says that nothing was changed where the file is refused', async () => {
    vi.stubGlobal('fetch', () =>
      Promise.resolve(
        new Response(
          JSON.stringify({ detail: 'no', errors: [{ field: 'file', says: 'was cut short' }] }),
          { status: 400, headers: { 'Content-Type': 'application/problem+json' } },
        ),
      ),
    )
    const page = await chosen()
    await page.find('input[type=checkbox]').setValue(true)
    await page.find('button').trigger('click')
    await flushPromises()
    expect(page.text()).toContain('Nothing was changed. The file was cut short.')
  })
})

describe('waiting for the new start', () => {
  it('goes on only when the server was gone and is back', async () => {
    const answers = [true, false, false, true]
    let looks = 0
    await untilItAnswers(1, 10_000, () => Promise.resolve(answers[looks++] ?? true))
    expect(looks).toBe(4)
  })
})
