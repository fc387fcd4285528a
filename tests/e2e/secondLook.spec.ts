import { expect, test } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(async () => {
  await server.kill()
})

test('marks open to what was measured; a mend that was tried ends its finding and raises no alarm', async ({
  page,
}) => {
  await page.goto(`${server.url}/beds/car-park-screen/compose`)
  const marks = page.getByTestId('marks')
  await expect(marks.getByRole('button')).toHaveCount(14)
  const before = Number(await page.getByTestId('total').textContent())
  expect(before).toBeGreaterThan(40)
  await marks.getByRole('button', { name: /Layers/ }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('opened-mark')).toContainText('Is each row seen over the one in front?')
  await expect(page.getByTestId('opened-mark')).toContainText('rises over')

  const findings = page.getByTestId('findings').locator('article')
  const mended = findings.filter({ has: page.locator('.mend') }).first()
  await expect(mended).toBeVisible()
  const id = await mended.getAttribute('data-finding')
  const many = await findings.count()
  await expect(mended.locator('.mend small').first()).not.toBeEmpty()
  await mended.locator('.mend').first().click()
  await expect(page.locator(`[data-finding="${id}"]`)).toHaveCount(0)
  expect(await findings.count()).toBeLessThanOrEqual(many)
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'saved')
  await page.reload()
  await expect(marks.getByRole('button')).toHaveCount(14)
  await expect(page.locator(`[data-finding="${id}"]`)).toHaveCount(0)
})

test('a garden says its summers, and a plant sheet tells whom it poisons and how it grows', async ({ page }) => {
  await page.goto(`${server.url}/beds/reading-room-front/plants`)
  await page.getByLabel('Search plants').fill('tiger lily')
  await page.getByRole('switch', { name: /suits this bed/ }).click()
  await page.locator('[data-plant="lilium-lancifolium"]').click()
  const sheet = page.getByTestId('plant-sheet')
  await expect(sheet).toContainText('deadly poisonous to cats')
  await sheet.getByText('Growing it').click()
  await expect(sheet).toContainText('heat zones')
  await page.goto(server.url)
  const change = () => page.getByRole('button', { name: 'Garden', exact: true }).first().click()
  await change()
  const summers = page.getByRole('combobox', { name: 'Summers' })
  await expect(summers).toContainText('not told')
  await summers.click()
  await page.getByRole('option', { name: '31 to 45 days above 30 °C' }).click()
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(summers).toHaveCount(0)
  await page.reload()
  await change()
  await expect(summers).toContainText('31 to 45 days')
  // A town brings its place.
  await page.getByRole('textbox', { name: 'Town' }).fill('Columbus, Ohio')
  await page.getByRole('button', { name: 'Columbus, OH, United States' }).click()
  await expect(page.getByLabel('Latitude, degrees north')).toHaveValue(/^39\.9/)
})
