import type { Elevation, Figure } from './elevation'
import { fixturePaints } from './fixturePaints'
import type { Paint } from './path'

/** A step of an elevation: a plant by its place in the list, or what stands between plants and does not grow. */
type ElevationStep = { readonly figure: Figure; readonly n: number } | { readonly paints: readonly Paint[] }

/** In which order an elevation is drawn, far to near: plants, and behind each what stands right behind it. */
export function* elevationOrder({ figures, fixtures, features }: Elevation): Generator<ElevationStep> {
  const isPots = fixtures[0]?.look === 'pot'
  // Pots stand behind what trails over their rims.
  if (isPots) for (const f of fixtures) yield { paints: fixturePaints(f) }
  function* between(from: number, to: number): Generator<ElevationStep> {
    const isThere = ({ after }: { readonly after: number }) => after >= from && after <= to
    if (!isPots) for (const f of fixtures) if (isThere(f)) yield { paints: fixturePaints(f) }
    for (const f of features) if (isThere(f)) yield { paints: f.paints }
  }
  for (const [n, figure] of figures.entries()) {
    yield* between(n, n)
    yield { figure, n }
  }
  yield* between(figures.length, Infinity)
}
