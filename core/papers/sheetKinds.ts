/** Sheets of a dossier, in their order. */
export const SHEET_KINDS = [
  'cover',
  'plan',
  'elevation',
  'schedule',
  'setout',
  'water',
  'works',
  'care',
  'cautions',
] as const
export type SheetKind = (typeof SHEET_KINDS)[number]
