import { expect, test, type Page } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(async () => {
  await server.kill()
})

const PLANTS = '/beds/reading-room-front/plants'
const LABEL =
  'Nepeta racemosa ‘Snowflake’ – White Catmint. 12-18" tall, spread 18". Zones 4-8. Full sun to part shade. ' +
  'Creamy white flowers late spring to frost, deer resistant. #1 container $14.99'

async function openLabel(page: Page) {
  await page.goto(`${server.url}${PLANTS}`)
  await page.getByRole('button', { name: 'Plant from its label' }).click()
  return page.getByTestId('label-form')
}

test('a label pasted: read, shown where it stands, and the plant stands in the bed', async ({ page }) => {
  const form = await openLabel(page)
  await page.getByLabel('Text of the label').fill(LABEL)
  await expect(form.getByLabel('Botanical name')).toHaveValue("Nepeta racemosa 'Snowflake'")
  await expect(form.getByLabel('Height')).toHaveValue('12-18"')
  await expect(form.getByLabel('Flower colours')).toHaveValue('Creamy white')
  await expect(page.getByTestId('label-read').locator('mark')).toHaveCount(10)
  await expect(page.getByTestId('label-summary')).toContainText('zones 4 to 8')
  // What is written by hand stays, whatever the label says.
  await form.getByLabel('Width').fill('50 cm')
  await page.getByLabel('Text of the label').press('End')
  await page.getByLabel('Text of the label').pressSequentially(' x')
  await expect(form.getByLabel('Width')).toHaveValue('50 cm')
  await page.getByRole('button', { name: 'Keep and set into Front' }).click()
  await expect(page).toHaveURL(/compose/)
  await expect(page.getByRole('heading', { name: 'White Catmint' })).toBeVisible()
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'saved')
})

test('a form by hand: what cannot be read is told at its field, an unknown genus needs its kind', async ({
  page,
}) => {
  const form = await openLabel(page)
  await form.getByLabel('Botanical name').fill('Gomphostigma virgatum')
  await form.getByLabel('Height').fill('knee high')
  await expect(form).toContainText('cannot be read: write 60 cm')
  await form.getByLabel('Height').fill('1.5 m')
  await expect(form).toContainText('Say what kind of plant it is')
  await form.getByRole('combobox', { name: 'Kind of plant' }).click()
  await page.getByRole('option', { name: 'shrub' }).click()
  await expect(page.getByTestId('label-summary')).toContainText('1.50 m high')
  await page.getByRole('button', { name: 'Keep it on the shortlist' }).click()
  await expect(page.getByTestId('plant-sheet')).toContainText('your own plant')
})

test('found by any name, filtered by colour and size, like this but lower, and nothing that answers', async ({
  page,
}) => {
  await page.goto(`${server.url}${PLANTS}`)
  const lineUp = page.getByTestId('line-up')
  await page.getByLabel('Search plants').fill('moss pink')
  await page.getByRole('button', { name: 'Show without filters' }).click()
  await expect(lineUp).toContainText('moss phlox')
  await page.getByLabel('Search plants').fill('jade plant')
  await expect(lineUp).toContainText('jade plant')
  await page.getByLabel('Search plants').fill('Nonsensia')
  await page.getByRole('button', { name: 'Enter it from its label' }).click()
  await expect(page.getByTestId('label-form')).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByLabel('Search plants').fill('')
  await page.getByRole('button', { name: 'More filters' }).click()
  const filters = page.getByTestId('more-filters')
  await filters.getByLabel('Leaf colour').fill('wine')
  await filters.getByLabel('Height at most').fill('2 m')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('button', { name: 'More filters · 2' })).toBeVisible()
  await expect(lineUp).toContainText('ninebark')
  await page.locator('[data-plant="physocarpus-opulifolius-diabolo"]').click()
  await page
    .getByRole('group', { name: /^Like .*, but$/ })
    .getByRole('button', { name: 'lower' })
    .click()
  await expect(page.getByRole('button', { name: /^No longer like/ })).toBeVisible()
})

test('plants together: one exchanged, kept by a name, opened again and set into the bed in one step', async ({
  page,
}) => {
  await page.goto(`${server.url}${PLANTS}`)
  await page
    .getByRole('button', { name: /^Compare / })
    .first()
    .click()
  await page
    .getByRole('button', { name: /^Compare / })
    .nth(3)
    .click()
  await page.getByRole('button', { name: /^Together/ }).click()
  await expect(page.getByTestId('together')).toContainText('of 100 together in June')
  const before = await page.getByTestId('compare-plants').locator('th').allInnerTexts()
  await page
    .getByRole('button', { name: /^Another for / })
    .first()
    .click()
  await expect.poll(() => page.getByTestId('compare-plants').locator('th').allInnerTexts()).not.toEqual(before)
  await page.getByLabel('Name for these plants').fill('Under the bell')
  await page.getByLabel('Name for these plants').press('Enter')
  await expect(page.getByTestId('sets')).toContainText('Kept:')
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'saved')
  await page.reload()
  await page.getByRole('button', { name: /^Together/ }).click()
  await page.getByRole('button', { name: 'Under the bell', exact: true }).click()
  await page.getByRole('button', { name: 'Set them into the bed' }).click()
  await expect(page).toHaveURL(/compose/)
})
