import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import Components from 'unplugin-vue-components/vite'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [
    // Prettier writes a space between words as a new line: it stays a space.
    vue({ template: { compilerOptions: { whitespace: 'preserve' } } }),
    Components({
      dts: 'src/components.d.ts',
      dirs: [],
      resolvers: [ElementPlusResolver({ importStyle: 'css' })],
    }),
    // What the reader of plates knows of letters: it asks for it by this name.
    {
      name: 'letters',
      apply: 'build',
      generateBundle() {
        const name = 'eng.traineddata.gz'
        const data = `node_modules/@tesseract.js-data/eng/4.0.0_best_int/${name}`
        const source = readFileSync(fileURLToPath(new URL(data, import.meta.url)))
        this.emitFile({ type: 'asset', fileName: `plates/${name}`, source })
      },
    },
    // The pages without a signal. Ruby and its image are fetched and kept by src/pocket/.
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Munimen',
        short_name: 'Munimen',
        description: 'Water heaters, serviced in the right order.',
        start_url: '/',
        display: 'standalone',
        background_color: '#f5f0e6',
        theme_color: '#1c2a44',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
          { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,png,woff2}', 'assets/zxing_reader*.wasm'],
        globIgnores: ['offline/**', 'assets/tesseract*', 'assets/worker.min*'],
        // What reads plates is kept once it was used.
        runtimeCaching: [
          {
            urlPattern: /\/(assets\/(tesseract-core|worker\.min)|plates\/)/,
            handler: 'CacheFirst',
            options: { cacheName: 'plates', expiration: { maxEntries: 3 } },
          },
        ],
        maximumFileSizeToCacheInBytes: 4_000_000,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/(api|auth|health|offline|plates)(\/|$)/],
        cleanupOutdatedCaches: true,
      },
    }),
  ],
  define: {
    __VUE_I18N_FULL_INSTALL__: false,
    __VUE_I18N_LEGACY_API__: false,
    __INTLIFY_PROD_DEVTOOLS__: false,
  },
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      '@core': fileURLToPath(new URL('../core', import.meta.url)),
    },
  },
  server: {
    proxy: Object.fromEntries(
      ['/api', '/auth', '/offline'].map((path) => [path, 'http://127.0.0.1:4010']),
    ),
  },
  build: {
    outDir: '../web/public',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 900,
  },
  worker: { format: 'es' },
  // A lock that makes whoever guesses wait takes its time, beside other work.
  test: { include: ['src/**/*.test.ts'], testTimeout: 90_000 },
})
