import type { BedFrame } from '../bed'
import { clamp, type Point, middleOf } from '../geometry'
import { bedTransform, type ResolvedSite, levelAt, terracesOf } from '../site'
import { lightHours, type LightHours } from './lightHours'
import { type LightGrid } from './lightGrid'
import { obstaclesOf, type Obstacle } from './obstacle'
import { placeLight, type PlaceLight } from './season'

/** The light of a bed on a raster in the bed's own plan. */
export interface BedLight {
  readonly hours: LightHours
  readonly season: readonly number[]
  /** Growing-season mean over the bed, hours a day. */ readonly meanH: number
  readonly at: (x: number, y: number) => PlaceLight
}

export interface BedLightInput {
  /** Outlines of all parts of the bed in its own plan. */
  readonly outlines: readonly (readonly Point[])[]
  readonly site: Pick<ResolvedSite, 'northDeg' | 'things' | 'beds'>
  readonly bedId: string
  readonly latitude: number
  readonly longitude: number
  readonly year: number
  readonly cellM?: number
}

/** The raster that covers all parts of a bed; its y axis runs against the plan's own (up, away from the viewer). */
function gridOf(outlines: BedLightInput['outlines'], cellM: number): LightGrid {
  const all = outlines.flat()
  const [x0, x1] = [Math.min(...all.map((p) => p.x)), Math.max(...all.map((p) => p.x))]
  const [y0, y1] = [Math.min(...all.map((p) => p.y)), Math.max(...all.map((p) => p.y))]
  const rows = Math.max(1, Math.ceil((y1 - y0) / cellM))
  return { x0, y0: -y0 - rows * cellM, cellM, cols: Math.max(1, Math.ceil((x1 - x0) / cellM)), rows }
}

/** Direct sun over a bed by the site's obstacles, for twelve months; null when the bed has no place on the site. Yields the share done. */
export function* bedLightHours({
  outlines,
  site,
  bedId,
  latitude,
  longitude,
  year,
  cellM = 0.25,
}: BedLightInput): Generator<number, LightHours | null> {
  const place = site.beds.find((b) => b.bedId === bedId)
  if (!place) return null
  const { toBed, toSite } = bedTransform(place.at, place.lookDeg, site.northDeg)
  const baseM = place.baseM || levelAt(terracesOf(site.things), toSite(middleOf(outlines.flat())))
  const turn = (x: number, y: number) => {
    const p = toBed({ x, y })
    return { x: p.x, y: -p.y }
  }
  const obstacles = obstaclesOf(site, latitude, year).map((o): Obstacle =>
    o.kind === 'crown'
      ? { ...o, ...turn(o.x, o.y), z: o.z - baseM }
      : { ...o, faces: o.faces.map((f) => f.map((c) => ({ ...turn(c.x, c.y), z: c.z - baseM }))) },
  )
  return yield* lightHours({
    obstacles,
    grid: gridOf(outlines, cellM),
    latitude,
    longitude,
    northDeg: place.lookDeg,
  })
}

/** The light at places of a bed's plan (metres, y toward the viewer), the nearest cell's beyond the edge. */
export function bedLight(
  hours: LightHours,
  season: readonly number[],
  frame?: Pick<BedFrame, 'at' | 'runFrom' | 'runTo' | 'depthAlong'>,
): BedLight {
  const known = new Map<number, PlaceLight>()
  const { grid } = hours
  const at = (x: number, y: number): PlaceLight => {
    const c = clamp(Math.floor((x - grid.x0) / grid.cellM), 0, grid.cols - 1)
    const r = clamp(Math.floor((-y - grid.y0) / grid.cellM), 0, grid.rows - 1)
    const cell = r * grid.cols + c
    let light = known.get(cell)
    if (!light) known.set(cell, (light = placeLight(hours, cell, season)))
    return light
  }
  const means = frame
    ? sampled(frame).map((p) => at(p.x, p.y).mean)
    : Array.from({ length: grid.cols * grid.rows }, (_, i) => placeLight(hours, i, season).mean)
  return { hours, season, at, meanH: means.reduce((a, b) => a + b, 0) / means.length }
}

/** Places spread over a bed, along and across. */
function sampled(frame: Pick<BedFrame, 'at' | 'runFrom' | 'runTo' | 'depthAlong'>) {
  return Array.from(
    { length: 40 },
    (_, i) => frame.runFrom + ((i + 0.5) / 40) * (frame.runTo - frame.runFrom),
  ).flatMap((a) => [0.2, 0.5, 0.8].map((t) => frame.at(a, t * frame.depthAlong(a))))
}
