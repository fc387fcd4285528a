import { expect, test } from '@playwright/test'
import { scriptBytes } from '../bench/load'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(() => server.kill())

/** As it is sent, packed; what a bed needs later comes later. */
const MOST_BYTES = 350_000

test('a bed opens with no more script than it needs at first', async ({ browser }) => {
  const bytes = await scriptBytes(browser, `${server.url}/beds/reading-room-front/compose`)
  expect(bytes).toBeGreaterThan(100_000)
  expect(bytes).toBeLessThan(MOST_BYTES)
})
