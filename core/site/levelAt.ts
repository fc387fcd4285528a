import { polygonArea, type Point } from '../geometry'
import type { PlacedOf, PlacedThing } from './resolve'
import { holds } from './surroundings'

/** The levels of a site, the largest first, so that a smaller one within it stands above (or lies below) it. */
export const terracesOf = (things: readonly PlacedThing[]): PlacedOf<'terrace'>[] =>
  things
    .filter((t): t is PlacedOf<'terrace'> => t.kind === 'terrace')
    .sort((a, b) => polygonArea(b.outline) - polygonArea(a.outline))

/** Height of the ground at a place, metres: that of the smallest level that holds it, else 0. `terraces` as `terracesOf` orders them. */
export function levelAt(terraces: readonly PlacedOf<'terrace'>[], p: Point): number {
  let level = 0
  for (const t of terraces) if (holds(t.outline, p)) level = t.levelM
  return level
}
