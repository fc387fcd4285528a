// npx tsx tests/drawDemoPhotos.ts: draws the photos of the demo garden's log from the program's own pictures, each marked as drawn.
import { chromium } from '@playwright/test'
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { MONTH_NAMES } from '../core/time'
import { CHROMIUM } from './support/chromium'
import { startServer } from './support/server'

const OUT = new URL('../data/demo-history/', import.meta.url).pathname
const PLANTED = 2024
/** The beds' moments: months, and years from planting; each is the day of a photo in the log. */
const MOMENTS = [
  ['reading-room-front', 6, 0],
  ['reading-room-front', 10, 0],
  ['reading-room-front', 5, 1],
  ['reading-room-front', 7, 1],
  ['reading-room-front', 10, 1],
  ['reading-room-front', 5, 2],
  ['reading-room-front', 7, 2],
  ['reading-room-front', 10, 2],
  ['bell-island', 7, 2],
  ['car-park-screen', 9, 1],
] as const

mkdirSync(OUT, { recursive: true })
const server = await startServer({ demo: true })
const browser = await chromium.launch(CHROMIUM)
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
const two = (n: number) => String(n).padStart(2, '0')
for (const [bed, month, year] of MOMENTS) {
  await page.goto(`${server.url}/beds/${bed}/log?tab=beside`)
  const views = page.getByTestId('views')
  const photos = views.getByRole('group', { name: 'Photos by day' }).getByRole('button')
  await photos.first().waitFor()
  const label = new RegExp(`${MONTH_NAMES[month - 1]!.slice(0, 3)} ${PLANTED + year}`)
  await photos.and(page.getByLabel(label)).click()
  await views.getByLabel('How much of the photo shows').fill('0')
  await page.waitForTimeout(1200)
  const picture = views.locator('.pair')
  await picture.evaluate((holder) => {
    const word = document.createElement('p')
    word.textContent = 'drawn, not photographed'
    word.style.cssText =
      'position:absolute;right:8px;bottom:6px;z-index:9;padding:1px 7px;font:12px sans-serif;' +
      'background:#fbf7ee;color:#5e5347;border-radius:4px'
    holder.querySelector('.seam')?.remove()
    holder.append(word)
  })
  await picture.screenshot({ path: join(OUT, `drawn-${bed}-${year}-${two(month)}.jpg`), type: 'jpeg', quality: 62 })
}
await browser.close()
await server.kill()
