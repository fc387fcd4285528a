import { spawn } from 'node:child_process'
import { networkInterfaces } from 'node:os'
import { expect, test, type APIRequestContext } from '@playwright/test'
import { makeAccount } from '../support/makeAccount'
import { emptyFolder, freePort, startServer, type TestServer } from '../support/server'

const OPEN = { HOST: '0.0.0.0', NITRO_HOST: '0.0.0.0' }
const PASSWORD = 'a hedge of nine hollies'
const WRONG = { login: 'rowan', password: 'not the password' }

test('beyond this machine the server does not start without an account, and says how one is made', async () => {
  const refused = await startServer({ wait: false, env: OPEN })
  expect(await refused.ended()).toBe(1)
  expect(refused.errors()).toMatch(/listen on 0\.0\.0\.0.*npm run account/s)
})

test('started bare, the server listens on this machine alone', async () => {
  const port = await freePort()
  const env: NodeJS.ProcessEnv = { ...process.env, AMBER_DATA_DIR: emptyFolder(), NITRO_PORT: String(port) }
  for (const name of ['HOST', 'NITRO_HOST', 'DATABASE_URL']) Reflect.deleteProperty(env, name)
  const child = spawn(process.execPath, [new URL('../../.output/server/index.mjs', import.meta.url).pathname], {
    env,
    stdio: 'ignore',
  })
  const asks = (host: string) =>
    fetch(`http://${host}:${port}/api/health`)
      .then((r) => r.status)
      .catch(() => 0)
  await expect.poll(() => asks('127.0.0.1'), { timeout: 30_000 }).toBe(200)
  const others = Object.values(networkInterfaces()).flatMap((list) =>
    (list ?? []).filter((i) => !i.internal && i.family === 'IPv4'),
  )
  for (const { address } of others) expect(await asks(address)).toBe(0)
  child.kill('SIGKILL')
})

test('on ::1 nobody signs in', async ({ request }) => {
  const server = await startServer({ demo: true, env: { HOST: '::1', NITRO_HOST: '::1' }, wait: false })
  const url = server.url.replace('127.0.0.1', '[::1]')
  await expect
    .poll(
      () =>
        request
          .get(`${url}/api/health`)
          .then((r) => r.status())
          .catch(() => 0),
      { timeout: 30_000 },
    )
    .toBe(200)
  expect((await request.get(`${url}/api/gardens`)).status()).toBe(200)
  await server.kill()
})

test.describe('with accounts', () => {
  let server: TestServer
  const folder = emptyFolder()
  test.beforeAll(async () => {
    const first = await startServer({ folder, demo: true })
    await first.kill()
    expect(makeAccount(folder, 'linden', PASSWORD, 'Linden')).toContain('the owner of this store')
    expect(makeAccount(folder, 'rowan', PASSWORD, 'Rowan')).toContain('gives it its gardens')
    expect(makeAccount(folder, 'x', 'short')).toContain('A login of 2 to 80')
    server = await startServer({ folder, demo: true, env: OPEN })
  })
  test.afterAll(() => server.kill())

  const asked = async (request: APIRequestContext, method: string, path: string, data?: object) =>
    (await request.fetch(`${server.url}/api/${path}`, { method, ...(data ? { data } : {}) })).status()
  const signIn = (request: APIRequestContext, login: string, password = PASSWORD) =>
    asked(request, 'POST', 'sign-in', { login, password })

  test('nothing is told to who is not signed in, and roles hold garden by garden', async ({ playwright }) => {
    const [nobody, owner, rowan] = await Promise.all([0, 1, 2].map(() => playwright.request.newContext()))
    for (const path of [
      'gardens',
      'gardens/saltmarsh-row',
      'beds/reading-room-front',
      'library',
      'backups',
      'accounts',
      'trash',
    ])
      expect(await asked(nobody!, 'GET', path), path).toBe(401)
    expect(await asked(nobody!, 'GET', 'health')).toBe(200)

    expect(await signIn(owner!, 'linden')).toBe(200)
    expect(await signIn(rowan!, 'rowan')).toBe(200)
    const people = (await (await owner!.get(`${server.url}/api/accounts`)).json()) as {
      id: string
      login: string
    }[]
    const { id } = people.find((p) => p.login === 'rowan')!
    const give = (role: string | null) =>
      asked(owner!, 'PUT', 'accounts/role', { accountId: id, gardenId: 'saltmarsh-row', role })

    expect(await (await rowan!.get(`${server.url}/api/gardens`)).json()).toEqual([])
    expect(await asked(rowan!, 'GET', 'beds/reading-room-front')).toBe(404)
    expect(await asked(rowan!, 'GET', 'library?garden=saltmarsh-row')).toBe(404)
    expect(await asked(rowan!, 'POST', 'gardens', { garden: {} })).toBe(403)
    expect(await asked(rowan!, 'GET', 'backups')).toBe(403)

    expect(await give('viewer')).toBe(200)
    expect(await asked(rowan!, 'GET', 'beds/reading-room-front')).toBe(200)
    expect(await asked(rowan!, 'GET', 'gardens/weir-cottage')).toBe(404)
    const edits = {
      revision: 1,
      edits: [{ id: 'e-1', how: 'edit', edit: { kind: 'setBed', change: { name: 'Theirs' } } }],
    }
    expect(await asked(rowan!, 'POST', 'beds/reading-room-front/edits', edits)).toBe(403)
    expect(await asked(rowan!, 'POST', 'gardens/saltmarsh-row/ticks', { ticks: [] })).toBe(403)
    expect(await give('helper')).toBe(200)
    expect(await asked(rowan!, 'POST', 'gardens/saltmarsh-row/ticks', { ticks: [] })).toBe(200)
    expect(await asked(rowan!, 'POST', 'beds/reading-room-front/edits', edits)).toBe(403)
    expect(await give('designer')).toBe(200)
    expect(await asked(rowan!, 'POST', 'beds/reading-room-front/edits', edits)).toBe(200)
    expect(await asked(rowan!, 'DELETE', 'gardens/saltmarsh-row')).toBe(403)
    expect(await give(null)).toBe(200)
    expect(await asked(rowan!, 'GET', 'beds/reading-room-front')).toBe(404)
    for (const context of [nobody, owner, rowan]) await context!.dispose()
  })

  test('the cookie is sealed and out of reach of scripts; a new password ends all sessions; wrong tries shut the door', async ({
    playwright,
  }) => {
    const one = await playwright.request.newContext()
    const answer = await one.post(`${server.url}/api/sign-in`, { data: { login: 'rowan', password: PASSWORD } })
    const cookie = answer.headers()['set-cookie']!
    expect(cookie).toMatch(/HttpOnly/i)
    expect(cookie).toMatch(/SameSite=Strict/i)
    expect(cookie).not.toContain('rowan')
    const two = await playwright.request.newContext()
    await signIn(two, 'rowan')
    const fresh = 'a hedge of ten hollies'
    expect(await asked(two, 'PUT', 'password', { old: PASSWORD, password: fresh })).toBe(200)
    expect(await asked(two, 'GET', 'gardens')).toBe(200)
    expect(await asked(one, 'GET', 'gardens')).toBe(401)
    for (let i = 0; i < 5; i++) expect(await signIn(one, WRONG.login, WRONG.password)).toBe(401)
    expect(await signIn(one, 'rowan', fresh)).toBe(429)
    await one.dispose()
    await two.dispose()
  })

  test('a browser is led to the door and back to where it was, and its owner sees the people', async ({ page }) => {
    await page.goto(`${server.url}/beds/reading-room-front/compose`)
    await expect(page.getByLabel('Login')).toBeVisible()
    await page.getByLabel('Login').fill('linden')
    await page.getByLabel('Password').fill('wrong one, sorry')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await expect(page.getByRole('alert')).toContainText('do not fit together')
    await page.getByLabel('Password').fill(PASSWORD)
    await page.getByRole('button', { name: 'Sign in' }).click()
    await expect(page.getByTestId('plan')).toBeVisible()
    await page.goto(`${server.url}/people`)
    await expect(page.getByRole('heading', { name: /Rowan/ })).toBeVisible()
    await page.getByLabel('What Rowan may do in Saltmarsh Row Library').click()
    await page.getByRole('option', { name: 'looks' }).click()
    await expect(page.getByLabel('What Rowan may do in Saltmarsh Row Library')).toContainText('looks')
  })
})
