import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import type { Shapes } from '../api/client'
import PhonesPart from './PhonesPart.vue'

async function told(phones: Shapes['Phones']): Promise<string> {
  vi.stubGlobal('fetch', () =>
    Promise.resolve(
      new Response(JSON.stringify(phones), { headers: { 'content-type': 'application/json' } }),
    ),
  )
  const part = mount(PhonesPart)
  await flushPromises()
  return part.text()
}

describe('how phones come in', () => {
  it('says how, where this machine alone is answered', async () => {
    const text = await told({ addresses: [], secure: false, ownCertificate: false })
    expect(text).toContain('tavrel --phones')
    expect(text).not.toContain('certificate')
  })

  it('gives addresses and how to trust a certificate of its own', async () => {
    const text = await told({
      addresses: ['https://192.0.2.7:8484'],
      secure: true,
      ownCertificate: true,
    })
    expect(text).toContain('https://192.0.2.7:8484')
    expect(text).toContain('Certificate trust settings')
    expect(text).not.toContain('not secure')
  })

  it('warns where others in the network can read along', async () => {
    const text = await told({
      addresses: ['http://192.0.2.7:8484'],
      secure: false,
      ownCertificate: false,
    })
    expect(text).toContain('not secure')
  })
})
