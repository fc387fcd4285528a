import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { renderGrounds } from '../../app/utils/renderGrounds'
import { GROUNDS } from '../../core/judge'

const page = (name: string) =>
  renderGrounds(readFileSync(new URL(`../../docs/grounds/${name}.md`, import.meta.url), 'utf8'))

describe('what findings rest on can be opened', () => {
  it.each(Object.keys(GROUNDS))('%s', (ground) => {
    const [name, part] = ground.split('#')
    expect(page(name!)).toContain(` id="${part}"`)
  })
  it('headings and named rows of tables have addresses, and nothing in a page is taken for code', () => {
    const html = renderGrounds('## Groups, repetition\n\n| a |\n| --- |\n| **Rest** calm |\n\n<b>x</b>\n')
    expect(html).toContain('<h2 id="groups-repetition"')
    expect(html).toContain('<td id="rest"')
    expect(html).toContain('&lt;b&gt;')
  })
})

const CODE = ['core', 'app', 'server', 'shared']
const filesOf = (room: string) =>
  readdirSync(new URL(`../../${room}`, import.meta.url), { recursive: true, withFileTypes: true })
    .filter((f) => f.isFile() && /\.(ts|vue)$/.test(f.name))
    .map((f) => join(f.parentPath, f.name))
const NAMED = /docs\/grounds\/(\w+),\s(?:\*\s)?([^.;(*]+)/g
const headings = (name: string) => [...page(name).matchAll(/ id="([^"]+)"/g)].map((m) => m[1]!)

describe('what comments name as their source', () => {
  const named = CODE.flatMap(filesOf).flatMap((file) =>
    [
      ...readFileSync(file, 'utf8')
        .replace(/\n \* ?/g, ' ')
        .matchAll(NAMED),
    ].map((m) => ({ file, name: m[1]!, part: m[2]!.trim() })),
  )
  it('are pages and parts that are there', () => {
    expect(named.length).toBeGreaterThan(30)
    const slug = (words: string) => words.toLowerCase().replace(/[^a-z0-9]+/g, '-')
    const missing = named.filter(
      ({ name, part }) => !headings(name).some((h) => h.startsWith(slug(part).replace(/-$/, ''))),
    )
    expect(missing.map((m) => `${m.file}: ${m.name}, ${m.part}`)).toEqual([])
  })
})
