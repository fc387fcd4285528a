import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(async () => {
  await server.kill()
})

const FRONT = '/beds/reading-room-front'
const saved = (page: Page) => expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'saved')
const addOne = async (page: Page, drift: string) => {
  await page.locator(`[data-drift="${drift}"]`).focus()
  await page.keyboard.press('+')
}

test('time moves all three pictures, a plant is nudged and pinned, and a finding lights its plants', async ({
  page,
}) => {
  await page.goto(`${server.url}${FRONT}/compose`)
  await expect(page.getByTestId('score').locator('[data-drift]').first()).toBeVisible()
  const elevation = page
    .getByRole('img', { name: /Elevation/ })
    .locator('canvas')
    .first()
  const plan = page.getByTestId('plan').locator('canvas').first()
  const picture = (canvas: typeof plan) => canvas.evaluate((c) => (c as HTMLCanvasElement).toDataURL())
  await page.waitForTimeout(400)
  const june = [await picture(elevation), await picture(plan)]
  await page.getByTestId('months').focus()
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowLeft')
  await expect(page.getByText(/January, year 3/)).toBeVisible()
  await page.waitForTimeout(400)
  expect(await picture(elevation)).not.toBe(june[0])
  expect(await picture(plan)).not.toBe(june[1])
  await page.getByTestId('years').focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByText(/January, year 5/)).toBeVisible()

  await page.locator('[data-finding^="window:"]').hover()
  await expect(page.getByTestId('score').locator('.lit')).not.toHaveCount(0)

  await page.getByTestId('plan').focus()
  await page.keyboard.press('.')
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight')
  await expect(page.getByTestId('plant-card')).toContainText('1 pinned by hand')
  await page.getByTestId('plan').focus()
  await page.keyboard.press('u')
  await expect(page.getByTestId('plant-card')).not.toContainText('pinned')
  await saved(page)
})

test('a plant is dragged in the plan and everything can be undone', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/compose`)
  const plan = page.getByTestId('plan')
  await expect(plan.locator('canvas').first()).toBeVisible()
  await page.waitForTimeout(300)
  const box = (await plan.boundingBox())!
  await page.mouse.move(box.x + 167 - 74, box.y + 50)
  await page.mouse.down()
  await page.mouse.move(box.x + 167 - 74 + 40, box.y + 60, { steps: 6 })
  await page.mouse.up()
  await expect(page.getByTestId('plant-card')).toContainText('1 pinned by hand')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByTestId('plant-card')).not.toContainText('pinned')
})

test('the server away: the edit stays, is retried, and survives a closed tab', async ({ context }) => {
  const page = await context.newPage()
  await page.goto(`${server.url}${FRONT}/compose`)
  await page.locator('[data-drift="rr-20"]').click()
  const before = Number(await page.getByTestId('drift-count').innerText())
  await context.route('**/api/beds/**', (route) =>
    route.request().method() === 'POST' ? route.abort() : route.continue(),
  )
  await addOne(page, 'rr-20')
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'offline')
  await page.close()
  await context.unroute('**/api/beds/**')
  const again = await context.newPage()
  await again.goto(`${server.url}${FRONT}/compose`)
  await again.locator('[data-drift="rr-20"]').click()
  await expect(again.getByTestId('drift-count')).toHaveText(String(before + 1))
  await saved(again)
})

test('a broken plant list changes nothing and says where; a sound one is taken', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/plants`)
  const [header = '', first = ''] = readFileSync(new URL('../../data/plants.csv', import.meta.url), 'utf8').split(
    '\n',
  )
  const own = first.replace(/^[^,]+,[^,]+/, 'Salix testalis,sea willow')
  const upload = (text: string) =>
    page
      .getByLabel('Plant list to import')
      .setInputFiles({ name: 'own.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  await upload(`${header}\n${own}\n${own.replace('Salix testalis', 'Salix altera').replace(',3.0,', ',tall,')}\n`)
  await expect(page.getByRole('alert')).toContainText('row 3, foliage_height_m: “tall” came')
  await page.getByRole('button', { name: 'Close', exact: true }).first().click()
  await expect(page.getByText('of 1282')).toBeVisible()
  await upload(`${header}\n${own}\n`)
  await expect(page.getByRole('alert')).toContainText('1 plant, 1 new, 0 in place')
  await page.getByRole('button', { name: 'Take them in' }).click()
  await expect(page.getByRole('alert')).toContainText('1 plant taken in')
  await page.keyboard.press('Escape')
  await page.getByLabel('Search plants').fill('sea willow')
  await expect(page.getByTestId('line-up')).toContainText('sea willow')
  // A nursery's few columns: mapped once, the rest from the library; what is not known is named with its line.
  await upload(
    "Frühjahrsliste;;\nBotanischer Name;Höhe;Blüte\nNepeta × faassenii 'Hafen';45;Juni-Sept\nNonsensia alba;hoch;\n",
  )
  await expect(page.getByRole('dialog')).toContainText(
    '0 plants are in the library, 1 lean on one of their species',
  )
  await expect(page.getByRole('dialog')).toContainText('row 4')
  await page.getByRole('button', { name: 'Go on with those that are known' }).click()
  await expect(page.getByRole('alert')).toContainText('1 plant, 1 new')
  await page.getByRole('button', { name: 'Take them in' }).click()
  await expect(page.getByRole('alert')).toContainText('1 plant taken in')
  await expect(page.getByTestId('line-up')).toContainText('own')
  await page.getByLabel('Search plants').fill("'; DROP TABLE own_plant; --")
  await expect(page.getByText('No plant here goes by')).toBeVisible()
})

test('script in a name is a name; names empty or endless are refused; a wrong address says what to do', async ({
  page,
}) => {
  await page.goto(`${server.url}${FRONT}/ground`)
  const name = page.getByLabel('Name').first()
  await name.fill('')
  await name.press('Enter')
  await expect(page.getByText('The bed needs a name.')).toBeVisible()
  await name.fill('x'.repeat(10_000))
  await name.press('Enter')
  await expect(page.getByText('The name has 10000 characters; 120 is the most.')).toBeVisible()
  await name.fill('<script>document.title="owned"</script>')
  await name.press('Enter')
  await saved(page)
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('<script>document.title="owned"</script>')
  expect(await page.title()).toContain('<script>')
  await page.goto(`${server.url}/beds/nowhere/compose`)
  await expect(page.getByText('There is no such bed')).toBeVisible()
})

test('the server turns away what it should', async ({ request }) => {
  const bed = (await (await request.get(`${server.url}/api/beds/reading-room-front`)).json()) as {
    revision: number
    value: object
  }
  const put = (data: unknown, headers = {}) =>
    request.put(`${server.url}/api/beds/reading-room-front`, { data, headers, failOnStatusCode: false })
  expect((await put({ revision: bed.revision, bed: { ...bed.value, drifts: [{ count: -1 }] } })).status()).toBe(422)
  expect((await put({ revision: bed.revision - 1, bed: bed.value })).status()).toBe(409)
  expect((await put('{"not json', { 'content-type': 'application/json' })).status()).toBe(400)
  expect((await put({ revision: 1, bed: bed.value, padding: 'x'.repeat(20 * 1024 * 1024) })).status()).toBe(413)
  expect(
    (await put({ revision: bed.revision, bed: bed.value }, { origin: 'http://elsewhere.example' })).status(),
  ).toBe(403)
  expect((await request.get(`${server.url}/api/beds/..%2F..%2Fetc`, { failOnStatusCode: false })).status()).toBe(
    404,
  )
  expect((await request.get(`${server.url}/api/beds/'%20OR%201=1`, { failOnStatusCode: false })).status()).toBe(404)
  expect(
    (
      await request.get(`${server.url}/api/gardens`, {
        headers: { host: 'elsewhere.example' },
        failOnStatusCode: false,
      })
    ).status(),
  ).toBe(403)
  const after = (await (await request.get(`${server.url}/api/beds/reading-room-front`)).json()) as typeof bed
  expect(after).toEqual(bed)
})

test('a second process on the same folder says so and ends', async () => {
  const second = await startServer({ folder: server.folder, wait: false })
  expect(await second.ended()).toBe(1)
  expect(second.errors()).toContain('Another Amber Terrace')
})
