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

test('brief, colours, shortlist, swap: from a letter to a plant tried in all pictures and taken back', async ({
  page,
}) => {
  await page.goto(`${server.url}${FRONT}/brief`)
  const checks = page.getByTestId('brief-checks')
  await expect(checks).toContainText('must have: evergreen bones')
  await page.getByRole('combobox', { name: 'irritant sap', exact: true }).click()
  await page.getByRole('option', { name: 'never' }).click()
  await expect(checks).toContainText('never irritant sap')
  await page.getByLabel('Plants not wanted').fill('catmint')
  await page.getByLabel('Plants not wanted').press('Enter')
  await page.getByLabel('Plants not wanted').blur()
  await expect(checks).toContainText('never catmint')
  await saved(page)
  // The second look says so too, with a mend.
  await page.getByRole('link', { name: 'Compose' }).click()
  await expect(page.getByTestId('findings')).toContainText('against the brief')
  await page.getByRole('link', { name: 'Brief' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(checks).toContainText('never forsythia')

  await page.getByRole('tab', { name: 'Colours' }).click()
  await page.locator('[data-harmony="one-colour"]').click()
  await saved(page)
  await expect(page.getByTestId('colour-strip').locator('canvas')).toBeVisible()
  await page.getByRole('link', { name: 'Compose' }).click()
  // An exception is accepted with a reason, and stays listed.
  const card = page
    .getByTestId('findings')
    .locator('article')
    .filter({ has: page.getByRole('heading', { name: /the colours$/ }) })
    .first()
  const title = await card.getByRole('heading').innerText()
  await card.getByRole('button', { name: 'Accept' }).click()
  await page.getByLabel('Why is it right here?').fill('The librarian’s own favourite')
  await page.getByLabel('Why is it right here?').press('Enter')
  await page.getByText(/^\s*Accepted \(/).click()
  await expect(page.locator('details').filter({ hasText: 'Accepted' })).toContainText(title)
  await saved(page)

  await page.locator('[data-drift="rr-5"]').click()
  await page.getByRole('button', { name: 'Swap', exact: true }).click()
  const swap = page.getByTestId('swap')
  await swap.getByRole('combobox', { name: 'Direction of the swap' }).click()
  await page.getByRole('option', { name: 'lower' }).click()
  const first = swap.locator('li button').first()
  const name = await first.innerText()
  await first.click()
  await expect(page.getByTestId('plant-card').getByRole('heading')).toHaveText(new RegExp(name, 'i'))
  await swap.getByRole('button', { name: /^Back to/ }).click()
  await expect(page.getByTestId('plant-card').getByRole('heading')).toHaveText(/purple ninebark/i)
  await page.getByRole('button', { name: 'Partners', exact: true }).click()
  await expect(
    page
      .getByTestId('partners')
      .getByText(/of 100/)
      .first(),
  ).toBeVisible()

  // An empty place: the widest gap of a lane, a group for it, set there in one step and taken back in one.
  await page.keyboard.press('Escape')
  await page.getByRole('tab', { name: /^Shortlist/ }).click()
  await page.getByRole('button', { name: 'Partners for an empty place' }).click()
  await page.getByRole('button', { name: 'Empty place in Front' }).click()
  await page.getByRole('button', { name: 'pairs' }).click()
  const count = page.getByRole('tab', { name: /^List/ })
  const drifts = async () => Number((await count.innerText()).match(/\d+/)![0])
  const before = await drifts()
  await page.getByRole('button', { name: 'Set them there' }).first().click()
  await expect.poll(drifts).toBeGreaterThanOrEqual(before + 2)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(count).toContainText(String(before))
})

test('schools: a figure is changed and goes back, two are compared on the bed', async ({ page }) => {
  await page.goto(`${server.url}${FRONT}/brief`)
  await page.getByRole('tab', { name: 'Schools' }).click()
  const figure = page.getByLabel('Layered foundation: spacing factor', { exact: true })
  await figure.fill('9')
  await figure.press('Enter')
  await expect(page.getByText(/1\.3/).first()).toBeVisible()
  await figure.fill('1.1')
  await figure.press('Enter')
  await page.getByRole('button', { name: 'Layered foundation: spacing factor as it was' }).click()
  await expect(figure).toHaveValue('0.9')
  await page.getByRole('combobox', { name: 'Second school' }).click()
  await page.getByRole('option', { name: 'Dry and rosette' }).click()
  await expect(page.getByTestId('compare')).toContainText('findings')
})

test('the line-up: typing errors forgiven, side by side, a garden’s own figures, lists out and in', async ({
  page,
}) => {
  await page.goto(`${server.url}${FRONT}/plants`)
  await page.getByLabel('Search plants').fill('lavendar')
  await page.getByRole('switch', { name: /suits this bed/ }).click()
  await expect(page.getByTestId('line-up')).toContainText('Hidcote lavender')
  await page.locator('[data-plant="lavandula-angustifolia-hidcote"]').click()
  const sheet = page.getByTestId('plant-sheet')
  await sheet.getByRole('button', { name: 'Figures for this garden' }).click()
  await sheet.getByLabel('Hardiness').fill('cold')
  await sheet.getByRole('button', { name: 'Keep for this garden' }).click()
  await expect(sheet.getByRole('alert')).toContainText('zones')
  await sheet.getByLabel('Hardiness').fill('4 to 9')
  await sheet.getByLabel('Water').fill('dry to average')
  await sheet.getByRole('button', { name: 'Keep for this garden' }).click()
  await expect(sheet).toContainText('figures changed for this garden')
  await expect(sheet).toContainText('dry to average')

  await sheet
    .getByLabel('Photo of the plant')
    .setInputFiles({ name: 'leaf.png', mimeType: 'image/png', buffer: Buffer.from('not a picture') })
  await expect(sheet.getByRole('alert')).toContainText('no picture that can be read')
  const onePixel = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  )
  await sheet
    .getByLabel('Photo of the plant')
    .setInputFiles({ name: 'leaf.png', mimeType: 'image/png', buffer: onePixel })
  await expect(sheet.getByRole('img', { name: /Photo of Hidcote/ })).toBeVisible()
  const forged = await page.request.put(
    `${server.url}/api/gardens/saltmarsh-row/plants/lavandula-angustifolia-hidcote/picture`,
    { headers: { 'content-type': 'image/png' }, data: Buffer.from('<svg onload="alert(1)">') },
  )
  expect(forged.status()).toBe(422)
  await sheet.getByRole('button', { name: 'Take it away' }).click()
  await expect(sheet.getByRole('img', { name: /Photo of Hidcote/ })).toHaveCount(0)

  await page.getByRole('button', { name: /^Compare Hidcote/ }).click()
  await page.getByLabel('Search plants').fill('catmint')
  await page.getByRole('button', { name: 'Compare catmint' }).click()
  await page.getByRole('button', { name: /^Together/ }).click()
  await expect(page.getByTestId('compare-plants').locator('th')).toHaveCount(3)
  await page.getByRole('button', { name: 'Table' }).click()
  await expect(page.getByTestId('plant-table')).toContainText('catmint')

  const json = await page.request.get(`${server.url}/api/library/export?garden=saltmarsh-row&as=json&own=1`)
  const own = (await json.json()) as Record<string, string>[]
  expect(own).toHaveLength(1)
  expect(own[0]!.zones).toBe('4:9')
  await page.getByLabel('Plant list to import').setInputFiles({
    name: 'mine.json',
    mimeType: 'application/json',
    buffer: Buffer.from(
      JSON.stringify([
        { ...own[0], botanical_name: 'Nepeta saltmarshensis', common_name: 'salt catmint' },
        { ...own[0], botanical_name: 'Nepeta altera', spread_m: 'wide' },
      ]),
    ),
  })
  await expect(page.getByRole('alert')).toContainText('row 3, spread_m: “wide” came')
  await expect(page.getByText('of 1282')).toBeVisible()
})

test('what stands there already: kept out of, divided, and counted', async ({ page }) => {
  await page.goto(`${server.url}/beds/old-lilac-corner/ground`)
  const book = page.getByTestId('existing')
  await expect(book.locator('li').filter({ hasText: 'Siberian iris clump' })).toBeVisible()
  await book
    .getByRole('button', { name: /Siberian iris clump/ })
    .first()
    .click()
  await expect(book).toContainText('3 plants are free to use again')
  await book.getByRole('combobox', { name: 'What becomes of white peony' }).click()
  await page.getByRole('option', { name: 'take out' }).click()
  await book.getByLabel('Name of what stands there').fill('clethra')
  await book.getByLabel('Name of what stands there').press('Enter')
  await expect(book).toContainText('dwarf summersweet')
  await saved(page)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(book.getByRole('button', { name: /dwarf summersweet/ })).toHaveCount(0)
})
