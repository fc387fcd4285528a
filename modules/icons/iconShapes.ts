import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { icons as lucide } from '@iconify-json/lucide'
import { getIconData } from '@iconify/utils/lib/icon-set/get-icon'

const NAME = /\bi-lucide-([a-z\d]+(?:-[a-z\d]+)*)/g

/** The names of icons in texts, each once, in order. */
export const namesOfIcons = (texts: readonly string[]): string[] =>
  [...new Set(texts.flatMap((text) => [...text.matchAll(NAME)].map((found) => found[1]!)))].sort()

/** Sources of the rooms, in which an icon is named as it is shown. */
export const sourcesIn = (root: string, rooms: readonly string[]): string[] =>
  rooms
    .flatMap((room) => readdirSync(join(root, room), { recursive: true, withFileTypes: true }))
    .filter((f) => f.isFile() && /\.(ts|vue)$/.test(f.name) && !f.name.endsWith('.test.ts'))
    .map((f) => readFileSync(join(f.parentPath, f.name), 'utf8'))

/** What all icons of the collection say of their lines; `DrawnIcon` says it once for all shapes of an icon. */
const PEN =
  / (?:fill="none"|stroke="currentColor"|stroke-linecap="round"|stroke-linejoin="round"|stroke-width="2")/g

/**
 * The shapes of icons by the names they are shown by (`i-lucide-sprout`), in a square of 24 units.
 * @throws Error naming an icon that the collection does not have
 */
export function iconShapes(names: readonly string[]): Record<string, string> {
  return Object.fromEntries(
    names.map((name) => {
      const body = getIconData(lucide, name)?.body
      if (!body) throw new Error(`There is no icon ${name}. Look for another name in the collection.`)
      return [`i-lucide-${name}`, body.replace(PEN, '').replace(/^<g>(.*)<\/g>$/s, '$1')]
    }),
  )
}
