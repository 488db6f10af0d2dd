import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, nextTick } from 'vue'
import type { Shapes } from '../api/client'
import { useSession } from '../shared/session'
import { TAM } from '../shared/testing/people'
import { board as boardOf, hive as oneHive } from './fixtures'
import { useOutbox } from '../shared/offline/outbox'
import ToolGauge from './ToolGauge.vue'
import TraceLine from './TraceLine.vue'
import { RESIDUE, useRun } from './useRun'
import { sentence } from '../shared/testing/facts'
import { vuetify } from '../shared/testing/controls'

const fetched = vi.fn<(request: Request) => Promise<Response>>()

const hive = oneHive('h1')
const board = boardOf(hive)

const seen: Shapes['Seen'] = {
  tool: { setCelsius: 230, preheatSeconds: 100 },
  source: sentence('simulated tool'),
  standIn: true,
  seconds: 120,
  state: 'CHARGED',
  celsius: 211.4,
  volts: 18.24,
  lowest: 210.9,
  alerts: [],
  latest: [
    { seconds: 100, celsius: 230, volts: 18 },
    { seconds: 119, celsius: 211, volts: 18 },
  ],
  silentFor: 1,
  goneWithin: 10,
}

function json(status: number, body: unknown): Response {
  return new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': 'application/json' },
  })
}

async function settled(): Promise<void> {
  for (let i = 0; i < 30; i++) await new Promise((done) => setTimeout(done, 0))
  await nextTick()
}

/** A run on a page; presses are answered when the test lets them be. */
async function running() {
  const sent: Shapes['NewEvent'][] = []
  const held: (() => void)[] = []
  fetched.mockImplementation((request) => {
    if (!/\/events\b/.test(request.url))
      return Promise.resolve(json(200, /\/board\b/.test(request.url) ? board : { hives: [] }))
    return new Promise((answer) => {
      void request.json().then((events: Shapes['NewEvent'][]) => {
        sent.push(...events)
        held.push(() => answer(json(200, { ...board, hives: [] })))
      })
    })
  })
  let run: ReturnType<typeof useRun> | undefined
  const page = mount(
    defineComponent(() => {
      run = useRun('r')
      return () => h('div')
    }),
  )
  await settled()
  if (!run) throw new Error('no run')
  return { run, sent, page, answerNext: () => held.shift()?.() }
}

beforeEach(() => {
  localStorage.clear()
  fetched.mockReset()
  vi.stubGlobal('fetch', fetched)
  setActivePinia(createPinia())
  useSession().account = TAM
})

describe('a run', () => {
  it('takes back a press that is on its way by what follows it', async () => {
    const { run, sent, page, answerNext } = await running()
    const shown = run.hives.value[0]
    if (!shown) throw new Error('no hive')
    run.act(shown)
    await settled()
    expect(sent.map((each) => each.kind)).toEqual(['BURN_STARTED'])
    expect(run.undo()).toBe(true)
    answerNext()
    await settled()
    expect(sent.map((each) => each.kind)).toEqual(['BURN_STARTED', 'UNDONE'])
    expect(sent[1]?.undoes).toBe(sent[0]?.id)
    page.unmount()
  })

  it('recalls a press that waits behind another without sending it', async () => {
    const { run, sent, page } = await running()
    run.leak('h1')
    run.mark('h1', 'bees outside')
    await settled()
    expect(run.undo()).toBe(true)
    expect(useOutbox().waiting).toBe(1)
    expect(sent.map((each) => each.kind)).toEqual(['LEAK_SEEN'])
    page.unmount()
  })

  it('logs what was seen in its own kind, with words where it has none', async () => {
    const { run, sent, page, answerNext } = await running()
    run.mark('h1', RESIDUE)
    await settled()
    answerNext()
    run.mark('h1', 'acid spat')
    await settled()
    expect(sent.map((each) => [each.kind, each.reason])).toEqual([
      ['RESIDUE', undefined],
      ['NOTE', 'acid spat'],
    ])
    page.unmount()
  })
})

describe('the tool gauge', () => {
  function gauge(more: Partial<Shapes['Seen']> = {}, mayWork = true) {
    return mount(ToolGauge, {
      props: {
        view: {
          seen: { ...seen, ...more },
          byItself: false,
          tooSmall: false,
          simulated: true,
          mayWatch: true,
          mayLog: true,
          maySimulate: true,
        },
        problem: '',
        mayWork,
        asked: '',
      },
      global: { plugins: [vuetify] },
    })
  }

  it('says state, temperature, pack and that nothing is measured', () => {
    const text = gauge().text()
    for (const word of ['acid in', '211 °C', '18.2 V', 'lowest 211 °C', 'simulated tool'])
      expect(text).toContain(word)
  })

  it('asks whether acid went in where the bowl fell without a mark', async () => {
    const asking = gauge()
    await asking.setProps({ asked: 'H7' })
    expect(asking.text()).toContain('Was acid released into H7?')
    await asking.findAll('.asks button')[1]?.trigger('click')
    expect(asking.emitted('answered')).toHaveLength(1)
  })

  it('says what is wrong and what to do', () => {
    expect(
      gauge({ alerts: ['NO_CHARGE'] })
        .find('[role=alert]')
        .text(),
    ).toContain('No dip 20 s after the release. The cap may be stuck')
  })

  it('calls a tool silent that no longer tells, instead of showing its last word', () => {
    const text = gauge({ silentFor: 14 }).find('[role=status]').text()
    expect(text).toContain('silent for 14 s')
    expect(text).not.toContain('acid in')
  })

  it('lets a reader look and change nothing', () => {
    expect(gauge({}, false).find('details').exists()).toBe(false)
  })

  it('draws what is set as a line that the bowl dips under', () => {
    const line = mount(TraceLine, { props: { seen } })
    expect(line.find('svg').attributes('aria-label')).toContain('now 211 °C, set to 230 °C')
    const ends = line.find('path.bowl').attributes('d') ?? ''
    expect(ends.match(/[ML]/g)).toHaveLength(2)
    const set = Number(/V|M\d+ ([\d.]+)H/.exec(line.find('path.set').attributes('d') ?? '')?.[1])
    expect(Number(ends.split(',').at(-1))).toBeGreaterThan(set)
  })
})
