import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import license from 'rollup-plugin-license'
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

export default defineConfig({
  plugins: [react(), tailwindcss(), { ...licences, apply: 'build', enforce: 'post' }],
  build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 300, modulePreload: { polyfill: false } },
  server: { proxy: { '/api': 'http://127.0.0.1:8080', '/actuator': 'http://127.0.0.1:8080' } },
})
