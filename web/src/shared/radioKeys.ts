const STEPS: Partial<Record<string, number>> = {
  ArrowDown: 1,
  ArrowRight: 1,
  ArrowUp: -1,
  ArrowLeft: -1,
}

/**
 * Arrow keys in a group of radio buttons, as a key handler of each: they go to the next one,
 * around the ends, and choose it; Home and End go to the first and the last. The tab key stops at
 * the chosen one alone where the others have a tabindex of −1.
 */
export function radioKeys(event: KeyboardEvent): void {
  const here = event.currentTarget as HTMLElement
  const radios = [
    ...(here.closest('[role=radiogroup]')?.querySelectorAll<HTMLElement>('[role=radio]') ?? []),
  ]
  const at = radios.indexOf(here)
  const step = STEPS[event.key]
  const next =
    event.key === 'Home'
      ? radios[0]
      : event.key === 'End'
        ? radios.at(-1)
        : step && at >= 0
          ? radios[(at + step + radios.length) % radios.length]
          : undefined
  if (!next) return
  event.preventDefault()
  next.focus()
  next.click()
}
