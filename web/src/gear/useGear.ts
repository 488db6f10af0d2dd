import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { saysBeside, saysByField } from '../api/refusal'

/** All gear, and every change of it; what a change is refused for stands by its field. */
export function useGear() {
  const gear = ref<Shapes['AllGear'] | null>(null)
  const problem = ref('')
  const wrong = ref<Record<string, string>>({})

  async function change(asked: Promise<Shapes['AllGear']>): Promise<boolean> {
    try {
      gear.value = await asked
      problem.value = ''
      wrong.value = {}
      return true
    } catch (thrown) {
      wrong.value = saysByField(thrown)
      problem.value = saysBeside(thrown)
      return false
    }
  }

  const load = () => change(ask(api.GET('/api/gear')))
  const keepTool = (tool: Shapes['Tool']) =>
    change(ask(api.PUT('/api/tools/{id}', { params: { path: { id: tool.id } }, body: tool })))
  const keepPack = (pack: Shapes['Pack']) =>
    change(ask(api.PUT('/api/packs/{id}', { params: { path: { id: pack.id } }, body: pack })))
  const keepBurn = (burn: Shapes['TestBurn']) =>
    change(ask(api.PUT('/api/test-burns/{id}', { params: { path: { id: burn.id } }, body: burn })))
  const strikeBurn = (id: string) =>
    change(ask(api.DELETE('/api/test-burns/{id}', { params: { path: { id } } })))
  const note = (id: string, body: Shapes['NewGearNote']) =>
    change(ask(api.PUT('/api/gear-notes/{id}', { params: { path: { id } }, body })))

  onMounted(load)
  return { gear, problem, wrong, load, keepTool, keepPack, keepBurn, strikeBurn, note }
}
