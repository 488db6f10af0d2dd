import { computed, ref } from 'vue'
import { words } from '../api/client'
import { saysBeside, saysByField } from '../api/refusal'

/**
 * Something asked of the server by a screen, and what went wrong with it.
 *
 * @param says how a refusal is told
 */
export function useRequest(says: (thrown: unknown) => string = words) {
  const problem = ref('')
  const asking = attempting(
    (thrown) => (problem.value = says(thrown)),
    () => (problem.value = ''),
  )
  return { problem, ...asking }
}

/**
 * The same for what was typed: what is wrong with a field is said at the field.
 *
 * @param nameOf a field's name on the screen, where it is another than the server's
 * @param marked said beside the fields where they say the rest themselves
 */
export function useForm({
  nameOf,
  marked,
}: {
  nameOf?: (field: string) => string
  marked?: (wrong: Record<string, string>) => string
} = {}) {
  const problem = ref('')
  const wrong = ref<Record<string, string>>({})

  /** Lets go of what was wrong. */
  function forget(): void {
    wrong.value = {}
    problem.value = ''
  }
  const asking = attempting((thrown) => {
    wrong.value = saysByField(thrown, nameOf)
    problem.value = saysBeside(thrown, marked?.(wrong.value))
  }, forget)
  return { problem, wrong, forget, ...asking }
}

/** Does something and says why it could not be done, until it can; what others said stays. */
function attempting(refuse: (thrown: unknown) => void, clear: () => void) {
  const underWay = ref(0)
  let refused = false

  /** Tells whether it was done. */
  async function attempt(act: () => Promise<void>): Promise<boolean> {
    underWay.value++
    try {
      await act()
      if (refused) clear()
      refused = false
      return true
    } catch (thrown) {
      refuse(thrown)
      refused = true
      return false
    } finally {
      underWay.value--
    }
  }
  return { attempt, busy: computed(() => underWay.value > 0) }
}
