/** A place of the walk: one hive with a name of its own, or those of a stand that have none. */
export interface Place<T> {
  /** What the stand is called; missing where a hive stands by its own name. */
  stand?: string
  hives: T[]
}

const NAMELESS = /^(.+)\/\d+$/

/** Hives in walking order, those without names of their own together with their neighbours on the stand. */
export function placesOf<T>(hives: readonly T[], nameOf: (hive: T) => string): Place<T>[] {
  const places: Place<T>[] = []
  for (const hive of hives) {
    const stand = NAMELESS.exec(nameOf(hive))?.[1]
    const last = places.at(-1)
    if (stand && last?.stand === stand) last.hives.push(hive)
    else places.push({ stand, hives: [hive] })
  }
  return places.map((place) => (place.hives.length > 1 ? place : { hives: place.hives }))
}
