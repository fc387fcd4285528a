import { expect, test } from '@playwright/test'
import { findings } from '../support/axe'
import { startServer, type TestServer } from '../support/server'
import { VIEWS } from '../support/views'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(() => server.kill())

for (const [name, path] of Object.entries(VIEWS))
  test(`${name}, light and dark: nothing to find for axe, tab by tab`, async ({ browser }) => {
    const context = await browser.newContext({ bypassCSP: true, viewport: { width: 1280, height: 800 } })
    const page = await context.newPage()
    await page.goto(`${server.url}${path}`)
    await expect(page.locator('#content')).toBeVisible()
    await page.waitForTimeout(1500)
    const found = await findings(page)
    for (const tab of (await page.getByRole('tab').all()).slice(1)) {
      await tab.click()
      await page.waitForTimeout(600)
      found.push(...(await findings(page)))
    }
    expect(found).toEqual([])
    await context.close()
  })
