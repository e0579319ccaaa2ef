import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'
import vuetify from 'vite-plugin-vuetify'

export default defineConfig({
  // Of the messages' library only what is used comes along.
  define: { __VUE_I18N_LEGACY_API__: false, __VUE_I18N_FULL_INSTALL__: false, __INTLIFY_PROD_DEVTOOLS__: false },
  plugins: [
    vue(),
    vuetify({ autoImport: true }),
    VitePWA({
      registerType: 'prompt',
      injectRegister: null,
      manifest: {
        name: 'Bersaglio',
        short_name: 'Bersaglio',
        description: 'Chart where each shot lands, and know what it says.',
        start_url: '/',
        display: 'standalone',
        background_color: '#F6F4EE',
        theme_color: '#F6F4EE',
        icons: [
          { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,woff2,svg}'],
        globIgnores: ['**/*latin-ext*'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/v3\//],
        cleanupOutdatedCaches: true,
      },
    }),
  ],
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      '@messages': fileURLToPath(new URL('../wire/src/main/resources/bersaglio/messages', import.meta.url)),
    },
    preserveSymlinks: true,
  },
  build: {
    outDir: 'target/web',
    emptyOutDir: true,
    target: 'es2022',
    modulePreload: { polyfill: false },
    chunkSizeWarningLimit: 900,
    // What every view shares comes as one: each request costs as much as a small module. Fields come with the pages that have them.
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [{
            name: 'shared',
            test: /src\/((shared|charting)\/[^?]*\.ts$|shared\/(PageStates|PlainState|OutboxWord)\.vue)|node_modules\/vue-router\//,
          }],
        },
      },
    },
  },
})
