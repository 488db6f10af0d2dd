import { dayOf } from '../format'
import { keptRunsHere } from '../keptRuns'

/** Something found, and the page that it leads to. */
export interface Found {
  to: string
  name: string
  note: string
}

/** What this device has of rounds that it keeps: their yards and hives by the beginning of a name. */
export function foundOnDevice(typed: string): Found[] {
  const text = typed.trim().toLocaleLowerCase()
  if (!text) return []
  return keptRunsHere().flatMap(({ whole }) => {
    const run = `/run/${whole.round.id}`
    const note = `${whole.apiary.name}, ${dayOf(whole.round.day)}`
    const hives = whole.hives
      .filter((hive) => hive.hiveName.toLocaleLowerCase().startsWith(text))
      .map((hive) => ({ to: run, name: hive.hiveName, note }))
    return whole.apiary.name.toLocaleLowerCase().startsWith(text)
      ? [{ to: run, name: whole.apiary.name, note: dayOf(whole.round.day) }, ...hives]
      : hives
  })
}
