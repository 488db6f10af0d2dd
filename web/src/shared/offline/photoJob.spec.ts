import { afterAll, beforeAll, expect, test, vi } from 'vitest'
import type { Job } from './jobs'

const kept = new Map<string, Blob>()
let jobs: typeof import('./jobs')
let client: typeof import('../../api/client')

// Files of tests share their modules: these are read anew over a made-up store of pictures.
beforeAll(async () => {
  vi.doMock('./pictures', () => ({
    keptPicture: (id: string) => Promise.resolve(kept.get(id)),
    forgetPicture: (id: string) => Promise.resolve(void kept.delete(id)),
  }))
  vi.resetModules()
  jobs = await import('./jobs')
  client = await import('../../api/client')
})
afterAll(() => {
  vi.doUnmock('./pictures')
  vi.resetModules()
})

const photo = (photoId: string): Job => ({
  kind: 'PHOTO',
  photoId,
  about: 'HIVE',
  aboutId: '7c1f9f4e-0000-4000-8000-000000000001',
  at: '2026-08-18T06:40:00Z',
  thing: 'H4',
})

test('a photo goes as it is and is let go once the server has it', async () => {
  kept.set('a', new Blob(['picture'], { type: 'image/jpeg' }))
  const asked: Request[] = []
  vi.stubGlobal('fetch', (request: Request) => {
    asked.push(request)
    return Promise.resolve(new Response(null, { status: 200 }))
  })
  await jobs.sendJob(photo('a'))
  expect(asked[0]?.method).toBe('PUT')
  expect(asked[0]?.url).toContain('/api/photos/a?about=HIVE')
  expect(asked[0]?.headers.get('Content-Type')).toBe('image/jpeg')
  expect(kept.has('a')).toBe(false)
})

test('one that the server does not take stays here until it is thrown away', async () => {
  kept.set('b', new Blob(['picture'], { type: 'image/jpeg' }))
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')))
  await expect(jobs.sendJob(photo('b'))).rejects.toThrow()
  expect(kept.has('b')).toBe(true)
  jobs.forgetJob(photo('b'))
  expect(kept.has('b')).toBe(false)
})

test('one that is gone from the device is told of and not sent as nothing', async () => {
  await expect(jobs.sendJob(photo('c'))).rejects.toBeInstanceOf(client.Refused)
})

test('photos wait for each other and for nothing else', () => {
  expect(jobs.laneOf(photo('a'))).toBe(jobs.laneOf(photo('b')))
  expect(jobs.laneOf(photo('a'))).toBe('photos')
})
