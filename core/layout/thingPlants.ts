import type { Bed, Feature } from '../model'
import { FEATURES, type BedFrame, standingDiscs } from '../bed'
import { hashText } from '../geometry'
import { type Habit, PLAIN_TRAITS, type Plant } from '../plant'
import type { PlacedPlant } from './PlacedPlant'

/** How a thing stops the eye: the outline that is nearest to its own, and the share of light that it stops. */
const STOPS: Partial<Readonly<Record<Feature['kind'], readonly [Habit, number]>>> = {
  boulder: ['mound', 1],
  pot: ['clipped', 1],
  urn: ['vase', 1],
  post: ['clipped', 1],
  obelisk: ['cone', 0.3],
  bench: ['clipped', 0.5],
  trellis: ['clipped', 0.3],
  wires: ['clipped', 0.05],
}

/** Things that stand in a bed as bodies that hide what is behind them; the first plant of the library lends what they do not have. */
export function thingPlants(
  { features }: Pick<Bed, 'features'>,
  library: ReadonlyMap<string, Plant>,
  frame: BedFrame,
): PlacedPlant[] {
  const lender = library.values().next().value
  if (!lender) return []
  return features.flatMap((f) => {
    const stops = STOPS[f.kind]
    if (!stops || FEATURES[f.kind].lies) return []
    return standingDiscs(f).map((disc, index): PlacedPlant => {
      const { a, v } = frame.locate(disc)
      const { heightM } = f
      const id = `thing:${f.id}:${index}`
      return {
        id,
        seed: hashText(id),
        driftId: `thing:${f.id}`,
        index,
        plant: asPlant(f, lender, 2 * disc.r, stops),
        lane: 0,
        x: disc.x,
        y: disc.y,
        along: a,
        out: v,
        pinned: true,
        crowded: false,
        neighbour: `thing:${f.id}`,
        standing: { heightM, spreadM: 2 * disc.r, cutBack: false, divided: 1, gap: false, known: false },
      }
    })
  })
}

const asPlant = (
  f: Feature,
  lender: Plant,
  spreadM: number,
  [habit, density]: readonly [Habit, number],
): Plant => ({
  ...lender,
  id: `thing-${f.id}`,
  commonName: FEATURES[f.kind].name,
  botanicalName: FEATURES[f.kind].name,
  kind: 'shrub',
  lifeCycle: 'woody',
  retention: 'evergreen',
  spacingHabit: 'stands',
  habit,
  density,
  clearStemM: 0,
  foliageHeightM: f.heightM,
  flowerHeightM: f.heightM,
  spreadM,
  flowerMonths: [],
  hazards: [],
  ...PLAIN_TRAITS,
})
