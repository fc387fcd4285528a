import type { Bed, Existing } from '../model'
import { keepsPlace, type BedFrame, laneBands, type LaneBand } from '../bed'
import { hashText } from '../geometry'
import { PLAIN_TRAITS, type Plant } from '../plant'
import type { PlacedPlant } from './PlacedPlant'

/**
 * What stands in a bed already, or is reserved, as plants in their places; the first plant of the library lends
 * what a reserved gap does not know.
 */
export function standingPlants(
  bed: Pick<Bed, 'existing'> & Partial<Pick<Bed, 'laneShares'>>,
  library: ReadonlyMap<string, Plant>,
  frame: BedFrame,
): PlacedPlant[] {
  const bands = laneBands(bed.laneShares ?? [1])
  return bed.existing.filter(keepsPlace).flatMap((e) => {
    const known = library.get(e.plantId)
    const lender = known ?? library.values().next().value
    return lender ? [standingPlant(e, lender, known !== undefined, frame, bands)] : []
  })
}

function standingPlant(
  e: Existing,
  lender: Plant,
  known: boolean,
  frame: BedFrame,
  bands: readonly LaneBand[],
): PlacedPlant {
  const { a, v } = frame.locate(e)
  const t = v / Math.max(1e-6, frame.depthAlong(a))
  const isGap = e.fate === 'reserve'
  const divided = e.fate === 'divide' ? Math.max(1, e.into) : 1
  return {
    id: `existing:${e.id}`,
    seed: hashText(e.id),
    driftId: `existing:${e.id}`,
    index: 0,
    plant: plantOf(e, lender, known && !isGap, divided),
    lane: Math.max(
      0,
      bands.findIndex((b) => t <= b.to),
    ),
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
      divided,
      gap: isGap,
      known,
    },
  }
}

/** The same objects while what stands there stays: looks and places are remembered by them. */
const kept = new WeakMap<Existing, { readonly lender: Plant; readonly plant: Plant }>()

function plantOf(e: Existing, lender: Plant, isKnown: boolean, divided: number): Plant {
  const there = kept.get(e)
  if (there?.lender === lender) return there.plant
  const plant = isKnown ? asWideAs(lender, e.spreadM / Math.sqrt(divided)) : standInOf(e, lender)
  kept.set(e, { lender, plant })
  return plant
}

/** A plant that was measured wider than its kind is said to grow keeps the room that it has. */
const asWideAs = (plant: Plant, spreadM: number): Plant => (spreadM > plant.spreadM ? { ...plant, spreadM } : plant)

/** Of an unknown plant, or a gap, its own size is all there is to go by. */
const standInOf = (e: Existing, lender: Plant): Plant => ({
  ...lender,
  id: `reserved-${e.id}`,
  commonName: e.name,
  botanicalName: e.name,
  kind: 'shrub',
  lifeCycle: 'woody',
  spacingHabit: 'stands',
  travels: 'stays',
  runMPerYear: 0,
  hazards: [],
  ...PLAIN_TRAITS,
  foliageHeightM: e.heightM,
  flowerHeightM: e.heightM,
  clearStemM: 0,
  spreadM: e.spreadM,
  flowerColour: null,
  flowerMonths: [],
  flowerForm: 'none',
  habit: 'mound',
})
