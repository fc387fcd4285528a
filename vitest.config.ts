import { defineConfig } from 'vitest/config'
import { fileURLToPath } from 'node:url'

export default defineConfig({
  resolve: { alias: { '~~': fileURLToPath(new URL('.', import.meta.url)) } },
  test: {
    include: ['core/**/*.test.ts', 'server/**/*.test.ts', 'shared/**/*.test.ts', 'tests/unit/**/*.test.ts'],
    // All cores, not all but one: nothing else runs beside the tests.
    maxWorkers: '100%',
    testTimeout: 60_000,
    hookTimeout: 60_000,
  },
})
