import { api, ask, type Shapes } from '../api/client'

/** Sends an outfit file as it lies on the disk. Refused where it is not whole. */
export function sendOutfit(file: Blob): Promise<Shapes['BroughtIn']> {
  return ask(
    api.PUT('/api/outfit', {
      headers: { 'Content-Type': 'application/zip' },
      body: file as unknown as never,
      bodySerializer: (body: unknown) => body as Blob,
    }),
  )
}
