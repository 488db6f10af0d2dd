import { createStore, del, get, set } from 'idb-keyval'

/** Pictures that wait on this device: too large for where the outbox keeps its entries. */
const store = createStore('tavrel-pictures', 'waiting')

/** Keeps a picture until it is sent. */
export function keepPicture(photoId: string, picture: Blob): Promise<void> {
  return set(photoId, picture, store)
}

/** A picture that waits, if this device still has it. */
export function keptPicture(photoId: string): Promise<Blob | undefined> {
  return get<Blob>(photoId, store)
}

/** Lets a picture go: the server has it, or nobody wants it any more. */
export function forgetPicture(photoId: string): Promise<void> {
  return del(photoId, store)
}
