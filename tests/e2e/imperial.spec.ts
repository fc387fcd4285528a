import { expect, test, type Page } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'
import { VIEWS } from '../support/views'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
  const at = `${server.url}/api/gardens/saltmarsh-row`
  const { revision, value } = (await (await fetch(at)).json()) as { revision: number; value: object }
  const saved = await fetch(at, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ revision, garden: { ...value, units: 'imperial' } }),
  })
  expect(saved.status).toBe(200)
})
test.afterAll(() => server.kill())

/** Everything that is said on a page, seen or spoken, in which a metric measure stands. */
const metricWords = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    // Cubic metres in words too.
    const METRIC = /\d[\s\u00a0\u202f]?(m|cm|mm|m²|m³|km|kg|°C|L\/h|bar|litres?|(cubic )?metres?)(?![\p{L}\d²³/])/u
    // A pot goes by this name in the trade, whatever the garden measures in.
    const POT = '9 cm'
    const said: string[] = []
    const walk = document.createTreeWalker(
      document.querySelector('#content') ?? document.body,
      NodeFilter.SHOW_ELEMENT | NodeFilter.SHOW_TEXT,
    )
    for (let node = walk.nextNode(); node; node = walk.nextNode()) {
      if (node instanceof Element) {
        for (const name of ['title', 'aria-label', 'placeholder', 'aria-valuetext'])
          said.push(node.getAttribute(name) ?? '')
      } else if (node.parentElement?.checkVisibility() && !node.parentElement.closest('script, style')) {
        // Figure and unit may stand in neighbouring texts of one line.
        said.push(
          node.textContent ?? '',
          node.parentElement.children.length === 0 ? '' : (node.parentElement.textContent ?? ''),
        )
      }
    }
    const found = said
      .filter((text) => text.length < 400 && METRIC.test(text.replaceAll(POT, '')))
      .map((t) => t.trim().replace(/\s+/g, ' '))
    return [...new Set(found)]
  })

for (const [name, path] of Object.entries(VIEWS).filter(([, p]) => p.includes('/beds/')))
  test(`${name} of an imperial garden says no metre, tab by tab`, async ({ page }) => {
    await page.goto(`${server.url}${path}`)
    await expect(page.locator('#content')).toBeVisible()
    await page.waitForTimeout(2000)
    const found = await metricWords(page)
    for (const tab of (await page.getByRole('tab').all()).slice(1)) {
      await tab.click()
      await page.waitForTimeout(700)
      found.push(...(await metricWords(page)))
    }
    expect(found).toEqual([])
  })
