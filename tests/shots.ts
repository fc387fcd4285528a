// npm run shots: makes the pictures of docs/screenshots from the demo data, on a server of its own.
import { chromium, type Page } from '@playwright/test'
import { startServer } from './support/server'

const OUT = new URL('../docs/screenshots/', import.meta.url).pathname
const CHROMIUM = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]
const FRONT = '/beds/reading-room-front'

const toMonth = async (page: Page, month: number) => {
  await page.getByTestId('months').focus()
  for (let i = 6; i !== month; i += month > 6 ? 1 : -1)
    await page.keyboard.press(month > 6 ? 'ArrowRight' : 'ArrowLeft')
  await page.locator('[data-year="5"]').click()
  await page.mouse.move(640, 70)
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
}

async function toSite(page: Page) {
  await page.getByRole('tab', { name: 'The site' }).click()
  await page.waitForTimeout(2000)
}

const views: { name: string; path: string; act?: (page: Page) => Promise<unknown> }[] = [
  { name: 'gardens', path: '/' },
  { name: 'ground', path: `${FRONT}/ground`, act: (page) => page.waitForTimeout(2500) },
  { name: 'ground-site', path: `${FRONT}/ground`, act: toSite },
  {
    name: 'ground-sun-map',
    path: `${FRONT}/ground`,
    act: async (page) => {
      await toSite(page)
      await page.getByRole('button', { name: 'Hours, season' }).click()
      await page.waitForTimeout(4000)
    },
  },
  {
    name: 'compose-things',
    path: '/beds/car-park-screen/compose',
    act: async (page) => {
      await page.getByRole('tab', { name: /Things/ }).click()
      await page.getByRole('button', { name: 'boulder', exact: true }).click()
      await page.getByRole('button', { name: 'Nearer' }).click()
      await page.getByRole('slider', { name: 'Along the bed' }).fill('100')
      await page.mouse.move(640, 70)
      await page.waitForTimeout(1200)
    },
  },
  { name: 'compose-island', path: '/beds/bell-island/compose', act: (page) => page.waitForTimeout(2500) },
  { name: 'compose-court', path: '/beds/story-court/compose', act: (page) => page.waitForTimeout(2500) },
  { name: 'brief', path: '/beds/car-park-screen/brief', act: (page) => page.waitForTimeout(1500) },
  {
    name: 'colours',
    path: `${FRONT}/brief`,
    act: async (page) => {
      await page.getByRole('tab', { name: 'Colours' }).click()
      await page.waitForTimeout(2500)
    },
  },
  {
    name: 'plants',
    path: `${FRONT}/plants`,
    act: async (page) => {
      await page.locator('[data-plant]').nth(3).click()
      await page.waitForTimeout(2500)
    },
  },
  {
    name: 'plants-table',
    path: `${FRONT}/plants`,
    act: async (page) => {
      await page.getByRole('button', { name: 'Table' }).click()
      await page.waitForTimeout(1500)
    },
  },
  {
    name: 'compose-swap',
    path: `${FRONT}/compose`,
    act: async (page) => {
      await page.locator('[data-drift="rr-5"]').click()
      await page.getByRole('button', { name: 'Swap', exact: true }).click()
      await page.waitForTimeout(2000)
    },
  },
  { name: 'compose-renovation', path: '/beds/old-lilac-corner/compose', act: (page) => page.waitForTimeout(2500) },
  {
    name: 'compose-june',
    path: `${FRONT}/compose`,
    act: async (page) => {
      await toMonth(page, 6)
      await page.waitForTimeout(3500)
      // A finding under the hand lights what it is about.
      await page.getByTestId('findings').locator('article').nth(1).hover()
    },
  },
  { name: 'compose-january', path: `${FRONT}/compose`, act: (page) => toMonth(page, 1) },
  {
    name: 'compose-october-plant-card',
    path: `${FRONT}/compose`,
    act: async (page) => {
      await toMonth(page, 10)
      await page.locator('[data-drift]').nth(3).click()
    },
  },
  { name: 'count', path: `${FRONT}/count` },
  {
    name: 'compose-marks',
    path: '/beds/gull-steps-upper/compose',
    act: async (page) => {
      await page
        .getByTestId('marks')
        .getByRole('button', { name: /^Layers/ })
        .click()
      await page.getByTestId('opened-mark').getByRole('button').first().waitFor({ timeout: 20_000 })
    },
  },
  {
    name: 'history',
    path: '/beds/rope-walk/compose',
    act: async (page) => {
      await page.locator('[data-drift]').nth(2).focus()
      await page.keyboard.press('+')
      await page.locator('[data-drift]').nth(4).focus()
      await page.keyboard.press('Delete')
      await page.getByText(/Saved/).waitFor()
      await page.getByRole('button', { name: 'History of this bed' }).click()
      await page.getByTestId('history').getByRole('button').last().click()
      await page.waitForTimeout(1500)
    },
  },
]

const only = process.argv[2]
const server = await startServer({ demo: true })
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: CHROMIUM })
for (const { name, path, act } of views.filter((v) => !only || v.name.includes(only))) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(server.url + path, { waitUntil: 'networkidle' })
  await page.waitForTimeout(900)
  await act?.(page)
  await page.waitForTimeout(900)
  await page.screenshot({ path: `${OUT}${name}.png` })
  await page.close()
}
await browser.close()
await server.kill()
