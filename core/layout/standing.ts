import { keepsPlace, type Bed, type BedFrame } from '../bed'
import { hashText } from '../geometry'
import type { Plant } from '../plant'
import type { PlacedPlant } from './place'

/** What stands in a bed already, or is reserved, as plants in their places; the first plant of the library lends what a reserved gap does not know. */
export function standingPlants(
  bed: Pick<Bed, 'existing'>,
  library: ReadonlyMap<string, Plant>,
  frame: BedFrame,
): PlacedPlant[] {
  return bed.existing.filter(keepsPlace).flatMap((e) => {
    const known = library.get(e.plantId)
    const lender = known ?? library.values().next().value
    if (!lender) return []
    // Of an unknown plant, or a gap, its own size is all there is to go by.
    const plant: Plant =
      known && e.fate !== 'reserve'
        ? known
        : {
            ...lender,
            id: `reserved-${e.id}`,
            commonName: e.name,
            botanicalName: e.name,
            kind: 'shrub',
            lifeCycle: 'woody',
            spacingHabit: 'stands',
            foliageHeightM: e.heightM,
            flowerHeightM: e.heightM,
            spreadM: e.spreadM,
            flowerColour: null,
            flowerMonths: [],
            flowerForm: 'none',
            habit: 'mound',
          }
    const { a, v } = frame.locate(e)
    return [
      {
        id: `existing:${e.id}`,
        seed: hashText(e.id),
        driftId: `existing:${e.id}`,
        index: 0,
        plant,
        lane: 0,
        x: e.x,
        y: e.y,
        along: a,
        out: v,
        pinned: true,
        crowded: false,
        standing: {
          heightM: e.heightM,
          spreadM: e.spreadM,
          cutBack: e.fate === 'cut-back',
          divided: e.fate === 'divide' ? Math.max(1, e.into) : 1,
          gap: e.fate === 'reserve',
        },
      },
    ]
  })
}
