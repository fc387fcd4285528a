import { chromium, type Page } from '@playwright/test'
import { writeFileSync, mkdirSync } from 'node:fs'
import { CHROMIUM } from './support/chromium'
import { startServer } from './support/server'
import { VIEWS } from './support/views'
const out = process.argv[2]!
const only = process.argv[3]
mkdirSync(out, { recursive: true })
const PROPS = ['display','position','color','background-color','font-size','font-weight','font-style','font-family','line-height','text-align','padding-top','padding-right','padding-bottom','padding-left','margin-top','margin-right','margin-bottom','margin-left','border-top-width','border-bottom-width','border-left-width','border-right-width','border-top-color','border-bottom-color','border-left-color','border-top-left-radius','border-bottom-right-radius','flex-grow','flex-shrink','flex-basis','flex-direction','flex-wrap','align-items','align-self','justify-content','justify-items','gap','column-gap','row-gap','grid-template-columns','grid-column-start','grid-column-end','grid-row-start','min-width','min-height','max-width','max-height','overflow-x','overflow-y','white-space','text-overflow','vertical-align','cursor','opacity','z-index','text-decoration-line','text-transform','list-style-type','pointer-events','touch-action','top','left','right','bottom','outline-style','box-shadow','isolation','fill','stroke','stroke-width','object-fit','user-select','font-variant-numeric','border-top-style','border-bottom-style','border-collapse','columns','transform']
const dump = (page: Page) => page.evaluate((props) => {
  const rows: string[] = []
  const walk = (el: Element, path: string) => {
    const s = getComputedStyle(el)
    const r = el.getBoundingClientRect()
    rows.push(JSON.stringify([path, el.getAttribute('class') ?? '', [Math.round(r.x), Math.round(r.y), Math.round(r.width), Math.round(r.height)], props.map((p) => s.getPropertyValue(p)).join('|')]))
    if (['svg','canvas'].includes(el.tagName.toLowerCase())) return
    let i = 0
    for (const c of el.children) walk(c, `${path}/${c.tagName.toLowerCase()}${i++}`)
  }
  walk(document.body, 'body')
  return rows.join('\n')
}, PROPS)
writeFileSync(`${out}/props.json`, JSON.stringify(PROPS))
const server = await startServer({ demo: true })
const browser = await chromium.launch(CHROMIUM)
async function open(path: string, size = { width: 1280, height: 800 }) {
  const context = await browser.newContext({ viewport: size, reducedMotion: 'reduce' })
  const page = await context.newPage(); await page.addInitScript('globalThis.__name = (f) => f')
  await page.clock.setFixedTime(new Date('2027-05-04T09:00:00'))
  await page.goto(`${server.url}${path}`)
  await page.waitForTimeout(3000)
  return page
}
async function keep(page: Page, name: string) {
  await page.waitForTimeout(700)
  await page.screenshot({ path: `${out}/${name}.png` })
  writeFileSync(`${out}/${name}.txt`, await dump(page))
}
const FRONT = '/beds/reading-room-front'
try {
for (const [name, path] of Object.entries(VIEWS)) {
  if (only && !name.match(only)) continue
  const page = await open(path)
  await keep(page, name)
  const tabs = (await page.getByRole('tab').all()).slice(1)
  for (const [i, tab] of tabs.entries()) { await tab.click(); await page.waitForTimeout(1500); await keep(page, `${name}-${i + 2}`) }
  await page.context().close()
}
if (!only || 'states'.match(only)) {
  let page = await open(`${FRONT}/compose`)
  await page.locator('[data-drift]').first().focus(); await page.keyboard.press('Enter'); await keep(page, 's-card')
  for (const panel of ['Swap', 'Partners', 'Arrange']) { await page.getByTestId('plant-card').getByRole('button', { name: panel, exact: true }).click(); await page.waitForTimeout(1500); await keep(page, `s-${panel}`) }
  await page.getByRole('button', { name: 'Close the plant card' }).click()
  await page.getByTestId('marks').getByRole('button').nth(2).click(); await keep(page, 's-mark')
  await page.getByTestId('sheets').click(); await keep(page, 's-sheets'); await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'History of this bed' }).click(); await keep(page, 's-history'); await page.keyboard.press('Escape')
  await page.keyboard.press('?'); await keep(page, 's-keys'); await page.keyboard.press('Escape')
  await page.keyboard.press('Control+k'); await page.keyboard.type('salvia'); await keep(page, 's-find'); await page.keyboard.press('Escape')
  await page.context().close()
  page = await open('/')
  for (const name of ['New garden', 'Garden', 'New bed', 'Show']) { await page.getByRole('button', { name, exact: true }).first().click(); await keep(page, `s-${name.replace(' ', '')}`); await page.keyboard.press('Escape') }
  await page.context().close()
  page = await open(`${FRONT}/ground`)
  await page.getByRole('tab', { name: 'The site' }).click(); await page.getByTestId('add-thing').click(); await page.waitForTimeout(500); await page.getByRole('menuitem').first().click(); await keep(page, 's-thing')
  await page.context().close()
  page = await open(`${FRONT}/count`)
  await page.locator('[aria-expanded="false"]').first().click(); await keep(page, 's-line'); await page.context().close()
  page = await open(`${FRONT}/plants`)
  await page.getByRole('button', { name: 'Table' }).click(); await keep(page, 's-table')
  await page.getByTestId('plant-table').locator('button:not([tabindex="-1"])').first().focus(); await page.keyboard.press('Enter'); await keep(page, 's-sheet'); await page.context().close()
  page = await open('/onsite/saltmarsh-row', { width: 820, height: 1180 }); await keep(page, 's-onsite')
  await page.context().close()
  const soon = new Date(Date.now() + 9 * 86_400_000).toISOString().slice(0, 10)
  const made = await fetch(`${server.url}/api/gardens/saltmarsh-row/shares`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ name: 'Willow', ends: soon, word: '', schedule: true, papers: true }) })
  const { path } = (await made.json()) as { path: string }
  page = await open(path); await keep(page, 's-shared'); await page.context().close()
  for (const bed of ['bell-island','story-court']) { page = await open(`/beds/${bed}/compose`); await keep(page, `s-${bed}`); await page.context().close() }
  page = await open(`${FRONT}/compose`, { width: 390, height: 800 }); await keep(page, 's-phone'); await page.context().close()
}
} finally { await browser.close(); await server.kill() }
