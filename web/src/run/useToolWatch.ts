import { useDocumentVisibility, useIntervalFn } from '@vueuse/core'
import { computed, shallowRef, watch, type Ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { useRequest } from '../shared/request'

type View = Shapes['WatchView']
export type Fault = Shapes['NextFault']['fault']

/** A run's tool under watch: what is seen, and the presses that begin, end or disturb it. */
export function useToolWatch(roundId: string, tool: Ref<number>, wanted: Ref<boolean>) {
  const view = shallowRef<View | null>(null)
  const { problem, attempt } = useRequest()
  const path = () => ({ params: { path: { id: roundId }, query: { tool: tool.value } } })
  const visible = useDocumentVisibility()
  let asking = false

  async function take(asked: Promise<View>): Promise<void> {
    await attempt(async () => {
      view.value = await asked
    })
  }

  /** A look that fails says nothing: the run goes on without it, and its age is shown. */
  async function look(): Promise<void> {
    if (!wanted.value || visible.value === 'hidden' || asking) return
    asking = true
    try {
      view.value = await ask(api.GET('/api/rounds/{id}/watch', path()))
    } catch {
      if (view.value?.seen)
        view.value = {
          ...view.value,
          seen: { ...view.value.seen, silentFor: view.value.seen.silentFor + 1 },
        }
    } finally {
      asking = false
    }
  }

  useIntervalFn(() => void look(), 1000)
  watch([wanted, tool], () => void look(), { immediate: true })
  watch(tool, () => (view.value = null))

  return {
    view,
    problem,
    watching: computed(() => Boolean(view.value?.seen)),
    begin: (source: Shapes['NewWatch']['source']) =>
      take(ask(api.PUT('/api/rounds/{id}/watch', { ...path(), body: { source } }))),
    play: (file: File) =>
      take(
        ask(
          api.POST('/api/rounds/{id}/watch/trace', {
            ...path(),
            body: { file: '' },
            bodySerializer: () => {
              const form = new FormData()
              form.append('file', file)
              return form
            },
          }),
        ),
      ),
    byItself: (on: boolean) =>
      take(ask(api.PUT('/api/rounds/{id}/watch/by-itself', { ...path(), body: { on } }))),
    breakNext: (fault: Fault) =>
      take(ask(api.POST('/api/rounds/{id}/watch/fault', { ...path(), body: { fault } }))),
    answered: () => take(ask(api.POST('/api/rounds/{id}/watch/answered', path()))),
    end: () => take(ask(api.DELETE('/api/rounds/{id}/watch', path()))),
  }
}
