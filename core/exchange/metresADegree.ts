const DEGREE = Math.PI / 180
/** WGS84: half of the longer axis, metres, and the square of the eccentricity. */
const AXIS_M = 6_378_137
const FLATTENING = 1 / 298.257_223_563
const E2 = FLATTENING * (2 - FLATTENING)

/**
 * Metres of a degree of longitude and of latitude at a latitude in degrees, on the WGS84 ellipsoid: the radii of curvature in the prime
 * vertical, `N = a / √(1 − e² sin² φ)`, and in the meridian, `M = N (1 − e²) / (1 − e² sin² φ)`.
 */
export function metresADegree(latitude: number): { readonly east: number; readonly north: number } {
  const phi = latitude * DEGREE
  const w2 = 1 - E2 * Math.sin(phi) ** 2
  const n = AXIS_M / Math.sqrt(w2)
  return { east: DEGREE * n * Math.cos(phi), north: (DEGREE * n * (1 - E2)) / w2 }
}
