import type { Bed, Drift, Pin, Shape } from '../../model'
import { numbersOf, type BedFrame, type Disc, type LaneBand } from '../../bed'
import { insideOf, nearestOn, type Point } from '../../geometry'
import type { Plant } from '../../plant'
import type { Meant } from '../meant'
import { offStoneM } from '../offStone'
import { outLimits } from '../outLimits'
import type { PlacedPlant, PlacedShape } from '../PlacedPlant'
import { mixedNumbers, type SetPlants } from '../SetPlants'
import { allowedDistanceM } from '../spacing'
import { tagOf } from '../tags'
import { beneathSpots, climbSpots, scatterSpots } from './besideSpots'
import { hedgeLine, notUnder } from './hedge'
import { shapeAt } from './shapeAt'
import { ringSpots, shapeSpots } from './shapeSpots'

/** A drift set in its shape: where its plants are meant to stand, and what became of the shape. */
export interface ShapedDrift {
  readonly meants: readonly Meant[]
  readonly shape: PlacedShape
}

/** What shapes are set in. */
interface ShapeBed {
  readonly bed: Bed
  readonly frame: BedFrame
  readonly k: number
  readonly kinds: SetPlants
  readonly bands: readonly LaneBand[]
  readonly discs: readonly Disc[]
  readonly pins: ReadonlyMap<string, ReadonlyMap<number, Pin>>
}

/** What stands already, for shapes that go by it. */
interface Standing {
  readonly standing: readonly PlacedPlant[]
  readonly hasRoom: (plant: Plant, p: Point) => boolean
}

/** Sets drifts that have a shape of their own. */
export class ShapeSetter {
  constructor(private readonly of: ShapeBed) {}

  /** Other drifts that a drift's shape minds: bands of a knot go over and under one another. */
  minds({ id, shape }: Drift): readonly Drift[] {
    if (shape?.kind !== 'hedge') return NONE
    return this.of.bed.drifts.filter((d) => d.id !== id && d.shape?.kind === 'hedge')
  }

  /** Any shape that does not go by what stands already. */
  shaped(drift: Drift, plant: Plant): ShapedDrift {
    const { frame, k } = this.of
    const numbers = this.freeNumbers(drift)
    const [isFree, isOver] = [this.allows(plant), this.goesOver(drift)]
    const ground = { frame, allows: (p: Point) => isFree(p) && isOver(p) }
    const { spots, fits, at } = shapeSpots(drift, drift.shape!, numbers.length, k * plant.spreadM, ground)
    const { outline, middle } = at
    const keep = outline && drift.shape!.kind !== 'hedge' ? keeping(outline) : undefined
    const meants = this.meants(drift, plant, numbers, spots, middle, { keep })
    return { meants, shape: { driftId: drift.id, outline, middle, fits } }
  }

  /** A shape that goes by what stands: a ring, a climber at its support, bulbs beneath, what is scattered among others. */
  beside(drift: Drift, plant: Plant, around: Standing): ShapedDrift {
    const shape = drift.shape!
    switch (shape.kind) {
      case 'ring': {
        const { about } = shape
        const target = about && around.standing.find((p) => p.driftId === about.driftId && p.index === about.index)
        return this.ring(drift, plant, shape, target ?? null)
      }
      case 'climb':
        return this.climb(drift, plant, shape, around.standing)
      default:
        return this.among(drift, plant, around)
    }
  }

  /** A ring or a skirt about a plant, or about its own place. */
  private ring(
    drift: Drift,
    plant: Plant,
    shape: Extract<Shape, { kind: 'ring' }>,
    target: PlacedPlant | null,
  ): ShapedDrift {
    const { frame, k } = this.of
    const numbers = this.freeNumbers(drift)
    const d = k * plant.spreadM
    const { middle } = shapeAt(drift, shape, frame, target ? { x: target.x, y: target.y } : undefined)
    const nearest = target ? allowedDistanceM(target.plant, plant, k) : 0
    const roomy = numbers.length > 1 ? d / 2 / Math.sin(Math.PI / numbers.length) : nearest
    const radiusM = shape.radiusM > 0 ? shape.radiusM : Math.max(nearest, roomy)
    const { spots, fits } = ringSpots(middle, radiusM, numbers.length, d)
    const meants = this.meants(drift, plant, numbers, spots.filter(this.allows(plant)), middle)
    const outline = Array.from({ length: RING_SIDES }, (_, i) => {
      const turn = (i / RING_SIDES) * 2 * Math.PI
      return { x: middle.x + radiusM * Math.cos(turn), y: middle.y + radiusM * Math.sin(turn) }
    })
    return { meants, shape: { driftId: drift.id, outline, middle, fits } }
  }

  private climb(
    drift: Drift,
    plant: Plant,
    shape: Extract<Shape, { kind: 'climb' }>,
    standing: readonly PlacedPlant[],
  ): ShapedDrift {
    const { frame, bed, k } = this.of
    const numbers = this.freeNumbers(drift)
    const own = shapeAt(drift, shape, frame).middle
    const host = climbSpots(shape.about, numbers.length, { standing, bed, own, d: k * plant.spreadM })
    const allows = this.allows(plant)
    const spots = host.spots.map((p) => (allows(p) ? p : this.intoBed(plant, p)))
    const meants = this.meants(drift, plant, numbers, spots, host.middle, { held: shape.about !== null })
    return { meants, shape: { driftId: drift.id, outline: null, middle: host.middle, fits: host.fits } }
  }

  private among(drift: Drift, plant: Plant, { standing, hasRoom }: Standing): ShapedDrift {
    const { frame, k } = this.of
    const shape = drift.shape!
    const numbers = this.freeNumbers(drift)
    const at = shapeAt(drift, shape, frame)
    const d = k * plant.spreadM
    const allows = this.allows(plant)
    const isFree = (p: Point) => allows(p) && hasRoom(plant, p)
    const { spots, fits } =
      shape.kind === 'scatter'
        ? scatterSpots(shape, at, { count: numbers.length, d, frame, isFree })
        : beneathSpots(shape.kind === 'beneath' ? shape.about : null, {
            count: numbers.length,
            d,
            standing,
            isFree,
          })
    const middle = shape.kind === 'scatter' ? at.middle : middleOf(spots, at.middle)
    const meants = this.meants(drift, plant, numbers, spots, middle)
    return { meants, shape: { driftId: drift.id, outline: at.outline, middle, fits } }
  }

  /** Whether a hedge stands at a place: not where another's band goes over it. */
  private goesOver(drift: Drift): (p: Point) => boolean {
    const { frame, bed } = this.of
    if (drift.shape?.kind !== 'hedge') return () => true
    const others = this.minds(drift).map((d) => hedgeLine(d, frame))
    const before = bed.drifts.indexOf(drift)
    const isBefore = this.minds(drift).map((d) => bed.drifts.indexOf(d) < before)
    return notUnder(hedgeLine(drift, frame), others, isBefore)
  }

  /** The lane that a place lies in. */
  laneAt(p: Point): number {
    const { frame, bands } = this.of
    const { a, v } = frame.locate(p)
    const t = v / Math.max(1e-6, frame.depthAlong(a))
    const lane = bands.findIndex((b) => t <= b.toAt(a) + NEAR)
    return lane < 0 ? bands.length - 1 : lane
  }

  private freeNumbers(drift: Drift): number[] {
    const pinned = this.of.pins.get(drift.id)
    return numbersOf(drift).filter((n) => !pinned?.has(n))
  }

  /** Whether the middle of a plant may stand at a place: inside the bed, off wall and edge and what does not grow. */
  private allows(plant: Plant) {
    const { frame, bed, discs, k } = this.of
    const limits = outLimits(frame, plant, bed.form.kind === 'container')
    const off = offStoneM(plant, k)
    return (p: Point) => {
      const { a, v } = frame.locate(p)
      const { least, most } = limits(a)
      const isInRun = frame.closed || (a >= frame.runFrom - NEAR && a <= frame.runTo + NEAR)
      if (!isInRun || v < least - NEAR || v > most + NEAR) return false
      return discs.every((disc) => Math.hypot(disc.x - p.x, disc.y - p.y) >= disc.r + off - NEAR)
    }
  }

  /** The nearest place across the bed where a plant may stand. */
  private intoBed(plant: Plant, p: Point): Point {
    const { frame, bed } = this.of
    const { a, v } = frame.locate(p)
    const along = frame.closed ? a : Math.min(frame.runTo, Math.max(frame.runFrom, a))
    const { least, most } = outLimits(frame, plant, bed.form.kind === 'container')(along)
    return frame.at(along, Math.min(most, Math.max(least, v)))
  }

  private meants(
    drift: Drift,
    lead: Plant,
    given: readonly number[],
    spots: readonly Point[],
    middle: Point,
    { keep, held = false }: { keep?: ((p: Point) => Point) | undefined; held?: boolean } = {},
  ): Meant[] {
    const { frame, bed, kinds } = this.of
    const spills = bed.form.kind === 'container'
    const ofLead = outLimits(frame, lead, spills)
    const { numbers, places } = drift.mix ? this.mixed(drift, given, spots) : { numbers: given, places: spots }
    return numbers.map((index, i) => {
      const isTooMany = i >= places.length
      const plant = drift.mix ? kinds.of(drift, index) : lead
      // Those without room are shown about the middle of their shape.
      const apart = (i - (places.length + numbers.length - 1) / 2) * (plant.spreadM / 3)
      const p = places[i] ?? { x: middle.x + apart, y: middle.y }
      const { a, v } = frame.locate(p)
      const limits = plant === lead ? ofLead : outLimits(frame, plant, spills)
      const at = { x: p.x, y: p.y, a, v, lane: this.laneAt(p) }
      const meant = { tag: tagOf(drift, index), drift, plant, ...at, limits, isTooMany }
      return { ...meant, ...(keep ? { keep } : {}), ...(held ? { held } : {}) }
    })
  }

  /** Kinds of a mix lie along the bed as the mix says: from its left, in the right half of the bed from its right. */
  private mixed(drift: Drift, given: readonly number[], spots: readonly Point[]) {
    const { firstX, lastX } = this.of.frame
    const middle = spots.reduce((sum, p) => sum + p.x, 0) / Math.max(1, spots.length)
    const way = middle <= (firstX + lastX) / 2 ? 1 : -1
    const places = [...spots].sort((p, q) => way * (p.x - q.x) || p.y - q.y)
    return { numbers: mixedNumbers(drift, given), places }
  }
}

/** Brings a place back into an outline. */
function keeping(outline: readonly Point[]) {
  const isInside = insideOf(outline)
  return (p: Point) => (isInside(p) ? p : nearestOn(outline, p))
}

function middleOf(spots: readonly Point[], otherwise: Point): Point {
  if (spots.length === 0) return otherwise
  const sum = spots.reduce((s, p) => ({ x: s.x + p.x, y: s.y + p.y }), { x: 0, y: 0 })
  return { x: sum.x / spots.length, y: sum.y / spots.length }
}

const NONE: readonly Drift[] = []
const NEAR = 1e-6
const RING_SIDES = 48
