import type { BedKind } from '~~/core/model'

/** The kinds of bed as designers say them. */
export const KIND_NAMES: Readonly<Record<BedKind, string>> = {
  foundation: 'foundation or backed border',
  screen: 'mixed screen',
  terrace: 'terrace level',
  'two-sided': 'two-sided border',
  island: 'island',
  ring: 'ring round existing planting',
  court: 'patterned court',
  container: 'pots',
}
