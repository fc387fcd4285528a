import { expect, test, type Page } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(async () => {
  await server.kill()
})

const saved = (page: Page) =>
  expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'saved', { timeout: 15_000 })

test('a hand-over is planned, shown in its months, counted and put among the work', async ({ page }) => {
  await page.goto(`${server.url}/beds/reading-room-front/compose`)
  await page.locator('[data-drift="rr-11"]').click()
  await page.getByRole('button', { name: 'Hand its place over through the year' }).click()
  await page.getByLabel('Then its places go to').click()
  await page.keyboard.type('pansy')
  await page.getByRole('option', { name: 'pansy', exact: true }).click()
  const fields = page.getByTestId('stay-fields')
  await expect(fields.locator('[data-turn]')).toHaveCount(1)
  await expect(fields).toContainText('Only for a part of the year')
  await expect(page.getByTestId('hand-over').first()).toBeAttached()
  await saved(page)
  await page.goto(`${server.url}/beds/reading-room-front/count`)
  await expect(page.getByTestId('schedule').locator('tr').filter({ hasText: 'pansy' }).first()).toContainText(/\d+/)
  const feed = await page.request.get(`${server.url}/api/gardens/saltmarsh-row/care.ics`)
  const text = await feed.text()
  expect(text).toContain('BEGIN:VEVENT')
  expect(text.replace(/\r\n[ \t]/g, '')).toMatch(/pansy in/)
})

test('a week of care: done, undone, not this year, moved; it is there after a reload', async ({ page }) => {
  await page.goto(`${server.url}/beds/door-pots/care`)
  // Four weeks on and on until something stands open, whatever the season.
  const done = page.locator('[data-testid=care-best], [data-testid=care-open]').locator('[data-task]')
  for (let i = 0; i < 8 && (await done.count()) < 2; i++)
    await page.getByRole('button', { name: 'Four weeks on' }).click()
  const heading = page.getByRole('heading', { level: 2, name: /^Week of/ })
  const week = await heading.innerText()
  const row = page
    .locator('[data-testid=care-best], [data-testid=care-open]')
    .locator('[data-task]:visible')
    .first()
  const id = (await row.getAttribute('data-task'))!
  await row.getByRole('button', { name: /^Done: / }).click()
  const same = page.locator(`[data-task="${id}"]`)
  await expect(same).toContainText('done')
  await same.getByRole('button', { name: 'Open again' }).click()
  await expect(same.getByRole('button', { name: /^Done: / })).toBeVisible()
  await same.getByRole('button', { name: /^Not this year: / }).click()
  await expect(same).toContainText('skipped')
  await saved(page)
  const kept = await page.request.get(`${server.url}/api/gardens/saltmarsh-row/supply`)
  const { value } = (await kept.json()) as { value: { care: { ticks: Record<string, { what: string }> } } }
  expect(value.care.ticks[id]).toMatchObject({ what: 'skipped' })
  const feed = await (await page.request.get(`${server.url}/api/gardens/saltmarsh-row/care.ics`)).text()
  expect(feed.replace(/\r\n[ \t]/g, '')).not.toContain(`UID:saltmarsh-row-${id.replace(/[^A-Za-z0-9]/g, '-')}@`)
  expect(week).toContain('to')
})

test('the year woven: months shown in the pictures, read as a table, ten years, taken out as SVG', async ({
  page,
}) => {
  await page.goto(`${server.url}/beds/door-pots/seasons`)
  const cloth = page.getByTestId('tapestry')
  await expect(cloth.locator('.row')).toHaveCount(3, { timeout: 20_000 })
  await page.getByRole('button', { name: 'Show October' }).click()
  await expect(page.getByRole('complementary', { name: 'The bed in October' })).toBeVisible()
  await page.getByText('The same as a table').click()
  const pots = page.locator('details tr').filter({ hasText: 'zonal geranium' })
  await expect(pots).toContainText('in flower')
  await expect(pots).toContainText('winter heath')
  const out = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Take it out' }).click()
  await page.getByRole('menuitem', { name: 'SVG' }).click()
  expect((await out).suggestedFilename()).toBe('seasons.svg')
  await page.getByTestId('ten-years').getByRole('button', { name: '5', exact: true }).click()
  await expect(page.getByText('year 5 ·')).toBeVisible()
})
