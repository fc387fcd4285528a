import type { Meant } from './meant'
import type { Way } from './RoomMaker'

/** So far beyond what changes plants may be stirred, metres; and how often that is widened until no one squeezed out stands at its ends. */
const STIRS_M = 1
const WIDER_M = 1.5
const TRIES = 5
/** A stretch of more than this share of a lane is not worth keeping the rest apart. */
const MOST = 0.6

/**
 * The stretch of a lane, in plan x, that holds all whose way may differ from before, with room beyond it; empty (from above to) when none
 * does. Null when it is most of the lane, or when plants that had no room stand at its ends: who of them stays is settled together.
 */
export function changedStretch(
  standing: readonly Meant[],
  then: readonly (Way | undefined)[],
  isNearChange: (i: number) => boolean,
): { readonly from: number; readonly to: number } | null {
  let from = Infinity
  let to = -Infinity
  let widest = 0
  standing.forEach((meant, i) => {
    widest = Math.max(widest, meant.plant.spreadM)
    const way = then[i]
    if (way && way.meant === meant && !isNearChange(i)) return
    from = Math.min(from, meant.x)
    to = Math.max(to, meant.x)
  })
  if (from > to) return { from, to }
  const edgeM = 1 + 1.2 * widest
  for (let wider = STIRS_M + widest, n = 0; n < TRIES; n++, wider += WIDER_M) {
    const stretch = { from: from - wider, to: to + wider }
    if (isMost(standing, stretch)) return null
    const isAtEdge = (x: number) => Math.abs(x - stretch.from) < edgeM || Math.abs(x - stretch.to) < edgeM
    if (!then.some((way) => way?.hasConflict && isAtEdge(way.meant.x))) return stretch
  }
  return null
}

function isMost(standing: readonly Meant[], { from, to }: { from: number; to: number }): boolean {
  let inside = 0
  for (const { x } of standing) if (x > from && x < to) inside++
  return inside > MOST * standing.length
}
