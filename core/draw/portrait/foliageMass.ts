import { clamp } from '../../geometry'
import { halfWidthAt, type LeafOutline } from '../../plant'
import { L, M, Z } from '../path'
import { SHADES, shadesOf, type Brush } from './Brush'
import { drawLeaf, leafLengthM } from './leaf'
import { drawSecondColour } from './secondLeaf'
import { isLow, type MassShape, type Sitter } from './sitter'

/** Ground one leaf covers, in squares of its length. */
const PER_LEAF: Readonly<Record<LeafOutline, number>> = {
  needle: 0.13,
  linear: 0.15,
  rounded: 0.28,
  scale: 0.3,
  palmate: 0.38,
  divided: 0.27,
}
const MOST_LEAVES = 700
/** Of its height the length of a leaf at most; less where a plant creeps and its leaves are small. */
const MOST_OF_HEIGHT = 0.75
const CREEPING = 0.45
const OUTLINE_STEPS = 14

/** Foliage that fills an outline: a dark ground where it is dense, then leaves from shadow to light, lit from the upper left. */
export function drawFoliageMass(brush: Brush, sitter: Sitter, shape: MassShape, order = 10) {
  const { plant, look } = sitter
  const shades = shadesOf(look.colour, plant.leafSurface)
  const half = shape.spreadM / 2
  const centreX = shape.centreX ?? 0
  const fullness = look.leaf * (0.45 + 0.55 * plant.density)
  if (look.density > 0.62 && shape.habit !== 'cloud') fillGround(brush, shape, shades[0]!, order, isClose(plant))
  const lobes = 0.05 + 0.03 * brush.random()
  let length = leafLengthM(plant.leafSize, brush.pxPerM)
  length = Math.min(length, Math.max(shape.heightM * (creeps(plant) ? CREEPING : MOST_OF_HEIGHT), brush.px(3)))
  const area = shape.heightM * shape.spreadM * 0.8
  const perLeaf = length * length * PER_LEAF[plant.leafOutline]
  let count = (area / perLeaf) * fullness
  if (count > MOST_LEAVES) {
    length *= Math.sqrt(count / MOST_LEAVES)
    count = MOST_LEAVES
  }
  const phase = brush.random() * 6
  for (let i = 0; i < count; i++) {
    const u = (i + brush.random()) / count
    const v = brush.between(-1, 1)
    const reach = outlineAt(shape.habit, u * 0.96) * half * (1 + lobes * Math.sin(u * 8 + phase + (v < 0 ? 0 : 2)))
    const x = centreX + v * reach
    const y = shape.baseM + u * shape.heightM * 0.95
    const light = 0.08 + 0.46 * u - 0.2 * v + 0.44 * brush.random()
    const shade = clamp(Math.floor(light * SHADES), 0, SHADES - 1)
    const angle = leafAngle(brush, sitter, u, v)
    const leaf = { x, y, angle, length: length * brush.between(0.75, 1.15) }
    const path = brush.fillPath(order + 1 + shade, shades[shade]!)
    drawLeaf(brush, path, plant.leafOutline, x, y, angle, leaf.length)
    if (look.state === 'leaf') drawSecondColour(brush, plant, order + 1.1 + shade, shades[shade]!, leaf)
  }
  if (plant.leafSurface === 'gloss' && look.state === 'leaf')
    drawGlints(brush, shape, shades[SHADES - 1]!, order + SHADES + 1, length, count)
}

const creeps = ({ habit, leafSize }: Sitter['plant']) => isLow(habit) && leafSize !== 'bold'

/** A habit's outline, or a cloud: a rounded lump of leaves within a crown. */
export const outlineAt = (habit: MassShape['habit'], u: number) =>
  habit === 'cloud' ? Math.sqrt(Math.max(0, 1 - (2 * u - 1) ** 2)) : halfWidthAt(habit, u)

function leafAngle(brush: Brush, { plant }: Sitter, u: number, v: number): number {
  const jitter = brush.between(-0.6, 0.6)
  switch (plant.habit) {
    case 'column':
      return Math.PI / 2 - v * 0.35 + jitter * 0.5
    case 'cone':
      return plant.leafOutline === 'scale' ? Math.PI / 2 - v * 0.5 + jitter * 0.6 : Math.PI / 2 - v * 1.5 + jitter
    case 'mat':
    case 'trailing':
      return Math.PI / 2 - v * 1.1 + jitter * 1.4
    default:
      return Math.PI / 2 - v * 1.15 * (1.2 - u * 0.5) + jitter
  }
}

/** Short needles and scales, and small leaves on the ground, leave little of the outline to the leaves. */
const isClose = (plant: Sitter['plant']) =>
  plant.leafOutline === 'needle' || plant.leafOutline === 'scale' || creeps(plant)

function fillGround(brush: Brush, shape: MassShape, colour: string, order: number, close: boolean) {
  const path = brush.fillPath(order, colour)
  const half = (shape.spreadM / 2) * (close ? 0.92 : 0.86)
  const height = shape.heightM * (close ? 0.96 : 0.9)
  const centreX = shape.centreX ?? 0
  const side = (sign: number, k: number) => {
    const u = (k / OUTLINE_STEPS) * 0.97
    return [
      centreX + sign * outlineAt(shape.habit, u) * half * brush.between(0.95, 1.03),
      shape.baseM + u * height,
    ] as const
  }
  for (let k = 0; k <= OUTLINE_STEPS; k++) path.push(k === 0 ? M : L, ...side(-1, k))
  for (let k = OUTLINE_STEPS; k >= 0; k--) path.push(L, ...side(1, k))
  path.push(Z)
}

function drawGlints(brush: Brush, shape: MassShape, colour: string, order: number, length: number, leaves: number) {
  const path = brush.fillPath(order, colour)
  for (let i = 0; i < leaves * 0.05; i++) {
    const u = brush.between(0.45, 0.93)
    const x = (shape.centreX ?? 0) + brush.between(-0.85, 0.5) * outlineAt(shape.habit, u) * (shape.spreadM / 2)
    brush.blade(path, x, shape.baseM + u * shape.heightM, brush.between(0.6, 2.4), length * 0.45, length * 0.12)
  }
}
