import { fullHeightM } from '../plant'
import { windowCover } from '../see'
import { topM } from '../layout'
import type { Scene } from '../scene'
import { band, deviation, mean, ramp } from './curves'
import { turnsOf } from './turnsOf'
import { isStrict, metresText, percent, type Judged } from './mark'
import { momentOf, SUMMER, WINTER } from './moments'
import { kindsSeen, lengthOf, totalSeen, type Run } from './runs'
import { CELL_M, type SeenPicture, seenPicture } from '../scene'

/** How much of what is seen in winter counts by what carries it. */
const WINTER_HOLDS = { leaf: 1, dry: 0.6, bare: 0.35, gone: 0 } as const
/** An anchor stands this high, or over this share of the bed's tallest; it holds so much of the bed to each side, metres. */
const ANCHOR_M = 0.7
const ANCHOR_SHARE = 0.55
const HOLDS_M = 2

/** Bones: what stands in winter, and anchors along the bed and at its ends. */
export function bones(scene: Scene, turn: number): Judged {
  const winter = seenPicture(scene, momentOf(scene, WINTER), turn)
  const summer = totalSeen(seenPicture(scene, momentOf(scene, SUMMER), turn))
  const held = winter.bodies.reduce(
    (sum, b, i) => sum + (winter.isOwn(i) ? winter.seenM2[i]! * WINTER_HOLDS[b.look.state] : 0),
    0,
  )
  const share = summer > 0 ? held / summer : 0
  const wanted = Math.max(0.15, scene.school.evergreenShare)
  const anchors = anchorsOf(scene, winter)
  const { share: covered, worst } = coveredBy(anchors, winter)
  const steps = [...anchors].sort((a, b) => a - b)
  const rhythm = stepsEven(steps)
  return {
    share: 0.45 * ramp(share, 0.03, wanted) + 0.35 * ramp(covered, 0.25, 0.95) + 0.2 * rhythm,
    figures: [
      { name: 'winter picture', value: percent(share), wanted: `${percent(wanted)} of the summer's` },
      { name: 'held by anchors', value: percent(covered), wanted: 'an anchor every 4\u202fm, and at both ends' },
    ],
    worst,
  }
}

/** 1 when anchors stand at like distances, 0 when two stand together and others far off. */
function stepsEven(at: readonly number[]): number {
  const steps = at.slice(1).map((m, i) => m - at[i]!)
  if (steps.length < 2) return at.length / 2
  return 1 - Math.min(1, deviation(steps) / Math.max(0.01, mean(steps)))
}

/** Middles of what stands up all winter with presence. */
function anchorsOf(scene: Scene, winter: SeenPicture): number[] {
  const tallest = Math.max(0, ...scene.planted.map((p) => fullHeightM(p.plant)))
  const least = Math.min(ANCHOR_M, tallest * ANCHOR_SHARE)
  return kindsSeen(winter).flatMap(({ plant, runs }) =>
    plant.lifeCycle === 'woody' && fullHeightM(plant) >= least ? runs.map((r) => (r.from + r.to) / 2) : [],
  )
}

function coveredBy(anchors: readonly number[], picture: SeenPicture): { share: number; worst: Run | null } {
  const near = (x: number) => anchors.some((a) => Math.abs(a - x) <= HOLDS_M)
  const { from, length, covered } = longest(picture, (x) => !near(x))
  return { share: covered, worst: length > HOLDS_M ? { from, to: from + length } : null }
}

/** The longest stretch of which something holds, and the share of the picture of which it does not. */
function longest(picture: SeenPicture, isBad: (x: number, c: number) => boolean) {
  let run = 0
  let best = { from: picture.firstX, length: 0 }
  let good = 0
  for (let c = 0; c < picture.columns; c++) {
    const x = picture.firstX + (c + 0.5) * CELL_M
    if (isBad(x, c)) {
      run += CELL_M
      if (run > best.length) best = { from: x - run, length: run }
    } else {
      run = 0
      good++
    }
  }
  return { ...best, covered: picture.columns > 0 ? good / picture.columns : 0 }
}

/** Share of the tallest quarter of the top line, as designers read a bed's height. */
const TALL_QUARTER = 0.75
/** A group reads from this angle on, radians: 5 degrees; under a third of it is lost. */
const GROUP_ANGLE = 0.087

/** Scale: height against the backdrop or the depth, and groups wide enough for the distance. */
export function scale(scene: Scene, turn: number): Judged {
  const { bed } = scene
  const picture = seenPicture(scene, momentOf(scene, SUMMER), turn)
  const line = [...picture.skylineM].sort((a, b) => a - b)
  const tall = mean(line.slice(Math.floor(line.length * TALL_QUARTER)))
  const { against, height } = heightShare(scene, tall)
  const distance = bed.viewpoint.distanceM + deepest(scene) / 2
  const wide = weighted(
    kindsSeen(picture).flatMap(({ seenM2, runs }) => widths(runs).map((w) => [w, seenM2 / runs.length])),
  )
  const angle = wide / distance
  return {
    share: 0.6 * height + 0.4 * ramp(angle, GROUP_ANGLE / 4, GROUP_ANGLE),
    figures: [
      { name: 'tallest quarter', value: metresText(tall), wanted: against },
      {
        name: 'a group is wide',
        value: metresText(wide),
        wanted: `${metresText(GROUP_ANGLE * distance)} from here`,
      },
    ],
    worst: null,
  }
}

function heightShare(scene: Scene, tall: number): { against: string; height: number } {
  const { form, wall } = scene.bed
  if (form.kind === 'container') return { against: 'as the pot bears', height: 1 }
  const depth = deepest(scene)
  if (form.kind === 'screen')
    return { against: `over ${metresText(depth * 0.6)}`, height: ramp(tall, depth * 0.25, depth * 0.6) }
  if (!wall)
    return {
      against: `${metresText(depth * 0.25)} to ${metresText(depth * 1.2)}`,
      height: band(tall / depth, 0.06, 0.22, 1.2, 2.2),
    }
  return {
    against: `a third to two thirds of ${metresText(wall.heightM)}`,
    height: band(tall / wall.heightM, 0.08, 0.28, 0.75, 1.1),
  }
}

const deepest = ({ frame }: Scene) =>
  Math.max(
    ...[0.1, 0.3, 0.5, 0.7, 0.9].map((u) => frame.depthAlong(frame.runFrom + u * (frame.runTo - frame.runFrom))),
  )
export const widths = (runs: readonly Run[]) => runs.map((r) => r.to - r.from)
export function weighted(pairs: readonly (readonly number[])[]): number {
  const whole = pairs.reduce((sum, [, w]) => sum + w!, 0)
  return whole > 0 ? pairs.reduce((sum, [x, w]) => sum + x! * w!, 0) / whole : 0
}

/** A lane's share of an even picture under which it is hardly there. */
const EMPTY_LANE = 0.04
const FULL_LANE = 0.45
const STEP_M = 0.2
/** Heights this near read as level, metres. */
const LEVEL_M = 0.05
const STEP_TIMES = 1.3
const AIRY = 0.5

/** Layers: every lane is seen, and heights rise away from the viewer. */
export function layers(scene: Scene, turn: number): Judged {
  const lanes = scene.bed.laneShares.length
  const picture = seenPicture(scene, momentOf(scene, SUMMER), turn)
  const seen = new Array<number>(lanes).fill(0)
  picture.bodies.forEach((b, i) => {
    if (picture.isOwn(i) && b.at.lane >= 0 && b.at.lane < lanes) seen[b.at.lane]! += picture.seenM2[i]!
  })
  const whole = seen.reduce((a, b) => a + b, 0)
  const shares = seen.map((m2) => (whole > 0 ? m2 / whole : 0))
  const [from, to] = lanesBefore(scene, turn)
  const before = shares.slice(from, to + 1)
  const least = Math.min(...before) * before.length
  const { risen, worst } = rising(scene, picture, lanes, [from, to])
  const isFlat = scene.bed.school === 'carpet' || lanes < 2
  return {
    share: isFlat
      ? 0.4 + 0.6 * ramp(least, 0, FULL_LANE)
      : 0.5 * ramp(least, EMPTY_LANE, FULL_LANE) + 0.5 * ramp(risen, 0.35, 0.95),
    figures: [
      { name: 'lanes seen, back first', value: shares.map(percent).join(', '), wanted: 'none under a sixth' },
      { name: 'rises over', value: percent(risen), wanted: '95 % of the length' },
    ],
    worst: isFlat ? null : worst,
  }
}

/** The lanes that a viewer has before him: of a bed with two fronts those from its spine to his side. */
function lanesBefore({ bed }: Scene, turn: number): readonly [from: number, to: number] {
  const last = bed.laneShares.length - 1
  if (bed.form.kind !== 'two-sided') return [0, last]
  const spine = last / 2
  return turn % 360 === 0 ? [spine, last] : [0, spine]
}

/** Share of the length over which each lane's top stands a step over the one before it. */
function rising(
  scene: Scene,
  { bodies, isOwn }: SeenPicture,
  lanes: number,
  [first, last]: readonly [number, number],
) {
  const { frame } = scene
  const from = frame.runFrom
  const columns = Math.max(1, Math.ceil((frame.runTo - from) / CELL_M))
  const tops = Array.from({ length: lanes }, () => new Float64Array(columns))
  bodies.forEach((b, i) => {
    const { lane, along, plant } = b.at
    if (!isOwn(i) || !tops[lane] || plant.spacingHabit === 'weaves' || plant.density < AIRY) return
    const half = b.spreadM / 2
    const end = Math.min(columns - 1, Math.floor((along + half - from) / CELL_M))
    for (let c = Math.max(0, Math.floor((along - half - from) / CELL_M)); c <= end; c++)
      tops[lane]![c] = Math.max(tops[lane]![c]!, topM(b))
  })
  const stepAt = (c: number) => {
    const own = tops.slice(first, last + 1).map((t) => t[c]!)
    // From behind the nearest lane is the first.
    const here = (first === 0 && last < lanes - 1 ? own.reverse() : own).filter((h) => h > 0)
    if (here.length < 2) return 0
    return Math.min(
      ...here.slice(1).map((h, i) => ramp(here[i]! - h, -LEVEL_M, Math.min(STEP_M, h * (STEP_TIMES - 1)))),
    )
  }
  let good = 0
  let run = 0
  let worst: Run | null = null
  for (let c = 0; c < columns; c++) {
    const step = stepAt(c)
    good += step
    run = step > 0.5 ? 0 : run + 1
    const length = run * CELL_M
    if (length > Math.max(1, worst ? worst.to - worst.from : 0))
      worst = { from: from + (c + 1) * CELL_M - length, to: from + (c + 1) * CELL_M }
  }
  return { risen: good / columns, worst }
}

/** Skyline: the top line rises and falls, in a rhythm, and keeps below glass. */
export function skyline(scene: Scene, turn: number): Judged {
  const picture = seenPicture(scene, momentOf(scene, SUMMER), turn)
  const line = smoothed(picture.skylineM)
  const height = mean(line)
  const waves = height > 0 ? deviation(line) / height : 0
  const period = (2 * lengthOf(picture)) / Math.max(1, turnsOf(line, height))
  const isLow = scene.bed.school === 'carpet'
  const [flat, alive] = isStrict(scene.school) || isLow ? [0, 0.1] : [0.05, 0.2]
  const glass = glassCovered(scene)
  return {
    share: (0.55 * band(waves, flat, alive, 0.65, 1.1) + 0.45 * band(period, 0.5, 1.4, 6, 16)) * (1 - 0.6 * glass),
    figures: [
      { name: 'rises and falls by', value: percent(waves), wanted: '20 to 60 % of its height' },
      { name: 'a wave is long', value: metresText(period), wanted: '1.5 to 5\u202fm' },
      ...(glass > 0 ? [{ name: 'glass covered', value: percent(glass), wanted: 'none' }] : []),
    ],
    worst: null,
  }
}

const SMOOTH_CELLS = 2
const smoothed = (line: Float64Array): number[] =>
  [...line].map((_, i) => mean([...line.slice(Math.max(0, i - SMOOTH_CELLS), i + SMOOTH_CELLS + 1)]))

/** Mean share of the windows' glass that is covered when all is grown. */
function glassCovered(scene: Scene): number {
  const { wall } = scene.bed
  const windows = (wall?.openings ?? []).filter((o) => o.sillM > 0.3)
  if (windows.length === 0) return 0
  const picture = seenPicture(scene, momentOf(scene, SUMMER, 10))
  const own = picture.bodies.filter((_, i) => picture.isOwn(i))
  return mean(windows.map((w) => windowCover(w, own).share))
}

/** How far a picture may lean: not at all, and no further; round a middle it is seen from every side, and leans otherwise from each. */
function leanBorne({ school, frame }: Scene): readonly [none: number, enough: number] {
  if (frame.closed) return [0.8, 0.2]
  return isStrict(school) ? [0.25, 0.03] : [0.35, 0.05]
}

/** How dark and bold things weigh in the picture. */
export function balance(scene: Scene, turn: number): Judged {
  const picture = seenPicture(scene, momentOf(scene, SUMMER), turn)
  const middle = picture.firstX + lengthOf(picture) / 2
  let moment = 0
  let whole = 0
  picture.bodies.forEach((b, i) => {
    if (!picture.isOwn(i)) return
    const weight = picture.seenM2[i]! * (1 + Math.min(1, topM(b))) * (b.at.plant.leafSize === 'bold' ? 1.2 : 1)
    moment += weight * ((b.at.x - middle) / (lengthOf(picture) / 2))
    whole += weight
  })
  const lean = whole > 0 ? Math.abs(moment / whole) : 1
  const [none, enough] = leanBorne(scene)
  const mirrored = mirroredShare(picture)
  const [loose, wanted] = isStrict(scene.school) ? [0.45, 0.7] : [0.8, 0.45]
  const order = loose + (1 - loose) * ramp(mirrored, 0.1, wanted)
  return {
    share: ramp(lean, none, enough) * order,
    figures: [
      { name: 'leans by', value: percent(lean), wanted: `at most ${percent(enough)}` },
      { name: 'mirrored', value: percent(mirrored), wanted: isStrict(scene.school) ? 'most of it' : 'as it comes' },
    ],
    worst: null,
  }
}

/** Share of the picture that has the same kind at the mirrored place. */
function mirroredShare(picture: SeenPicture): number {
  const { owners, columns, rows, bodies, isOwn } = picture
  let same = 0
  let whole = 0
  const kindAt = (r: number, c: number) => {
    const i = owners[r * columns + c]!
    return i >= 0 && isOwn(i) ? bodies[i]!.at.plant.id : null
  }
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < columns / 2; c++) {
      const [left, right] = [kindAt(r, c), kindAt(r, columns - 1 - c)]
      if (left === null && right === null) continue
      whole++
      if (left === right) same++
    }
  return whole > 0 ? same / whole : 0
}
