import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, relative, resolve } from 'node:path'
import ts from 'typescript'
import { expect, it } from 'vitest'

const root = resolve(import.meta.dirname, '../..')
const WINGS = ['core', 'app', 'server', 'shared', 'modules']
const below = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((e) => e.isFile() && /\.(ts|vue)$/.test(e.name) && !/\.test\.ts$/.test(e.name))
    .map((e) => relative(root, join(e.parentPath, e.name)))
const files = new Map(
  WINGS.flatMap((wing) => below(join(root, wing))).map((file) => [file, readFileSync(join(root, file), 'utf8')]),
)

/** The files that a file imports, types too. */
function importsOf(file: string, text: string): string[] {
  const script = file.endsWith('.vue') ? (/<script[^>]*>([\s\S]*?)<\/script>/.exec(text)?.[1] ?? '') : text
  return ts.preProcessFile(script, true, true).importedFiles.flatMap(({ fileName }) => {
    const place = fileName.startsWith('~~/')
      ? fileName.slice(3)
      : fileName.startsWith('~/')
        ? `app/${fileName.slice(2)}`
        : relative(root, resolve(root, dirname(file), fileName))
    const found = [place, `${place}.ts`, `${place}/index.ts`].find((path) => files.has(path))
    return found && found !== file ? [found] : []
  })
}

/** A circle of imports, each file by its path; null when there is none. Depth first, with the way that led here. */
function circleIn(graph: ReadonlyMap<string, readonly string[]>): string[] | null {
  const done = new Set<string>()
  const way: string[] = []
  const walk = (file: string): string[] | null => {
    if (way.includes(file)) return [...way.slice(way.indexOf(file)), file]
    if (done.has(file)) return null
    way.push(file)
    for (const next of graph.get(file) ?? []) {
      const circle = walk(next)
      if (circle) return circle
    }
    way.pop()
    done.add(file)
    return null
  }
  for (const file of graph.keys()) {
    const circle = walk(file)
    if (circle) return circle
  }
  return null
}

it('no file takes part in a circle of imports, types too', () => {
  expect(circleIn(new Map([...files].map(([file, text]) => [file, importsOf(file, text)])))).toBeNull()
  expect(circleIn(new Map(Object.entries({ a: ['b'], b: ['c'], c: ['b'] })))).toEqual(['b', 'c', 'b'])
})

it('every function that the docs name is in the code', () => {
  const code = [...files.values()].join('\n')
  const docs = readdirSync(join(root, 'docs')).filter((name) => name.endsWith('.md'))
  const named = docs.flatMap((name) =>
    [...readFileSync(join(root, 'docs', name), 'utf8').matchAll(/`([a-z]\w+)\(/g)].map((m) => m[1]!),
  )
  expect(named.length).toBeGreaterThan(20)
  expect(named.filter((name) => !new RegExp(`\\b${name}\\b`).test(code))).toEqual([])
})

it('no text on a page is smaller than the smallest of the six sizes', () => {
  const sizes = [...files]
    .filter(([file]) => file.endsWith('.vue'))
    .flatMap(([file, text]) =>
      [...text.matchAll(/(?:font-size:\s*|text-\[)([\d.]+)px/g)].map((m) => `${file} ${m[1]}`),
    )
  expect(sizes).toEqual([])
})
