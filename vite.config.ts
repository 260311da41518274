// How the interface is built: Vue, one worker that carries the core, everything served from one place.
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [vue()],
  worker: { format: 'es' },
  build: { target: 'es2022', chunkSizeWarningLimit: 400, assetsInlineLimit: 0 },
  server: { host: '127.0.0.1', port: 5181 },
})
