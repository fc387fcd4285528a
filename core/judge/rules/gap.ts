import type { Drift } from '../../model'
import { bandsOf, coverDiscs, type Disc } from '../../bed'
import type { PlacedPlant } from '../../layout'
import { misfits, type Plant } from '../../plant'
import { finding, type Finding, type Mend, type Remark } from '../finding'
import { carriedOn } from '../fitting'
import type { LocalRule } from '../rule'
import { along, metres, nameOf, type Scene, type Range } from '../../scene'

const CELL_M = 0.12
/** Left free along the wall: the setback is not a gap. */
const WALL_STRIP_M = 0.5
const JOIN_M = 0.9
/** A circle a little over what the school leaves is passed over, unless many lie side by side. */
const A_LITTLE = 1.6
const LONG = 3.5

/** Bare soil at maturity where a circle of some size would fit between the plants. */
export const gap: LocalRule = {
  id: 'gap',
  remarks: (scene, range) => bareCells(scene, range),
  fold: (scene, remarks) =>
    joinStretches(remarks)
      .filter((list) => isHole(list, scene.school.bareCircleM))
      .map((list) => describe(scene, list)),
}

/**
 * The barest spot of each column of cells (`other` is its way out from the back): every plant stamps its clearance
 * on the cells about it, the least one stays.
 */
function bareCells(scene: Scene, range: Range): Remark[] {
  const { frame, placement, school } = scene
  if (placement.plants.length === 0) return []
  if (frame.closed) return bareRound(scene)
  const least = school.bareCircleM / 2
  const farthest = least * 3
  // Half a bare circle may lie outside the bed; cells stand on fixed places, so that a part is judged just as the whole is.
  const edge = least * 0.7
  const first = frame.firstX + edge
  const from = Math.max(0, Math.ceil((range.from - first) / CELL_M))
  const to = Math.floor((Math.min(frame.lastX - edge, range.to) - first) / CELL_M)
  const rows = Math.ceil(frame.depths.greatest / CELL_M) + 1
  const baseY = Math.min(...frame.back.points.map((p) => p.y))
  if (to < from) return []
  const clearance = new Float32Array((to - from + 1) * rows).fill(farthest)
  const cells = { first, from, to, rows, baseY, edge, clearance }
  for (const p of scene.own)
    if (p.plant.spacingHabit !== 'weaves' && p.plant.kind !== 'climber') stamp(cells, canopyOf(p), farthest)
  for (const disc of scene.bed.features.flatMap(coverDiscs)) stamp(cells, disc, farthest)
  return barest(scene, cells)
}

/** A plant's grown canopy. */
const canopyOf = ({ x, y, plant }: PlacedPlant): Disc => ({ x, y, r: plant.spreadM / 2 })

/** Lowers the clearance of the cells about a plant or a thing to what it leaves. */
function stamp({ first, from, to, rows, baseY, clearance }: Cells, { x, y, r: half }: Disc, farthest: number) {
  const reach = half + farthest
  if (x + reach < first + from * CELL_M || x - reach > first + to * CELL_M) return
  const lastColumn = Math.min(to, Math.floor((x + reach - first) / CELL_M))
  const lastRow = Math.min(rows - 1, Math.floor((y + reach - baseY) / CELL_M))
  for (let c = Math.max(from, Math.ceil((x - reach - first) / CELL_M)); c <= lastColumn; c++) {
    const dx = first + c * CELL_M - x
    for (let r = Math.max(0, Math.ceil((y - reach - baseY) / CELL_M)); r <= lastRow; r++) {
      const dy = baseY + r * CELL_M - y
      const k = (c - from) * rows + r
      const far = dx * dx + dy * dy
      const nearer = clearance[k]! + half
      if (nearer > 0 && far < nearer * nearer) clearance[k] = Math.sqrt(far) - half
    }
  }
}

interface Cells {
  readonly first: number
  readonly from: number
  readonly to: number
  readonly rows: number
  readonly baseY: number
  readonly edge: number
  readonly clearance: Float32Array
}

/** Of each column the barest cell, where a bare circle fits. */
function barest({ frame, school }: Scene, { first, from, to, rows, baseY, edge, clearance }: Cells): Remark[] {
  const least = school.bareCircleM / 2
  const found: Remark[] = []
  for (let c = from; c <= to; c++) {
    const x = first + c * CELL_M
    const back = frame.back.yAt(x) + WALL_STRIP_M
    const front = frame.front.yAt(x) - edge
    let best: Remark | null = null
    for (let r = Math.ceil((back - baseY) / CELL_M); r < rows && baseY + r * CELL_M < front; r++) {
      const value = clearance[(c - from) * rows + r]!
      if (value >= least && (!best || value > best.value))
        best = { x, group: '', plants: [], value, other: baseY + r * CELL_M - frame.back.yAt(x) }
    }
    if (best) found.push(best)
  }
  return found
}

/** The same round a middle: the barest spot of each stretch of the edge, by cells across the bed. */
function bareRound({ frame, placement, school, bed }: Scene): Remark[] {
  const least = school.bareCircleM / 2
  const plants = [...placement.plants, ...placement.standing].filter((p) => p.plant.spacingHabit !== 'weaves')
  const covered = [...plants.map(canopyOf), ...bed.features.flatMap(coverDiscs)]
  const step = CELL_M * 2
  const found: Remark[] = []
  for (let a = 0; a < frame.runTo; a += step) {
    const most = frame.depthAlong(a) - least * 0.7
    let best: Remark | null = null
    for (let v = frame.behind === 'middle' ? 0 : least * 0.7; v < most; v += CELL_M) {
      const p = frame.at(a, v)
      let value = least * 3
      for (const { x, y, r } of covered) value = Math.min(value, Math.hypot(x - p.x, y - p.y) - r)
      if (value >= least && (!best || value > best.value)) best = { x: a, group: '', plants: [], value, other: v }
    }
    if (best) found.push(best)
  }
  return found
}

function isHole(list: readonly Remark[], allowedM: number): boolean {
  const across = 2 * Math.max(...list.map((r) => r.value))
  const stretch = list[list.length - 1]!.x - list[0]!.x + across
  return across > allowedM * A_LITTLE || stretch > allowedM * LONG
}

function joinStretches(remarks: readonly Remark[]): Remark[][] {
  const stretches: Remark[][] = []
  for (const remark of [...remarks].sort((a, b) => a.x - b.x)) {
    const last = stretches[stretches.length - 1]
    if (last && remark.x - last[last.length - 1]!.x < JOIN_M) last.push(remark)
    else stretches.push([remark])
  }
  return stretches
}

function describe(scene: Scene, list: readonly Remark[]): Finding {
  const widest = list.reduce((w, r) => (r.value > w.value ? r : w))
  const from = list[0]!.x - widest.value
  const to = list[list.length - 1]!.x + widest.value
  return finding(
    {
      id: `gap:${Math.round(widest.x)}`,
      rule: 'gap',
      title: 'Bare soil when grown',
      reason:
        `Room for a circle ${metres(widest.value * 2)} across ` +
        `${along(Math.max(scene.frame.runFrom, from), Math.min(scene.frame.runTo, to))} once all are ` +
        `mature; ${scene.school.name} leaves at most ${metres(scene.school.bareCircleM)}.`,
      weight: 30 + Math.min(30, (to - from) * 8),
      from,
      to,
      plants: [],
      figures: [
        { name: 'bare circle', value: widest.value * 2, unit: 'm' },
        { name: 'stretch', value: to - from, unit: 'm' },
      ],
      source:
        'Largest circle clear of all mature canopies, on a 12\u202fcm grid, wall strip of 0.5\u202fm left out. ' +
        '',
      grounds: ['calculations#through-the-year'],
    },
    () => [...throughout(scene, from, to), ...fillers(scene, widest, to - from)],
  )
}

/** All lanes carried on through a bare stretch. */
function throughout(scene: Scene, from: number, to: number): Mend[] {
  if (to - from < LONG_M) return []
  const { runFrom, runTo } = scene.frame
  const drifts = carriedOn(scene, Math.max(runFrom, from), Math.min(runTo, to))
  if (drifts.length === 0) return []
  const edits = drifts.map((drift) => ({ kind: 'addDrift' as const, drift }))
  return [{ label: 'Carry the lanes on', edit: { kind: 'all', name: 'fill a gap', edits } }]
}
const LONG_M = 1.2

function fillers(scene: Scene, spot: Remark, stretch: number): Mend[] {
  const k = scene.school.spacing
  const t = spot.other / scene.frame.depthAlong(spot.x)
  const lane = Math.max(
    0,
    bandsOf(scene.bed, scene.frame).findIndex((b) => t <= b.toAt(spot.x)),
  )
  const inLane = new Set(scene.bed.drifts.filter((d) => d.lane === lane).map((d) => d.plantId))
  const suits = (p: Plant) =>
    p.kind !== 'climber' &&
    p.spacingHabit !== 'weaves' &&
    p.spreadM <= spot.value * 2.3 &&
    misfits(p, scene.site).length === 0
  const own = [...new Set(scene.bed.drifts.map((d) => d.plantId))]
    .map((id) => scene.library.get(id))
    .filter((p): p is Plant => !!p && suits(p))
    .sort(
      (a, b) =>
        Number(inLane.has(b.id)) - Number(inLane.has(a.id)) ||
        Math.abs(a.spreadM - 2 * spot.value) - Math.abs(b.spreadM - 2 * spot.value),
    )
  const choice =
    own.length > 0
      ? own
      : [...scene.library.values()].filter((p) => suits(p) && p.foliageHeightM < 0.6 && !p.invasiveNote)
  return choice.slice(0, 2).map((plant) => {
    const count = Math.max(1, Math.floor(stretch / (k * plant.spreadM)))
    const drift: Drift = {
      id: `fill-${Math.round(spot.x * 100)}-${plant.id}`.slice(0, 60),
      plantId: plant.id,
      lane,
      count,
      pattern: 'row',
      at: scene.frame.sAt(spot.x),
      everyM: 1,
    }
    return { label: `Add ${count} ${nameOf(plant)}`, edit: { kind: 'addDrift', drift } }
  })
}
