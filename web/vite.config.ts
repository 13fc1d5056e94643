import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import license from 'rollup-plugin-license'
import { compression, defineAlgorithm } from 'vite-plugin-compression2'
import { defineConfig, type Plugin } from 'vite'

/** What may be shipped; anything else, and anything without a licence, stops the build. */
const ALLOWED = '(MIT OR ISC OR Apache-2.0 OR BSD-2-Clause OR BSD-3-Clause OR 0BSD OR OFL-1.1)'

/** Every script that is shipped with its licence, in a file beside them. */
const licences = license({
  thirdParty: {
    output: 'target/classes/static/licences/scripts.txt',
    allow: { test: ALLOWED, failOnUnlicensed: true, failOnViolation: true },
  },
}) as Plugin

/** Packed once, as small as it goes, and not again for every reader. */
const packed = compression({
  include: /\.(js|css|svg)$/,
  algorithms: [defineAlgorithm('brotliCompress'), defineAlgorithm('gzip', { level: 9 })],
  skipIfLargerOrEqual: true,
})

export default defineConfig({
  plugins: [react(), tailwindcss(), { ...licences, apply: 'build', enforce: 'post' }, packed],
  build: {
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 350,
    // The server reads from it which scripts a station starts with.
    manifest: 'manifest.json',
    modulePreload: { polyfill: false },
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            // By itself: what runs first must not wait for what it asks for.
            { name: 'asks', test: /vite\/preload-helper/, priority: 3 },
            {
              name: 'page',
              test: /node_modules\/(react|react-dom|scheduler|react-router|@tanstack)\//,
              priority: 2,
            },
            {
              name: 'common',
              test: /src\/|node_modules\/(canonicalize|idb|openapi-fetch)/,
              minShareCount: 4,
              priority: 1,
            },
          ],
        },
      },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8080', '/actuator': 'http://127.0.0.1:8080' } },
})
