/** The most days a year above 30 °C of each heat zone, 1 to 11; zone 12 has more. */
export const MOST_HOT_DAYS = [0, 7, 14, 30, 45, 60, 90, 120, 150, 180, 210] as const
