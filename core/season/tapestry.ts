import type { Body } from '../layout'
import { fullHeightM, shownOf, type Plant } from '../plant'
import { driftsSeen, seenPicture, type Scene } from '../scene'
import { PLACE_MONTHS, type PlaceMonth } from '../time'
import { monthInterest, type MonthInterest } from './monthInterest'

/** What is seen of a drift in a half-month. */
export interface TapestryCell {
  readonly month: PlaceMonth
  /** Square metres of the picture in which it is seen. */
  readonly seenM2: number
  /** The kind that stands there; null when nobody does. */
  readonly plant: Plant | null
  readonly state: 'leaf' | 'bare' | 'dry' | 'gone'
  readonly colour: string
  /** Share of the full show of flower and of fruit, 0-1, with their colours. */
  readonly flower: { readonly colour: string; readonly share: number } | null
  readonly fruit: { readonly colour: string; readonly share: number } | null
}
export interface TapestryRow {
  readonly driftId: string
  readonly plant: Plant
  readonly count: number
  readonly heightM: number
  readonly cells: readonly TapestryCell[]
  readonly mostM2: number
}
export interface Tapestry {
  readonly year: number
  /** Tall to low. */
  readonly rows: readonly TapestryRow[]
  readonly months: readonly MonthInterest[]
  /** Of each month the flower colours that show, greatest first, with their shares of all that flowers. */
  readonly colours: readonly (readonly { readonly colour: string; readonly share: number }[])[]
}

const MOST_COLOURS = 6

/**
 * The year of a bed at a glance: a row a drift from tall to low, two columns a month; what is seen of each, its leaf, flower and fruit.
 * The first half of a month is as its picture shows it, the second lies between it and the next. Source: docs/grounds/keeping, The
 * tapestry.
 */
export function tapestry(scene: Scene, year: number): Tapestry {
  const months = PLACE_MONTHS.map((month) => monthOf(scene, month, year))
  const rows = driftsSeen(scene).map((seen): TapestryRow => {
    const own = months.map((m) => m.get(seen.drift.id) ?? NOTHING)
    const cells = own.flatMap((here, i) => halves(here, own[(i + 1) % own.length]!, PLACE_MONTHS[i]!))
    return {
      driftId: seen.drift.id,
      plant: seen.plant,
      count: seen.placed.length,
      heightM: fullHeightM(seen.plant),
      cells,
      mostM2: Math.max(...cells.map((c) => c.seenM2)),
    }
  })
  rows.sort((a, b) => b.heightM - a.heightM || (a.driftId < b.driftId ? -1 : 1))
  return { year, rows, months: monthInterest(scene), colours: months.map(coloursOf) }
}

interface Shown {
  readonly seenM2: number
  readonly body: Body | null
}

/** What is seen of each drift in a month; the body that shows most of it stands for its look. */
function monthOf(scene: Scene, month: PlaceMonth, year: number): Map<string, Shown> {
  const picture = seenPicture(scene, { month, year })
  const drifts = new Map<string, { seenM2: number; body: Body; most: number }>()
  picture.bodies.forEach((body, i) => {
    if (!picture.isOwn(i)) return
    const seen = picture.seenM2[i]!
    const there = drifts.get(body.at.driftId)
    const isMost = !there || seen > there.most
    drifts.set(body.at.driftId, {
      seenM2: (there?.seenM2 ?? 0) + seen,
      body: isMost ? body : there.body,
      most: isMost ? seen : there.most,
    })
  })
  return drifts
}

const NOTHING: Shown = { seenM2: 0, body: null }

function halves(here: Shown, next: Shown, month: PlaceMonth): TapestryCell[] {
  const first = cellOf(here, month)
  const between = (here.seenM2 + next.seenM2) / 2
  // A hand-over is no mixture: who stands there stays to the end of the month.
  const isSame = here.body?.at.plant === next.body?.at.plant
  const later = cellOf(next, month)
  const mean = (a: TapestryCell['flower'], b: TapestryCell['flower']) => {
    const share = ((a?.share ?? 0) + (b?.share ?? 0)) / 2
    return share > 0 ? { colour: (a ?? b)!.colour, share } : null
  }
  if (!isSame) return [first, first]
  return [
    first,
    {
      ...first,
      seenM2: between,
      state: first.state === 'gone' ? later.state : first.state,
      flower: mean(first.flower, later.flower),
      fruit: mean(first.fruit, later.fruit),
    },
  ]
}

function cellOf({ seenM2, body }: Shown, month: PlaceMonth): TapestryCell {
  if (!body || body.look.state === 'gone')
    return { month, seenM2: 0, plant: null, state: 'gone', colour: '#00000000', flower: null, fruit: null }
  const { plant } = body.at
  const { fruit } = shownOf(plant, body.look)
  return {
    month,
    seenM2,
    plant,
    state: body.look.state,
    colour: body.look.colour,
    flower:
      plant.flowerColour && body.look.flower > 0 ? { colour: plant.flowerColour, share: body.look.flower } : null,
    fruit: fruit ? { colour: fruit.colour, share: body.look.fruit } : null,
  }
}

function coloursOf(drifts: ReadonlyMap<string, Shown>): { colour: string; share: number }[] {
  const areas = new Map<string, number>()
  let whole = 0
  for (const shown of drifts.values()) {
    const { flower } = cellOf(shown, 1)
    if (!flower) continue
    const area = shown.seenM2 * flower.share
    areas.set(flower.colour, (areas.get(flower.colour) ?? 0) + area)
    whole += area
  }
  return [...areas]
    .map(([colour, area]) => ({ colour, share: whole > 0 ? area / whole : 0 }))
    .sort((a, b) => b.share - a.share)
    .slice(0, MOST_COLOURS)
}

/** A month that matters and shows next to nothing. */
const LEAST_OF_MONTH = 0.12
/** Months with less to show than that, of those that matter; all months of the growing season when none were named. */
export function gapsOf(
  { months }: Tapestry,
  matter: readonly PlaceMonth[],
  growing: readonly PlaceMonth[],
): PlaceMonth[] {
  const asked = new Set(matter.length > 0 ? matter : growing)
  return months.filter((m) => asked.has(m.month) && m.interest < LEAST_OF_MONTH).map((m) => m.month)
}
