import type { Bed, BedPlace, Building, Site, SiteViewpoint } from '../model'
import { toMm } from '../geometry'
import { type BedFrame } from '../bed'
import { middleOfBed, aspectOf } from '../see'
import { EMPTY_SITE, windDeg } from '../site'

/** Nothing is known of a house but its wall: it is taken to be so deep, metres. */
const HOUSE_DEPTH_M = 6
/** Beds whose facing is not known are drawn as if they faced south. */
const SOUTH_DEG = 180

/**
 * The site of a bed that has none: the wall it says it has, as a building with its windows; its viewpoint; and the bed laid against the
 * wall. Metres, the bed's own left end at the origin, its wall along x. Ids begin with the bed's.
 */
export function ownSite(id: string, bed: Bed, frame: BedFrame): Site {
  const facesDeg = windDeg(bed.ground.facing) ?? SOUTH_DEG
  const lookDeg = (facesDeg + 180) % 360
  const wall = frame.closed ? null : wallAsBuilding(`${id}-wall`, bed, frame)
  const eye = viewpointOf(`${id}-eye`, bed, frame)
  const against = wall ? { thing: wall.id, side: 0, alongM: toMm(-frame.firstX) } : null
  const place: BedPlace = { bedId: id, at: { x: 0, y: 0 }, lookDeg, baseM: 0, against, viewFrom: null }
  return { ...EMPTY_SITE, northDeg: lookDeg, things: [...(wall ? [wall] : []), eye], beds: [place] }
}

/** A bed's own wall as a building whose first side it is; null when it has none. */
export function wallAsBuilding(id: string, { name, wall }: Bed, frame: BedFrame): Building | null {
  if (!wall) return null
  const [x0, x1] = [toMm(frame.firstX), toMm(frame.lastX)]
  return {
    id,
    name: `Wall of ${name}`.slice(0, 80),
    kind: 'building',
    outline: [
      { x: x0, y: 0 },
      { x: x1, y: 0 },
      { x: x1, y: HOUSE_DEPTH_M },
      { x: x0, y: HOUSE_DEPTH_M },
    ],
    eaveM: wall.heightM,
    roof: { kind: 'flat' },
    material: wall.material,
    colour: wall.colour,
    openings: wall.openings.map(({ x, ...o }) => ({ ...o, side: 0, alongM: toMm(Math.max(0, x - x0)) })),
  }
}

function viewpointOf(id: string, bed: Bed, frame: BedFrame): SiteViewpoint {
  const { viewpoint } = bed
  const aspect = aspectOf(bed, frame, viewpoint)
  const middle = aspect.turn(middleOfBed(bed, frame))
  const eye = aspect.unturn({ x: middle.x, y: aspect.front.yAt(middle.x) + viewpoint.distanceM })
  return {
    id,
    name: viewpoint.name,
    kind: 'viewpoint',
    viewer: 'path',
    at: { x: toMm(eye.x), y: toMm(-eye.y) },
    eyeM: viewpoint.eyeHeightM,
  }
}
