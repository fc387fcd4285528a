import type { Point } from '../geometry'

/** A line or outline found in a drawing, in metres of the site plan (x right, y up). */
export interface FoundLine {
  readonly name: string
  readonly closed: boolean
  readonly points: readonly Point[]
}

/** More than this is no drawing of a small site. */
export const MOST_LINES = 5000
export const MOST_POINTS = 200_000

/** Points round an arc, degrees counterclockwise. */
export function arcPoints(cx: number, cy: number, r: number, fromDeg: number, toDeg: number): Point[] {
  const sweep = toDeg > fromDeg ? toDeg - fromDeg : toDeg - fromDeg + 360
  const steps = Math.max(4, Math.ceil(sweep / 9))
  return Array.from({ length: steps + 1 }, (_, i) => {
    const a = ((fromDeg + (sweep * i) / steps) * Math.PI) / 180
    return { x: cx + r * Math.cos(a), y: cy + r * Math.sin(a) }
  })
}

/** Lines with points to a millimetre, doubled points dropped, and those of no length left out. */
export function tidy(lines: readonly FoundLine[]): FoundLine[] {
  return lines.flatMap((line) => {
    const points = line.points
      .map((p) => ({ x: Math.round(p.x * 1000) / 1000, y: Math.round(p.y * 1000) / 1000 }))
      .filter((p, i, all) => i === 0 || p.x !== all[i - 1]!.x || p.y !== all[i - 1]!.y)
    const ends =
      points.length > 2 &&
      points[0]!.x === points[points.length - 1]!.x &&
      points[0]!.y === points[points.length - 1]!.y
    const open = ends ? points.slice(0, -1) : points
    return open.length >= 2
      ? [{ name: line.name, closed: (line.closed || ends) && open.length >= 3, points: open }]
      : []
  })
}
