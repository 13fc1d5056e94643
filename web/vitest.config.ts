import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { defineConfig } from 'vitest/config'

/** A module that one file replaces would be replaced for those after it: such a file has the world to itself. */
const replacing = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.test\.tsx?$/.test(file))
  .map((file) => join('src', file))
  .filter((file) => readFileSync(file, 'utf8').includes('vi.mock('))

// A busy machine is slow, not wrong.
const test = {
  environment: 'happy-dom',
  pool: 'threads',
  testTimeout: 30_000,
  setupFiles: ['scripts/idle.ts'],
}

export default defineConfig({
  test: {
    reporters: 'default',
    projects: [
      {
        test: {
          ...test,
          name: 'together',
          include: ['src/**/*.test.{ts,tsx}'],
          exclude: replacing,
          isolate: false,
        },
      },
      { test: { ...test, name: 'alone', include: replacing } },
    ],
  },
})
