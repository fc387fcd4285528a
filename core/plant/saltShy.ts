import type { Plant } from './plant'

/**
 * Genera whose leaves scorch in salt wind or splash. Typical of what growers near the sea and beside salted roads report; until the library
 * holds it plant by plant.
 */
const SALT_SHY = new Set([
  'Abies',
  'Acer',
  'Aesculus',
  'Astilbe',
  'Carpinus',
  'Cercidiphyllum',
  'Cercis',
  'Cornus',
  'Corylus',
  'Dicentra',
  'Fagus',
  'Hamamelis',
  'Kalmia',
  'Leucothoe',
  'Liriodendron',
  'Magnolia',
  'Picea',
  'Pieris',
  'Primula',
  'Rhododendron',
  'Skimmia',
  'Taxus',
  'Tilia',
  'Tsuga',
])

/** Whether salt harms a plant, by its genus. */
export const isSaltShy = (plant: Pick<Plant, 'botanicalName'>): boolean =>
  SALT_SHY.has(plant.botanicalName.split(' ')[0] ?? '')
