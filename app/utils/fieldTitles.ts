import type { LabelField } from '~~/core/plant'

/** What a form of a plant calls its fields. */
export const FIELD_TITLES: Readonly<Record<LabelField, string>> = {
  botanicalName: 'Botanical name',
  commonName: 'Everyday name',
  kind: 'Kind of plant',
  leaf: 'Leaf in winter',
  height: 'Height',
  spread: 'Width',
  years: 'Years to full size',
  light: 'Light',
  water: 'Water',
  soil: 'Soil',
  zones: 'Hardiness',
  flowerColours: 'Flower colours',
  flowerMonths: 'Months of flower',
  leafColour: 'Leaf colour',
  scent: 'Scent',
  leftBy: 'Left alone by',
  sizes: 'Size bought, price',
}
