import { useEventListener } from '@vueuse/core'

/** Elements in which a key belongs to the one who types, or to an open dialog. */
const TYPING = 'input, textarea, select, [role="dialog"], [role="menu"]'

/**
 * The run's keys; a pedal that sends them serves as well.
 *
 * @param keys what each key does, by its lower-case name
 * @param enabled whether they do anything now
 */
export function useRunKeys(keys: Record<string, () => void>, enabled: () => boolean): void {
  useEventListener(window, 'keydown', (event) => {
    const target = event.target as HTMLElement
    if (target.closest(TYPING) || event.ctrlKey || event.metaKey || event.altKey || !enabled()) {
      return
    }
    if (event.repeat || (event.key === ' ' && target.closest('button, a'))) return
    const pressed = keys[event.key.toLowerCase()]
    if (pressed) {
      event.preventDefault()
      pressed()
    }
  })
}
