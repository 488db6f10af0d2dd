import { describe, expect, it } from 'vitest'
import { asFamily, draftOf, freshTool, toolOf } from './gearWords'

const bowl = { setCelsius: 230, preheatSeconds: 110 }

describe('a tool as it is typed', () => {
  it('is read with a comma, and an empty figure is left out', () => {
    const draft = freshTool('id', bowl)
    draft.name = 'Bowl 1'
    draft.numbers.capacity = '4,5'
    const { tool, wrong } = toolOf(draft)
    expect(wrong).toEqual({})
    expect(tool?.capacity).toBe(4.5)
    expect(tool?.burnSeconds).toBeUndefined()
    expect(tool).not.toHaveProperty('numbers', expect.anything())
  })

  it('names each figure that is none, and sends nothing', () => {
    const draft = freshTool('id', bowl)
    draft.numbers.capacity = ''
    draft.numbers.watts = 'many'
    expect(toolOf(draft)).toEqual({ wrong: { capacity: 'is missing', watts: 'is no number' } })
  })

  it('of a pan is loaded cold, cools in the hive and is not preheated', () => {
    const pan = asFamily(freshTool('id', bowl), 'PAN_WAND', bowl)
    expect(pan.release).toBe('LOADED_COLD')
    expect(pan.numbers.preheatSeconds).toBe('0')
    expect(Number(pan.numbers.coolSeconds)).toBeGreaterThan(0)
    expect(pan.numbers.setCelsius).toBe('')
    expect(asFamily(pan, 'HEATED_BOWL', bowl).release).not.toBe('LOADED_COLD')
  })

  it('comes back from the server as it was typed', () => {
    const draft = { ...freshTool('id', bowl), name: 'Bowl 1' }
    const { tool } = toolOf(draft)
    expect(tool && draftOf(tool).numbers).toEqual(draft.numbers)
  })
})
