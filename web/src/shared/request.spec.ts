import { describe, expect, it } from 'vitest'
import { useForm, useRequest } from './request'

const fails = () => Promise.reject(new Error('The server is away.'))
const goes = () => Promise.resolve()

describe('what went wrong with a request', () => {
  it('is said until the next one goes well', async () => {
    const { problem, attempt } = useRequest()
    expect(await attempt(fails)).toBe(false)
    expect(problem.value).toBe('The server is away.')
    expect(await attempt(goes)).toBe(true)
    expect(problem.value).toBe('')
  })

  it('stays where something else said it: a list that loads anew wipes out no refusal', async () => {
    const { problem, attempt } = useRequest()
    problem.value = 'One keeper must stay.'
    await attempt(goes)
    expect(problem.value).toBe('One keeper must stay.')
  })

  it('stays at fields that something else marked', async () => {
    const { problem, wrong, attempt } = useForm()
    wrong.value = { low: 'is no number' }
    await attempt(goes)
    expect(wrong.value).toEqual({ low: 'is no number' })
    await attempt(fails)
    await attempt(goes)
    expect([wrong.value, problem.value]).toEqual([{}, ''])
  })
})
