import { join } from 'node:path'
import { expect, test } from 'vitest'
import { iconShapes, namesOfIcons, sourcesIn } from '../../modules/icons/iconShapes'

const root = join(import.meta.dirname, '../..')

test('names of icons are found wherever they stand, each once', () => {
  expect(
    namesOfIcons([`icon="i-lucide-undo-2" :icon="a ? 'i-lucide-x' : 'i-lucide-sprout'"`, 'i-lucide-x']),
  ).toEqual(['sprout', 'undo-2', 'x'])
})

test('every icon that the sources name is drawn', () => {
  const names = namesOfIcons(sourcesIn(root, ['app', 'core', 'shared']))
  const shapes = iconShapes(names)
  expect(names.length).toBeGreaterThan(60)
  for (const name of names)
    expect(shapes[`i-lucide-${name}`]).toMatch(/^<(path|circle|rect|g|line|ellipse|polyline|polygon)\b/)
})

test('a shape says only what its icon does not share with the others', () => {
  const { 'i-lucide-undo-2': undo } = iconShapes(['undo-2'])
  expect(undo).toContain('<path')
  expect(undo).not.toContain('stroke')
})

test('an icon that there is not is named', () => {
  expect(() => iconShapes(['sprout', 'no-such-icon'])).toThrow('no icon no-such-icon')
})
