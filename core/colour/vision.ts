import { filterDeficiencyDeuter, filterDeficiencyProt, filterDeficiencyTrit } from 'culori/fn'
import { formatHex, toRgb } from './spaces'

export const VISIONS = ['full', 'no-red', 'no-green', 'no-blue'] as const
export type Vision = (typeof VISIONS)[number]
export const VISION_WORDS: Readonly<Record<Vision, string>> = {
  full: 'full colour',
  'no-red': 'red-blind',
  'no-green': 'green-blind',
  'no-blue': 'blue-blind',
}

const BLACK = { mode: 'rgb' as const, r: 0, g: 0, b: 0 }
const FILTERS = {
  'no-red': filterDeficiencyProt(1),
  'no-green': filterDeficiencyDeuter(1),
  'no-blue': filterDeficiencyTrit(1),
}

/** A colour as people with a common colour-vision deficiency see it. Source: culori, after Machado and others. */
export const seenAs = (colour: string, vision: Vision): string =>
  vision === 'full' ? colour : formatHex(FILTERS[vision](toRgb(colour) ?? BLACK))
