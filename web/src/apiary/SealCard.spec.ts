import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Shapes } from '../api/client'
import SealCard from './SealCard.vue'

function read(gains: Shapes['SealReading']['gains']): Shapes['HiveSeal'] {
  return {
    seal: {
      hiveId: 'h',
      kept: 0.456,
      leaky: true,
      gramsPerBox: 2,
      kill: 0.66,
      killGramMore: 0.8,
      gains,
      keptShut: 0.93,
      killShut: 0.88,
    },
    estimate: {
      litres: 42,
      kept: 0.456,
      lost: 0.54,
      inAir: 0.004,
      mostlyDownSeconds: 267,
      withdrawnAt: 30,
      leaks: [{ kind: 'FLOOR', cm2: 190, litresASecond: 0.2375 }],
      curve: [
        { second: 0, inAir: 0, settled: 0, lost: 0 },
        { second: 630, inAir: 0.004, settled: 0.456, lost: 0.54 },
      ],
    },
    panTasks: [{ what: 'TRAY_PUSH', sleeve: false }],
    bowlTasks: [{ what: 'PORT_DRILL', sleeve: true }],
  }
}
const floor = { kind: 'FLOOR', kept: 0.92, kill: 0.87 }
const card = (gains: Shapes['SealReading']['gains']) =>
  mount(SealCard, { props: { read: read(gains), name: 'H1' } })

describe('a hive\u2019s seal', () => {
  it('names the opening to shut first beside what a gram more would give', () => {
    const text = card([floor as Shapes['SealReading']['gains'][number]]).text()
    expect(text).toContain('Keeps 46 % of the acid')
    expect(text).toContain('First: push the tray in tight, or set a solid board under.')
    expect(text).toContain('87 %')
    expect(text).toContain('One gram a box more would give 80 %')
  })

  it('says so where nothing is left to shut, and still what a gram would give', () => {
    const text = card([]).text()
    expect(text).toContain('Nothing left to shut that would show')
    expect(text).toContain('14 in 100 mites on bees more')
  })

  it('calls itself an estimate, with its litres, minutes and what it leaves out', () => {
    const text = card([]).text()
    expect(text).toContain('Model estimate, 42 L, opened 10 min after')
    expect(text).toContain('not measured')
    expect(text).toContain('floor: 190.0 cm²')
  })

  it('tells the curve to who cannot see it', () => {
    expect(card([]).get('svg').attributes('aria-label')).toBe(
      'Share of the acid over 11 minutes: settled 46 %, lost 54 %, still in the air 0 %',
    )
  })

  it('lists what each tool asks for before the burn', () => {
    const lists = card([]).findAll('details ul')
    expect(lists.map((each) => each.text())).toContain(
      'no port yet: drill 6 to 7 mm at the back before the day, or try the front entrance; sleeve on the nozzle',
    )
    expect(lists.map((each) => each.text())).toContain('push the tray tight to the mesh')
  })
})
