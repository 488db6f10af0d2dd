import { onMounted, onUnmounted, ref } from 'vue'

/** Hears from the server when a run has moved, on any phone; says whether it is listening. */
export function useRunStream(roundId: string, moved: () => void) {
  const listening = ref(false)
  let stream: EventSource | undefined

  onMounted(() => {
    if (!('EventSource' in window)) return
    stream = new EventSource(`/api/rounds/${roundId}/stream`)
    stream.addEventListener('open', () => (listening.value = true))
    stream.addEventListener('moved', moved)
    stream.addEventListener('error', () => (listening.value = false))
  })
  onUnmounted(() => stream?.close())

  return { listening }
}
