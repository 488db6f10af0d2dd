const EVERY = 1_000
const PATIENCE = 180_000
/** So many looks that find the server here: it was gone and back between two of them. */
const LOOKS_FOR_A_QUICK_START = 10

/** Waits until the server has gone and answers anew. */
export async function untilItAnswers(
  every = EVERY,
  patience = PATIENCE,
  answers: () => Promise<boolean> = () =>
    fetch('/api/welcome').then(
      (response) => response.ok,
      () => false,
    ),
): Promise<void> {
  const until = Date.now() + patience
  let gone = false
  for (let looks = 1; Date.now() < until; looks++) {
    await new Promise((resolve) => setTimeout(resolve, every))
    const here = await answers()
    if (!here) gone = true
    // A start that is quicker than we look is a start, too.
    else if (gone || looks > LOOKS_FOR_A_QUICK_START) return
  }
}
