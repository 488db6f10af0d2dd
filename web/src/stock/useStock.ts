import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { saysBeside, saysByField } from '../api/refusal'
import { newId } from '../shared/ids'
import { useRequest } from '../shared/request'

/** The stock as it stands, and ways to enter what changes it. What was refused stays typed. */
export function useStock() {
  const stock = ref<Shapes['OnHand'] | null>(null)
  const { problem, attempt } = useRequest()
  const wrong = ref<Record<string, string>>({})
  const busy = ref(false)
  /** Of the entry being typed: the same press twice is one entry. */
  let id = newId()

  async function load(): Promise<void> {
    await tell(() => ask(api.GET('/api/stock')))
  }

  async function tell(asking: () => Promise<Shapes['OnHand']>): Promise<boolean> {
    if (busy.value) return false
    busy.value = true
    problem.value = ''
    wrong.value = {}
    try {
      stock.value = await asking()
      return true
    } catch (thrown) {
      wrong.value = saysByField(thrown)
      problem.value = saysBeside(thrown)
      return false
    } finally {
      busy.value = false
    }
  }

  async function enter(asking: (id: string) => Promise<Shapes['OnHand']>): Promise<boolean> {
    const entered = await tell(() => asking(id))
    if (entered) id = newId()
    return entered
  }

  const addLot = (body: Shapes['NewLot']) =>
    enter((lot) => ask(api.PUT('/api/stock/lots/{id}', { params: { path: { id: lot } }, body })))
  const weigh = (body: Shapes['NewTake']) =>
    enter((take) => ask(api.PUT('/api/stock/takes/{id}', { params: { path: { id: take } }, body })))
  const addSupply = (body: Shapes['NewSupply']) =>
    enter((supply) =>
      ask(api.PUT('/api/stock/supplies/{id}', { params: { path: { id: supply } }, body })),
    )
  async function strike(entry: string): Promise<void> {
    await attempt(async () => {
      await ask(api.DELETE('/api/stock/{id}', { params: { path: { id: entry } } }))
      await load()
    })
  }

  onMounted(load)
  return { stock, problem, wrong, busy, load, addLot, weigh, addSupply, strike }
}
