import { ref } from 'vue'
import { words } from '../api/client'
import { saysBeside, saysByField } from '../api/refusal'

/** Something asked of the server by a screen, and what went wrong with it. */
export function useRequest() {
  const problem = ref('')

  /** Does it, and says in `problem` why it could not be done; tells whether it was. */
  async function attempt(act: () => Promise<void>): Promise<boolean> {
    try {
      await act()
      problem.value = ''
      return true
    } catch (thrown) {
      problem.value = words(thrown)
      return false
    }
  }

  return { problem, attempt }
}

/** The same for what was typed: what is wrong with a field is said at the field. */
export function useForm() {
  const problem = ref('')
  const wrong = ref<Record<string, string>>({})

  /**
   * Does it, and says in `wrong` and beside it in `problem` why it could not be done.
   *
   * @param marked said beside where the fields say the rest themselves
   */
  async function attempt(act: () => Promise<void>, marked?: string): Promise<boolean> {
    try {
      await act()
      wrong.value = {}
      problem.value = ''
      return true
    } catch (thrown) {
      wrong.value = saysByField(thrown)
      problem.value = saysBeside(thrown, marked)
      return false
    }
  }

  return { problem, wrong, attempt }
}
