import { expect, test, type Page } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(() => server.kill())

const FRONT = '/beds/reading-room-front'
const isSomewhere = (page: Page) =>
  page.evaluate(
    () => document.activeElement !== document.body && document.activeElement?.closest('aside, main') !== null,
  )

test('the focus stays by a finding that is mended or accepted, and by a card that is closed', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/compose`)
  const findings = page.getByTestId('findings').locator('article')
  await expect(findings.first()).toBeVisible()
  await expect(page.getByText('Trying what would mend it').first()).toHaveCount(0, { timeout: 40_000 })
  const count = await findings.count()
  await findings.first().getByRole('button', { name: 'Accept' }).focus()
  await page.keyboard.press('Enter')
  await page.keyboard.type('the client asked for it')
  await page.keyboard.press('Enter')
  await expect(findings).toHaveCount(count - 1)
  await expect.poll(() => isSomewhere(page)).toBe(true)
  expect(await page.evaluate(() => document.activeElement!.closest('[data-testid="findings"]') !== null)).toBe(true)

  await page.locator('[data-drift="rr-12"]').click()
  await page.getByRole('button', { name: 'Close the plant card' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('plant-card')).toHaveCount(0)
  await expect.poll(() => isSomewhere(page)).toBe(true)
})

test('a row that was just made has the focus', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/ground`)
  await page.getByRole('tab', { name: 'Bed' }).click()
  const fields = page.locator('.book input')
  await expect(page.getByRole('button', { name: 'Station', exact: true }).first()).toBeVisible()
  const count = await fields.count()
  await page.getByRole('button', { name: 'Station', exact: true }).first().focus()
  await page.keyboard.press('Enter')
  await expect.poll(() => fields.count()).toBeGreaterThan(count)
  await expect.poll(() => page.evaluate(() => document.activeElement?.tagName)).toBe('INPUT')
})

test('the plants are one stop of Tab in table and list, rows go by arrows and open with Enter', async ({
  page,
}) => {
  await page.goto(`${server.url}${FRONT}/plants`)
  await page.getByRole('button', { name: 'Table' }).click()
  const table = page.getByTestId('plant-table')
  await expect(table.locator('tbody tr button').first()).toBeVisible()
  const stops = () => table.locator('button:not([tabindex="-1"])').count()
  await expect.poll(stops).toBe(2)
  await table.locator('button:not([tabindex="-1"])').first().focus()
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowDown')
  const name = await page.evaluate(() => document.activeElement!.querySelector('b')!.textContent)
  expect(name).toBe(await table.locator('tbody tr:not([aria-hidden]) b').nth(3).innerText())
  expect(await stops()).toBe(2)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: name!, exact: true })).toBeVisible()
})

test('plants stay while the keyboard is in them: the light of the bed, which comes late, takes no row from under it', async ({
  page,
}) => {
  let letCome = () => {}
  const wait = new Promise<void>((come) => (letCome = come))
  await page.route('**/light.worker*', async (route) => {
    await wait
    await route.continue()
  })
  await page.goto(`${server.url}${FRONT}/plants`)
  await page.getByRole('button', { name: 'Table' }).click()
  // Too much sun for it there, which is known when the light has come.
  const shadeLover = page.getByTestId('plant-table').getByRole('button', { name: 'drooping leucothoe' }).first()
  await shadeLover.focus()
  const many = page.getByRole('status').filter({ hasText: 'of' }).first()
  const before = await many.innerText()
  letCome()
  await expect(page.locator('header')).toContainText('9.3 h sun')
  await expect(shadeLover).toBeFocused()
  await expect(many).toHaveText(before)
  await page.getByLabel('Search plants').focus()
  await expect(shadeLover).toHaveCount(0)
  await expect(many).not.toHaveText(before)
  // What is put on the shortlist changes the bed, not the list: it stays where it was scrolled to, also beside an open plant.
  const table = page.getByTestId('plant-table')
  await table.evaluate((e) => e.scrollTo({ top: 2000 }))
  await table.locator('button.open').nth(16).click()
  await table
    .getByRole('button', { name: /^Put on the shortlist/ })
    .nth(16)
    .click()
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'saved')
  await page.getByLabel('Search plants').focus()
  expect(await table.evaluate((e) => [e.scrollTop, e.scrollWidth - e.clientWidth])).toEqual([2000, 0])
})

test('Escape in what a row opened closes it and gives its button the focus back, with the figure that was typed', async ({
  page,
}) => {
  await page.goto(`${server.url}${FRONT}/count`)
  const line = page.locator('.plant').nth(1)
  await line.click()
  await expect(line).toHaveAttribute('aria-expanded', 'true')
  const spare = page.getByLabel('Spare, %')
  await spare.fill('20')
  await page.keyboard.press('Escape')
  await expect(line).toHaveAttribute('aria-expanded', 'false')
  await expect(line).toBeFocused()
  await line.click()
  await expect(spare).toHaveValue('20')

  await page.goto(`${server.url}${FRONT}/compose`)
  await page.getByRole('tab', { name: /List/ }).click()
  const figures = page.getByRole('button', { name: /^Figures of/ }).first()
  await figures.click()
  await expect(figures).toHaveAttribute('aria-expanded', 'true')
  await page.getByTestId('drift-list').locator('input').first().focus()
  await page.keyboard.press('Escape')
  await expect(figures).toHaveAttribute('aria-expanded', 'false')
  await expect(figures).toBeFocused()
})
