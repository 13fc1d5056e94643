import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { defineConfig } from 'vite'

interface Entry {
  file: string
  css?: string[]
  assets?: string[]
}

/** Where the page was built to. */
const outDir = process.env.MOSS_PAGE ?? 'dist'

/** What the build of the page made: all that it needs to open without a server. */
const manifest = JSON.parse(readFileSync(`${outDir}/manifest.json`, 'utf8')) as Record<string, Entry>
const made = Object.values(manifest).flatMap(({ file, css = [], assets = [] }) => [file, ...css, ...assets])
const shell = [...new Set(made)].sort().map((file) => `/${file}`)
const edition = createHash('sha256').update(shell.join()).digest('hex').slice(0, 12)

/** The worker that lets the page open without a link: one script, at the root, built after the page. */
export default defineConfig({
  publicDir: false,
  define: {
    __SHELL__: JSON.stringify([...shell, '/favicon.svg', '/app.webmanifest']),
    __EDITION__: JSON.stringify(edition),
  },
  build: {
    outDir,
    emptyOutDir: false,
    lib: { entry: 'src/sw/sw.ts', formats: ['iife'], name: 'worker', fileName: () => 'sw.js' },
  },
})
