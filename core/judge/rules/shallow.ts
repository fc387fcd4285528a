import { laneNames, type BedFrame, type Behind } from '../../bed'
import { depthNeededM, type PlacedPlant } from '../../layout'
import type { Plant } from '../../plant'
import type { Finding } from '../finding'
import type { WholeRule } from '../rule'
import { along, metres, nameOf, type Scene } from '../../scene'

const STEP_M = 0.5
const TOLERANCE_M = 0.12
/** Mature widths are known no truer than this share. */
const TOLERANCE_SHARE = 0.1
const tolerance = (need: number) => Math.max(TOLERANCE_M, need * TOLERANCE_SHARE)

const BACK: Readonly<Record<Behind, string>> = {
  wall: 'the wall',
  open: 'the back',
  rim: 'what stands inside',
  middle: 'the middle',
}

interface Section {
  x: number
  need: number
  have: number
  stack: { lane: number; plant: Plant }[]
}

/** The bed is too shallow for the layers that stand in it. */
export const shallow: WholeRule = {
  id: 'shallow',
  findings: (scene) => {
    // In a pot the outer ones hang over the rim.
    if (scene.bed.form.kind === 'container') return []
    const short = sections(scene).filter((s) => s.need - s.have > tolerance(s.need))
    const worst = short.reduce<Section | null>((w, s) => (!w || s.need - s.have > w.need - w.have ? s : w), null)
    return worst ? [describe(scene, worst, short)] : []
  },
}

function describe(scene: Scene, worst: Section, short: readonly Section[]): Finding {
  const missing = worst.need - worst.have
  const lane =
    laneNames(scene.bed.laneShares.length, scene.bed.form.kind)[
      layerThatDoesNotFit(worst, scene.school.spacing, scene.frame.behind)
    ] ?? ''
  const from = short[0]!.x - STEP_M / 2
  const to = short[short.length - 1]!.x + STEP_M / 2
  const deeper = Math.ceil(missing * 20) / 20
  const { front } = scene.bed.outline
  const stations = front.stations.map((p) => ({ x: p.x, y: Math.round((p.y + deeper) * 1000) / 1000 }))
  return {
    id: 'shallow',
    rule: 'shallow',
    title: `Too shallow for its layers by ${metres(missing)}`,
    reason:
      `Worst ${along(worst.x - 0.1, worst.x + 0.1)}: ` +
      `${worst.stack.map((s) => nameOf(s.plant)).join(', then ')} ` +
      `${worst.stack.length === 1 ? 'needs' : 'need'} ${metres(worst.need)} from ` +
      `${BACK[scene.frame.behind]}, the bed has ${metres(worst.have)}; the ${lane.toLowerCase()} layer ` +
      `does not fit (${scene.school.name}, spacing ${scene.school.spacing}).`,
    weight: 60 + Math.min(30, missing * 40),
    from,
    to,
    plants: scene.placement.plants
      .filter((p) => Math.abs(p.along - worst.x) < p.plant.spreadM / 2 + 0.3)
      .map((p) => p.id),
    figures: [
      { name: 'needed', value: worst.need, unit: 'm' },
      { name: 'there', value: worst.have, unit: 'm' },
      { name: 'missing', value: missing, unit: 'm' },
    ],
    source: 'Depth needed = setback + Σ row distances + w front / 2; row distance = √(d² − (p/2)²).',
    grounds: ['calculations#spacing-and-counts'],
    mends: scene.frame.closed
      ? []
      : [
          {
            label: `Deepen the bed ${metres(deeper)}`,
            edit: { kind: 'setBed', change: { outline: { ...scene.bed.outline, front: { ...front, stations } } } },
          },
        ],
  }
}

/** The cut where the layers need most beyond what there is; null for an empty bed. Metres. */
export const shallowest = (scene: Scene): { readonly need: number; readonly have: number } | null =>
  sections(scene).reduce<Section | null>((w, s) => (!w || s.need - s.have > w.need - w.have ? s : w), null)

const isLayered = ({ spacingHabit, kind }: Plant) =>
  spacingHabit !== 'weaves' && spacingHabit !== 'carpets' && kind !== 'climber'

/** Cuts across the bed every half metre: the widest plant of each lane there, and the depth they need. */
function sections(scene: Scene): Section[] {
  const { frame, placement, bed } = scene
  const cuts = Math.max(0, Math.ceil((frame.runTo - frame.runFrom) / STEP_M - 0.5))
  const lanes = bed.laneShares.length
  const widest = new Array<Plant | undefined>(cuts * lanes)
  for (const p of placement.plants) {
    if (!isLayered(p.plant)) continue
    const [first, last] = cutsThrough(scene, p)
    for (let c = first; c <= Math.min(last, cuts - 1); c++) {
      const there = widest[c * lanes + p.lane]
      if (there && there.spreadM >= p.plant.spreadM) continue
      if (isThrough(scene, cutX(frame, c), p)) widest[c * lanes + p.lane] = p.plant
    }
  }
  const found: Section[] = []
  for (let c = 0; c < cuts; c++) {
    const stack: Section['stack'] = []
    for (let lane = 0; lane < lanes; lane++) {
      const plant = widest[c * lanes + lane]
      if (plant) stack.push({ lane, plant })
    }
    if (stack.length === 0) continue
    const x = cutX(frame, c)
    const plants = stack.map((s) => s.plant)
    const need = depthNeededM(plants, scene.school.spacing, frame.behind)
    found.push({ x, stack, have: frame.depthAlong(x), need })
  }
  return found
}

const cutX = ({ runFrom }: BedFrame, cut: number) => runFrom + STEP_M * (cut + 0.5)

/** The first and the last cut that may go through a plant's spread. */
function cutsThrough({ frame }: Scene, { x, plant }: PlacedPlant): readonly [number, number] {
  if (frame.closed) return [0, Infinity]
  const from = x - frame.runFrom
  const half = plant.spreadM / 2
  return [Math.max(0, Math.ceil((from - half) / STEP_M - 0.5)), Math.floor((from + half) / STEP_M - 0.5)]
}

function isThrough({ frame }: Scene, x: number, p: PlacedPlant): boolean {
  if (!frame.closed) return true
  const q = frame.at(x, p.out)
  return Math.hypot(q.x - p.x, q.y - p.y) < p.plant.spreadM / 2
}

function layerThatDoesNotFit(section: Section, k: number, behind: Behind): number {
  for (let n = 1; n <= section.stack.length; n++) {
    if (
      depthNeededM(
        section.stack.slice(0, n).map((s) => s.plant),
        k,
        behind,
      ) >
      section.have + TOLERANCE_M
    )
      return section.stack[n - 1]!.lane
  }
  return section.stack[section.stack.length - 1]!.lane
}
