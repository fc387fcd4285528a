import { expect, test } from '@playwright/test'
import { ANSWERS, type AnswerName } from '../../shared/answers'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(() => server.kill())

const GARDEN = '/api/gardens/saltmarsh-row'
const BED = '/api/beds/reading-room-front'
const ASKED: readonly (readonly [AnswerName, string])[] = [
  ['gardens', '/api/gardens'],
  ['gardenNames', '/api/gardens/names'],
  ['garden', GARDEN],
  ['beds', `${GARDEN}/beds`],
  ['site', `${GARDEN}/site`],
  ['brief', `${GARDEN}/brief`],
  ['supply', `${GARDEN}/supply`],
  ['ticks', `${GARDEN}/ticks`],
  ['log', `${GARDEN}/log`],
  ['money', `${GARDEN}/money`],
  ['siteSheet', `${GARDEN}/setout`],
  ['shares', `${GARDEN}/shares`],
  ['bed', BED],
  ['shown', `${BED}/shown`],
  ['history', `${BED}/history`],
  ['library', '/api/library?garden=saltmarsh-row'],
  ['trash', '/api/trash'],
  ['backups', '/api/backups'],
  ['who', '/api/who'],
  ['accounts', '/api/accounts'],
]

test('every answer of the demo reads as the page reads it, and comes through the reading unchanged', async ({
  request,
}) => {
  for (const [name, path] of ASKED) {
    const response = await request.get(server.url + path)
    expect(response.status(), path).toBe(200)
    const answer = (await response.json()) as unknown
    const read = ANSWERS[name].safeParse(answer)
    expect(read.error?.issues.slice(0, 2), `${name} at ${path}`).toBeUndefined()
    expect(read.data, `${name} at ${path}`).toEqual(answer)
  }
})

test('an answer that is none is told on the page, and can be closed', async ({ page }) => {
  await page.route('**/api/beds/reading-room-front', async (route) => {
    const response = await route.fetch()
    await route.fulfill({ response, json: { ...(await response.json()), savedAt: 7 } })
  })
  await page.goto(`${server.url}/beds/reading-room-front/brief`)
  const told = page.getByRole('alert').filter({ hasText: 'does not know (bed: savedAt' })
  await expect(told).toBeVisible({ timeout: 30_000 })
  await told.getByRole('button', { name: 'Close' }).click()
  await expect(told).toBeHidden()
})
