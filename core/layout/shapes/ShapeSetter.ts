import { laneBands, numbersOf, type Bed, type BedFrame, type Drift, type Pin, type Shape } from '../../bed'
import { insideOf, nearestOn, type Point } from '../../geometry'
import type { Plant } from '../../plant'
import type { Meant } from '../meant'
import { outLimits } from '../outLimits'
import type { PlacedPlant, PlacedShape } from '../PlacedPlant'
import { allowedDistanceM } from '../spacing'
import { tagOf } from '../tags'
import { shapeAt } from './shapeAt'
import { ringSpots, shapeSpots } from './shapeSpots'

/** A drift set in its shape: where its plants are meant to stand, and what became of the shape. */
export interface ShapedDrift {
  readonly meants: readonly Meant[]
  readonly shape: PlacedShape
}

/** Sets drifts that have a shape of their own. */
export class ShapeSetter {
  constructor(
    private readonly bed: Bed,
    private readonly frame: BedFrame,
    private readonly k: number,
    private readonly pins: ReadonlyMap<string, ReadonlyMap<number, Pin>>,
  ) {}

  /** Any shape but a ring. */
  shaped(drift: Drift, plant: Plant): ShapedDrift {
    const numbers = this.freeNumbers(drift)
    const ground = { frame: this.frame, allows: this.allows(plant) }
    const { spots, fits, at } = shapeSpots(drift, drift.shape!, numbers.length, this.k * plant.spreadM, ground)
    const { outline, middle } = at
    const keep = outline ? keeping(outline) : undefined
    const meants = this.meants(drift, plant, numbers, spots, middle, keep)
    return { meants, shape: { driftId: drift.id, outline, middle, fits } }
  }

  /** A ring or a skirt about a plant, or about its own place. */
  ring(
    drift: Drift,
    plant: Plant,
    shape: Extract<Shape, { kind: 'ring' }>,
    target: PlacedPlant | null,
  ): ShapedDrift {
    const numbers = this.freeNumbers(drift)
    const d = this.k * plant.spreadM
    const { middle } = shapeAt(drift, shape, this.frame, target ? { x: target.x, y: target.y } : undefined)
    const nearest = target ? allowedDistanceM(target.plant, plant, this.k) : 0
    const roomy = numbers.length > 1 ? d / 2 / Math.sin(Math.PI / numbers.length) : nearest
    const radiusM = shape.radiusM > 0 ? shape.radiusM : Math.max(nearest, roomy)
    const allows = this.allows(plant)
    const { spots, fits } = ringSpots(middle, radiusM, numbers.length, d)
    const meants = this.meants(drift, plant, numbers, spots.filter(allows), middle, undefined)
    const outline = Array.from({ length: RING_SIDES }, (_, i) => {
      const turn = (i / RING_SIDES) * 2 * Math.PI
      return { x: middle.x + radiusM * Math.cos(turn), y: middle.y + radiusM * Math.sin(turn) }
    })
    return { meants, shape: { driftId: drift.id, outline, middle, fits } }
  }

  private freeNumbers(drift: Drift): number[] {
    const pinned = this.pins.get(drift.id)
    return numbersOf(drift).filter((n) => !pinned?.has(n))
  }

  /** Whether the middle of a plant may stand at a place: inside the bed, off wall and edge. */
  private allows(plant: Plant) {
    const { frame } = this
    const limits = outLimits(frame, plant, this.bed.form.kind === 'container')
    return (p: Point) => {
      const { a, v } = frame.locate(p)
      const { least, most } = limits(a)
      const isInRun = frame.closed || (a >= frame.runFrom - NEAR && a <= frame.runTo + NEAR)
      return isInRun && v >= least - NEAR && v <= most + NEAR
    }
  }

  private meants(
    drift: Drift,
    plant: Plant,
    numbers: readonly number[],
    spots: readonly Point[],
    middle: Point,
    keep: ((p: Point) => Point) | undefined,
  ): Meant[] {
    const { frame } = this
    const limits = outLimits(frame, plant, this.bed.form.kind === 'container')
    const bands = laneBands(this.bed.laneShares)
    return numbers.map((index, i) => {
      const isTooMany = i >= spots.length
      // Those without room are shown about the middle of their shape.
      const apart = (i - (spots.length + numbers.length - 1) / 2) * (plant.spreadM / 3)
      const p = spots[i] ?? { x: middle.x + apart, y: middle.y }
      const { a, v } = frame.locate(p)
      const t = v / Math.max(1e-6, frame.depthAlong(a))
      const lane = bands.findIndex((b) => t <= b.to)
      const at = { x: p.x, y: p.y, a, v, lane: lane < 0 ? bands.length - 1 : lane }
      return { tag: tagOf(drift, index), drift, plant, ...at, limits, isTooMany, ...(keep ? { keep } : {}) }
    })
  }
}

/** Brings a place back into an outline. */
function keeping(outline: readonly Point[]) {
  const isInside = insideOf(outline)
  return (p: Point) => (isInside(p) ? p : nearestOn(outline, p))
}

const NEAR = 1e-6
const RING_SIDES = 48
