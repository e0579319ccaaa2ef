import { fileURLToPath, URL } from 'node:url'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      '@messages': fileURLToPath(new URL('../wire/src/main/resources/bersaglio/messages', import.meta.url)),
    },
  },
  test: { include: ['test/**/*.test.ts'], environment: 'happy-dom' },
})
