// npx tsx tests/drawDemoPhotos.ts: draws the photos of the demo garden's log from the program's own pictures, each marked as drawn.
import { chromium } from '@playwright/test'
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { startServer } from './support/server'

const OUT = new URL('../data/demo-history/', import.meta.url).pathname
/** The beds' moments: years from planting. */
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

interface Pinia {
  readonly _s: Map<string, { moment: { month: number; year: number } }>
}

mkdirSync(OUT, { recursive: true })
const server = await startServer({ demo: true })
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic'],
})
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
for (const [bed, month, year] of MOMENTS) {
  await page.goto(`${server.url}/beds/${bed}/compose`)
  const picture = page.getByRole('img', { name: 'Elevation of the bed' }).first()
  await picture.waitFor()
  await page.evaluate(
    ([m, y]) => {
      const app = (
        document.querySelector('#__nuxt') as unknown as { __vue_app__: { config: { globalProperties: object } } }
      ).__vue_app__
      const pinia = (app.config.globalProperties as { $pinia: Pinia }).$pinia
      pinia._s.get('compose')!.moment = { month: m, year: y }
    },
    [month, year] as const,
  )
  await page.waitForTimeout(1500)
  await picture.evaluate((holder) => {
    const word = document.createElement('p')
    word.textContent = 'drawn, not photographed'
    word.style.cssText =
      'position:absolute;right:8px;bottom:6px;z-index:9;padding:1px 7px;font:12px sans-serif;' +
      'background:#fbf7ee;color:#5e5347;border-radius:4px'
    ;(holder as HTMLElement).style.position = 'relative'
    holder.append(word)
  })
  const two = (n: number) => String(n).padStart(2, '0')
  const name = `drawn-${bed}-${year}-${two(month)}.jpg`
  await picture.screenshot({ path: join(OUT, name), type: 'jpeg', quality: 62 })
}
await browser.close()
await server.kill()
