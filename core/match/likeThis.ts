import { coloursIn, deltaE } from '../colour'
import { EATERS, fullHeightM, isSafetyKnown, type Plant } from '../plant'
import { unlikeness } from './standIn'

/** What is to be other than in the plant that is liked. */
export const BUTS = ['lower', 'narrower', 'white', 'evergreen', 'hardier', 'safer', 'cheaper'] as const
export type But = (typeof BUTS)[number]

const LESS = 0.82
const [WHITE] = coloursIn('white')
const NEAR_WHITE = 9
const priceOf = (p: Plant) => Math.min(...p.sizes.map((s) => s.price))
const isHarmless = (p: Plant) =>
  isSafetyKnown(p) && p.hazards.length === 0 && EATERS.every((e) => p.toxicity[e] === 'none')

const HOLDS: Readonly<Record<But, (p: Plant, than: Plant) => boolean>> = {
  lower: (p, than) => fullHeightM(p) <= fullHeightM(than) * LESS,
  narrower: (p, than) => p.spreadM <= than.spreadM * LESS,
  white: (p) => p.flowerColour !== null && deltaE(p.flowerColour, WHITE!.hex) <= NEAR_WHITE,
  evergreen: (p) => p.retention === 'evergreen',
  hardier: (p, than) => p.zones.coldest < than.zones.coldest,
  safer: isHarmless,
  cheaper: (p, than) => priceOf(p) < priceOf(than),
}
/** The plant with what is to be other left open, so that it costs no likeness. */
const opened: Readonly<Partial<Record<But, (than: Plant, p: Plant) => Plant>>> = {
  lower: (than, p) => ({ ...than, foliageHeightM: p.foliageHeightM, flowerHeightM: p.flowerHeightM }),
  narrower: (than, p) => ({ ...than, spreadM: p.spreadM }),
  white: (than, p) => ({ ...than, flowerColour: p.flowerColour }),
  evergreen: (than, p) => ({ ...than, retention: p.retention }),
}

/** Whether a plant already is what is asked of another like it. */
export const isSo = (plant: Plant, but: But): boolean =>
  (but === 'white' || but === 'evergreen' || but === 'safer') && HOLDS[but](plant, plant)

/** Plants like one that is liked, but lower, white, evergreen …: nearest to its role first. None of them is it. */
export const likeThis = (plants: readonly Plant[], liked: Plant, but: But): Plant[] =>
  plants
    .filter(
      (p) => p.id !== liked.id && (p.kind === 'climber') === (liked.kind === 'climber') && HOLDS[but](p, liked),
    )
    .map((p) => ({ p, cost: unlikeness(opened[but]?.(liked, p) ?? liked, p) }))
    .sort((a, b) => a.cost - b.cost || a.p.id.localeCompare(b.p.id))
    .map(({ p }) => p)
