import { useStorage, type RemovableRef } from '@vueuse/core'

/** Whatever can be read of a text; null where nothing can. */
export function parsed(text: string | null): unknown {
  try {
    return JSON.parse(text ?? 'null') as unknown
  } catch {
    return null
  }
}

/**
 * A list kept on this device. What lies there and is no such list is laid beside it under another
 * name instead of breaking a page, or being lost to the next write.
 */
export function useKeptList<T>(
  key: string,
  isOne: (each: unknown) => each is T,
): RemovableRef<T[]> {
  return useStorage<T[]>(key, [], localStorage, {
    serializer: {
      read: (text) => {
        const found = parsed(text)
        const good = Array.isArray(found) ? found.filter(isOne) : []
        if (!Array.isArray(found) || good.length < found.length)
          localStorage.setItem(`${key}.unread`, text)
        return good
      },
      write: (list) => JSON.stringify(list),
    },
  })
}
