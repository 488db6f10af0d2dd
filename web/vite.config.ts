import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'
import vuetify from 'vite-plugin-vuetify'

export default defineConfig({
  plugins: [vue(), vuetify({ autoImport: true })],
  build: { target: 'es2022', sourcemap: false, assetsInlineLimit: 0 },
  server: { proxy: { '/api': 'http://localhost:8484' } },
  test: {
    environment: 'jsdom',
    include: ['src/**/*.spec.ts'],
    server: { deps: { inline: ['vuetify'] } },
  },
})
