import { expect, test } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(() => server.kill())
const FRONT = '/beds/reading-room-front'

test('the first stop skips to the page; tabs go by arrows, Home and End, one stop for all of them', async ({
  page,
}) => {
  await page.goto(`${server.url}${FRONT}/count`)
  await expect(page.getByRole('tab').first()).toBeVisible()
  await page.keyboard.press('Tab')
  await expect(page.getByRole('link', { name: 'Skip to the page' })).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.locator('#content')).toBeFocused()
  const tabs = page.getByRole('tab')
  const many = await tabs.count()
  await tabs.first().focus()
  await page.keyboard.press('ArrowRight')
  await expect(tabs.nth(1)).toBeFocused()
  await expect(tabs.nth(1)).toHaveAttribute('aria-selected', 'true')
  await page.keyboard.press('End')
  await expect(tabs.nth(many - 1)).toBeFocused()
  await page.keyboard.press('ArrowRight')
  await expect(tabs.first()).toBeFocused()
  expect(await page.locator('[role="tab"][tabindex="0"]').count()).toBe(1)
})

test('Ctrl K finds a plant, a screen, a bed; ? shows the keys, and is a letter where people type', async ({
  page,
}) => {
  await page.goto(`${server.url}${FRONT}/compose`)
  await expect(page.getByTestId('plan')).toBeVisible()
  const find = async (text: string, option: RegExp) => {
    await page.keyboard.press('Control+k')
    await page.getByPlaceholder(/A bed, a plant/).fill(text)
    await expect(page.getByRole('option', { name: option }).first()).toBeVisible()
    await page.getByRole('option', { name: option }).first().click()
  }
  await find('story', /Story court/)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Story court')
  await find('seasons', /^Seasons/)
  await expect(page).toHaveURL(/story-court\/seasons/)
  await find('catmint', /catmint/i)
  await expect(page.getByTestId('plant-sheet')).toBeVisible()
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('Ctrl K')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog', { name: 'Keys' })).not.toBeVisible()
  await page.getByLabel('Search plants').fill('')
  await page.getByLabel('Search plants').press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).not.toBeVisible()
})
