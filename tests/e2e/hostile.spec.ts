import { readFileSync } from 'node:fs'
import { strToU8, zipSync } from 'fflate'
import { expect, test } from '@playwright/test'
import { startServer, type TestServer } from '../support/server'

let server: TestServer
test.beforeAll(async () => {
  server = await startServer({ demo: true })
})
test.afterAll(async () => {
  await server.kill()
})

const HEALTH_MS = 250
const MORE_MB = 200
const memoryMb = () => {
  const status = readFileSync(`/proc/${server.pid}/status`, 'utf8')
  return Number(/VmRSS:\s+(\d+) kB/.exec(status)![1]) / 1024
}

/** Sends a request, and asks meanwhile how long others wait and how much memory the server takes. */
async function pressed(path: string, body: BodyInit, type: string, method = 'POST') {
  const before = memoryMb()
  let [done, worstMs, mostMb] = [false, 0, 0]
  const watch = (async () => {
    while (!done) {
      const asked = performance.now()
      await (await fetch(`${server.url}/api/health`)).text()
      worstMs = Math.max(worstMs, performance.now() - asked)
      mostMb = Math.max(mostMb, memoryMb() - before)
      await new Promise((next) => setTimeout(next, 20))
    }
  })()
  const answer = await fetch(`${server.url}${path}`, { method, body, headers: { 'content-type': type } })
  const text = await answer.text()
  done = true
  await watch
  return { status: answer.status, text, worstMs, mostMb }
}

const garden = {
  format: 'amber-terrace-garden',
  version: 1,
  garden: (
    JSON.parse(readFileSync(new URL('../../data/demo/saltmarsh-row.json', import.meta.url), 'utf8')) as {
      garden: object
    }
  ).garden,
  beds: [],
  site: { northDeg: 0, base: null, points: [], things: [], beds: [] },
  plants: [],
  drawings: [],
}
const zip = (json: object) => zipSync({ 'garden.json': strToU8(JSON.stringify(json)) })
const many = (count: number, text: string) => `[${Array.from({ length: count }, () => text).join(',')}]`
const ZIP = 'application/zip'
const JSON_TYPE = 'application/json'

const CASES: readonly (readonly [string, () => [string, BodyInit, string, string?], number])[] = [
  [
    'a list of a million short lines',
    () => ['/api/library/import?dry=1', 'x\n'.repeat(1_800_000), 'text/csv'],
    422,
  ],
  ['a JSON list of empty plants', () => ['/api/library/import?dry=1', many(1_000_000, '{}'), JSON_TYPE], 422],
  [
    'an archive of 200,000 changes',
    () => [
      '/api/gardens/archive',
      zip({ ...garden, changes: Object.fromEntries(Array.from({ length: 200_000 }, (_, i) => [`p${i}`, {}])) }),
      ZIP,
    ],
    422,
  ],
  [
    'a zip that grows to 64 MB',
    () => ['/api/gardens/archive', zipSync({ 'garden.json': new Uint8Array(64_000_000) }), ZIP],
    422,
  ],
  [
    'a million empty edits',
    () => ['/api/beds/reading-room-front/edits', `{"revision":1,"edits":${many(1_000_000, '{}')}}`, JSON_TYPE],
    422,
  ],
  [
    'a site of a million nothings',
    () => [
      '/api/gardens/saltmarsh-row/site',
      `{"revision":1,"site":{"northDeg":0,"base":null,"points":${many(900_000, '{}')},"things":[],"beds":[]}}`,
      JSON_TYPE,
      'PUT',
    ],
    422,
  ],
  [
    'a large body that calls itself a picture',
    () => ['/api/beds/reading-room-front/edits', 'x'.repeat(12_000_000), 'image/png'],
    415,
  ],
]

for (const [name, make, status] of CASES)
  test(`${name}: refused in words, and others are answered meanwhile`, async () => {
    const answer = await pressed(...make())
    console.log(`${name}: health ${answer.worstMs.toFixed(0)} ms, ${answer.mostMb.toFixed(0)} MB more`)
    expect(answer.status, answer.text.slice(0, 300)).toBe(status)
    expect(answer.text.length).toBeLessThan(60_000)
    expect(answer.worstMs).toBeLessThan(HEALTH_MS)
    expect(answer.mostMb).toBeLessThan(MORE_MB)
  })

test('text goes packed, what is unchanged is not sent again, and the library is fetched once', async ({ page }) => {
  const ask = (headers: Record<string, string>) => fetch(`${server.url}/api/library`, { headers })
  const plain = await ask({ 'accept-encoding': 'identity' })
  const mark = plain.headers.get('etag')!
  expect(mark).toMatch(/^W\//)
  const text = await plain.text()
  // The second of each is the one that was kept.
  for (const encoding of ['br', 'gzip', 'br', 'gzip']) {
    const packed = await ask({ 'accept-encoding': encoding })
    expect(packed.headers.get('content-encoding')).toBe(encoding)
    expect(packed.headers.get('vary')).toContain('accept-encoding')
    expect(await packed.text()).toBe(text)
  }
  const again = await ask({ 'if-none-match': mark })
  expect([again.status, await again.text()]).toEqual([304, ''])
  const fetched: string[] = []
  page.on('response', (r) =>
    fetched.push(`${new URL(r.url()).pathname} ${r.status()} ${r.headers()['cache-control'] ?? ''}`),
  )
  await page.goto(`${server.url}/beds/reading-room-front/compose`)
  await expect(page.getByTestId('plan')).toBeVisible()
  expect(fetched.filter((f) => f.startsWith('/api/library '))).toHaveLength(1)
  const assets = fetched.filter((f) => f.startsWith('/_nuxt/') && !f.includes('/builds/'))
  expect(assets.length).toBeGreaterThan(5)
  for (const asset of assets) expect(asset).toMatch(/max-age=31536000, immutable/)
})
