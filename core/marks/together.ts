import { pairContrast } from '../match'
import type { Plant } from '../plant'
import type { Scene } from '../scene'
import { band, deviation, mean, ramp } from './curves'
import { isOneOfEach, isStrict, metresText, percent, type Judged } from './mark'
import { type LaneGroup, laneGroups, middleOf, seamsOf } from '../scene'
import { momentOf, SUMMER } from './moments'
import { fullestShare, type KindSeen, kindsSeen, lengthOf } from './runs'
import { type SeenPicture, seenPicture } from '../scene'
import { weighted, widths } from './structure'

/** Contrast: how neighbours in the picture differ, weighed by the edge they share, and that no one leaf fills it. */
export function contrast(scene: Scene, turn: number): Judged {
  const picture = seenPicture(scene, momentOf(scene, SUMMER), turn)
  const edges = edgesOf(picture)
  const level = weighted(edges.map((e) => [pairContrast(e.a, e.b), e.cells]))
  const spread = deviation(edges.map((e) => pairContrast(e.a, e.b)))
  const outline = fullestShare(picture, (p) => p.leafOutline)
  const size = fullestShare(picture, (p) => p.leafSize)
  const habit = fullestShare(picture, (p) => p.habit)
  const seams = seamsOf(laneGroups(scene))
  const dull =
    seams.length > 0 ? seams.filter(([a, b]) => pairContrast(a.plant, b.plant) < DULL).length / seams.length : 1
  const texture = Math.min(ramp(outline, 0.92, 0.6), ramp(size, 1.02, 0.75), ramp(habit, 0.95, 0.6))
  return {
    share:
      0.45 * band(level, 12, 40, 66, 95) +
      0.25 * ramp(dull, 0.7, 0.1) +
      0.05 * ramp(spread, 2, 10) +
      0.25 * texture,
    figures: [
      { name: 'neighbours differ by', value: level.toFixed(0), wanted: '38 to 66 of 100' },
      { name: 'neighbours in a lane that blend', value: percent(dull), wanted: 'under a tenth' },
      { name: 'one leaf shape over', value: percent(outline), wanted: 'at most 60 %' },
      { name: 'one way of growing over', value: percent(habit), wanted: 'at most 60 %' },
    ],
    worst: null,
  }
}

/** Neighbours under this contrast run into one another. */
const DULL = 25

interface Edge {
  readonly a: Plant
  readonly b: Plant
  cells: number
}

/** Kinds that meet in the picture, with the length of edge they share. */
function edgesOf({ owners, columns, rows, bodies, isOwn }: SeenPicture): Edge[] {
  const edges = new Map<string, Edge>()
  const plantAt = (k: number) => {
    const i = owners[k]!
    return i >= 0 && isOwn(i) ? bodies[i]!.at.plant : null
  }
  const meet = (a: Plant, b: Plant) => {
    const [first, second] = a.id < b.id ? [a, b] : [b, a]
    const key = `${first.id}/${second.id}`
    const there = edges.get(key)
    if (there) there.cells++
    else edges.set(key, { a: first, b: second, cells: 1 })
  }
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < columns; c++) {
      const k = r * columns + c
      const here = plantAt(k)
      if (!here) continue
      const right = c + 1 < columns ? plantAt(k + 1) : null
      const over = r + 1 < rows ? plantAt(k + columns) : null
      if (right && right.id !== here.id) meet(here, right)
      if (over && over.id !== here.id) meet(here, over)
    }
  return [...edges.values()]
}

/** So many of the kinds that cover most carry a bed. */
const CARRY = 6
const WALLPAPER = 0.5
/** Steps that differ by so much of their mean are in no rhythm. */
const NO_RHYTHM = 0.4

/** Thread: the kinds that carry the bed come back along it, at like distances, and none is wallpaper. */
export function thread(scene: Scene, turn: number): Judged {
  const { frame } = scene
  const kinds = kindsInLanes(scene)
  const carrying = kinds.slice(0, CARRY)
  const span = { from: frame.runFrom, length: frame.runTo - frame.runFrom }
  // Every segment of a court brings all kinds back.
  const isRepeated = scene.bed.form.kind === 'court'
  const back = weighted(carrying.map((k) => [isRepeated ? 1 : returns(k.groups, span), Math.sqrt(k.areaM2)]))
  const seen = seenPicture(scene, momentOf(scene, SUMMER), turn)
  const fullest = fullestShare(seen, (p) => p.id)
  const returning = carrying.filter((k) => k.groups.length > 1).length
  const ask = isOneOfEach(scene.school) ? 0.6 : 0.95
  return {
    share: ramp(back, 0.25, ask) * (0.45 + 0.55 * ramp(fullest, 0.85, WALLPAPER)),
    figures: [
      { name: 'come back', value: `${returning} of the ${carrying.length} largest kinds`, wanted: 'three or more' },
      { name: 'in rhythm', value: percent(back), wanted: percent(ask) },
      { name: 'most seen kind', value: percent(fullest), wanted: 'under half' },
    ],
    worst: null,
  }
}

interface KindInLanes {
  readonly plant: Plant
  readonly groups: readonly LaneGroup[]
  readonly areaM2: number
}

/** Kinds with their groups, those that cover most first. */
function kindsInLanes(scene: Scene): KindInLanes[] {
  const kinds = new Map<string, LaneGroup[]>()
  for (const group of laneGroups(scene).flat())
    kinds.set(group.plant.id, [...(kinds.get(group.plant.id) ?? []), group])
  return [...kinds.values()]
    .map((groups) => ({
      plant: groups[0]!.plant,
      groups: [...groups].sort((a, b) => a.from - b.from),
      areaM2: groups.reduce((sum, g) => sum + g.areaM2, 0),
    }))
    .sort((a, b) => b.areaM2 - a.areaM2 || (a.plant.id < b.plant.id ? -1 : 1))
}

/** How well a kind comes back, 0 to 1: in groups of like size, at like distances, about the middle, through much of the bed. */
function returns(groups: readonly LaneGroup[], { from, length }: { from: number; length: number }): number {
  if (groups.length < 2) return 0
  const middles = groups.map(middleOf)
  const steps = middles.slice(1).map((m, i) => m - middles[i]!)
  const even = steps.length < 2 ? 1 : 1 - Math.min(1, deviation(steps) / Math.max(0.01, mean(steps)) / NO_RHYTHM)
  const sizes = groups.map((g) => g.count)
  const like = 1 - Math.min(1, deviation(sizes) / mean(sizes) / NO_RHYTHM / 2)
  const off = Math.abs(mean(middles) - from - length / 2) / (length / 2)
  const reach = (middles[middles.length - 1]! - middles[0]!) / length
  return 0.2 + 0.35 * even + 0.1 * like + 0.2 * ramp(off, 0.4, 0.03) + 0.15 * ramp(reach, 0.1, 0.4)
}

/** Mass: groups wide enough for the distance, singles only on purpose, no chequerboard. */
export function mass(scene: Scene, turn: number): Judged {
  const picture = seenPicture(scene, momentOf(scene, SUMMER), turn)
  const kinds = kindsSeen(picture)
  const counts = new Map<string, number>()
  for (const p of scene.placement.plants) counts.set(p.plant.id, (counts.get(p.plant.id) ?? 0) + 1)
  const isLarge = (p: Plant) => p.spreadM >= LARGE_M
  const once = kinds.filter((k) => counts.get(k.plant.id) === 1 && !isLarge(k.plant)).length
  const dots = kinds.length > 0 ? once / kinds.length : 1
  const groups = weighted(
    kinds.flatMap((k) =>
      widths(k.runs).map((w) => [w / Math.max(0.25, k.plant.spreadM), k.seenM2 / k.runs.length]),
    ),
  )
  const chequered = chequerShare(scene)
  const unbroken = unbrokenShare(scene)
  const isLoose = isOneOfEach(scene.school)
  const singles = isLoose ? 1 : ramp(dots, 0.75, scene.school.singlesShare * 0.5)
  return {
    share:
      (0.5 * singles + 0.5 * ramp(groups, 0.5, isLoose ? 0.9 : 1.35)) *
      (1 - 0.85 * ramp(chequered, 0.1, 0.5)) *
      (0.3 + 0.7 * ramp(unbroken, 0.9, 0.55)),
    figures: [
      {
        name: 'small kinds planted once',
        value: percent(dots),
        wanted: `under ${percent(scene.school.singlesShare * 0.5)}`,
      },
      { name: 'a group is', value: `${groups.toFixed(1)} plants wide`, wanted: '1.4 and more' },
      { name: 'two kinds in turns over', value: percent(chequered), wanted: 'none' },
      { name: 'one kind unbroken over', value: percent(unbroken), wanted: 'half a lane at most' },
    ],
    worst: null,
  }
}
/** From this spread on a plant is a group by itself, metres. */
const LARGE_M = 0.9

/** Single plants of two kinds in turns are a chequerboard while two of a kind stand nearer than this, metres. */
const TURNS_M = 1.7

/** Share of the plants that stand singly in turns A B A B. */
function chequerShare(scene: Scene): number {
  const lanes = laneGroups(scene)
  let turns = 0
  for (const groups of lanes)
    groups.forEach((g, i) => {
      const next = groups[i + 1]
      const again = groups[i + 2]
      if (!next || !again || g.count > 1 || next.count > 1 || again.plant.id !== g.plant.id) return
      if (middleOf(again) - middleOf(g) < TURNS_M) turns++
    })
  return turns / Math.max(1, scene.placement.plants.length)
}

/** Mean over the lanes of the share of the bed's length that the longest group of one kind fills. */
function unbrokenShare(scene: Scene): number {
  const { frame } = scene
  const lanes = laneGroups(scene).filter((groups) => groups.length > 0)
  const length = frame.runTo - frame.runFrom
  return mean(lanes.map((groups) => Math.max(...groups.map((g) => (g.to - g.from) / length))))
}

const WINDOW_M = 2
const WINDOW_STEPS = 8
/** A kind counts whole in a window when it fills so much of it, metres; less of it counts by its share. */
const WHOLE_M = 0.3

/** How much a kind counts between two places, 0 to 1: by how far its groups reach in. */
function presence(runs: KindSeen['runs'], from: number, to: number): number {
  const inside = runs.reduce((n, r) => n + Math.max(0, Math.min(r.to, to) - Math.max(r.from, from)), 0)
  return Math.min(1, inside / WHOLE_M)
}

/** Rest: kinds a metre, busy beside plain. */
export function rest(scene: Scene, turn: number): Judged {
  const picture = seenPicture(scene, momentOf(scene, SUMMER), turn)
  const kinds = kindsSeen(picture)
  const length = lengthOf(picture)
  // Windows from one end to the other, alike from either.
  const steps = Math.max(1, Math.ceil((WINDOW_STEPS * (length - WINDOW_M)) / WINDOW_M - 1e-9))
  const stepM = (length - WINDOW_M) / steps
  const at =
    length < WINDOW_M
      ? []
      : Array.from({ length: steps + 1 }, (_, i) => {
          const x = picture.firstX + i * stepM
          return kinds.reduce((n, k) => n + presence(k.runs, x, x + WINDOW_M), 0) / WINDOW_M
        })
  const busy = at.length > 0 ? mean(at) : kinds.length / Math.max(1, length)
  const most = isStrict(scene.school) ? 2.2 : 3
  const worst = at.length > 0 ? at.indexOf(Math.max(...at)) : -1
  return {
    share: 0.85 * band(busy, 0.3, 1, most, most * 2) + 0.15 * ramp(deviation(at), 0, 0.4),
    figures: [
      { name: 'kinds a metre', value: busy.toFixed(1), wanted: `1 to ${most}` },
      {
        name: 'a plain kind fills',
        value: metresText(length / Math.max(1, kinds.length)),
        wanted: 'a metre and more',
      },
    ],
    worst:
      worst >= 0 && at[worst]! > most
        ? { from: picture.firstX + worst * stepM, to: picture.firstX + worst * stepM + WINDOW_M }
        : null,
  }
}
