import { isClipped, isShape, isWords, type Paint, type Words } from './path'
import type { Palette } from './palette'
import { bedOnSitePaints, type BedOnSite } from './sitePaints'

/** About the width of a letter over its size, and a line over the size of its letters. */
const LETTER = 0.53
const LINE_PT = 14
/** A name is moved down so many half lines at most; where there is no room then, it waits for a closer look. */
const MOST_MOVES = 3

/** Room a line of words takes up, points. */
interface Room {
  readonly x: number
  readonly y: number
  readonly half: number
}

/** Which way the middle of the words lies from their place. */
const SIDE = { left: 1, center: 0, right: -1 } as const

function roomOf(w: Words, x: number, y: number): Room {
  const half = (w.words.length * w.size * LETTER) / 2
  return { x: x + (w.dx ?? 0) + half * SIDE[w.align ?? 'left'], y: y + (w.dy ?? 0), half }
}

/** The rooms that words of other paints take up. */
const roomsOf = (paints: readonly Paint[], perM: number): Room[] =>
  paints.flatMap((p) => {
    if (isShape(p) || isClipped(p)) return []
    if (isWords(p)) return [roomOf(p, p.x * perM, p.y * perM)]
    return p.badge.filter(isWords).map((w) => roomOf(w, p.at.x * perM, p.at.y * perM))
  })

const meet = (a: Room, b: Room) => Math.abs(a.x - b.x) < a.half + b.half && Math.abs(a.y - b.y) < LINE_PT

/** All beds of a site among other paints; a name that would lie on others is set beneath them, or left out. */
export function bedsOnSitePaints(
  beds: readonly BedOnSite[],
  others: readonly Paint[],
  palette: Palette,
  outlineOnly: boolean,
  perM: number,
): Paint[] {
  const taken = roomsOf(others, perM)
  const apart = (w: Words): Words[] => {
    for (let moves = 0; moves <= MOST_MOVES; moves++) {
      const moved = { ...w, dy: (w.dy ?? 0) - (moves * LINE_PT) / 2 }
      const room = roomOf(moved, w.x * perM, w.y * perM)
      if (taken.some((t) => meet(t, room))) continue
      taken.push(room)
      return [moved]
    }
    return []
  }
  return beds
    .flatMap((bed) => bedOnSitePaints(bed, palette, outlineOnly, perM))
    .flatMap((paint): Paint[] => (isWords(paint) ? apart(paint) : [paint]))
}
