import type { Point } from '../geometry'
import type { FoundUnit } from './found'

export interface NamedUnit {
  readonly name: string
  readonly metres: number
}
/** Units that drawings are made in; the first are tried first when a drawing names none. */
export const UNITS: readonly NamedUnit[] = [
  { name: 'metres', metres: 1 },
  { name: 'millimetres', metres: 0.001 },
  { name: 'centimetres', metres: 0.01 },
  { name: 'feet', metres: 0.3048 },
  { name: 'inches', metres: 0.0254 },
  { name: 'yards', metres: 0.9144 },
  { name: 'decimetres', metres: 0.1 },
]
const IMPERIAL = ['feet', 'inches', 'yards', 'metres', 'millimetres', 'centimetres', 'decimetres']

/** A garden is hardly smaller or larger than this, metres across. */
const LEAST_M = 3
const MOST_M = 300
/** A drawing that says its unit is doubted only beyond these, metres. */
const ODD_LEAST_M = 0.5
const ODD_MOST_M = 2000

/** How far places reach, the larger of across and up, in their own unit. */
export function reachOf(points: Iterable<Point>): number {
  let [x0, x1, y0, y1] = [Infinity, -Infinity, Infinity, -Infinity]
  for (const { x, y } of points) {
    x0 = Math.min(x0, x)
    x1 = Math.max(x1, x)
    y0 = Math.min(y0, y)
    y1 = Math.max(y1, y)
  }
  return x1 >= x0 ? Math.max(x1 - x0, y1 - y0) : 0
}

/**
 * The unit of a drawing that reaches so far: what was chosen, else what the file says, else the first at which it is of a garden's size.
 * What is not said, or gives an odd size, is doubted in words.
 */
export function unitFor(
  reach: number,
  said: NamedUnit | null,
  chosenM: number | null,
  imperial = false,
): FoundUnit {
  if (chosenM) return { metres: chosenM, said: said?.name ?? null, doubt: null }
  if (said) {
    const size = reach * said.metres
    const isOdd = reach > 0 && (size < ODD_LEAST_M || size > ODD_MOST_M)
    const doubt = isOdd ? `it says ${said.name}, which makes it ${sizeInWords(size)} across` : null
    return { metres: said.metres, said: said.name, doubt }
  }
  const order = imperial ? IMPERIAL.map((n) => UNITS.find((u) => u.name === n)!) : UNITS
  const guess = order.find((u) => reach * u.metres >= LEAST_M && reach * u.metres <= MOST_M) ?? UNITS[0]!
  return {
    metres: guess.metres,
    said: null,
    doubt: `it does not say its unit; as ${guess.name} it is ${sizeInWords(reach * guess.metres)} across`,
  }
}

const sizeInWords = (m: number) =>
  m < 1 ? `${Math.round(m * 1000)}\u202fmm` : `${Number(m.toPrecision(3))}\u202fm`
