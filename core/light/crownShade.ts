import type { PlaceMonth } from '../time'
import { sunSteps } from './sun'

/** A crown of a plant: an ellipsoid of revolution that lets a share of the light pass; metres in the plan (y toward the viewer). */
export interface Crown {
  readonly x: number
  readonly y: number
  /** Height of its middle above the ground. */
  readonly z: number
  readonly r: number
  readonly rz: number
  readonly pass: number
}

/** Directions to the sun over some months, as unit vectors of the plan (x, y toward the viewer, z up), each with its hours. */
export interface SunWay {
  readonly morning: readonly SunRay[]
  readonly afternoon: readonly SunRay[]
}
interface SunRay {
  readonly x: number
  readonly y: number
  readonly z: number
  readonly hours: number
}

const STEP_MINUTES = 30

/** The sun's way over the 21st of some months, for a plan whose viewer looks along `lookDeg`. */
export function sunWay(
  months: readonly PlaceMonth[],
  latitude: number,
  longitude: number,
  lookDeg: number,
): SunWay {
  const steps = months.flatMap((m) => sunSteps(m, latitude, longitude, STEP_MINUTES))
  const rays = (before: boolean) =>
    steps
      .filter((s) => s.afterNoonH < 0 === before)
      .map(({ azimuthDeg, altitudeDeg, hours }): SunRay => {
        const turn = ((azimuthDeg - lookDeg) * Math.PI) / 180
        const up = (altitudeDeg * Math.PI) / 180
        return { x: Math.sin(turn) * Math.cos(up), y: -Math.cos(turn) * Math.cos(up), z: Math.sin(up), hours }
      })
  return { morning: rays(true), afternoon: rays(false) }
}

/** Shares (0-1) of the direct light before and after noon that crowns let through to a place `z` above the ground. */
export function throughCrowns(
  crowns: readonly Crown[],
  at: { readonly x: number; readonly y: number; readonly z: number },
  way: SunWay,
): { readonly morning: number; readonly afternoon: number } {
  return { morning: share(crowns, at, way.morning), afternoon: share(crowns, at, way.afternoon) }
}

function share(
  crowns: readonly Crown[],
  at: { readonly x: number; readonly y: number; readonly z: number },
  rays: readonly SunRay[],
): number {
  let all = 0
  let through = 0
  for (const ray of rays) {
    let pass = 1
    for (const crown of crowns) if (meets(crown, at, ray)) pass *= crown.pass
    all += ray.hours
    through += ray.hours * pass
  }
  return all > 0 ? through / all : 1
}

/** Whether a ray from a place meets an ellipsoid in front of it. Source: a ray and a sphere, in lengths of the crown's axes. */
function meets(c: Crown, at: { readonly x: number; readonly y: number; readonly z: number }, d: SunRay): boolean {
  const px = (at.x - c.x) / c.r
  const py = (at.y - c.y) / c.r
  const pz = (at.z - c.z) / c.rz
  const dx = d.x / c.r
  const dy = d.y / c.r
  const dz = d.z / c.rz
  const a = dx * dx + dy * dy + dz * dz
  const b = px * dx + py * dy + pz * dz
  const root = b * b - a * (px * px + py * py + pz * pz - 1)
  return root > 0 && Math.sqrt(root) > b
}
