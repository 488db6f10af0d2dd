import { Refused } from '../../api/client'
import { parsed } from './kept'

const KEY = 'tavrel.known.'

/**
 * Asks the server, and keeps its answer on this device; without network the answer is what was kept.
 * A refusal is no missing network, and is passed on.
 *
 * @param name under which it is kept
 */
export async function askOrKnown<T>(name: string, asked: () => Promise<T>): Promise<T> {
  let answer: T
  try {
    answer = await asked()
  } catch (thrown) {
    const known = parsed(localStorage.getItem(KEY + name))
    if (thrown instanceof Refused || known === null) throw thrown
    return known as T
  }
  keep(name, answer)
  return answer
}

/** A device that is full still shows what the server said. */
function keep(name: string, answer: unknown): void {
  try {
    localStorage.setItem(KEY + name, JSON.stringify(answer))
  } catch {
    localStorage.removeItem(KEY + name)
  }
}

/** Lets go of all of it, when somebody signs out here. */
export function forgetKnown(): void {
  for (const key of Object.keys(localStorage)) if (key.startsWith(KEY)) localStorage.removeItem(key)
}
