import { lighten, mix } from '../../colour'
import type { FlowerForm, Plant } from '../../plant'
import type { Brush } from './Brush'
import { outlineAt } from './foliageMass'
import { drawHead, headSizeM } from './flowerHead'
import { isLow, type MassShape, type Sitter } from './sitter'

const ORDER = 30

const isBold = ({ leafSize, flowerForm }: Plant) =>
  leafSize === 'bold' && (flowerForm === 'ball' || flowerForm === 'panicle' || flowerForm === 'plate')

/** Size of a head over that of its form, and the share of the outline that heads cover. */
function scatterOf(plant: Plant): { size: number; cover: number } {
  if (isBold(plant)) return { size: 1.7, cover: plant.flowerForm === 'haze' ? 0.16 : 0.5 }
  return { size: isLow(plant.habit) ? 0.7 : 1, cover: plant.flowerForm === 'haze' ? 0.16 : 0.34 }
}
const MOST_HEADS = 150
/** Size of a head on what creeps: of its height at most so much, as long as it can be seen. */
const MOST_OF_LOW = 0.5
const withinLow = ({ plant, flowerM }: Sitter, size: number, brush: Brush) =>
  isLow(plant.habit) ? Math.min(size, Math.max(flowerM * MOST_OF_LOW, brush.px(3))) : size

/** The colour of one head after another: one, or several mixed. */
function coloursOf(brush: Brush, plant: Plant): () => string {
  const all = [plant.flowerColour!, ...plant.moreFlowerColours]
  return all.length === 1 ? () => all[0]! : () => all[Math.floor(brush.random() * all.length)]!
}

/** Flowers scattered over the outside of a leafy outline (shrubs, roses, mats). */
export function drawFlowersOn(brush: Brush, sitter: Sitter, shape: MassShape) {
  const { plant, look } = sitter
  if (!plant.flowerColour || look.flower === 0) return
  const scatter = scatterOf(plant)
  const colour = coloursOf(brush, plant)
  const size = withinLow(sitter, headSizeM(plant.flowerForm, brush.pxPerM) * scatter.size, brush)
  const tall = plant.flowerForm === 'spike' || plant.flowerForm === 'panicle' ? 2 : 1
  const thin = plant.flowerForm === 'haze' ? 0.6 : 1
  const fits = ((shape.spreadM * shape.heightM * scatter.cover) / (size * size)) * thin * tall
  const count = Math.min(MOST_HEADS, Math.max(isLow(shape.habit) ? 7 : 5, fits)) * look.flower
  for (let i = 0; i < count; i++) {
    const u = 0.3 + 0.68 * Math.sqrt(brush.random())
    const v = brush.between(-1, 1)
    const x = (shape.centreX ?? 0) + v * outlineAt(shape.habit, u) * (shape.spreadM / 2) * 0.93
    const y = shape.baseM + u * shape.heightM
    drawHead(brush, plant.flowerForm, colour(), x, y, size * brush.between(0.8, 1.1), ORDER)
  }
}

const isSpiky = (form: FlowerForm) => form === 'spike' || form === 'plume'
const MOST_STEMS = 44
const LEAST_STEMS = 3

/** Size of the heads that stand on stems; long ones take half of what rises over the leaves. */
function stemHeadM({ plant, flowerM }: Sitter, rise: number, pxPerM: number): number {
  const head = headSizeM(plant.flowerForm, pxPerM)
  if (isSpiky(plant.flowerForm) || plant.flowerForm === 'panicle')
    return Math.min(Math.max(head * 0.8, rise * 0.55), flowerM * 0.5)
  return head * (plant.flowerForm === 'ball' && plant.lifeCycle === 'bulb' ? 1.1 : 1)
}

/** How many stems carry flowers. */
function stemCount({ plant, look, spreadM }: Sitter, size: number, leastM: number): number {
  if (plant.lifeCycle === 'bulb') {
    if (spreadM < 0.12) return 3
    return plant.flowerForm === 'ball' ? 1 : 2
  }
  const apart = Math.max(size * (isSpiky(plant.flowerForm) ? 0.3 : 0.75), leastM)
  const amount = look.state === 'dry' ? 0.8 : look.flower
  return Math.max(LEAST_STEMS, Math.min(MOST_STEMS, Math.round((spreadM / apart) * 2.1)) * amount)
}

/** Heads on one stem, by form. */
const PER_STEM: Partial<Readonly<Record<FlowerForm, number>>> = { haze: 9, bell: 4 }
/** How far stems lean out, of half the spread. */
const LEANS: Partial<Readonly<Record<Plant['habit'], number>>> = { fountain: 0.8, sheaf: 0.55 }

const showsStems = ({ plant, look }: Sitter) =>
  look.flower > 0 || (look.state === 'dry' && plant.flowerForm === 'plume')

/** Flowers on stems that rise from the foliage (perennials, bulbs, grasses). */
export function drawFlowerStems(brush: Brush, sitter: Sitter) {
  const { plant, look, foliageM: h, flowerM, spreadM: w } = sitter
  if (!plant.flowerColour || !showsStems(sitter)) return
  const form = plant.flowerForm
  const isDry = look.state === 'dry'
  const fresh = coloursOf(brush, plant)
  const colour = isDry ? (c: string) => mix(c, look.colour, 0.7) : (c: string) => c
  const rise = Math.max(0.02, flowerM - h * 0.6)
  const size = withinLow(sitter, stemHeadM(sitter, rise, brush.pxPerM), brush)
  const perStem = PER_STEM[form] ?? 1
  const count = stemCount(sitter, size, brush.px(3))
  const stemColour = lighten(isDry ? look.colour : mix(look.colour, '#6d8a4a', 0.4), -0.05)
  const stems = brush.strokePath(8, stemColour, 0.006)
  for (let i = 0; i < count; i++) {
    const v = count <= 1 ? brush.between(-0.3, 0.3) : ((i + brush.random()) / count) * 2 - 1
    const x = v * (w / 2) * (LEANS[plant.habit] ?? 0.82)
    const top = Math.max(h * 0.75, flowerM * (1 - 0.2 * v * v) * brush.between(0.86, 1))
    const y = top - size * (isSpiky(form) ? 0.5 : 0.3)
    brush.curve(stems, x * 0.35, h * 0.2, x * 0.75, y * 0.6, x, y)
    for (let k = 0; k < perStem; k++) {
      const off = perStem === 1 ? 0 : 1
      const hx = x + off * brush.between(-1, 1) * w * 0.07
      const hy = y - off * brush.between(0, 1) * rise * 0.45
      drawHead(brush, form, colour(fresh()), hx, hy, size * brush.between(0.85, 1.1), ORDER)
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
  const colour = coloursOf(brush, plant)
  for (const [x, y] of places) {
    if (brush.random() > 0.75 * look.flower) continue
    drawHead(
      brush,
      plant.flowerForm,
      colour(),
      x + brush.between(-0.08, 0.08) * spreadM,
      y,
      size * brush.between(0.8, 1.1),
      ORDER,
    )
  }
}
