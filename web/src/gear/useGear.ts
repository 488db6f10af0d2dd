import { onMounted, ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { useForm } from '../shared/request'

/** All gear, and every change of it; what a change is refused for stands by its field. */
export function useGear() {
  const gear = ref<Shapes['AllGear'] | null>(null)
  const { problem, wrong, attempt } = useForm()

  async function change(asked: Promise<Shapes['AllGear']>): Promise<boolean> {
    return attempt(async () => {
      gear.value = await asked
    })
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
