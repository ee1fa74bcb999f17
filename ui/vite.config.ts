import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import Components from 'unplugin-vue-components/vite'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
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
  server: { proxy: { '/api': 'http://127.0.0.1:4010', '/auth': 'http://127.0.0.1:4010' } },
  build: {
    outDir: '../web/public',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 900,
  },
  test: { include: ['src/**/*.test.ts'] },
})
