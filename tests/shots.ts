// npm run shots: makes the pictures of docs/screenshots from the demo data, on a server of its own.
import { chromium, type Page } from '@playwright/test'
import { execFileSync } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { CHROMIUM } from './support/chromium'
import { startServer } from './support/server'

const OUT = new URL('../docs/screenshots/', import.meta.url).pathname
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

const views: {
  name: string
  path: string
  size?: { width: number; height: number }
  act?: (page: Page) => Promise<unknown>
}[] = [
  { name: 'gardens', path: '/', act: (page) => page.waitForTimeout(3000) },
  { name: 'seasons', path: `${FRONT}/seasons`, act: (page) => page.waitForTimeout(3500) },
  {
    name: 'care',
    path: `${FRONT}/care`,
    act: async (page) => {
      await page.clock.setFixedTime(new Date('2027-05-04T09:00:00'))
      await page.reload()
      await page.waitForTimeout(2500)
    },
  },
  { name: 'water', path: `${FRONT}/care?tab=water`, act: (page) => page.waitForTimeout(2500) },
  { name: 'log', path: `${FRONT}/log?tab=beside`, act: (page) => page.waitForTimeout(2500) },
  { name: 'ground-site', path: `${FRONT}/ground`, act: toSite },
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
    name: 'compose-june',
    path: `${FRONT}/compose`,
    act: async (page) => {
      await toMonth(page, 6)
      await page.waitForTimeout(3500)
      // A finding under the hand lights what it is about.
      await page.getByTestId('findings').locator('article').nth(1).hover()
    },
  },
  {
    name: 'compose-october-plant-card',
    path: `${FRONT}/compose`,
    act: async (page) => {
      await toMonth(page, 10)
      await page.locator('[data-drift]').nth(3).click()
    },
  },
  { name: 'count', path: `${FRONT}/count` },
  { name: 'count-money', path: `${FRONT}/count?tab=money` },
  { name: 'setout', path: `${FRONT}/setout` },
  { name: 'works', path: `${FRONT}/setout?tab=works` },
  {
    name: 'onsite',
    path: '/onsite/saltmarsh-row?bed=bell-island',
    size: { width: 820, height: 1180 },
    act: async (page) => {
      await page.getByLabel('Find by letter or name').fill('russian')
      await page.getByRole('button', { name: 'All shown are planted' }).click()
      await page.getByLabel('Find by letter or name').fill('')
      await page.locator('svg .plant').nth(8).dispatchEvent('click')
    },
  },
]

const only = process.argv[2]
const server = await startServer({ demo: true })
const browser = await chromium.launch(CHROMIUM)
for (const { name, path, size, act } of views.filter((v) => !only || v.name.includes(only))) {
  const page = await browser.newPage({ viewport: size ?? { width: 1280, height: 800 } })
  await page.goto(server.url + path, { waitUntil: 'networkidle' })
  await page.waitForTimeout(900)
  await act?.(page)
  await page.waitForTimeout(900)
  await page.screenshot({ path: `${OUT}${name}.png` })
  await page.close()
}
await browser.close()
if (!only || 'plan-sheet'.includes(only)) await planSheet()
await server.kill()

/** The first sheet of a planting plan, as it prints: drawn by Debian's poppler, where that is there. */
async function planSheet() {
  const answer = await fetch(
    `${server.url}/api/gardens/saltmarsh-row/papers?sheets=plan&bed=story-court&paper=A3&scale=50&revision=A`,
  )
  const file = join(tmpdir(), 'amber-plan.pdf')
  writeFileSync(file, new Uint8Array(await answer.arrayBuffer()))
  execFileSync('pdftoppm', ['-r', '78', '-png', '-f', '1', '-l', '1', '-singlefile', file, `${OUT}plan-sheet`])
}
