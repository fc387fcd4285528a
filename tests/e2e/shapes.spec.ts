import { expect, test, type Page } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(async () => {
  await server.kill()
})

const open = async (page: Page) => {
  await page.goto(`${server.url}/beds/reading-room-front/compose`)
  await page.locator('[data-drift="rr-11"]').first().focus()
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('plant-card')).toContainText('violet meadow sage')
}
const saved = (page: Page) => expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'saved')
const pattern = async (page: Page, name: RegExp) => {
  await page.getByTestId('plant-card').getByLabel('Pattern').click()
  await page.getByRole('option', { name }).click()
}
const figure = (page: Page, label: string) => page.getByTestId('plant-card').getByLabel(label, { exact: true })
/** A drag over the plan, by shares of its width and height. */
async function drag(page: Page, ...to: readonly (readonly [number, number])[]) {
  const box = (await page.getByTestId('plan').boundingBox())!
  const at = ([u, v]: readonly [number, number]) => [box.x + u * box.width, box.y + v * box.height] as const
  await page.mouse.move(...at(to[0]!))
  await page.mouse.down()
  for (const place of to.slice(1)) await page.mouse.move(...at(place), { steps: 6 })
  await page.mouse.up()
}

test('a lens has figures for the keyboard; more fit when it is longer; what is kept comes back', async ({
  page,
}) => {
  await open(page)
  const fits = page.getByTestId('shape-fields').locator('.fits')
  await expect(fits).toContainText('9 fit')
  await figure(page, 'Length').fill('3 m')
  await page.keyboard.press('Enter')
  await expect(fits).not.toContainText('9 fit')
  await page.getByRole('button', { name: 'Set all that fit' }).click()
  await expect(page.getByTestId('drift-count')).not.toHaveText('7')
  await saved(page)
  await page.reload()
  await page.locator('[data-drift="rr-11"]').first().focus()
  await page.keyboard.press('Enter')
  await expect(figure(page, 'Length')).toHaveValue('3.00 m')
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
  await expect(figure(page, 'Length')).toHaveValue('2.00 m')
  await saved(page)
})

test('a block becomes a ribbon, and one drawn by hand in the plan', async ({ page }) => {
  await open(page)
  await pattern(page, /ribbon/)
  await expect(page.getByTestId('shape-fields')).toContainText('fit at')
  const plants = page.getByTestId('plan')
  const before = await plants.screenshot()
  await page.getByRole('button', { name: 'Draw it by hand' }).click()
  await expect(page.getByRole('button', { name: /Draw it in the plan/ })).toBeVisible()
  await drag(page, [0.25, 0.55], [0.35, 0.7], [0.5, 0.6], [0.62, 0.72])
  await expect(page.getByRole('button', { name: 'Draw it by hand' })).toBeVisible()
  expect((await plants.screenshot()).equals(before)).toBe(false)
  await saved(page)
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
  await expect(figure(page, 'Slant, °')).toHaveValue('6')
  await saved(page)
})

test('an end of a lens is drawn out by hand in the plan', async ({ page }) => {
  await open(page)
  const length = async () => Number.parseFloat(await figure(page, 'Length').inputValue())
  const before = await length()
  // The end of the lens lies about a metre to the right of its middle: the plan shows 14 m across.
  const box = (await page.getByTestId('plan').boundingBox())!
  const [x, y] = [394 - 74, 649 - 527]
  await page.mouse.move(box.x + x, box.y + y)
  await page.mouse.down()
  await page.mouse.move(box.x + x + 60, box.y + y + 4, { steps: 8 })
  await page.mouse.up()
  await expect.poll(length).toBeGreaterThan(before + 0.5)
  await page.keyboard.press('Control+z')
  await expect.poll(length).toBe(before)
})
