import type { Point } from '../geometry'

/** Between the site plan and a bed's own plan (x along the wall from the viewer's left, y toward the viewer), metres. */
export interface BedTransform {
  toSite(p: Point): Point
  toBed(p: Point): Point
  /** An azimuth of the bed's plan y axis (toward the viewer): what the bed faces. */
  readonly facesDeg: number
  /** The azimuth of the direction up the bed's plan, against its y axis: what `northDeg` is for the site. */
  readonly lookDeg: number
}

/** `at` is where the left end of the wall line lies, `lookDeg` the azimuth the viewer looks along, `northDeg` the site's. */
export function bedTransform(at: Point, lookDeg: number, northDeg: number): BedTransform {
  const turn = ((lookDeg - northDeg) * Math.PI) / 180
  // The viewer's direction on the sheet, and to the viewer's right.
  const ahead = { x: Math.sin(turn), y: Math.cos(turn) }
  const right = { x: Math.cos(turn), y: -Math.sin(turn) }
  return {
    lookDeg,
    facesDeg: (lookDeg + 180) % 360,
    toSite: ({ x, y }) => ({ x: at.x + right.x * x - ahead.x * y, y: at.y + right.y * x - ahead.y * y }),
    toBed: (p) => {
      const dx = p.x - at.x
      const dy = p.y - at.y
      return { x: dx * right.x + dy * right.y, y: -(dx * ahead.x + dy * ahead.y) }
    },
  }
}

const WINDS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'] as const
/** The azimuth of a wind's name; null when it is none. */
export function windDeg(name: string): number | null {
  const i = WINDS.findIndex((w) => w === name)
  return i < 0 ? null : i * 45
}

const WIND_WORDS: Readonly<Record<(typeof WINDS)[number], string>> = {
  north: 'north',
  'north-east': 'north-east',
  east: 'east',
  'south-east': 'south-east',
  south: 'south',
  'south-west': 'south-west',
  west: 'west',
  'north-west': 'north-west',
}

/** A direction as it is shown; what is none stays as it was typed. */
export const windWords = (name: string): string => WIND_WORDS[name as keyof typeof WIND_WORDS] ?? name

/** The name of the wind an azimuth lies nearest to: 222 → south-west. It is stored and compared. */
export const windName = (deg: number): (typeof WINDS)[number] =>
  WINDS[Math.round((((deg % 360) + 360) % 360) / 45) % 8]!
