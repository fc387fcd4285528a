import type { Soil } from '../plant'

/** Shares of sand, silt and clay by a jar test, 0-1. */
export interface JarTest {
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
  return {
    sand,
    silt,
    clay,
    texture,
    soil:
      texture.includes('clay') && !texture.includes('loam')
        ? 'clay'
        : texture === 'sand' || texture === 'loamy sand'
          ? 'sand'
          : 'loam',
  }
}

function textureOf(sand: number, silt: number, clay: number): string {
  if (clay >= 0.4) return silt >= 0.4 ? 'silty clay' : sand > 0.45 ? 'sandy clay' : 'clay'
  if (clay >= 0.35 && sand > 0.45) return 'sandy clay'
  if (clay >= 0.27) return sand <= 0.2 ? 'silty clay loam' : sand <= 0.45 ? 'clay loam' : 'sandy clay loam'
  if (clay >= 0.2 && sand > 0.45 && silt < 0.28) return 'sandy clay loam'
  if (silt >= 0.8 && clay < 0.12) return 'silt'
  if (silt >= 0.5) return 'silt loam'
  if (sand >= 0.85 && silt + 1.5 * clay < 0.15) return 'sand'
  if (sand >= 0.7 && silt + 2 * clay < 0.3) return 'loamy sand'
  if (sand > 0.52 || (clay < 0.07 && silt < 0.5)) return 'sandy loam'
  return 'loam'
}

/** The soil by how long a ribbon a moist ball presses out to between finger and thumb, centimetres. Source: feel method, 2.5 and 5 cm. */
export const ribbonSoil = (lengthCm: number, gritty: boolean): { readonly soil: Soil; readonly words: string } =>
  lengthCm < 0.5
    ? { soil: 'sand', words: 'sand or loamy sand: it makes no ribbon' }
    : lengthCm < 2.5
      ? { soil: 'loam', words: gritty ? 'sandy loam' : 'loam or silt loam' }
      : lengthCm < 5
        ? { soil: 'loam', words: gritty ? 'sandy clay loam' : 'clay loam' }
        : { soil: 'clay', words: gritty ? 'sandy clay' : 'clay' }

export interface Percolation {
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
