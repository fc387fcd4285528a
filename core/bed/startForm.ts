import type { Ground, BedForm, BedKind } from '../model'
import { oval } from './form'

export const plainForm: BedForm = { kind: 'foundation' }

/** The figures a bed of a kind starts from, by its length and depth; metres. */
export function startForm(kind: BedKind, lengthM: number, depthM: number): BedForm {
  switch (kind) {
    case 'foundation':
    case 'screen':
    case 'two-sided':
      return { kind }
    case 'terrace':
      return { kind, baseM: 0.6, fallM: 0 }
    case 'island':
      return { kind, edge: oval(lengthM, depthM), rimM: 0, centre: 'none', centreHeightM: 1.5, showFromM: 1 }
    case 'ring':
      return { kind, edge: oval(lengthM, depthM), rimM: Math.min(lengthM, depthM) / 4, insideHeightM: 2 }
    case 'court':
      return { kind, widthM: lengthM, depthM, pathM: 1.2, repeat: 'mirrored' }
    case 'container':
      return { kind, diameterM: Math.min(lengthM, 1), heightM: 0.5, pots: 2, apartM: 1.4 }
  }
}

/** Ordinary ground, until it has been looked at. */
export const plainGround: Ground = {
  sunHours: 5,
  sunByHand: false,
  facing: 'south',
  water: 'average',
  soil: 'loam',
  ph: 6.5,
  drainage: 'steady',
  wetInWinter: false,
  wind: 'none',
  salt: 'none',
  reflectedHeat: 'none',
  deer: 'none',
  rabbits: 'none',
  irrigation: 'none',
}
