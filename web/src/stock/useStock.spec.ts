import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent } from 'vue'
import type { Shapes } from '../api/client'
import { useStock } from './useStock'

const STOCK = { lots: [] } as unknown as Shapes['OnHand']
const LOT: Shapes['NewLot'] = {
  name: '26-014',
  product: 'Crystals',
  boughtOn: '2026-05-01',
  grams: 500,
  strength: 0.996,
}

let asked: string[]
let answers: (() => Promise<Response>)[]

function said(body: unknown, status = 200): Promise<Response> {
  const type = status < 300 ? 'application/json' : 'application/problem+json'
  return Promise.resolve(
    new Response(JSON.stringify(body), { status, headers: { 'content-type': type } }),
  )
}

/** The composable as a page has it, its stock loaded. */
async function stock() {
  let its: ReturnType<typeof useStock> | undefined
  mount(
    defineComponent({
      setup() {
        its = useStock()
        return () => null
      },
    }),
  )
  await flushPromises()
  asked = []
  if (!its) throw new Error('not mounted')
  return its
}

beforeEach(() => {
  asked = []
  answers = []
  vi.stubGlobal('fetch', (request: Request) => {
    asked.push(`${request.method} ${new URL(request.url).pathname}`)
    return (answers.shift() ?? (() => said(STOCK)))()
  })
})

describe('the stock', () => {
  it('takes a double press for one', async () => {
    const its = await stock()
    const both = [its.addLot(LOT), its.addLot(LOT)]
    expect(await Promise.all(both)).toEqual([true, false])
    expect(asked).toHaveLength(1)
  })

  it('sends a lost entry again under its own key, and the next under another', async () => {
    const its = await stock()
    answers = [() => Promise.reject(new TypeError('no network'))]
    expect(await its.addLot(LOT)).toBe(false)
    expect(its.problem.value).not.toBe('')
    expect(await its.addLot(LOT)).toBe(true)
    expect(await its.addLot(LOT)).toBe(true)
    expect(asked[1]).toBe(asked[0])
    expect(asked[2]).not.toBe(asked[1])
    expect(its.problem.value).toBe('')
  })

  it('says at which field an entry was refused, and keeps the stock that is shown', async () => {
    const its = await stock()
    const before = its.stock.value
    answers = [() => said({ detail: 'no', errors: [{ field: 'grams', says: 'is too much' }] }, 400)]
    expect(await its.addLot(LOT)).toBe(false)
    expect(its.wrong.value).toEqual({ grams: 'is too much' })
    expect(its.stock.value).toStrictEqual(before)
    expect(its.busy.value).toBe(false)
  })

  it('loads anew what an entry struck out has changed', async () => {
    const its = await stock()
    await its.strike('e')
    expect(asked).toEqual(['DELETE /api/stock/e', 'GET /api/stock'])
  })
})
