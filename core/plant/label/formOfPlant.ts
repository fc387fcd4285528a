import { coloursIn, colourWords } from '../../colour'
import { formatLength, type Units } from '../../measure'
import { monthSpan, placeMonths, type Climate } from '../../time'
import type { Plant } from '../plant'
import { rangeWords, sizesSaid } from '../plantWords'
import type { LabelForm } from './labelPlant'

/** The colours that stand behind the words of {@link formOfPlant}, `#rrggbb`. */
export const coloursOfForm = (p: Plant) => ({
  flowerColours: [p.flowerColour, ...p.moreFlowerColours].flatMap((c) => c ?? []),
  leafColour: [p.foliage.summer],
})
/** Words where they are read again as one colour, else its figures. */
function colourText(colour: string): string {
  const words = colourWords(colour)
  return coloursIn(words).length === 1 ? words : colour
}

/** A plant as the form of it reads: figures in the garden's units, light and water and colours in words. */
export function formOfPlant(p: Plant, units: Units, climate: Pick<Climate, 'southern'>): LabelForm {
  const sizes = sizesSaid(p, (m) => formatLength(m, units))
  return {
    height: sizes.height,
    spread: sizes.spread,
    years: String(p.yearsTo90),
    light: rangeWords(p.sun.brightest, p.sun.darkest),
    water: rangeWords(p.water.driest, p.water.wettest),
    soil: p.soils.join(', '),
    zones: `${p.zones.coldest} to ${p.zones.warmest}`,
    flowerColours: coloursOfForm(p).flowerColours.map(colourText).join(', '),
    flowerMonths: monthSpan(placeMonths(p.flowerMonths, climate)).replaceAll('–', ' to '),
    leafColour: colourText(p.foliage.summer),
    scent: p.fragrance,
    sizes: p.sizes.map((s) => `${s.label} ${s.price.toFixed(2)}`).join('; '),
  }
}

/** Columns that a form of a plant can change. */
export const FORM_COLUMNS = [
  'foliage_height_m',
  'flower_height_m',
  'clear_stem_m',
  'height_range_m',
  'spread_m',
  'spread_range_m',
  'years_to_90',
  'sun',
  'water',
  'drought',
  'soil',
  'zones',
  'flower_form',
  'flower_colour',
  'more_flower_colours',
  'flower_months',
  'spring_colour',
  'summer_colour',
  'autumn_colour',
  'winter_colour',
  'second_colour',
  'second_pattern',
  'fragrance',
  'sizes',
] as const
