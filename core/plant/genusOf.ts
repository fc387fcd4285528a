import type { Plant } from './plant'

/** `Nepeta × faassenii` → `Nepeta` */
export const genusOf = ({ botanicalName }: Pick<Plant, 'botanicalName'>): string =>
  botanicalName.split(' ')[0] ?? ''
