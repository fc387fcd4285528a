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
async function openSite(page: Page) {
  await page.goto(`${server.url}${FRONT}/ground`)
  await page.getByRole('tab', { name: 'The site' }).click()
  await expect(page.getByTestId('site-plan').locator('canvas').first()).toBeVisible()
}

test('the site by tape: a point by two tapes, tapes that do not meet, a corner moved by its figure, and undo', async ({
  page,
}) => {
  await openSite(page)
  const points = page.getByTestId('points')
  await expect(points.locator('li')).toHaveCount(5)
  await page.getByTestId('add-point').click()
  await page.getByRole('menuitem', { name: 'by two tapes' }).click()
  await expect(points.locator('li')).toHaveCount(6)
  const line = points.locator('li').nth(5)
  // The row that the menu made has the focus, and what is typed at once stays where it is typed.
  await expect(page.getByLabel('Name of point F')).toBeFocused()
  await expect(line).toContainText('are missing')
  await page.getByLabel('F, first tape', { exact: true }).fill(`40' 6"`)
  await page.getByLabel('F, first tape', { exact: true }).press('Enter')
  await page.getByLabel('F, second tape', { exact: true }).fill('9,5')
  await page.getByLabel('F, second tape', { exact: true }).press('Enter')
  await expect(line).not.toContainText('missing')
  await saved(page)

  await page.locator('[data-thing="Old lime"] > button').click()
  await page.getByLabel('Old lime, corner 1 right').fill('-8')
  await page.getByLabel('Old lime, corner 1 right').press('Enter')
  await expect(page.getByLabel('Old lime, corner 1 right')).toHaveValue('-8.00 m')
  // The plan answers to the keyboard, and the book says so.
  await page.getByTestId('site-plan').focus()
  await page.keyboard.press('Shift+ArrowRight')
  await expect(page.getByLabel('Old lime, corner 1 right')).toHaveValue('-7.00 m')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Old lime, corner 1 right')).toHaveValue('-8.00 m')
  await saved(page)
  await page.reload()
  await page.getByRole('tab', { name: 'The site' }).click()
  await expect(page.getByTestId('points').locator('li')).toHaveCount(6)
})

test('a bed is laid against a side of a building, and goes with it', async ({ page }) => {
  await openSite(page)
  await page.getByRole('button', { name: /Reading-room front/ }).click()
  await page.getByLabel('Reading-room front lies against').click()
  const sides = page.getByRole('option', { name: /, side 1$/ })
  await sides.first().click()
  await saved(page)
  await expect(page.getByLabel('From the wall’s left end')).toBeVisible()
  await page.getByRole('tab', { name: 'This bed' }).click()
  await expect(page.getByText('come from the site')).toBeVisible()
  await page.getByRole('tab', { name: 'The site' }).click()
  await page.getByLabel('Reading-room front lies against').click()
  await page.getByRole('option', { name: 'nothing of the site' }).click()
  await saved(page)
})

test('a thing is dragged in the plan, measured outlines close, and a walk is drawn', async ({ page }) => {
  await openSite(page)
  await page.waitForTimeout(800)
  await page.locator('[data-thing="Harbour pine"] > button').click()
  const right = page.getByLabel('Harbour pine, corner 1 right')
  const before = await right.inputValue()
  const plan = page.getByTestId('site-plan')
  const box = (await plan.boundingBox())!
  // Where the pine stands in the picture: by the plan's own middle and scale.
  const [mx, my] = (await plan.getAttribute('data-middle'))!.split(',').map(Number) as [number, number]
  const scale = Number(await plan.getAttribute('data-px-per-m'))
  const spot = { x: box.width / 2 + (35 - mx) * scale, y: box.height / 2 - (6.5 - my) * scale }
  await page.mouse.move(box.x + spot.x, box.y + spot.y)
  await page.mouse.down()
  await page.mouse.move(box.x + spot.x + 40, box.y + spot.y, { steps: 6 })
  await page.mouse.up()
  await expect(right).not.toHaveValue(before)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(right).toHaveValue(before)
  await page.getByRole('button', { name: 'Walk round an outline with the tape' }).click()
  await expect(page.getByTestId('closing')).toContainText('Closes with 0.00 m missing')
  await page.getByLabel('Side 4', { exact: true }).fill('5.6')
  await page.getByLabel('Side 4', { exact: true }).press('Enter')
  await expect(page.getByTestId('closing')).toContainText('Closes with 0.40 m missing')
  await page.getByRole('button', { name: 'Spread the error and draw it' }).click()
  await expect(page.locator('[data-thing="Building"]')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('[data-thing="Building"]')).toHaveCount(0)
})

test('light: the hour on the ring, the map of the season in the worker, and hand-measured hours before it', async ({
  page,
}) => {
  await openSite(page)
  await page.getByTestId('ring-sun').focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByText('9:40 sun time, 21 June')).toBeVisible()
  await page.getByTestId('ring-month').focus()
  await page.keyboard.press('ArrowLeft')
  await expect(page.getByText('sun time, 21 May')).toBeVisible()
  await page.getByTestId('date').fill('45')
  await expect(page.getByText('sun time, 14 February')).toBeVisible()
  await page.getByRole('button', { name: 'Hours, season' }).click()
  await expect(page.getByText('May to Sep')).toBeVisible()
  const box = (await page.getByTestId('site-plan').boundingBox())!
  await expect
    .poll(
      async () => {
        await page.mouse.move(box.x + box.width / 2 + Math.random() * 5, box.y + box.height * 0.8)
        return page.getByText(/h here:/).count()
      },
      { timeout: 20_000 },
    )
    .toBeGreaterThan(0)

  await page.getByRole('tab', { name: 'This bed' }).click()
  await expect(page.getByText(/^\s*Computed: 9\.\d h a day/)).toBeVisible({ timeout: 20_000 })
  await page.getByLabel('Sun, hours a day').fill('3')
  await page.getByLabel('Sun, hours a day').press('Enter')
  await expect(page.getByText('Hours by hand count: 3 h is part shade.')).toBeVisible()
  await expect(page.getByText('by hand', { exact: true })).toBeVisible()
  await page.getByRole('switch', { name: 'measured by hand' }).click()
  await expect(page.getByText('The findings go by the computed light')).toBeVisible()
})

test('drawings: a broken one changes nothing, a GeoJSON becomes a path, the site goes out and the garden comes back', async ({
  page,
}) => {
  await openSite(page)
  const input = page.getByLabel('Drawing to bring in')
  await input.setInputFiles({
    name: 'broken.dxf',
    mimeType: 'application/dxf',
    buffer: Buffer.from('0\nSECTION\nnonsense'),
  })
  await expect(page.getByRole('alert').filter({ hasText: 'nothing was changed' })).toBeVisible()
  await input.setInputFiles({ name: 'photo.png', mimeType: 'image/png', buffer: Buffer.from('not a picture') })
  await expect(page.getByRole('alert').filter({ hasText: 'nothing was changed' })).toBeVisible()
  const onePixel = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  )
  await input.setInputFiles({ name: 'survey.png', mimeType: 'image/png', buffer: onePixel })
  await expect(page.getByText('20.00 m wide')).toBeVisible()
  await page.getByRole('button', { name: 'Scale by two points' }).click()
  const sheet = (await page.getByTestId('site-plan').boundingBox())!
  await page.mouse.move(sheet.x + 200, sheet.y + 300)
  await page.mouse.down()
  await page.mouse.move(sheet.x + 300, sheet.y + 300, { steps: 4 })
  await page.mouse.up()
  const known = page.getByLabel('Known length')
  const drawn = Number.parseFloat(await known.inputValue())
  await known.fill(`${(drawn * 2).toFixed(2)}`)
  await known.press('Enter')
  await expect(page.getByText(/(39\.9|40\.0)\d? m wide/)).toBeVisible()
  await input.setInputFiles({
    name: 'path.geojson',
    mimeType: 'application/geo+json',
    buffer: Buffer.from(
      JSON.stringify({
        type: 'FeatureCollection',
        features: [
          {
            type: 'Feature',
            properties: { name: 'Shell path' },
            geometry: {
              type: 'Polygon',
              coordinates: [
                [
                  [0, -3],
                  [5, -3],
                  [5, -2],
                  [0, -2],
                  [0, -3],
                ],
              ],
            },
          },
        ],
      }),
    ),
  })
  await page.getByRole('button', { name: 'Bring them in' }).click()
  await expect(page.locator('[data-thing="Shell path"]')).toBeVisible()

  await page.getByRole('button', { name: 'Take the site away' }).click()
  const out = page.waitForEvent('download')
  await page.getByRole('menuitem', { name: /DXF/ }).click()
  const dxf = readFileSync(await (await out).path())
  expect(dxf.toString('utf8')).toContain('AMBER_TERRACE')
  await saved(page)

  const things = await page.locator('[data-thing]').count()
  await input.setInputFiles({ name: 'site.dxf', mimeType: 'application/dxf', buffer: dxf })
  const step = page.getByRole('region', { name: 'The drawing before it is taken in' })
  await expect(step.getByRole('row', { name: /building/ })).toContainText('as it was')
  await step.getByLabel('Moved to the right').fill('30')
  await step.getByLabel('Moved to the right').press('Enter')
  await page.getByRole('button', { name: 'Bring them in' }).click()
  await expect(page.getByText(/Taken in: \d+ things/)).toBeVisible()
  expect(await page.locator('[data-thing]').count()).toBe(2 * things)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('[data-thing]')).toHaveCount(things)
  await saved(page)

  await page.goto(server.url)
  const zip = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Archive' }).first().click()
  const path = await (await zip).path()
  await page
    .getByLabel('Garden archive to bring in')
    .setInputFiles({ name: 'garden.zip', mimeType: 'application/zip', buffer: readFileSync(path) })
  await expect(page.getByRole('heading', { name: 'Saltmarsh Row Library' })).toHaveCount(2)
  await page
    .getByLabel('Garden archive to bring in')
    .setInputFiles({ name: 'broken.zip', mimeType: 'application/zip', buffer: Buffer.from('PK broken') })
  await expect(page.getByText(/Nothing was taken in/).first()).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Saltmarsh Row Library' })).toHaveCount(2)
})

test('a drawing comes in whole or not at all: where its second bed is refused, the first is taken out again', async ({
  page,
  request,
}) => {
  await openSite(page)
  const gardenBeds = async () =>
    ((await (await request.get(`${server.url}/api/gardens/saltmarsh-row/beds`)).json()) as unknown[]).length
  const before = await gardenBeds()
  const square = (x: number) => ({
    type: 'Feature',
    properties: { name: 'Round bed' },
    geometry: {
      type: 'Polygon',
      coordinates: [
        [
          [x, -9],
          [x + 3, -9],
          [x + 3, -6],
          [x, -6],
          [x, -9],
        ],
      ],
    },
  })
  const drawing = { type: 'FeatureCollection', features: [square(20), square(26)] }
  await page
    .getByLabel('Drawing to bring in')
    .setInputFiles({
      name: 'beds.geojson',
      mimeType: 'application/geo+json',
      buffer: Buffer.from(JSON.stringify(drawing)),
    })
  await page.getByRole('combobox', { name: /becomes$/ }).click()
  await page.getByRole('option', { name: 'island bed' }).click()
  let asked = 0
  await page.route('**/api/gardens/*/beds', (route) =>
    route.request().method() === 'POST' && ++asked === 2
      ? route.fulfill({ status: 507, json: { data: { message: 'There is no room on the server’s disk.' } } })
      : route.continue(),
  )
  await page.getByRole('button', { name: 'Bring them in' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing was taken in' })).toContainText('no room')
  expect(asked).toBe(2)
  await expect.poll(gardenBeds).toBe(before)
  await page.unroute('**/api/gardens/*/beds')
  await page.getByRole('button', { name: 'Bring them in' }).click()
  await expect(page.getByText(/Taken in: .*2 beds/)).toBeVisible()
  expect(await gardenBeds()).toBe(before + 2)
})

test('beds of every kind are made, composed and walked round', async ({ page }) => {
  await page.goto(`${server.url}/beds/bell-island/compose`)
  await expect(page.getByTestId('score')).toBeVisible()
  await page.getByTestId('walk').fill('90')
  await page.getByRole('button', { name: 'Make it the main view' }).click()
  await saved(page)
  await page.getByRole('button', { name: 'Undo' }).click()

  await page.goto(`${server.url}/beds/story-court/count`)
  await page.getByRole('combobox', { name: 'Bed counted' }).click()
  await page.getByRole('option', { name: 'Story court' }).click()
  await expect(page.getByText('80', { exact: true }).first()).toBeVisible()

  await page.goto(`${server.url}/beds/north-step/ground`)
  for (const kind of [
    'two-sided border',
    'terrace level',
    'island',
    'ring round existing planting',
    'patterned court',
    'pots',
    'mixed screen',
    'foundation or backed border',
  ]) {
    await page.getByRole('combobox', { name: 'Kind of bed' }).click()
    await page.getByRole('option', { name: kind }).click()
    await expect(page.getByText(/^\s*Area /)).toBeVisible()
    await expect(page.getByRole('alert')).toHaveCount(0)
  }
  await saved(page)
})

test('the soil tests write into the book', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/ground`)
  await page.getByRole('tab', { name: 'Soil and harm' }).click()
  await page.getByLabel('Clay, mm').fill('160')
  await page.getByLabel('Clay, mm').press('Enter')
  await expect(page.getByTestId('jar')).toContainText('clay')
  await page.getByLabel('Fell, mm').fill('5')
  await page.getByLabel('Fell, mm').press('Enter')
  await expect(page.getByTestId('percolation')).toContainText('water stands')
  await page.getByTestId('percolation').getByRole('button').click()
  await saved(page)
  await page.getByRole('button', { name: 'Undo' }).click()
  await saved(page)
})
