import { lighten, mix } from '../../colour'
import type { Brush } from './Brush'
import { outlineAt } from './foliageMass'
import { drawHead, headSizeM } from './flowerHead'
import type { MassShape, Sitter } from './sitter'

const ORDER = 30

/** Flowers scattered over the outside of a leafy outline (shrubs, roses, mats). */
export function drawFlowersOn(brush: Brush, sitter: Sitter, shape: MassShape) {
  const { plant, look } = sitter
  if (!plant.flowerColour || look.flower === 0) return
  const big =
    plant.leafSize === 'bold' &&
    (plant.flowerForm === 'ball' || plant.flowerForm === 'panicle' || plant.flowerForm === 'plate')
  const size =
    headSizeM(plant.flowerForm, brush.pxPerM) *
    (big ? 1.7 : plant.habit === 'mat' || plant.habit === 'trailing' ? 0.7 : 1)
  const area = shape.spreadM * shape.heightM
  const cover = plant.flowerForm === 'haze' ? 0.16 : big ? 0.5 : 0.34
  const tall = plant.flowerForm === 'spike' || plant.flowerForm === 'panicle' ? 2 : 1
  const least = shape.habit === 'mat' || shape.habit === 'trailing' ? 7 : 5
  const count =
    Math.min(
      150,
      Math.max(least, ((area * cover) / (size * size)) * (plant.flowerForm === 'haze' ? 0.6 : 1) * tall),
    ) * look.flower
  for (let i = 0; i < count; i++) {
    const u = 0.3 + 0.68 * Math.sqrt(brush.random())
    const v = brush.between(-1, 1)
    const x = (shape.centreX ?? 0) + v * outlineAt(shape.habit, u) * (shape.spreadM / 2) * 0.93
    const y = shape.baseM + u * shape.heightM
    drawHead(brush, plant.flowerForm, plant.flowerColour, x, y, size * brush.between(0.8, 1.1), ORDER)
  }
}

/** Flowers on stems that rise from the foliage (perennials, bulbs, grasses). */
export function drawFlowerStems(brush: Brush, sitter: Sitter) {
  const { plant, look, foliageM: h, flowerM, spreadM: w } = sitter
  const dry = look.state === 'dry'
  if (!plant.flowerColour || (look.flower === 0 && !(dry && plant.flowerForm === 'plume'))) return
  const form = plant.flowerForm
  const colour = dry ? mix(plant.flowerColour, look.colour, 0.7) : plant.flowerColour
  const rise = Math.max(0.02, flowerM - h * 0.6)
  const size =
    form === 'spike' || form === 'plume' || form === 'panicle'
      ? Math.min(Math.max(headSizeM(form, brush.pxPerM) * 0.8, rise * 0.55), flowerM * 0.5)
      : headSizeM(form, brush.pxPerM) * (form === 'ball' && plant.lifeCycle === 'bulb' ? 1.1 : 1)
  const amount = dry ? 0.8 : look.flower
  const single = plant.lifeCycle === 'bulb'
  const perStem = form === 'bell' || form === 'haze' ? (form === 'haze' ? 9 : 4) : 1
  const count = single
    ? w < 0.12
      ? 3
      : form === 'ball'
        ? 1
        : 2
    : Math.max(
        3,
        Math.min(
          44,
          Math.round((w / Math.max(size * (form === 'spike' || form === 'plume' ? 0.3 : 0.75), brush.px(3))) * 2.1),
        ) * amount,
      )
  const stemColour = lighten(dry ? look.colour : mix(look.colour, '#6d8a4a', 0.4), -0.05)
  const stems = brush.strokePath(8, stemColour, 0.006)
  for (let i = 0; i < count; i++) {
    const v = count <= 1 ? brush.between(-0.3, 0.3) : ((i + brush.random()) / count) * 2 - 1
    const spread = plant.habit === 'fountain' ? 0.8 : plant.habit === 'sheaf' ? 0.55 : 0.82
    const x = v * (w / 2) * spread
    const y =
      Math.max(h * 0.75, flowerM * (1 - 0.2 * v * v) * brush.between(0.86, 1)) -
      (form === 'spike' || form === 'plume' ? size * 0.5 : size * 0.3)
    brush.curve(stems, x * 0.35, h * 0.2, x * 0.75, y * 0.6, x, y)
    for (let k = 0; k < perStem; k++) {
      const off = perStem === 1 ? 0 : 1
      drawHead(
        brush,
        form,
        colour,
        x + off * brush.between(-1, 1) * w * 0.07,
        y - off * brush.between(0, 1) * rise * 0.45,
        size * brush.between(0.85, 1.1),
        ORDER,
      )
    }
  }
}

/** Flowers at given places (climbers). */
export function drawFlowersAt(
  brush: Brush,
  { plant, look, spreadM }: Sitter,
  places: readonly (readonly [number, number])[],
) {
  if (!plant.flowerColour || look.flower === 0) return
  const size = headSizeM(plant.flowerForm, brush.pxPerM) * 1.35
  for (const [x, y] of places) {
    if (brush.random() > 0.75 * look.flower) continue
    drawHead(
      brush,
      plant.flowerForm,
      plant.flowerColour,
      x + brush.between(-0.08, 0.08) * spreadM,
      y,
      size * brush.between(0.8, 1.1),
      ORDER,
    )
  }
}
