import type { Point } from '../../geometry'
import type { BedFrame } from '../../bed'
import { type PlaceMonth, monthName, placeMonth, type LibraryMonth, type Moment } from '../../time'
import type { Body } from '../../layout'
import { type PlacedOf, holds } from '../../site'
import { aspectOf, blockedShare, judgedTurns, middleOfBed, type Aim, type Eye, outlinesOf } from '../../see'
import type { Finding } from '../finding'
import type { WholeRule } from '../rule'
import { bodiesNear, capital, metres, nameOf, type Scene } from '../../scene'

const TOLERATED = 0.1
const SCREENED = 0.8
const YEARS = [0, 1, 2, 3, 5, 7, 10] as const
const IN_LEAF: LibraryMonth = 7
const OUT_OF_LEAF: LibraryMonth = 1

/** The month at the place in which everything is in leaf. */
const leafy = (scene: Scene): PlaceMonth => placeMonth(IN_LEAF, scene.climate)

/** What must stay in view does, and what must be hidden is: by rays from the eye, year by year. */
export const keepOpen: WholeRule = {
  id: 'keep-open',
  findings: (scene) => [...centrepiece(scene), ...targets(scene)],
}

/** Where the viewer's eye is in the bed's plan, having walked round by a turn. */
function eyeAt(scene: Scene, turnDeg: number): Eye {
  const { bed, frame } = scene
  const aspect = aspectOf(bed, frame, { ...bed.viewpoint, turnDeg })
  const middle = middleOfBed(bed, frame)
  const near = aspect.turn(middle)
  const p = aspect.unturn({ x: near.x, y: aspect.front.yAt(near.x) + bed.viewpoint.distanceM })
  return { ...p, z: bed.viewpoint.eyeHeightM }
}

function centrepiece(scene: Scene): Finding[] {
  const { form } = scene.bed
  if (form.kind !== 'island' || form.centre === 'none' || scene.placement.plants.length === 0) return []
  const aim = { x: 0, y: 0, widthM: 0.3, fromM: form.showFromM, toM: form.centreHeightM }
  if (aim.toM <= aim.fromM) return []
  const worst = worstYear(scene, (bodies) =>
    Math.max(...judgedTurns(scene.bed).map((turn) => blockedShare(bodies, eyeAt(scene, turn), aim))),
  )
  if (worst.share <= TOLERATED) return []
  const bodies = ownBodies(scene, { month: leafy(scene), year: worst.year })
  const by = blockers(bodies, (one) =>
    Math.max(...judgedTurns(scene.bed).map((turn) => blockedShare(one, eyeAt(scene, turn), aim))),
  )
  return [
    say(scene, 'centre', by, worst, {
      title: `Hides the ${form.centre} in the middle`,
      what: `the ${form.centre} above ${metres(form.showFromM)}`,
      from: scene.frame.runFrom,
      to: scene.frame.runTo,
    }),
  ]
}

function targets(scene: Scene): Finding[] {
  if (scene.placement.plants.length === 0) return []
  const things = scene.surroundings?.things ?? []
  return things.flatMap((t): Finding[] => {
    if (t.kind === 'feature') return t.keepInView ? feature(scene, t) : []
    if (t.kind !== 'target') return []
    const viewer = things.find((v) => v.id === t.seenFrom)
    if (viewer?.kind !== 'viewpoint') return []
    const sight = {
      eye: { ...viewer.at, z: viewer.eyeM },
      aim: { ...t.at, widthM: t.widthM, fromM: t.fromM, toM: t.toM },
    }
    if (!crosses(scene, sight.eye, sight.aim)) return []
    return t.wish === 'keep' ? closes(scene, t, viewer, sight) : hides(scene, t, viewer, sight)
  })
}

interface Sight {
  readonly eye: Eye
  readonly aim: Aim
}
type Target = PlacedOf<'target'>
type Viewer = PlacedOf<'viewpoint'>

/** A view to keep that planting closes. */
function closes(scene: Scene, t: Target, viewer: Viewer, { eye, aim }: Sight): Finding[] {
  const worst = worstYear(scene, (bodies) => blockedShare(bodies, eye, aim))
  if (worst.share <= TOLERATED) return []
  const by = blockers(ownBodies(scene, { month: leafy(scene), year: worst.year }), (one) =>
    blockedShare(one, eye, aim),
  )
  return [
    say(scene, t.id, by, worst, {
      title: `Closes the view: ${t.name}`,
      what: `${t.name}, seen from ${viewer.name.toLowerCase()},`,
      from: scene.frame.runFrom,
      to: scene.frame.runTo,
    }),
  ]
}

/** A view to hide that planting does not hide, or not soon. */
function hides(scene: Scene, t: Target, viewer: Viewer, { eye, aim }: Sight): Finding[] {
  const share = (month: PlaceMonth, year: number) => blockedShare(bodiesNear(scene, { month, year }), eye, aim)
  const year = (month: PlaceMonth) => YEARS.find((y) => share(month, y) >= SCREENED)
  const hiddenFrom = year(leafy(scene))
  if (hiddenFrom !== undefined && hiddenFrom <= 5) return []
  const atTen = share(leafy(scene), 10)
  const bare = share(placeMonth(OUT_OF_LEAF, scene.climate), 10)
  return [
    {
      id: `keep-open:${t.id}`,
      rule: 'keep-open',
      title: hiddenFrom === undefined ? `Does not hide ${t.name}` : `Hides ${t.name} only from year ${hiddenFrom}`,
      reason:
        `From ${viewer.name.toLowerCase()} ${Math.round(atTen * 100)} % of it is blocked in ` +
        `${monthName(leafy(scene))} of year 10, ${Math.round(bare * 100)} % in ` +
        `${monthName(placeMonth(OUT_OF_LEAF, scene.climate))}; ${SCREENED * 100} % counts as ` +
        `hidden${hiddenFrom === undefined ? '' : `, reached in year ${hiddenFrom}`}.`,
      weight: hiddenFrom === undefined ? 74 : 48,
      from: scene.frame.runFrom,
      to: scene.frame.runTo,
      plants: [],
      figures: [
        { name: 'blocked in leaf', value: atTen * 100, unit: '%' },
        { name: 'blocked in winter', value: bare * 100, unit: '%' },
      ],
      source: 'Rays from the eye to a grid on the target, dimmed by each plant’s density.',
      grounds: ['calculations#what-is-seen'],
      mends: [],
    },
  ]
}

/**
 * A post, urn or bench of the site that must stay in view of the bed's own viewer. The centrepiece of an island is
 * judged all round instead.
 */
function feature(scene: Scene, t: PlacedOf<'feature'>): Finding[] {
  const { form } = scene.bed
  if (form.kind === 'island' && form.centre !== 'none' && Math.hypot(t.at.x, t.at.y) < 0.5) return []
  const eye = eyeAt(scene, scene.bed.viewpoint.turnDeg)
  const aim = { ...t.at, widthM: t.widthM, fromM: t.heightM * UPPER_SHARE, toM: t.heightM }
  if (t.heightM <= 0 || !crosses(scene, eye, aim)) return []
  const worst = worstYear(scene, (bodies) => blockedShare(bodies, eye, aim))
  if (worst.share <= TOLERATED) return []
  const by = blockers(ownBodies(scene, { month: leafy(scene), year: worst.year }), (one) =>
    blockedShare(one, eye, aim),
  )
  return [
    say(scene, t.id, by, worst, {
      title: `Hides ${t.name}`,
      what: `${t.name} from ${metres(aim.fromM)} up, seen from ${scene.bed.viewpoint.name.toLowerCase()},`,
      from: scene.frame.runFrom,
      to: scene.frame.runTo,
    }),
  ]
}
/** Of a thing that must stay in view its upper part counts: its foot may stand in planting. */
const UPPER_SHARE = 0.4

/** Whether the line of sight passes over the bed at all. */
function crosses(scene: Scene, eye: Eye, aim: { x: number; y: number; widthM: number }): boolean {
  const { frame, bed } = scene
  const parts = frame.closed ? outlinesOf(bed, frame) : null
  const isOver = (p: Point) => (parts ? parts.some((o) => holds(o, p)) : isInStrip(frame, p, aim.widthM / 2))
  for (let i = 1; i < SIGHT_STEPS; i++) {
    const u = i / SIGHT_STEPS
    if (isOver({ x: eye.x + (aim.x - eye.x) * u, y: eye.y + (aim.y - eye.y) * u })) return true
  }
  return false
}
const SIGHT_STEPS = 40

function isInStrip(frame: BedFrame, p: Point, beyond: number): boolean {
  const { v, a } = frame.locate(p)
  return a >= frame.runFrom - beyond && a <= frame.runTo + beyond && v >= 0 && v <= frame.depthAlong(a)
}

/** What the bed itself puts in the way: plants of other beds are those beds' matter. */
const ownBodies = (scene: Scene, moment: Moment): Body[] => bodiesNear(scene, moment).filter((b) => !b.at.neighbour)

function worstYear(
  scene: Scene,
  share: (bodies: readonly Body[]) => number,
): { year: number; share: number; from: number } {
  let worst = { year: 0, share: 0, from: 10 }
  for (const year of YEARS) {
    const now = share(ownBodies(scene, { month: leafy(scene), year }))
    if (now > TOLERATED && worst.share <= TOLERATED) worst = { ...worst, from: year }
    if (now > worst.share) worst = { ...worst, year, share: now }
  }
  return worst
}

const blockers = (bodies: readonly Body[], share: (one: readonly Body[]) => number) =>
  bodies
    .map((b) => ({ b, share: share([b]) }))
    .filter((x) => x.share > 0.02)
    .sort((x, y) => y.share - x.share)

function say(
  scene: Scene,
  id: string,
  by: readonly { b: Body; share: number }[],
  worst: { year: number; share: number; from: number },
  words: { title: string; what: string; from: number; to: number },
): Finding {
  const first = by[0]?.b.at
  return {
    id: `keep-open:${id}`,
    rule: 'keep-open',
    title: words.title,
    reason:
      `${first ? `${capital(nameOf(first.plant))} and others block` : 'Planting blocks'} ` +
      `${Math.round(worst.share * 100)} % of ${words.what} in ${monthName(leafy(scene))} of year ` +
      `${worst.year}; more than ${TOLERATED * 100} % from year ${worst.from}.`,
    weight: 60 + 30 * worst.share,
    from: words.from,
    to: words.to,
    plants: by.slice(0, 12).map((x) => x.b.at.id),
    figures: [
      { name: 'blocked', value: worst.share * 100, unit: '%' },
      { name: 'tolerated', value: TOLERATED * 100, unit: '%' },
      { name: 'from year', value: worst.from, unit: '' },
    ],
    source: 'Rays from the eye to a grid on what must stay in view, years 0 to 10.',
    grounds: ['calculations#what-is-seen'],
    mends:
      first && scene.bed.drifts.some((d) => d.id === first.driftId)
        ? [{ label: `Leave out ${nameOf(first.plant)}`, edit: { kind: 'removeDrift', driftId: first.driftId } }]
        : [],
  }
}
