import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeEach(async () => {
  server = await startServer()
})
test.afterEach(async () => {
  await server.kill()
})

const saved = (page: Page) => expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'saved')

/** A new garden and bed through the interface; ends on the Ground screen. */
async function makeBed(page: Page, bedName: string) {
  await page.goto(server.url)
  await expect(page.getByText('No garden yet')).toBeVisible()
  await page.getByRole('button', { name: 'New garden' }).click()
  await page.getByLabel('Name of the garden').fill('Saltmarsh Row Library')
  await page.getByLabel('Latitude, degrees north').fill('44,6')
  await page.getByLabel('Longitude, degrees east').fill('-63.6')
  await page.getByRole('button', { name: 'Make the garden' }).click()
  await page.getByRole('button', { name: 'New bed' }).click()
  await page.getByLabel('Name of the bed').fill(bedName)
  await page.getByLabel('Length along the wall').fill(`26' 3"`)
  await page.getByLabel('Depth out from it').fill('2,4')
  await page.getByRole('button', { name: 'Make the bed' }).click()
  await expect(page).toHaveURL(/\/ground$/)
}

async function shortlist(page: Page, name: string) {
  await page.getByLabel('Search plants').fill(name)
  await page
    .getByRole('button', { name: new RegExp(`Put on the shortlist: ${name}`, 'i') })
    .first()
    .click()
}

test('from an empty folder: make a bed, compose, mend, undo, export, and keep it all through a killed process', async ({
  page,
}) => {
  await makeBed(page, 'Reading-room front')
  await page.getByLabel('Sun, hours a day').fill('6.5')
  await page.getByLabel('Sun, hours a day').press('Enter')
  await page.getByRole('button', { name: 'Window or door' }).click()
  await saved(page)

  await page.getByRole('link', { name: 'Plants' }).click()
  for (const name of ['purple ninebark', 'catmint', 'feather reed grass']) await shortlist(page, name)

  await page.getByRole('link', { name: 'Compose' }).click()
  await page.getByRole('tab', { name: /Shortlist/ }).click()
  // Dragged into a lane, straight below the window.
  const grab = page.getByTitle('Drag purple ninebark into a lane')
  const lane = page.locator('[data-lane="0"]')
  const laneBox = (await lane.boundingBox())!
  const from = (await grab.boundingBox())!
  await page.mouse.move(from.x + 10, from.y + 20)
  await page.mouse.down()
  await page.mouse.move(laneBox.x + 300, laneBox.y + 20, { steps: 4 })
  await page.mouse.move(laneBox.x + laneBox.width * 0.27, laneBox.y + 20, { steps: 4 })
  await page.mouse.up()
  await expect(page.getByTestId('plant-card')).toContainText('purple ninebark')
  await page.getByRole('button', { name: 'Add catmint to Front' }).click()
  await page.getByRole('button', { name: 'One more' }).click()
  await expect(page.getByTestId('drift-count')).toHaveText('4')

  // From the keyboard: along the lane, more plants, another lane.
  const block = page.locator('[data-drift]', { has: page.locator('img') }).last()
  await block.focus()
  await page.keyboard.press('+')
  await expect(page.getByTestId('drift-count')).toHaveText('5')
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('Shift+ArrowLeft')

  await page.getByRole('tab', { name: /Second look/ }).click()
  const finding = page.locator('[data-finding^="window:"]')
  await expect(finding).toContainText('Hides the window')
  await finding
    .getByRole('button', { name: /^Swap for/ })
    .first()
    .click()
  await expect(finding).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await expect(finding).toBeVisible()
  await page.keyboard.press('Control+Shift+z')
  await expect(finding).toHaveCount(0)

  // Accepted with a reason, it stays listed.
  const other = page.getByTestId('findings').locator('article').first()
  const title = await other.getByRole('heading').innerText()
  await other.getByRole('button', { name: 'Accept' }).click()
  await other.getByLabel('Why is it right here?').fill('A bench will stand there')
  await other.getByRole('button', { name: 'Accept it' }).click()
  await page.getByText(/^\s*Accepted \(/).click()
  await expect(page.getByText('A bench will stand there')).toBeVisible()

  await saved(page)
  await page.getByRole('link', { name: 'Count' }).click()
  await expect(page.getByTestId('schedule')).toContainText('Nepeta')
  await page.getByRole('button', { name: /catmint/ }).click()
  await page.getByLabel('On the bench').fill('2')
  await page.getByLabel('On the bench').press('Enter')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'CSV' }).click()
  const csv = readFileSync(await (await download).path(), 'utf8')
  expect(csv.startsWith('\uFEFFLetter,Botanical name')).toBe(true)
  expect(csv).toContain('Nepeta × faassenii,catmint,5,1,2,4,1,9 cm,6.00,24.00')
  await saved(page)

  await server.kill()
  const after = await startServer({ folder: server.folder, port: Number(new URL(server.url).port) })
  server = after
  await page.goto(`${after.url}${new URL(page.url()).pathname}`)
  await page.getByRole('button', { name: /catmint/ }).click()
  await expect(page.getByLabel('On the bench')).toHaveValue('2')
  await page.getByRole('link', { name: 'Compose' }).click()
  await expect(page.getByTestId('score').locator('[data-drift]')).toHaveCount(2)
  await page.getByText(/^\s*Accepted \(/).click()
  await expect(page.getByText(title, { exact: true })).toBeVisible()
})

test('an edge by figures: stations, curves, and figures that cannot be', async ({ page }) => {
  await makeBed(page, 'North step')
  const depth = page.getByLabel('Greatest depth')
  for (const [text, message] of [
    ['-2', /cannot be negative/],
    ['99 km', /not a/],
    ['4000', /at most 50 m/],
    ['', /is empty/],
  ] as const) {
    await depth.fill(text)
    await depth.press('Enter')
    await expect(page.getByRole('alert').filter({ hasText: message })).toBeVisible()
    await expect(depth).toHaveValue(text)
  }
  await depth.fill(`9' 2"`)
  await depth.press('Enter')
  await expect(depth).toHaveValue('2.79 m')
  await page.getByRole('button', { name: 'Station' }).first().click()
  const out = page.getByLabel('Front station 2 out')
  await out.fill('0')
  await out.press('Enter')
  await expect(page.getByRole('alert')).toContainText('comes within 0.2 m of the back edge or crosses it')
  await page.getByLabel('Front edge runs').click()
  await page.getByRole('option', { name: 'curved' }).click()
  await out.fill('2.2')
  await out.press('Enter')
  await expect(page.getByText(/depth 2.20 m/)).toBeVisible()
  await saved(page)
})
