import { fileURLToPath } from 'node:url'
import { PrimeVueResolver } from '@primevue/auto-import-resolver'
import vue from '@vitejs/plugin-vue'
import components from 'unplugin-vue-components/vite'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  // The server puts the nonce of each answer in its place.
  html: { cspNonce: 'NONCE-OF-THIS-ANSWER' },
  plugins: [vue(), components({ dirs: [], dts: 'src/components.d.ts', resolvers: [PrimeVueResolver()] })],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    outDir: '../server/public',
    emptyOutDir: true,
    target: 'es2022',
    // One style sheet, and one script of all that several views share: a view opens with three requests instead of thirty.
    cssCodeSplit: false,
    rolldownOptions: { output: { codeSplitting: { groups: [{ name: 'shared', minShareCount: 2 }] } } },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:4173' } },
  test: { environment: 'jsdom', pool: 'threads', isolate: false, include: ['tests/**/*.test.ts'], setupFiles: ['tests/setup.ts'] },
})
