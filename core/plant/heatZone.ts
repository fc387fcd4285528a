/** Beyond this latitude summers differ too much from place to place to be told from it. */
const TELLS_TO = 42
/** Up to a latitude (degrees), the heat zone that inland gardens there commonly have. */
const BY_LATITUDE: readonly (readonly [number, number])[] = [
  [28, 10],
  [34, 9],
  [38, 8],
  [TELLS_TO, 7],
]

/**
 * The summers of a garden as a heat zone, by the days a year above 30 °C: 1 none, 2 up to 7, 3 to 14, 4 to 30, 5 to 45, 6 to 60, 7 to 90,
 * 8 to 120, 9 to 150, 10 to 180, 11 to 210, 12 more. What the garden says holds; otherwise a cautious reading of the latitude (degrees),
 * and null where it does not tell: by cool seas a mild winter goes with cool summers.
 */
export function heatZoneOf(said: number | null | undefined, latitude: number | null | undefined): number | null {
  if (said) return said
  if (latitude === null || latitude === undefined) return null
  return BY_LATITUDE.find(([to]) => Math.abs(latitude) <= to)?.[1] ?? null
}
