import { expect, test, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import type { SlimEntry } from '../../core/log'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(async () => {
  await server.kill()
})
const PHOTO = new URL('../../data/demo-history/drawn-bell-island-2-07.jpg', import.meta.url).pathname
const logOf = async (page: Page) =>
  (await (await page.request.get(`${server.url}/api/gardens/saltmarsh-row/log`)).json()) as SlimEntry[]

test('a week is done and a death written with a photo on the tablet without a network; both are joined later', async ({
  page,
  context,
}) => {
  await page.setViewportSize({ width: 820, height: 1180 })
  await page.goto(`${server.url}/onsite/saltmarsh-row?bed=reading-room-front&do=week`)
  await expect(page.getByTestId('join-state')).toHaveText('all joined', { timeout: 20_000 })
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  // The shell is kept the first time it comes through the service worker.
  await page.reload()
  await expect(page.getByTestId('join-state')).toHaveText('all joined')
  await context.setOffline(true)
  await page.reload()
  // The sheet carries the coming weeks: go on until there is a task, whatever the season.
  const week = page.getByTestId('onsite-week')
  await page.getByRole('button', { name: 'All beds' }).click()
  for (let i = 0; i < 6 && (await week.locator('[data-task]').count()) === 0; i++)
    await page.getByRole('button', { name: 'Week after' }).click()
  const task = week.locator('[data-task]').first()
  const id = (await task.getAttribute('data-task'))!
  await task.getByRole('button', { name: 'Done' }).click()
  await expect(page.getByTestId('join-state')).toContainText('1 word waits')

  await page.getByRole('button', { name: 'Log', exact: true }).click()
  await page.getByRole('button', { name: 'List' }).click()
  await page.locator('.list button').filter({ hasText: 'catmint' }).first().click()
  const pad = page.getByTestId('log-pad')
  await expect(pad).toContainText('catmint')
  await pad.getByRole('button', { name: 'died' }).click()
  await pad.getByLabel('Why it died').click()
  await page.getByRole('option', { name: 'frost' }).click()
  await pad.getByLabel('A word').fill('brown to the ground')
  await pad.getByRole('button', { name: 'never' }).click()
  await pad.locator('input[type=file]').setInputFiles(PHOTO)
  await pad.getByRole('button', { name: 'Write it down' }).click()
  await expect(pad).toContainText('Written: died')
  await page.reload()
  await expect(page.getByTestId('join-state')).toContainText('3 words wait')
  await context.setOffline(false)
  await page.evaluate(() => window.dispatchEvent(new Event('online')))
  await expect(page.getByTestId('join-state')).toHaveText('all joined', { timeout: 40_000 })

  const written = (await logOf(page)).find((e) => e.note === 'brown to the ground')!
  expect(written).toMatchObject({ kind: 'died', cause: 'frost', wish: 'never', bedId: 'reading-room-front' })
  const photo = await page.request.get(`${server.url}/api/drawings/${written.photoId}`)
  expect(photo.headers()['content-type']).toBe('image/jpeg')
  expect((await photo.body()).length).toBeGreaterThan(2000)
  const kept = await page.request.get(`${server.url}/api/gardens/saltmarsh-row/supply`)
  const { value } = (await kept.json()) as { value: { care: { ticks: Record<string, { what: string }> } } }
  expect(value.care.ticks[id]).toMatchObject({ what: 'done' })
})

test('a death is written at the desk, a learned height taken over and given back, a proposal done in Compose', async ({
  page,
}) => {
  await page.goto(`${server.url}/beds/reading-room-front/log`)
  const form = page.getByTestId('log-write')
  await form.getByLabel('What happened').click()
  await page.getByRole('option', { name: 'tallest' }).click()
  await form.getByLabel('Where').click()
  await page.getByRole('option', { name: 'purple ninebark' }).click()
  await form.getByLabel('Day').fill('2026-07-15')
  await form.getByLabel('How much, m').fill('two')
  await form.getByRole('button', { name: 'Write it down' }).click()
  await expect(form.getByRole('alert')).toContainText('is no number')
  await form.getByLabel('How much, m').fill('2,9')
  await form.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByTestId('log-entries').filter({ hasText: 'purple ninebark' }).first()).toContainText(
    '2.90 m',
  )

  await page.getByRole('tab', { name: /What it taught/ }).click()
  const row = page.getByTestId('learned').locator('tr').filter({ hasText: 'purple ninebark' })
  await expect(row).toContainText('height')
  await row.getByRole('button', { name: 'Take it over' }).click()
  await expect(page.getByTestId('taken')).toContainText('purple ninebark')
  const heightOf = async () => {
    const library = await page.request.get(`${server.url}/api/library?garden=saltmarsh-row`)
    const { plants } = (await library.json()) as { plants: { id: string; foliageHeightM: number }[] }
    return plants.find((p) => p.id === 'physocarpus-opulifolius-diabolo')!.foliageHeightM
  }
  const learned = await heightOf()
  await page.getByTestId('taken').getByRole('button', { name: 'Back to the library’s' }).click()
  await expect(page.getByTestId('taken')).toHaveCount(0)
  expect(await heightOf()).toBeLessThan(learned)

  await page.goto(`${server.url}/beds/reading-room-front/compose`)
  const proposals = page.getByTestId('log-proposals')
  await expect(proposals).toContainText('Hidcote lavender', { timeout: 20_000 })
  const more = proposals.locator('article').filter({ hasText: 'ten more towards the door' })
  await more.getByRole('button', { name: /→/ }).click()
  await expect(more).toHaveCount(0)
  await expect(page.getByTestId('save-state')).toHaveAttribute('data-state', 'saved', { timeout: 15_000 })
  const bed = (await (await page.request.get(`${server.url}/api/beds/reading-room-front`)).json()) as {
    value: { drifts: { id: string; count: number }[] }
  }
  expect(bed.value.drifts.find((d) => d.id === 'rr-29')!.count).toBe(16)
})

test('plan beside fact, the letter and the table show what was written; a photo that is none is refused in words', async ({
  page,
}) => {
  await page.goto(`${server.url}/beds/reading-room-front/log?tab=beside`)
  await expect(page.getByTestId('facts').locator('tr').filter({ hasText: 'Hidcote lavender' })).toContainText('2')
  await expect(page.getByTestId('views').getByRole('button', { name: /Photo of 20 Jun 2024/ })).toBeVisible()
  await page.getByRole('tab', { name: 'Season’s letter' }).click()
  await expect(page.getByTestId('letter')).toContainText('Lost')
  await expect(page.getByTestId('letter').locator('img')).toHaveCount(4)
  const csv = await (await page.request.get(`${server.url}/api/gardens/saltmarsh-row/log.csv`)).text()
  expect(csv).toContain('the blue came violet')
  const bad = await page.request.put(`${server.url}/api/gardens/saltmarsh-row/photos/no-photo-1`, {
    data: Buffer.from('no picture'),
    headers: { 'content-type': 'image/jpeg' },
  })
  expect(bad.status()).toBe(422)
  expect(await bad.text()).toContain('not a PNG or JPEG')
  expect(readFileSync(PHOTO).length).toBeGreaterThan(1000)
})

test('water: the tap is measured, a fault is told and mended, the programme runs, parts stand in Materials', async ({
  page,
}) => {
  await page.goto(`${server.url}/beds/reading-room-front/care?tab=water`)
  await expect(page.getByTestId('water-faults')).toContainText('Every plant has an emitter in reach')
  const tap = page.getByTestId('water-tap')
  await tap.getByLabel('Bucket, L').fill('0.3')
  await tap.getByLabel('Bucket, L').press('Enter')
  await expect(page.getByTestId('water-faults')).toContainText('the tap gives')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByTestId('water-faults')).toContainText('Every plant has an emitter in reach')
  await tap.getByLabel('Rows apart, by soil').fill('1.8 m')
  await tap.getByLabel('Rows apart, by soil').press('Enter')
  await expect(page.getByTestId('water-faults')).toContainText('no emitter reaches')
  await tap.getByRole('button', { name: 'by soil and plants again' }).click()
  await expect(page.getByTestId('water-faults')).toContainText('Every plant has an emitter in reach')
  await page.getByRole('button', { name: 'Hand over the first year’s programme' }).click()
  await expect(page.getByTestId('water-timer')).toContainText('Runs 3 zones since')
  await page.goto(`${server.url}/beds/reading-room-front/count?tab=materials`)
  await expect(page.getByTestId('materials')).toContainText('drip pipe of 16 mm')
  await expect(page.getByTestId('materials')).toContainText('as laid in Water')
  const dxf = await (
    await page.request.get(`${server.url}/api/beds/reading-room-front/sheet?view=plan&as=dxf`)
  ).text()
  expect(dxf).toContain('water rows average')
})

test('what is wrong with what is sent is said, and nothing of it is kept', async ({ request }) => {
  const garden = `${server.url}/api/gardens/saltmarsh-row`
  const before = ((await (await request.get(`${garden}/log`)).json()) as SlimEntry[]).length
  const bad = await request.post(`${garden}/log`, {
    data: { entries: [{ id: 'x-1', day: '2026-02-30', kind: 'sang' }] },
  })
  expect(bad.status()).toBe(422)
  expect(await bad.text()).toMatch(/day|kind|entries/i)
  const strange = await request.post(`${garden}/learned`, {
    data: { plantId: 'alchemilla-mollis', cells: { wings: '2' } },
  })
  expect(strange.status()).toBe(422)
  expect(await strange.text()).toContain('cannot be learned')
  const far = await request.post(`${garden}/learned`, {
    data: { plantId: 'alchemilla-mollis', cells: { spread_m: 'wide' } },
  })
  expect(far.status()).toBe(422)
  const nobody = await request.get(`${server.url}/api/gardens/no-such-garden/log`)
  expect(nobody.status()).toBe(404)
  expect(((await (await request.get(`${garden}/log`)).json()) as SlimEntry[]).length).toBe(before)
  // Two devices tick care at once: both words hold.
  const tick = (id: string) =>
    request.post(`${garden}/care-ticks`, { data: { ticks: { [id]: { what: 'done', day: '2026-05-01' } } } })
  const answers = await Promise.all([tick('2026:a'), tick('2026:b')])
  const again = await tick('2026:c')
  const ticks = (await again.json()) as Record<string, unknown>
  for (const [i, a] of answers.entries()) if (a.ok()) expect(Object.keys(ticks)).toContain(`2026:${'ab'[i]}`)
  expect(answers.some((a) => a.ok())).toBe(true)
})
