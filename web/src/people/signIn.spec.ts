import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { describe, expect, it, vi } from 'vitest'
import { useSession } from '../shared/session'
import SignInPage from './SignInPage.vue'
import { vuetify } from '../shared/testing/controls'

vi.mock('vue-router', () => ({ useRoute: () => ({ query: {} }), useRouter: () => ({}) }))

const BEGIN = 'Begin the sample outfit anew'

function door(anew: boolean) {
  const pinia = createPinia()
  setActivePinia(pinia)
  useSession().door = { firstStart: false, demo: true, anew }
  return mount(SignInPage, { global: { plugins: [pinia, vuetify] } })
}

function answering(status: number, body: unknown) {
  const asked: string[] = []
  vi.stubGlobal('fetch', (request: Request) => {
    asked.push(`${request.method} ${new URL(request.url).pathname}`)
    return Promise.resolve(
      new Response(status === 202 ? null : JSON.stringify(body), {
        status,
        headers: { 'Content-Type': 'application/problem+json' },
      }),
    )
  })
  return asked
}

describe('the door of the sample outfit', () => {
  it('begins it anew once, and says so while it is being made', async () => {
    const asked = answering(202, null)
    const page = door(true)
    const button = page.findAll('button').find((each) => each.text() === BEGIN)
    await button?.trigger('click')
    await flushPromises()
    expect(asked).toEqual(['POST /api/demo/anew'])
    expect(page.text()).toContain('is being made anew')
    expect(page.findAll('button').map((each) => each.attributes('disabled'))).not.toContain(
      undefined,
    )
  })

  it('says why it does not, and can be asked again', async () => {
    answering(409, { detail: 'The sample data are still being made.' })
    const page = door(true)
    const button = page.findAll('button').find((each) => each.text() === BEGIN)
    await button?.trigger('click')
    await flushPromises()
    expect(page.get('[role=alert]').text()).toContain('still being made')
    expect(button?.attributes('disabled')).toBeUndefined()
  })

  it('offers nothing where a large outfit took minutes to make', () => {
    expect(door(false).text()).not.toContain(BEGIN)
  })
})
