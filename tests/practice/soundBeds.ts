import { OTHER_FOUNDATIONS } from './otherFoundations'
import { OTHER_KINDS } from './otherKinds'
import type { SoundBed } from './soundBed'
import { SUNNY_FOUNDATIONS } from './sunnyFoundations'

/** Beds as a designer would set them, of all kinds, schools and climates. */
export const SOUND_BEDS: readonly SoundBed[] = [...SUNNY_FOUNDATIONS, ...OTHER_FOUNDATIONS, ...OTHER_KINDS]
