import { resolve } from 'node:path'
import words from '@intlify/unplugin-vue-i18n/vite'
import vue from '@vitejs/plugin-vue'
import { loadEnv } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'
import vuetify from 'vite-plugin-vuetify'
import { catalogues } from './catalogues.ts'

/** One document serves every screen; it is fetched anew whenever a file that it begins with has another name. */
const THE_PAGE = '/'

const installable = VitePWA({
  injectRegister: null,
  registerType: 'autoUpdate',
  manifest: {
    name: 'Tavrel',
    short_name: 'Tavrel',
    description: 'Rounds of oxalic acid vapour, planned, run and logged',
    start_url: THE_PAGE,
    display: 'standalone',
    background_color: '#fbfaf6',
    theme_color: '#1d2630',
    icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' }],
  },
  workbox: {
    globPatterns: ['assets/**/*.{js,css,woff2}', 'mark.svg'],
    manifestTransforms: [
      (entries) => {
        const first = entries.map((each) => each.url).filter((url) => url.includes('/index-'))
        const revision = first.sort().join()
        const page = { url: THE_PAGE, revision, size: 0 }
        return Promise.resolve({
          manifest: [...entries.filter((each) => each.url !== 'index.html'), page],
        })
      },
    ],
    navigateFallback: THE_PAGE,
    navigateFallbackDenylist: [/^\/api\//, /^\/calendars\//],
    inlineWorkboxRuntime: true,
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    skipWaiting: true,
  },
})

/** Texts are compiled here, so that browsers run no compiler and the security policy stays strict. */
const compiled = words({
  include: resolve(import.meta.dirname, 'src/words/*/*.json'),
  runtimeOnly: true,
  compositionOnly: true,
  fullInstall: false,
  dropMessageCompiler: true,
  strictMessage: false,
})

const ports = loadEnv('dev', '.', 'TAVREL_')

export default defineConfig({
  plugins: [vue(), catalogues(), compiled, vuetify({ autoImport: true }), installable],
  build: { target: 'es2022', sourcemap: false, assetsInlineLimit: 0 },
  // For ./tavrel dev: one address for the screens, which change as they are written, and for the server behind them.
  server: {
    port: Number(ports.TAVREL_PORT ?? 8484),
    strictPort: true,
    proxy: Object.fromEntries(
      ['^/api/', '^/calendars/', '^/health$'].map((path) => [
        path,
        `http://localhost:${ports.TAVREL_SERVER_PORT ?? 8485}`,
      ]),
    ),
  },
  test: {
    environment: 'jsdom',
    // A machine that others use as well at times stands still for seconds.
    testTimeout: 30_000,
    pool: 'threads',
    isolate: false,
    setupFiles: ['src/shared/afterEachTest.ts'],
    // What a test reads as text; the others need no style.
    css: { include: /tokens/ },
    include: ['src/**/*.spec.ts'],
    server: { deps: { inline: ['vuetify'] } },
  },
})
