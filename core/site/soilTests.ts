import type { Soil } from '../plant'

/** Shares of sand, silt and clay by a jar test, 0-1. */
interface JarTest {
  readonly sand: number
  readonly silt: number
  readonly clay: number
  readonly texture: string
  readonly soil: Soil
}

/**
 * Texture from the heights of the layers in a jar of soil and water: sand settles within a minute, silt within two hours, clay after a
 * day or more. Any one unit. Null when no layer has a height. Source: the common texture triangle, its twelve fields in plain words.
 */
export function jarTest(sandMm: number, siltMm: number, clayMm: number): JarTest | null {
  const whole = sandMm + siltMm + clayMm
  if (!(whole > 0)) return null
  const [sand, silt, clay] = [sandMm / whole, siltMm / whole, clayMm / whole]
  const texture = textureOf(sand, silt, clay)
  return { sand, silt, clay, texture, soil: soilOf(texture) }
}

function soilOf(texture: string): Soil {
  if (texture.includes('clay') && !texture.includes('loam')) return 'clay'
  return texture === 'sand' || texture === 'loamy sand' ? 'sand' : 'loam'
}

/** The fields of the triangle (shares of sand, silt, clay); the first that holds is taken. */
const FIELDS: readonly (readonly [name: string, holds: (sand: number, silt: number, clay: number) => boolean])[] = [
  ['silty clay', (_, silt, clay) => clay >= 0.4 && silt >= 0.4],
  ['sandy clay', (sand, _, clay) => clay >= 0.35 && sand > 0.45],
  ['clay', (_sand, _silt, clay) => clay >= 0.4],
  ['silty clay loam', (sand, _, clay) => clay >= 0.27 && sand <= 0.2],
  ['clay loam', (sand, _, clay) => clay >= 0.27 && sand <= 0.45],
  ['sandy clay loam', (_sand, _silt, clay) => clay >= 0.27],
  ['sandy clay loam', (sand, silt, clay) => clay >= 0.2 && sand > 0.45 && silt < 0.28],
  ['silt', (_, silt, clay) => silt >= 0.8 && clay < 0.12],
  ['silt loam', (_, silt) => silt >= 0.5],
  ['sand', (sand, silt, clay) => sand >= 0.85 && silt + 1.5 * clay < 0.15],
  ['loamy sand', (sand, silt, clay) => sand >= 0.7 && silt + 2 * clay < 0.3],
  ['sandy loam', (sand, silt, clay) => sand > 0.52 || (clay < 0.07 && silt < 0.5)],
]

const textureOf = (sand: number, silt: number, clay: number): string =>
  FIELDS.find(([, holds]) => holds(sand, silt, clay))?.[0] ?? 'loam'

/** Ribbons shorter than so many centimetres, gritty or smooth. Source: feel method, 2.5 and 5 cm. */
const RIBBONS: readonly (readonly [underCm: number, soil: Soil, gritty: string, smooth: string])[] = [
  [0.5, 'sand', 'sand or loamy sand: it makes no ribbon', 'sand or loamy sand: it makes no ribbon'],
  [2.5, 'loam', 'sandy loam', 'loam or silt loam'],
  [5, 'loam', 'sandy clay loam', 'clay loam'],
  [Infinity, 'clay', 'sandy clay', 'clay'],
]

/** The soil by how long a ribbon a moist ball presses out to between finger and thumb, centimetres. */
export function ribbonSoil(lengthCm: number, isGritty: boolean): { readonly soil: Soil; readonly words: string } {
  const [, soil, gritty, smooth] = RIBBONS.find(([under]) => lengthCm < under) ?? RIBBONS[RIBBONS.length - 1]!
  return { soil, words: isGritty ? gritty : smooth }
}

interface Percolation {
  readonly mmPerH: number
  readonly drainage: 'quick' | 'steady' | 'slow' | 'stands'
  readonly words: string
}

/**
 * Drainage by a hole filled once to wet it and again to watch it: how far the water fell in how long. Null for no time.
 * Source: 25 to 75 mm an hour suits most plants; under 12 mm an hour water stands.
 */
export function percolation(fellMm: number, minutes: number): Percolation | null {
  if (!(minutes > 0) || fellMm < 0) return null
  const mmPerH = (fellMm / minutes) * 60
  if (mmPerH < 12)
    return {
      mmPerH,
      drainage: 'stands',
      words: 'water stands: choose plants for wet ground, raise the bed, or ask a professional about drains',
    }
  if (mmPerH < 25) return { mmPerH, drainage: 'slow', words: 'slow: tough plants, and no dry-loving ones' }
  if (mmPerH <= 100) return { mmPerH, drainage: 'steady', words: 'steady: right for most plants' }
  return { mmPerH, drainage: 'quick', words: 'quick: it dries out; dry-loving plants, or compost and more water' }
}
