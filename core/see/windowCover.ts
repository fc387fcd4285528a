import type { Opening } from '../model'
import { bodyProfile, topM, type Body } from '../layout'

const CELL_M = 0.05

interface WindowCover {
  /** Share of the glass behind planting, 0-1, seen straight on. */
  readonly share: number
  /** Share each body hides by itself, by its index, only those that hide some. */
  readonly by: readonly { readonly index: number; readonly share: number }[]
}

/** How much of a window planting stands in front of, straight on (so inside and out see the same), weighted by density. */
export function windowCover(opening: Opening, bodies: readonly Body[]): WindowCover {
  const columns = Math.max(1, Math.round(opening.widthM / CELL_M))
  const rows = Math.max(1, Math.round((opening.headM - opening.sillM) / CELL_M))
  const through = new Float32Array(columns * rows).fill(1)
  const by: { index: number; share: number }[] = []
  bodies.forEach((body, index) => {
    const own = coverOf(body, opening, through, columns, rows)
    if (own > 0) by.push({ index, share: own / (rows * columns) })
  })
  return { share: 1 - through.reduce((a, b) => a + b, 0) / through.length, by }
}

/** Dims what shows through the cells of a window by one body; how many cells' worth it stops by itself. */
function coverOf(body: Body, opening: Opening, through: Float32Array, columns: number, rows: number): number {
  const { at, spreadM } = body
  const ground = at.groundM ?? 0
  if (ground + topM(body) <= opening.sillM) return 0
  if (at.x + spreadM / 2 < opening.x || at.x - spreadM / 2 > opening.x + opening.widthM) return 0
  let own = 0
  for (let r = 0; r < rows; r++) {
    const z = opening.sillM + ((r + 0.5) / rows) * (opening.headM - opening.sillM)
    const { halfM, stops } = bodyProfile(body, z - ground)
    if (stops === 0) continue
    for (let c = 0; c < columns; c++) {
      const x = opening.x + ((c + 0.5) / columns) * opening.widthM
      if (Math.abs(x - at.x) > halfM) continue
      through[r * columns + c]! *= 1 - stops
      own += stops
    }
  }
  return own
}
