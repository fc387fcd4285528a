import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { isLocal, isLocalName } from './listening'
import { isPassword, sealPassword } from './password'
import { mayAs, needOf } from './policy'

const api = new URL('../api/', import.meta.url).pathname
/** Every route there is, as a request would ask for it. */
const routes = readdirSync(api, { recursive: true, withFileTypes: true })
  .filter((f) => f.isFile() && f.name.endsWith('.ts'))
  .map((f) => join(f.parentPath, f.name).slice(api.length))
  .map((file) => {
    const [, path = '', method = ''] = /^(.*)\.(get|post|put|delete)\.ts$/.exec(file) ?? []
    const address = `/api/${path}`.replace(/\/index$/, '').replace(/\[[a-z]+\]/g, 'some-id')
    return { address, method: method.toUpperCase() }
  })

describe('what a request needs', () => {
  it('is written down for every route; what nobody thought of is the owner’s alone', () => {
    expect(routes.length).toBeGreaterThan(50)
    const owners = routes.filter((r) => needOf(r.address, r.method).kind === 'store owner')
    expect(owners.map((r) => `${r.method} ${r.address}`).sort()).toMatchInlineSnapshot(`
      [
        "DELETE /api/accounts/some-id",
        "GET /api/accounts",
        "GET /api/backups",
        "POST /api/accounts",
        "POST /api/backups",
        "POST /api/backups/restore",
        "PUT /api/accounts/role",
        "PUT /api/accounts/some-id/password",
        "PUT /api/backups/keep",
      ]
    `)
    expect(needOf('/api/never-heard-of', 'GET')).toEqual({ kind: 'store owner' })
    const open = routes.filter((r) => needOf(r.address, r.method).kind === 'open').map((r) => r.address)
    expect([...new Set(open)].filter((a) => !a.startsWith('/api/shared/')).sort()).toEqual([
      '/api/health',
      '/api/sign-in',
      '/api/who',
    ])
  })

  it.each([
    ['GET', '/api/gardens/g/site', 'viewer'],
    ['PUT', '/api/gardens/g/site', 'designer'],
    ['POST', '/api/gardens/g/ticks', 'helper'],
    ['POST', '/api/gardens/g/log', 'helper'],
    ['PUT', '/api/gardens/g/photos/a', 'helper'],
    ['POST', '/api/gardens/g/learned', 'designer'],
    ['DELETE', '/api/gardens/g', 'owner'],
    ['POST', '/api/beds/b/edits', 'designer'],
    ['GET', '/api/beds/b/sheet', 'viewer'],
    ['GET', '/api/drawings/d', 'viewer'],
  ])('%s %s needs a %s', (method, path, role) => {
    expect(needOf(path, method)).toMatchObject({ kind: 'garden', role })
  })

  it('a higher role may what a lower one may, never the other way', () => {
    expect(mayAs('designer', 'helper')).toBe(true)
    expect(mayAs('helper', 'designer')).toBe(false)
    expect(mayAs(undefined, 'viewer')).toBe(false)
  })
})

it.each([
  ['127.0.0.1', true],
  ['127.1.2.3', true],
  ['localhost', true],
  ['::1', true],
  ['0.0.0.0', false],
  ['::', false],
  ['192.168.1.5', false],
  ['127.0.0.1.example', false],
])('%s is this machine alone: %s', (host, local) => {
  expect(isLocal(host)).toBe(local)
})
it('a request names this machine with or without a port', () => {
  expect(['127.0.0.1:4310', '[::1]:4310', 'localhost'].every(isLocalName)).toBe(true)
  expect(isLocalName('elsewhere.example:4310')).toBe(false)
})

it('a password is kept sealed, each time otherwise, and known again', async () => {
  const [one, two] = [await sealPassword('four words in a row'), await sealPassword('four words in a row')]
  expect(one).not.toBe(two)
  expect(one).not.toContain('four')
  expect(await isPassword('four words in a row', one)).toBe(true)
  expect(await isPassword('four words in a rov', one)).toBe(false)
  expect(await isPassword('anything', null)).toBe(false)
})
