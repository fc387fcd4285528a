import { clearStemM } from '../../layout'
import { hashText, seeded } from '../../geometry'
import { mix } from '../../colour'
import type { Habit } from '../../plant'
import type { Shape } from '../path'
import { Brush } from './Brush'
import { drawBlades } from './blades'
import { drawClimber } from './climber'
import { drawFlowersAt, drawFlowersOn, drawFlowerStems } from './flowers'
import { drawFoliageMass } from './foliageMass'
import { drawFronds } from './fronds'
import { drawFruit } from './fruit'
import { drawRosette } from './rosette'
import { drawDryStems, drawTrunk, drawTwigs, drawVaseStems } from './stems'
import { isLow, type MassShape, type Sitter } from './sitter'

/** Different drawings of one plant, so that a drift is not a row of stamps. */
export const VARIANTS = 3

/**
 * The picture of one plant at its size and look: paints in metres, x about its middle, y up from the ground.
 * Same sitter, variant and scale, same picture. `pxPerM` sets how small a leaf may be and still be drawn.
 */
export function portrait(sitter: Sitter, variant: number, pxPerM: number): Shape[] {
  const brush = new Brush(seeded(hashText(`${sitter.plant.id}#${variant % VARIANTS}`)), pxPerM)
  if (sitter.look.state === 'gone' || sitter.spreadM <= 0) return []
  if (sitter.plant.lifeCycle === 'woody') drawWoody(brush, sitter)
  else drawSoft(brush, sitter)
  return brush.paints()
}

/** Woody plants of these habits carry their leaf as others do. */
const WOODY_MASS: Partial<Readonly<Record<Habit, Habit>>> = { spire: 'vase', fountain: 'mound' }

function drawWoody(brush: Brush, sitter: Sitter) {
  const { plant, look, foliageM, spreadM } = sitter
  if (plant.habit === 'climber') {
    drawFlowersAt(brush, sitter, drawClimber(brush, sitter))
    return drawFruit(brush, sitter, { habit: 'mound', baseM: 0, heightM: foliageM, spreadM })
  }
  const bark = plant.bark?.colour ?? (plant.retention === 'deciduous' ? plant.foliage.winter : '#5f4c3c')
  const stem = clearStemM({ at: { plant }, foliageM })
  const shape: MassShape = {
    habit: WOODY_MASS[plant.habit] ?? plant.habit,
    baseM: stem,
    heightM: foliageM - stem,
    spreadM,
  }
  if (plant.habit === 'tree') drawTrunk(brush, shape, bark)
  if (look.state === 'dry') return drawDryStems(brush, sitter)
  if (look.state === 'bare') drawTwigs(brush, sitter)
  else drawInLeaf(brush, sitter, shape, bark)
  if (plant.habit === 'spire' || sitter.flowerM > foliageM * 1.15) drawFlowerStems(brush, sitter)
  else drawFlowersOn(brush, sitter, shape)
  drawFruit(brush, sitter, shape)
}

function drawInLeaf(brush: Brush, sitter: Sitter, shape: MassShape, bark: string) {
  const { plant, look } = sitter
  if (plant.habit === 'vase') drawVaseStems(brush, shape, mix(bark, '#4d3d31', 0.3))
  if (look.leaf < 0.7 || plant.density < 0.75) drawTwigs(brush, { ...sitter, look: { ...look, colour: bark } })
  drawLeafy(brush, sitter, shape)
}

/** Clouds of foliage, furthest first: middle (share of the spread), foot (share of the height), size. */
const CLOUDS = {
  tree: [
    [-0.14, 0.5, 0.48],
    [0.18, 0.48, 0.5],
    [-0.28, 0.2, 0.46],
    [0.3, 0.16, 0.42],
    [0.02, 0.26, 0.46],
    [-0.05, 0.02, 0.36],
  ],
  vase: [
    [-0.12, 0.55, 0.44],
    [0.17, 0.5, 0.46],
    [-0.27, 0.36, 0.42],
    [0.28, 0.32, 0.4],
    [0, 0.3, 0.44],
  ],
  mound: [
    [-0.1, 0.5, 0.48],
    [0.16, 0.44, 0.48],
    [-0.25, 0.22, 0.46],
    [0.27, 0.16, 0.44],
    [0.02, 0.12, 0.46],
    [-0.14, 0, 0.36],
    [0.16, 0, 0.34],
  ],
} as const

/** Trees and loose shrubs carry their leaves in clouds, dense ones in a single mass. */
function drawLeafy(brush: Brush, sitter: Sitter, shape: MassShape) {
  const loose =
    shape.habit === 'tree' || ((shape.habit === 'mound' || shape.habit === 'vase') && shape.heightM > 0.75)
  if (!loose) return drawFoliageMass(brush, sitter, shape)
  const { spreadM: w, heightM: h, baseM } = shape
  drawFoliageMass(brush, sitter, { ...shape, spreadM: w * 0.9, heightM: h * 0.94 })
  const clouds = shape.habit === 'tree' || shape.habit === 'vase' ? CLOUDS[shape.habit] : CLOUDS.mound
  clouds.forEach(([cx, up, size], i) => {
    const jitter = brush.between(-0.04, 0.04)
    drawFoliageMass(
      brush,
      sitter,
      { habit: 'cloud', baseM: baseM + up * h, heightM: h * size, spreadM: w * size, centreX: (cx + jitter) * w },
      16 + i * 7,
    )
  })
}

function drawSoft(brush: Brush, sitter: Sitter) {
  const { plant, look, foliageM, spreadM } = sitter
  const grassy = plant.habit === 'fountain' || plant.habit === 'sheaf'
  if (look.state === 'dry') {
    if (!grassy) return drawDryStems(brush, sitter)
    drawBlades(brush, sitter)
    return drawFlowerStems(brush, sitter)
  }
  if (grassy) drawBlades(brush, sitter)
  else if (plant.habit === 'rosette') drawRosette(brush, sitter)
  else if (plant.habit === 'fronds') drawFronds(brush, sitter)
  else drawFoliageMass(brush, sitter, { habit: plant.habit, baseM: 0, heightM: foliageM, spreadM })
  const low = isLow(plant.habit)
  const onTop =
    (low && sitter.flowerM < foliageM * 1.5) || (plant.habit === 'mound' && sitter.flowerM < foliageM * 1.2)
  if (onTop) drawFlowersOn(brush, sitter, { habit: plant.habit, baseM: 0, heightM: sitter.flowerM * 1.02, spreadM })
  else drawFlowerStems(brush, sitter)
  drawFruit(brush, sitter, {
    habit: plant.habit,
    baseM: 0,
    heightM: Math.max(foliageM, sitter.flowerM * 0.95),
    spreadM,
  })
}
