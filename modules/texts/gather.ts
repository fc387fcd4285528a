import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { codesOf } from './codesOf'
import { keyOf, type Message } from './message'
import { textsOf } from './translate'

/** Rooms whose texts people read; the rest is tools, data and tests. */
const ROOMS = ['app', 'core', 'shared', 'server']
const LEFT_OUT = /\.test\.ts$|\.d\.ts$|^server\/db\/migrations\//

/** The files with texts, from the root. */
function filesWithTexts(root: string): string[] {
  return ROOMS.flatMap((room) => readdirSync(join(root, room), { recursive: true, withFileTypes: true }))
    .filter((f) => f.isFile() && /\.(ts|vue)$/.test(f.name))
    .map((f) => relative(root, join(f.parentPath, f.name)))
    .filter(hasTexts)
}
/** Whether a file, named from the root, has texts for people. */
export const hasTexts = (file: string): boolean =>
  ROOMS.some((room) => file.startsWith(`${room}/`)) && /\.(ts|vue)$/.test(file) && !LEFT_OUT.test(file)

/** A file with its texts. */
export interface Sourced {
  readonly file: string
  readonly source: string
  readonly isComponent: boolean
  readonly texts: readonly Message[]
}
export function sourcesWithTexts(root: string): Sourced[] {
  const codes = codesIn(root)
  return filesWithTexts(root).map((file) => {
    const source = readFileSync(join(root, file), 'utf8')
    const isComponent = file.endsWith('.vue')
    return { file, source, isComponent, texts: textsOf(source, isComponent, codes) }
  })
}

/** The words that the program goes by, from all its scripts. */
export const codesIn = (root: string): ReadonlySet<string> =>
  new Set(
    filesWithTexts(root)
      .filter((f) => f.endsWith('.ts'))
      .flatMap((f) => codesOf(readFileSync(join(root, f), 'utf8'))),
  )

/** Every text by itself, in order: the English catalogue. */
export function catalogueOf(sources: readonly Sourced[]): Record<string, string> {
  const keys = sources.flatMap((s) => s.texts.map(keyOf))
  return Object.fromEntries([...new Set(keys)].toSorted().map((key) => [key, key]))
}
