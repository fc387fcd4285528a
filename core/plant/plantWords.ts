import { monthName, monthSpan, placeMonths, type Climate, type PlaceMonth } from '../time'
import { lookAt } from './look'
import { words } from './fit'
import { fullHeightM, type Plant } from './plant'

export const HAZARD_WORDS: Readonly<Record<Plant['hazards'][number], string>> = {
  poison: 'poisonous parts',
  sap: 'irritant sap',
  thorns: 'thorns',
}

/** How long a plant holds its leaf. */
export const RETENTION_WORDS: Readonly<Record<Plant['retention'], string>> = {
  evergreen: 'evergreen',
  'semi-evergreen': 'half evergreen',
  deciduous: 'bare in winter',
  'dies-back': 'dies back in winter',
  stands: 'dry stems stand in winter',
  'summer-dormant': 'gone in summer',
  'one-season': 'one season only',
}

/** Two ends of a range in words: `full sun to part shade`, `average`. */
export const rangeWords = (from: string, to: string): string =>
  from === to ? words(from) : `${words(from)} to ${words(to)}`

/** Height and spread of a grown plant, a length or from and to where both are known; `length` writes metres in the garden's manner. */
export function sizesSaid(p: Plant, length: (m: number) => string): { height: string; spread: string } {
  const said = (range: Plant['heightRange'], middle: number) =>
    range ? `${length(range.least)} to ${length(range.most)}` : length(middle)
  return { height: said(p.heightRange, fullHeightM(p)), spread: said(p.spreadRange, p.spreadM) }
}

const STATE_WORDS = {
  leaf: 'in leaf',
  bare: 'bare wood',
  dry: 'dry stems',
  gone: 'nothing above the ground',
} as const

/** What a plant shows in one month and over the year: `June: in leaf and in flower. Bare in winter; ball flowers Jun; slight scent.` */
export function showsWords(plant: Plant, month: PlaceMonth, climate: Climate): string {
  const look = lookAt(plant, month, climate)
  const now = `${monthName(month)}: ${STATE_WORDS[look.state]}${look.flower > 0 ? ' and in flower' : ''}`
  const flowers = monthSpan(placeMonths(plant.flowerMonths, climate))
  const year = [
    RETENTION_WORDS[plant.retention],
    ...(flowers ? [`${plant.flowerForm} flowers ${flowers}`] : []),
    ...(plant.fragrance === 'none' ? [] : [`${plant.fragrance} scent`]),
  ].join('; ')
  return `${now}. ${year.charAt(0).toUpperCase()}${year.slice(1)}.`
}
/** `Nepeta × faassenii` → `Nepeta` */
export const genusOf = ({ botanicalName }: Pick<Plant, 'botanicalName'>): string =>
  botanicalName.split(' ')[0] ?? ''
