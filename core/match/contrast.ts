import { deltaE } from '../colour'
import { fullHeightM, LEAF_SIZES, type Habit, type Plant } from '../plant'

/** Habits that read as one form side by side. */
const FORM: Readonly<Record<Habit, string>> = {
  mound: 'round',
  globe: 'round',
  cone: 'upright',
  column: 'upright',
  vase: 'spreading',
  fountain: 'grassy',
  sheaf: 'grassy',
  spire: 'upright',
  mat: 'low',
  rosette: 'crown',
  fronds: 'crown',
  trailing: 'low',
  climber: 'climbing',
  tree: 'spreading',
  clipped: 'clipped',
}

function formContrast(a: Plant, b: Plant): number {
  if (a.habit === b.habit) return 0
  return FORM[a.habit] === FORM[b.habit] ? 8 : 25
}

/**
 * Contrast of two neighbours, 0-100: texture 30, form 25, colour 25, height step 20. Source: docs/grounds/calculations, Colour and
 * contrast.
 */
export function pairContrast(a: Plant, b: Plant): number {
  const step = Math.abs(LEAF_SIZES.indexOf(a.leafSize) - LEAF_SIZES.indexOf(b.leafSize))
  const texture = Math.min(
    30,
    step * 10 + (a.leafOutline === b.leafOutline ? 0 : 10) + (a.leafSurface === b.leafSurface ? 0 : 5),
  )
  const form = formContrast(a, b)
  const colour = 25 * Math.min(1, deltaE(a.foliage.summer, b.foliage.summer) / 22)
  const high = Math.max(fullHeightM(a), fullHeightM(b))
  const height = 20 * Math.min(1, Math.abs(fullHeightM(a) - fullHeightM(b)) / (0.5 * high))
  return texture + form + colour + height
}

/** One stands over the other by a third and more. */
const OVER = 1.35
function differInHeight(a: Plant, b: Plant): boolean {
  const [high, low] = [Math.max(fullHeightM(a), fullHeightM(b)), Math.min(fullHeightM(a), fullHeightM(b))]
  return high > low * OVER
}
const OTHER_FLOWER = 18
function differInFlower(a: Plant, b: Plant): boolean {
  if (!a.flowerColour || !b.flowerColour) return a.flowerColour !== b.flowerColour
  return deltaE(a.flowerColour, b.flowerColour) > OTHER_FLOWER || a.flowerForm !== b.flowerForm
}

/**
 * Neighbours that blend: one form, height and flower, one texture, and leaves under ΔE 7 apart in summer and in winter (or autumn, for
 * leaves that fall).
 */
export function blends(a: Plant, b: Plant): boolean {
  if (a.id === b.id || a.leafSize !== b.leafSize || a.leafOutline !== b.leafOutline) return false
  if (FORM[a.habit] !== FORM[b.habit] || differInHeight(a, b) || differInFlower(a, b)) return false
  const late = a.retention === 'evergreen' && b.retention === 'evergreen' ? 'winter' : 'autumn'
  return deltaE(a.foliage.summer, b.foliage.summer) < 7 && deltaE(a.foliage[late], b.foliage[late]) < 7
}
