import { chromium } from '@playwright/test'
const [, , path, out, ...acts] = process.argv
const b = await chromium.launch({ executablePath: process.env.CHROME || '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic'] })
const page = await b.newPage({ viewport: { width: 1280, height: 800 } })
page.on('pageerror', (e) => console.log('ERR', e.message))
page.on('console', (m) => m.type() === 'error' && console.log('CON', m.text()))
await page.goto('http://127.0.0.1:4555' + path, { waitUntil: 'networkidle' })
await page.waitForTimeout(1500)
for (const a of acts) { await eval(`(async () => { ${a} })()`) ; await page.waitForTimeout(700) }
await page.screenshot({ path: out })
await b.close()
