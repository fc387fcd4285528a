import { defineConfig } from 'vitest/config'
import { fileURLToPath } from 'node:url'

export default defineConfig({
  resolve: { alias: { '~~': fileURLToPath(new URL('.', import.meta.url)) } },
  test: {
    // All cores, not all but one: nothing else runs beside the tests.
    maxWorkers: '100%',
    testTimeout: 60_000,
    hookTimeout: 60_000,
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          include: ['core/**/*.test.ts', 'shared/**/*.test.ts', 'tests/unit/**/*.test.ts'],
          // What computes keeps no state: its files may share loaded modules, which halves the time.
          isolate: false,
        },
      },
      {
        extends: true,
        test: {
          name: 'server',
          include: ['server/**/*.test.ts'],
          isolate: false,
          globalSetup: 'tests/support/firstDatabase.ts',
        },
      },
    ],
  },
})
