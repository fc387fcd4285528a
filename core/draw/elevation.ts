import type { Bed, Viewpoint, Wall } from '../model'
import type { BedFrame } from '../bed'
import { clamp, type Point } from '../geometry'
import { type Body, bodyProfile, ByIdInOrder } from '../layout'
import { aspectOf, type Aspect } from '../see'
import { featuresAt } from './featureAt'
import { featureFrontPaints } from './featurePaints'
import { fixturesOf, type Fixture } from './fixture'
import type { Paint } from './path'
import { VARIANTS } from './portrait/portrait'

/** One plant of the elevation: foot at (x, baseM), metres, with the drawing to use. */
export interface Figure {
  readonly body: Body
  readonly x: number
  readonly baseM: number
  readonly variant: number
  readonly mirrored: boolean
  /** Individual size about 1, so that a drift is not a row of copies. */
  readonly scale: number
  /** A plant of another bed: seen, not worked on. */
  readonly quiet: boolean
}

/** A fixture of the elevation: its foot, and how many figures stand behind it. */
export interface StandingFixture extends Fixture {
  readonly baseM: number
  readonly after: number
}

/** A thing of the elevation, as it is drawn, and how many figures stand behind it. */
export interface StandingFeature {
  readonly id: string
  readonly after: number
  readonly paints: readonly Paint[]
}

/** The elevation as a display list: straight-on, true heights, the far first so that the near overlaps it. */
export interface Elevation {
  readonly figures: readonly Figure[]
  readonly fixtures: readonly StandingFixture[]
  readonly features: readonly StandingFeature[]
  readonly wall: Wall | null
  readonly fromX: number
  readonly toX: number
  /** Ground line of the wall's foot (or of the farthest edge) is 0; of the front edge it is `frontBaseM` (below it). */
  readonly frontBaseM: number
  /** Outlines of the ground, (x, height), for beds that do not run from side to side of the picture. */
  readonly grounds: readonly (readonly Point[])[]
  /** Height of a terrace's face below its front edge, and the ground's fall from left to right. */
  readonly raisedM: number
  readonly fallM: number
  readonly paved: boolean
  /** What must be in the picture: the tallest plant and the highest window; a wall may run out of it. */
  readonly topM: number
}

/**
 * The display list of a bed's elevation from a viewpoint (its own when none is named). Heights and positions in
 * metres; climbers hang on the wall. With the list of the same bodies `before` a change, figures that stay are the same objects.
 */
export function elevation(
  bodies: readonly Body[],
  frame: BedFrame,
  bed: Pick<Bed, 'form' | 'wall' | 'viewpoint' | 'features'>,
  aspect: Aspect = aspectOf(bed, frame, bed.viewpoint),
  before?: Elevation,
): Elevation {
  const { form } = bed
  const ground = groundOf(frame, form, aspect)
  const { own, farY, nearY, potM, fallM, foot } = ground
  const stood = standing(bodies, { frame, form, aspect, ground, hasWall: bed.wall !== null }, before)
  const turned = [...stood].sort((a, b) => a.depth - b.depth || a.at.x - b.at.x)
  const fixtures = fixturesOf(bed, aspect).map((f) => ({
    ...f,
    baseM: foot(f),
    after: turned.filter((t) => t.at.y < f.y + (f.look === 'pot' ? 10 : 0)).length,
  }))
  const things = featuresAt(bed, aspect)
  const features = things.map((f): StandingFeature => ({
    id: f.feature.id,
    after: f.lies ? 0 : turned.filter((t) => t.at.y < f.y).length,
    paints: featureFrontPaints(f, foot(f) + potM, foot),
  }))
  const tallest =
    bodies.filter((b) => !b.at.neighbour).reduce((m, b) => Math.max(m, b.foliageM, b.flowerM), 0) + potM
  const wall = own ? bed.wall : null
  const list: Elevation = {
    figures: turned.map((t) => t.figure),
    fixtures,
    features,
    wall,
    fallM,
    fromX: aspect.firstX,
    toX: aspect.lastX,
    frontBaseM: -(nearY - farY) * aspect.groundFall - Math.max(0, fallM),
    grounds: own ? [] : aspect.outlines.map((o) => o.map((p) => ({ x: p.x, y: foot(p) }))),
    raisedM: form.kind === 'terrace' && own ? form.baseM : 0,
    paved: form.kind === 'court' || form.kind === 'container',
    topM: Math.max(
      tallest,
      ...(wall?.openings ?? []).map((o) => o.headM),
      ...fixtures.map((f) => f.heightM),
      ...things.filter((f) => !f.lies).map((f) => f.heightM),
      form.kind === 'container' ? potM + 0.6 : 1.5,
    ),
  }
  stoodIn.set(list, { frame, form, aspect, hasWall: bed.wall !== null, stood })
  return list
}

interface GroundLine {
  /** Whether the picture lines up with the bed's own run. */
  readonly own: boolean
  readonly farY: number
  readonly nearY: number
  readonly potM: number
  readonly fallM: number
  /** Height of the ground's line at a place, metres. */
  readonly foot: (p: Point) => number
}

function groundOf(frame: BedFrame, form: Bed['form'], aspect: Aspect): GroundLine {
  const own = aspect.turnDeg === 0 && !frame.closed
  const ys = aspect.outlines.flat().map((p) => p.y)
  // Borders keep the wall line as the ground's far edge; others begin at their farthest place.
  const farY = own ? 0 : Math.min(...ys)
  const nearY = own ? frame.depths.greatest : Math.max(...ys)
  const potM = form.kind === 'container' ? form.heightM : 0
  const fallM = form.kind === 'terrace' && own ? form.fallM : 0
  const fallAt = (x: number) => (fallM === 0 ? 0 : (fallM * (x - frame.firstX)) / (frame.lastX - frame.firstX))
  const foot = (p: Point) => -(p.y - farY) * aspect.groundFall - fallAt(p.x)
  return { own, farY, nearY, potM, fallM, foot }
}

/** A body that shows, turned to the viewer. */
interface Stood {
  readonly figure: Figure
  readonly at: Point
  readonly depth: number
}

/** What places of figures follow from, besides the bodies. */
interface Stage {
  readonly frame: BedFrame
  readonly form: Bed['form']
  readonly aspect: Aspect
  readonly hasWall: boolean
}

/** How the bodies that show in each elevation stood, in their order. */
const stoodIn = new WeakMap<Elevation, Stage & { readonly stood: readonly Stood[] }>()

/** How the bodies that show stand, in their order; those that stood so before are the same objects. */
function standing(
  bodies: readonly Body[],
  stage: Stage & { readonly ground: GroundLine },
  before: Elevation | undefined,
): readonly Stood[] {
  const known = before && stoodIn.get(before)
  const isSameStage =
    known?.frame === stage.frame &&
    known.form === stage.form &&
    known.aspect === stage.aspect &&
    known.hasWall === stage.hasWall
  const former = new ByIdInOrder(isSameStage ? known.stood : [], (s) => s.figure.body)
  const stood: Stood[] = []
  for (const body of bodies) {
    const one = former.get(body, stood.length) ?? stoodOf(body, stage)
    if (one) stood.push(one)
  }
  return stood
}

function stoodOf(body: Body, stage: Stage & { readonly ground: GroundLine }): Stood | null {
  if (body.look.state === 'gone' || body.spreadM <= 0) return null
  const { aspect, ground, frame, hasWall } = stage
  const at = aspect.turn(body.at)
  const fromY = ground.own && hasWall ? 0 : -Infinity
  if (body.at.neighbour && !isInPicture(at, aspect, fromY, ground.nearY + aspect.eyeDistanceM)) return null
  const { seed } = body.at
  const figure: Figure = {
    body,
    x: at.x,
    baseM: footOf(body, at, ground, frame),
    variant: (seed >>> 3) % VARIANTS,
    mirrored: ((seed >>> 9) & 1) === 1,
    scale: 0.96 + (((seed >>> 12) & 255) / 255) * 0.08,
    quiet: body.at.neighbour !== undefined,
  }
  return { figure, at, depth: depth(body, at) }
}

function footOf({ at }: Body, turned: Point, { foot, farY, nearY, potM }: GroundLine, frame: BedFrame): number {
  if (at.neighbour) return foot({ ...turned, y: clamp(turned.y, farY, nearY) }) + (at.groundM ?? 0)
  return hangs(at) && frame.behind === 'wall' ? 0 : foot(turned) + potM
}

/** A plant of another bed shows when it stands before the wall, before the viewer, and beside no end of the picture. */
const isInPicture = ({ x, y }: Point, aspect: Aspect, fromY: number, eyeY: number) =>
  y > fromY && y < eyeY && x > aspect.firstX && x < aspect.lastX

/** A climber hangs on what stands behind the bed, unless a support of its own holds it: then it stands just before that. */
const hangs = ({ plant, held }: Body['at']) => plant.kind === 'climber' && !held
const depth = ({ at: placed }: Body, at: Point) => (hangs(placed) ? -1e6 : at.y)

/** Slender things can still be pointed at. */
const LEAST_HIT_M = 0.08

/** The figure whose outline is nearest the viewer at a place of the picture (metres), or null. */
export function figureAt(list: Elevation, x: number, z: number): Figure | null {
  for (let i = list.figures.length - 1; i >= 0; i--) {
    const f = list.figures[i]!
    if (f.body.at.neighbour) continue
    const { halfM } = bodyProfile(f.body, (z - f.baseM) / f.scale)
    if (halfM > 0 && Math.abs(x - f.x) <= Math.max(halfM, LEAST_HIT_M) * f.scale) return f
  }
  return null
}

/** `eye 1.6 m, 3 m back` */
export const describeViewpoint = (v: Viewpoint) =>
  `eye ${v.eyeHeightM}\u202fm, ${Math.round(v.distanceM * 10) / 10}\u202fm back`
