import type { PlaceMonth } from '../time'
import type { SchoolChanges, SchoolId } from '../bed'
import type { Theme } from '../colour'

export const PURPOSES = ['welcome', 'display', 'rest', 'screen', 'learning', 'work'] as const
export const MANNERS = ['clipped and polished', 'neat', 'loose', 'wild at the edges'] as const
/** How a garden is kept, as it is shown. */
export const MANNER_WORDS: Readonly<Record<(typeof MANNERS)[number], string>> = {
  'clipped and polished': 'clipped and polished',
  neat: 'neat',
  loose: 'loose',
  'wild at the edges': 'wild at the edges',
}
export const WEIGHTS = ['must', 'wish', 'never', 'open'] as const
export type Weight = (typeof WEIGHTS)[number]

export const TRAITS = [
  'evergreen',
  'scent',
  'wildlife',
  'long-flower',
  'poison',
  'sap',
  'thorns',
  'deer-food',
  'rabbit-food',
  'thirsty',
  'runs',
  'invasive',
  'annual',
  'heavy-work',
] as const
export type TraitId = (typeof TRAITS)[number]

/** What is asked of plants: a trait they must, should or must never have, everywhere or in some beds. */
export interface Requirement {
  readonly trait: TraitId
  readonly weight: Exclude<Weight, 'open'>
  /** Bed ids; empty for everywhere. */ readonly beds: readonly string[]
}

/** What a garden is for, as agreed with those who use it. */
export interface Brief {
  readonly client: string
  readonly purpose: (typeof PURPOSES)[number]
  readonly manner: (typeof MANNERS)[number]
  readonly school: SchoolId
  /** Months in which it must look its best. */
  readonly months: readonly PlaceMonth[]
  readonly requirements: readonly Requirement[]
  /** Hours of work a year that there are for all beds; 0 when not said. */
  readonly hoursAYear: number
  readonly budget: number
  readonly phases: number
  /** Names or parts of names of plants. */
  readonly likes: readonly string[]
  readonly hates: readonly string[]
  /** What stays where it is, in words. */
  readonly stays: string
  readonly theme: Theme | null
  readonly schools: SchoolChanges
}

/** What a brief asks of one bed beside its traits and colours, with what the garden's other beds take of it. */
export interface Asked {
  readonly months: readonly PlaceMonth[]
  readonly likes: readonly string[]
  readonly hates: readonly string[]
  /** Hours a year and money that there are for all beds; 0 when not said. */
  readonly hoursAYear: number
  readonly budget: number
  readonly otherBeds: number
  /** What the other beds take of them. */
  readonly otherHours: number
  readonly otherMoney: number
}

/** A brief that asks nothing of a bed. */
export const NOTHING_ASKED: Asked = {
  months: [],
  likes: [],
  hates: [],
  hoursAYear: 0,
  budget: 0,
  otherBeds: 0,
  otherHours: 0,
  otherMoney: 0,
}

export const EMPTY_BRIEF: Brief = {
  client: '',
  purpose: 'welcome',
  manner: 'neat',
  school: 'layered',
  months: [],
  requirements: [],
  hoursAYear: 0,
  budget: 0,
  phases: 1,
  likes: [],
  hates: [],
  stays: '',
  theme: null,
  schools: {},
}
