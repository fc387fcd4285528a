/** What each figure of a school is called, its limits and its step. */
export const SCHOOL_FIGURES = {
  spacing: { label: 'spacing factor', min: 0.5, max: 1.3, step: 0.05 },
  bareShare: { label: 'bare soil allowed', min: 0, max: 0.6, step: 0.05 },
  bareCircleM: { label: 'largest bare circle, m', min: 0.2, max: 3, step: 0.05 },
  singlesShare: { label: 'singles among the kinds', min: 0, max: 1, step: 0.05 },
  paletteTolerance: { label: 'colour may stray, ΔE', min: 5, max: 100, step: 1 },
  evergreenShare: { label: 'leaf in winter', min: 0, max: 0.9, step: 0.05 },
} as const
