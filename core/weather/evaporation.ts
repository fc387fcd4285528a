const SOLAR = 0.082
const MINUTES_A_DAY = 24 * 60
const DEG = Math.PI / 180
/** One MJ/m² evaporates so many millimetres of water. */
const MM_A_MJ = 0.408

/**
 * Radiation at the top of the air, MJ/m² a day, at a latitude (degrees, south negative) on a day of the year (1-366). From the sun's
 * declination and its hour at sunset; where the sun stays up or down all day the hour is held at its end. Source:
 * docs/grounds/calculations, Materials, water, work, money.
 */
export function skyRadiation(latitude: number, dayOfYear: number): number {
  const turn = (2 * Math.PI * dayOfYear) / 365
  const nearness = 1 + 0.033 * Math.cos(turn)
  const declination = 0.409 * Math.sin(turn - 1.39)
  const phi = latitude * DEG
  const sunset = Math.acos(Math.max(-1, Math.min(1, -Math.tan(phi) * Math.tan(declination))))
  const up =
    sunset * Math.sin(phi) * Math.sin(declination) + Math.cos(phi) * Math.cos(declination) * Math.sin(sunset)
  return Math.max(0, (MINUTES_A_DAY / Math.PI) * SOLAR * nearness * up)
}

/**
 * Water that short grass gives off, mm a day, from the least and greatest temperature (°C), after Hargreaves:
 * `0.0023 · (mean + 17.8) · √(high − low) · radiation · 0.408`. Never less than none. Source: docs/grounds/keeping, Water.
 */
export function grassWater(lowC: number, highC: number, latitude: number, dayOfYear: number): number {
  const mean = (lowC + highC) / 2
  const span = Math.max(0, highC - lowC)
  return Math.max(0, 0.0023 * (mean + 17.8) * Math.sqrt(span) * skyRadiation(latitude, dayOfYear) * MM_A_MJ)
}
