import { defineConfig } from '@playwright/test'
import { CHROMIUM } from './tests/support/chromium'

export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: 'tests/.tmp/e2e',
  // Paths of different files run beside one another, each with a server and a folder of its own.
  workers: 2,
  retries: 0,
  timeout: 90_000,
  expect: { timeout: 15_000 },
  // What measures how long others wait does so alone, after the rest: a browser beside it would be measured too.
  projects: [
    { name: 'paths', testIgnore: 'hostile.spec.ts' },
    { name: 'hostile', testMatch: 'hostile.spec.ts', dependencies: ['paths'] },
  ],
  reporter: [['list'], ['json', { outputFile: 'tests/.tmp/e2e.json' }]],
  use: { viewport: { width: 1280, height: 800 }, launchOptions: CHROMIUM, screenshot: 'only-on-failure' },
})
