import { expect, test, type Page } from '@playwright/test'
import { readPdf } from '../support/readPdf'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(async () => {
  await server.kill()
})

const FRONT = '/beds/reading-room-front'
const saved = (page: Page) =>
  expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'saved', { timeout: 15_000 })
const row = (page: Page, name: string) =>
  page.getByTestId('schedule').locator('tr').filter({ hasText: name }).first()

test('from the schedule to an order, a short delivery, a stand-in', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/count`)
  const lavender = row(page, 'Hidcote lavender')
  await expect(lavender).toContainText('to buy')
  const buy = (await lavender.locator('td').nth(5).innerText()).trim()

  await page.getByRole('tab', { name: 'Orders' }).click()
  await page.getByRole('button', { name: 'Make an order' }).click()
  const order = page.getByTestId('order')
  for (const step of ['Ask for prices and stock', 'Order', 'Confirmed', 'It has come'])
    await order.getByRole('button', { name: step, exact: true }).click()
  await expect(order).toContainText('delivered')
  // Six come less than ordered: the line says which places stay open.
  const right = order.getByLabel('Right of Hidcote lavender')
  await right.fill(String(Number(buy) - 12))
  await right.press('Enter')
  await page.getByRole('tab', { name: 'Schedule' }).click()
  await expect(row(page, 'Hidcote lavender')).toContainText('short, 7 open')
  await row(page, 'Hidcote lavender').getByRole('button').first().click()
  await expect(page.getByTestId('lack')).toContainText('7 places stay open')

  await page.getByRole('button', { name: 'What could stand in' }).click()
  const first = page.getByTestId('lack').locator('.stand li').first()
  await expect(first).toBeVisible({ timeout: 20_000 })
  const name = await first.locator('small').innerText()
  await first.getByRole('button', { name: 'Take it instead' }).click()
  await expect(row(page, name)).toBeVisible()
  await expect(row(page, 'Hidcote lavender')).toHaveCount(0)
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(row(page, 'Hidcote lavender')).toBeVisible()
  await saved(page)
})

test('a nursery’s own list is looked through, its prices taken in, and taken back', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/count?tab=orders`)
  const list = 'Spring list\nPlant;Topf;Preis\nNepeta x faassenii;9 cm;4,35\nNo such plant;9 cm;2,00\n'
  const file = { name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(list, 'latin1') }
  await page.getByLabel('Price list', { exact: true }).setInputFiles(file)
  const look = page.getByTestId('price-list')
  await expect(look).toContainText('1 read, 1 names are not in the library')
  await look.getByRole('button', { name: 'Take these prices' }).click()
  await page.getByRole('tab', { name: 'Schedule' }).click()
  await expect(row(page, 'catmint')).toContainText('4.35')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(row(page, 'catmint')).not.toContainText('4.35')
  // What is no list says so, and nothing is taken.
  await page.getByRole('tab', { name: 'Orders' }).click()
  await page
    .getByLabel('Price list', { exact: true })
    .setInputFiles({ ...file, buffer: Buffer.from('only one column') })
  await expect(page.getByRole('alert')).toContainText('No table was found')
})

test('raised from seed: dates, trays, ticks, sown again', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/count?tab=raise`)
  await page.getByLabel('Raise a kind from seed').click()
  await page.getByRole('option').first().click()
  await expect(page.getByTestId('raise').locator('tbody tr')).toHaveCount(1)
  const make = page.getByRole('button', { name: 'Make trays' })
  if (await make.isVisible()) {
    await make.click()
    await page.getByTestId('trays').getByLabel('sown').first().click()
    await page.getByRole('button', { name: 'Failed' }).first().click()
    await expect(page.getByTestId('trays')).toContainText('failed')
  }
  await saved(page)
})

test('materials and money answer the brief', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/count?tab=materials`)
  const compost = page.getByTestId('materials').locator('tr').filter({ hasText: 'compost dug in' })
  const before = await compost.innerText()
  await compost.getByLabel('Depth of compost dug in').fill('10 cm')
  await compost.getByLabel('Depth of compost dug in').press('Enter')
  await expect(compost).not.toHaveText(before)
  await page.getByRole('tab', { name: 'Money' }).click()
  await expect(page.getByText('Budget of the brief')).toBeVisible()
  await expect(page.locator('.charts canvas').first()).toBeVisible()
  await page.getByLabel('Plan to compare with').click()
  await page.getByRole('option', { name: 'all planted in year one' }).click()
  await expect(page.getByText(/Five years: this plan .*, all planted in year one/)).toBeVisible()
})

test('set out on a tablet without a network: ticks wait, join again, and stand in Count', async ({
  page,
  context,
}) => {
  await page.setViewportSize({ width: 820, height: 1180 })
  await page.goto(`${server.url}/onsite/saltmarsh-row?bed=bell-island`)
  await expect(page.getByTestId('join-state')).toHaveText('all joined')
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  // The shell is kept the first time it comes through the service worker.
  await page.reload()
  await expect(page.getByTestId('join-state')).toHaveText('all joined')
  await context.setOffline(true)
  await page.reload()
  await expect(page.getByTestId('join-state')).toContainText('no network')
  await page.getByLabel('Find by letter or name').fill('russian sage')
  await page.getByRole('button', { name: 'All shown are set' }).click()
  await page.getByRole('button', { name: 'All shown are planted' }).click()
  await expect(page.getByTestId('sum')).toContainText('4 of')
  await expect(page.getByTestId('join-state')).toContainText('wait in this device')
  // Killed and opened again without a network, the day's ticks are still there.
  await page.reload()
  await expect(page.getByTestId('sum')).toContainText('4 of')
  await context.setOffline(false)
  await page.evaluate(() => window.dispatchEvent(new Event('online')))
  await expect(page.getByTestId('join-state')).toHaveText('all joined', { timeout: 30_000 })
  await page.setViewportSize({ width: 1280, height: 800 })
  await page.goto(`${server.url}/beds/bell-island/count`)
  await expect(row(page, 'Russian sage')).toContainText('planted')
})

test('the photo of a dry run stands beside the plan, and is there after a reload', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/setout?tab=dry`)
  const photo = page.getByLabel('Photo of the dry run')
  await photo.setInputFiles({ name: 'pots.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') })
  await expect(page.getByRole('alert')).toContainText('choose a photo')
  const pixel = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='
  await photo.setInputFiles({ name: 'pots.png', mimeType: 'image/png', buffer: Buffer.from(pixel, 'base64') })
  await expect(page.getByAltText('The pots as they stand')).toBeVisible()
  await saved(page)
  await page.reload()
  await expect(page.getByAltText('The pots as they stand')).toBeVisible()
})

test('works give way to a task that is moved; the papers come as a PDF that reads', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/setout`)
  await expect(page.getByTestId('setout-tables')).toContainText('places in the order of setting')
  await page.getByRole('tab', { name: 'Order of works' }).click()
  const works = page.getByTestId('works')
  const clear = works.locator('tbody tr').filter({ hasText: 'Clear the ground' })
  await clear.getByRole('checkbox').click()
  await expect(clear.getByRole('checkbox')).toBeChecked()
  await works.getByRole('button', { name: /^Find and mark services: / }).press('ArrowRight')
  const services = works.locator('tbody tr').filter({ hasText: 'Find and mark services' })
  await expect(services).toContainText('set by hand')
  await page.getByRole('tab', { name: 'Papers' }).click()
  await saved(page)
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Make the PDF' }).click()
  const stream = await (await download).createReadStream()
  const parts: Buffer[] = []
  for await (const part of stream) parts.push(part as Buffer)
  const pages = await readPdf(Buffer.concat(parts))
  expect(pages.length).toBeGreaterThan(8)
  expect(pages.map((p) => p.text).join(' ')).toContain('Plant schedule')
  const ics = await (await page.request.get(`${server.url}/api/gardens/saltmarsh-row/works?as=ics`)).text()
  expect(ics).toContain('BEGIN:VEVENT')
})
