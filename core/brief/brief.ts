import { MANNERS, type Brief } from '../model'
import type { PlaceMonth } from '../time'

/** How a garden is kept, as it is shown. */
export const MANNER_WORDS: Readonly<Record<(typeof MANNERS)[number], string>> = {
  'clipped and polished': 'clipped and polished',
  neat: 'neat',
  loose: 'loose',
  'wild at the edges': 'wild at the edges',
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
