import { config, disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils'
import { disposePinia, getActivePinia } from 'pinia'
import { afterEach, vi } from 'vitest'
import { enterRoom, words } from '../words/words'
import catalogues from 'virtual:catalogues'

// Files of tests share one window, which makes them four times as fast: nothing of a test goes on after it.
disableAutoUnmount()
enableAutoUnmount(afterEach)

// A region with °C, km and 24 hours, wherever tests run.
Object.defineProperty(navigator, 'language', { configurable: true, value: 'en-IE' })

// What pages fetch with their room is there at once.
for (const room of Object.keys(catalogues.en)) await enterRoom(room)
if (!config.global.plugins.includes(words)) config.global.plugins.push(words)

afterEach(() => {
  const stores = getActivePinia()
  if (stores) disposePinia(stores)
  vi.useRealTimers()
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
  localStorage.clear()
  sessionStorage.clear()
})
