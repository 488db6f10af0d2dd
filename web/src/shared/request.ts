import { ref } from 'vue'
import { words } from '../api/client'
import { saysBeside, saysByField } from '../api/refusal'

/** Something asked of the server by a screen, and what went wrong with it. */
export function useRequest() {
  const problem = ref('')
  const attempt = attempting(
    (thrown) => (problem.value = words(thrown)),
    () => (problem.value = ''),
  )
  return { problem, attempt }
}

/** The same for what was typed: what is wrong with a field is said at the field. */
export function useForm() {
  const problem = ref('')
  const wrong = ref<Record<string, string>>({})
  const attempt = attempting(
    (thrown) => {
      wrong.value = saysByField(thrown)
      problem.value = saysBeside(thrown)
    },
    () => {
      wrong.value = {}
      problem.value = ''
    },
  )
  return { problem, wrong, attempt }
}

/** Does something and says why it could not be done, until it can; what others said stays. */
function attempting(refuse: (thrown: unknown) => void, clear: () => void) {
  let refused = false

  /** Tells whether it was done. */
  return async function attempt(act: () => Promise<void>): Promise<boolean> {
    try {
      await act()
      if (refused) clear()
      refused = false
      return true
    } catch (thrown) {
      refuse(thrown)
      refused = true
      return false
    }
  }
}
