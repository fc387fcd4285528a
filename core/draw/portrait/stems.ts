import { lighten } from '../../colour'
import { halfWidthAt } from '../../plant'
import { M, Q, Z } from '../path'
import type { Brush } from './Brush'
import type { MassShape, Sitter } from './sitter'

/** Bare wood: stems that fork inside the outline, from the ground or from a trunk. */
export function drawTwigs(brush: Brush, { plant, look, foliageM: h, spreadM: w }: Sitter) {
  const dark = lighten(look.colour, -0.06)
  const stems = plant.habit === 'tree' ? 5 : Math.round(5 + Math.min(8, w * 4))
  const foot = plant.habit === 'tree' ? Math.max(plant.clearStemM * (h / plant.foliageHeightM), h * 0.15) : 0
  for (let i = 0; i < stems; i++) {
    const v = stems === 1 ? 0 : (i / (stems - 1)) * 2 - 1
    fork(
      brush,
      v * w * 0.05,
      foot,
      Math.PI / 2 - v * (plant.habit === 'column' ? 0.15 : 0.75),
      (h - foot) * brush.between(0.38, 0.46) * (1 - 0.22 * v * v),
      3,
      i % 2 ? look.colour : dark,
      Math.max(0.006, h * 0.011),
      { w, h },
    )
  }
}

function fork(
  brush: Brush,
  x: number,
  y: number,
  angle: number,
  length: number,
  depth: number,
  colour: string,
  width: number,
  box: { w: number; h: number },
) {
  const bend = brush.between(-0.18, 0.18)
  const x1 = x + Math.cos(angle + bend) * length
  const y1 = y + Math.sin(angle + bend) * length
  if (Math.abs(x1) > box.w * 0.54 || y1 > box.h * 1.02) return
  brush.curve(
    brush.strokePath(12 - depth, colour, width),
    x,
    y,
    x + Math.cos(angle) * length * 0.5,
    y + Math.sin(angle) * length * 0.5,
    x1,
    y1,
  )
  if (depth === 0) return
  for (const turn of [-0.42, 0.08, 0.5]) {
    if (turn === 0.08 && brush.random() < 0.5) continue
    const up = angle + turn * brush.between(0.7, 1.2) + (Math.PI / 2 - angle) * 0.18
    fork(brush, x1, y1, up, length * brush.between(0.5, 0.7), depth - 1, colour, width * 0.62, box)
  }
}

/** A trunk and its main limbs under a crown. */
export function drawTrunk(brush: Brush, crown: MassShape, colour: string) {
  const path = brush.fillPath(5, colour)
  const thick = Math.max(brush.px(2), crown.heightM * 0.032)
  const top = crown.baseM + crown.heightM * 0.35
  path.push(
    M,
    -thick,
    0,
    Q,
    -thick * 0.6,
    top * 0.5,
    -thick * 0.35,
    top,
    Q,
    0,
    top,
    thick * 0.35,
    top,
    Q,
    thick * 0.6,
    top * 0.5,
    thick,
    0,
    Z,
  )
  for (const v of [-0.7, -0.3, 0.35, 0.75]) {
    const y0 = crown.baseM * brush.between(0.75, 1)
    brush.curve(
      brush.strokePath(5, colour, thick * 0.6),
      0,
      y0,
      v * crown.spreadM * 0.1,
      crown.baseM + crown.heightM * 0.2,
      v * crown.spreadM * 0.36,
      crown.baseM + crown.heightM * 0.55,
    )
  }
}

/** Main stems of a vase-shaped shrub, seen below its leaves. */
export function drawVaseStems(brush: Brush, shape: MassShape, colour: string) {
  for (let i = 0; i < 7; i++) {
    const v = (i / 6) * 2 - 1
    const reach = halfWidthAt('vase', 0.6) * (shape.spreadM / 2) * v
    brush.curve(
      brush.strokePath(6, colour, Math.max(0.012, shape.heightM * 0.01)),
      v * shape.spreadM * 0.06,
      0,
      reach * 0.3,
      shape.heightM * 0.35,
      reach,
      shape.heightM * 0.65,
    )
  }
}

/** Dry stems with seed heads that stand through winter. */
export function drawDryStems(brush: Brush, { plant, look, foliageM: h, flowerM, spreadM: w }: Sitter) {
  const count = Math.round(6 + w * 16)
  const light = lighten(look.colour, 0.1)
  const head = brush.fillPath(12, lighten(look.colour, -0.1))
  for (let i = 0; i < count; i++) {
    const v = ((i + brush.random()) / count) * 2 - 1
    const top = Math.max(h, flowerM) * brush.between(0.75, 1)
    const x = v * (w / 2) * 0.85
    brush.curve(
      brush.strokePath(10, i % 3 ? look.colour : light, 0.007),
      v * w * 0.15,
      0,
      x * 0.7,
      top * 0.5,
      x,
      top,
    )
    if (plant.flowerForm === 'spike')
      for (let k = 0; k < 5; k++)
        brush.circle(head, x + brush.between(-1, 1) * brush.px(0.5), top - k * brush.px(2), brush.px(0.9))
    else if (plant.flowerForm === 'plate')
      brush.blade(
        head,
        x - Math.max(0.04, brush.px(3)),
        top,
        0,
        Math.max(0.08, brush.px(6)),
        Math.max(0.02, brush.px(1.4)),
      )
    else brush.circle(head, x, top, Math.max(0.018, brush.px(1.5)))
  }
}
