import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { expect, test, type Page } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'
import { VIEWS } from '../support/views'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(() => server.kill())

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')
interface Found {
  readonly id: string
  readonly nodes: readonly { readonly target: readonly string[]; readonly html: string }[]
}
const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']

/** What axe finds on the page as it stands, a line each. */
async function findings(page: Page): Promise<string[]> {
  await page.evaluate(axe)
  const found = (await page.evaluate(
    (tags) =>
      (window as unknown as { axe: { run: (d: Document, o: object) => Promise<{ violations: unknown }> } }).axe
        .run(document, {
          runOnly: { type: 'tag', values: tags },
          rules: { 'label-content-name-mismatch': { enabled: true }, 'target-size': { enabled: true } },
        })
        .then((r) => r.violations),
    TAGS,
  )) as Found[]
  return found.flatMap((v) => v.nodes.map((n) => `${v.id}: ${n.target.join(' ')} ${n.html.slice(0, 120)}`))
}

for (const dark of [false, true])
  for (const [name, path] of Object.entries(VIEWS))
    test(`${name}, ${dark ? 'dark' : 'light'}: nothing to find for axe, tab by tab`, async ({ browser }) => {
      const context = await browser.newContext({ bypassCSP: true, viewport: { width: 1280, height: 800 } })
      await context.addInitScript((d) => localStorage.setItem('nuxt-color-mode', d ? 'dark' : 'light'), dark)
      const page = await context.newPage()
      await page.goto(`${server.url}${path}`)
      await expect(page.locator('#content')).toBeVisible()
      await page.waitForTimeout(1200)
      const found = await findings(page)
      for (const tab of (await page.getByRole('tab').all()).slice(1)) {
        await tab.click()
        await page.waitForTimeout(700)
        found.push(...(await findings(page)))
      }
      expect(found).toEqual([])
      await context.close()
    })
