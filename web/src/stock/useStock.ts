import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { newId } from '../shared/ids'
import { useForm } from '../shared/request'

/** The stock as it stands, and ways to enter what changes it. What was refused stays typed. */
export function useStock() {
  const stock = ref<Shapes['OnHand'] | null>(null)
  const { problem, wrong, busy, attempt } = useForm()
  /** Of the entry being typed: the same press twice is one entry. */
  let id = newId()

  async function load(): Promise<void> {
    await tell(() => ask(api.GET('/api/stock')))
  }

  async function tell(asking: () => Promise<Shapes['OnHand']>): Promise<boolean> {
    if (busy.value) return false
    problem.value = ''
    wrong.value = {}
    return attempt(async () => {
      stock.value = await asking()
    })
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
    const struck = await attempt(async () => {
      await ask(api.DELETE('/api/stock/{id}', { params: { path: { id: entry } } }))
    })
    if (struck) await load()
  }

  onMounted(load)
  return { stock, problem, wrong, busy, load, addLot, weigh, addSupply, strike }
}
