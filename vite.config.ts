// How the interface is built: Vue, one worker that carries the core, everything served from one
// place, kept for when nothing is served.
import vue from '@vitejs/plugin-vue'
import { NodeTypes, type NodeTransform } from '@vue/compiler-core'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'
import about from './package.json' with { type: 'json' }

/** Larger than the largest file of the program: all of it is kept. */
const LARGEST = 4_000_000

/**
 * Between two words a line's end is a space, as in any HTML (what formats the templates counts on
 * it), and many are one.
 */
const spacesAsOne: NodeTransform = node => {
  if (node.type === NodeTypes.TEXT) node.content = node.content.replaceAll(/[\t\r\n\f ]+/g, ' ')
}

export default defineConfig({
  define: { __VERSION__: JSON.stringify(about.version) },
  plugins: [
    vue({
      template: { compilerOptions: { whitespace: 'preserve', nodeTransforms: [spacesAsOne] } },
    }),
    VitePWA({
      // A window that is open keeps the program it began with until the person reloads it.
      registerType: 'prompt',
      injectRegister: false,
      workbox: {
        globPatterns: ['**/*.{js,mjs,css,html,svg,woff2,webmanifest}'],
        maximumFileSizeToCacheInBytes: LARGEST,
        navigateFallback: '/index.html',
        cleanupOutdatedCaches: true,
      },
      manifest: {
        name: 'Juntura',
        short_name: 'Juntura',
        description: about.description,
        start_url: '/',
        display: 'standalone',
        background_color: '#f5f2ea',
        theme_color: '#1f5c5e',
        icons: [{ src: '/joint.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
    }),
  ],
  worker: { format: 'es' },
  build: { target: 'es2022', chunkSizeWarningLimit: 400, assetsInlineLimit: 0 },
  server: { host: '127.0.0.1', port: 5181 },
})
