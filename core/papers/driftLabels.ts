import { kindOfNumber, numbersOf, variantOf } from '../bed'
import type { Point } from '../geometry'
import type { PlacedPlant } from '../layout'
import { lettersOf, type Scene } from '../scene'
import type { Box } from './tiles'

/** A drift's letter and count on a leader from its middle. Metres of the sheet, y up. */
export interface DriftLabel {
  readonly text: string
  readonly from: Point
  readonly at: Point
  readonly above: boolean
}

/** About how wide a letter of the labels is, points. */
const CHARACTER_PT = 5
const GAP_PT = 5

/**
 * Labels of all drifts, `S × 5`, set along the upper and the lower rim of a box in the order of their drifts, so that no two lie on each
 * other and leaders of one side do not cross. A mixed drift names all its kinds.
 */
export function driftLabels(scene: Scene, box: Box, perM: number): DriftLabel[] {
  const groups = new Map<string, PlacedPlant[]>()
  for (const p of scene.planted) {
    const key = `${p.driftId}@${partOf(p)}`
    groups.set(key, [...(groups.get(key) ?? []), p])
  }
  const middleY = (box.y0 + box.y1) / 2
  const labels = [...groups.values()].map((plants) => {
    const from = middleOf(plants)
    return { text: textOf(scene, plants), from, above: from.y >= middleY }
  })
  return [
    ...spread(
      labels.filter((l) => l.above),
      box,
      perM,
      true,
    ),
    ...spread(
      labels.filter((l) => !l.above),
      box,
      perM,
      false,
    ),
  ]
}

const partOf = (p: PlacedPlant) => Number(p.id.split('@')[1] ?? 0)

/** The plant of a group nearest to its middle: a leader ends on a plant, not between two. */
function middleOf(plants: readonly PlacedPlant[]): Point & { readonly r: number } {
  const x = plants.reduce((n, p) => n + p.x, 0) / plants.length
  const y = plants.reduce((n, p) => n + p.y, 0) / plants.length
  const near = plants.reduce((a, b) => (Math.hypot(b.x - x, b.y - y) < Math.hypot(a.x - x, a.y - y) ? b : a))
  return { x: near.x, y: -near.y, r: near.plant.spreadM / 2 }
}

function textOf(scene: Scene, plants: readonly PlacedPlant[]): string {
  const letters = lettersOf(scene)
  const drift = scene.bed.drifts.find((d) => d.id === plants[0]!.driftId)
  const counts = new Map<string, number>()
  const kinds = drift
    ? numbersOf(drift).map((n) => variantOf(scene.bed.form, partOf(plants[0]!), kindOfNumber(drift, n)))
    : plants.map((p) => p.plant.id)
  for (const kind of kinds) counts.set(kind, (counts.get(kind) ?? 0) + 1)
  return [...counts].map(([id, n]) => `${letters.get(id) ?? '?'} × ${n}`).join(' + ')
}

type Loose = Omit<DriftLabel, 'at' | 'from'> & { readonly from: Point & { readonly r: number } }

/** A leader ends within the rim of its plant, clear of the letter in its middle. */
const RIM = 0.72
function atRim({ x, y, r }: Point & { readonly r: number }, to: Point): Point {
  const far = Math.hypot(to.x - x, to.y - y) || 1
  return { x: x + ((to.x - x) / far) * r * RIM, y: y + ((to.y - y) / far) * r * RIM }
}

/** Labels of one rim from left to right; in two rows when one is too short for them. */
function spread(labels: readonly Loose[], box: Box, perM: number, above: boolean): DriftLabel[] {
  const wide = (l: Loose) => (l.text.length * CHARACTER_PT + GAP_PT) / perM
  const sorted = [...labels].sort((a, b) => a.from.x - b.from.x)
  const total = sorted.reduce((n, l) => n + wide(l), 0)
  const rows = Math.max(1, Math.ceil(total / ((box.x1 - box.x0) * 0.98)))
  const lists = Array.from({ length: rows }, (_, row) => sorted.filter((__, i) => i % rows === row))
  return lists.flatMap((list, row) => {
    const inset = (15 + row * 10) / perM
    const y = above ? box.y1 - inset : box.y0 + inset
    return inRow(list, wide, box).map(({ label, x }) => ({
      ...label,
      from: atRim(label.from, { x, y }),
      at: { x, y },
    }))
  })
}

/** Each label as near above its drift as the ones before it leave room, then pushed back from the right end. */
function inRow(list: readonly Loose[], wide: (l: Loose) => number, box: Box) {
  let end = box.x0
  const placed = list.map((label) => {
    const x = Math.max(label.from.x, end + wide(label) / 2)
    end = x + wide(label) / 2
    return { label, x }
  })
  let start = box.x1
  for (const p of [...placed].reverse()) {
    p.x = Math.min(p.x, start - wide(p.label) / 2)
    start = p.x - wide(p.label) / 2
  }
  return placed
}
