import type { PlaceMonth } from '../time'
import type { Point } from '../geometry'
import type { CrownObstacle, Obstacle } from './obstacle'
import type { Corner } from './roofFaces'

/** How far a metre of height moves its shadow: metres on the plan, against the sun. */
export interface Slant {
  readonly x: number
  readonly y: number
  readonly cot: number
  readonly awayX: number
  readonly awayY: number
}

/** The slant of shadows for a sun on a plan whose y axis points to azimuth `northDeg`. */
export function slantOf(sun: { azimuthDeg: number; altitudeDeg: number }, northDeg: number): Slant {
  const turn = ((sun.azimuthDeg - northDeg) * Math.PI) / 180
  const cot = 1 / Math.tan((sun.altitudeDeg * Math.PI) / 180)
  const awayX = -Math.sin(turn)
  const awayY = -Math.cos(turn)
  return { x: awayX * cot, y: awayY * cot, cot, awayX, awayY }
}

/** A face that rises less than this above the ground throws no shade on it: ground is level within a finger's breadth. */
const LEAST_RISE_M = 0.005

/**
 * The part of a face above a level, or null when none rises above it: what lies in the ground's own plane shades nothing.
 * Source: clipping a polygon by a plane, Sutherland and Hodgman.
 */
export function aboveLevel(face: readonly Corner[], level: number): Corner[] | null {
  if (face.every((c) => c.z <= level + LEAST_RISE_M)) return null
  if (face.every((c) => c.z >= level)) return [...face]
  const kept: Corner[] = []
  face.forEach((a, i) => {
    const b = face[(i + 1) % face.length]!
    if (a.z >= level) kept.push(a)
    if (a.z >= level !== b.z >= level) {
      const u = (level - a.z) / (b.z - a.z)
      kept.push({ x: a.x + (b.x - a.x) * u, y: a.y + (b.y - a.y) * u, z: level })
    }
  })
  return kept.length >= 3 ? kept : null
}

/** Where a face's shadow falls on a level. */
export const shadowOfFace = (face: readonly Corner[], slant: Slant, level = 0): Point[] =>
  face.map((c) => ({ x: c.x + slant.x * (c.z - level), y: c.y + slant.y * (c.z - level) }))

/** The shadow of a crown on a level: an ellipse with half axes across and along the light. Source: parallel projection of an ellipsoid. */
export function shadowOfCrown(crown: CrownObstacle, slant: Slant, level = 0) {
  return {
    x: crown.x + slant.x * (crown.z - level),
    y: crown.y + slant.y * (crown.z - level),
    across: crown.r,
    along: Math.hypot(crown.r, crown.rz * slant.cot),
    awayX: slant.awayX,
    awayY: slant.awayY,
  }
}

/** The shadows of obstacles on the ground as outlines to fill, all turning one way, each with the share of light that passes. */
export function shadowOutlines(
  obstacles: readonly Obstacle[],
  slant: Slant,
  month: PlaceMonth,
): { readonly id: string; readonly pass: number; readonly outlines: readonly (readonly Point[])[] }[] {
  return obstacles.map((o) => {
    if (o.kind === 'faces')
      return {
        id: o.id,
        pass: o.pass,
        outlines: o.faces.flatMap((f) => {
          const clear = aboveLevel(f, 0)
          return clear ? [turned(shadowOfFace(clear, slant))] : []
        }),
      }
    const e = shadowOfCrown(o, slant)
    const outline = Array.from({ length: 40 }, (_, i) => {
      const a = (i / 40) * 2 * Math.PI
      const u = Math.cos(a) * e.along
      const v = Math.sin(a) * e.across
      return { x: e.x + e.awayX * u - e.awayY * v, y: e.y + e.awayY * u + e.awayX * v }
    })
    return { id: o.id, pass: o.passByMonth[month - 1]!, outlines: [outline] }
  })
}

function turned(outline: Point[]): Point[] {
  let twice = 0
  outline.forEach((a, i) => {
    const b = outline[(i + 1) % outline.length]!
    twice += a.x * b.y - b.x * a.y
  })
  return twice < 0 ? outline.reverse() : outline
}
