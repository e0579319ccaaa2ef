import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  // The types of vite that vitest brings along are of another version.
  plugins: [vue() as never],
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      '@messages': fileURLToPath(new URL('../wire/src/main/resources/bersaglio/messages', import.meta.url)),
    },
  },
  test: { include: ['test/**/*.test.ts'], environment: 'happy-dom' },
})
