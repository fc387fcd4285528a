import type { CareTask } from '../care'
import type { Plant } from '../plant'
import type { Point } from '../geometry'
import { outlinesOf } from '../see'
import { lettersOf, type Scene } from '../scene'
import { setOutTable } from './setOutTable'
import { goodSides } from './turning'
import type { Manner, Units } from '../measure'
import type { WeatherPlace } from '../weather'

/** A plant as it is found and ticked on site. Metres in the bed's plan; along and out are those of the planned part, rounded. */
export interface SitePlant {
  readonly ref: string
  readonly plantId: string
  readonly letters: string
  readonly x: number
  readonly y: number
  readonly r: number
  readonly lane: number
  readonly no: number
  readonly alongM: number
  readonly outM: number
  /** Whether its good side is to be turned to the viewer. */
  readonly turn: boolean
  /** Whether the place stays open, for its plant is short or cannot be had. */
  readonly open: boolean
}
export interface SiteBed {
  readonly id: string
  readonly name: string
  readonly outlines: readonly (readonly Point[])[]
  readonly plants: readonly SitePlant[]
}
export interface SiteKind {
  readonly id: string
  readonly letters: string
  readonly botanicalName: string
  readonly commonName: string
  readonly colour: string
  readonly caution: string
}
/** All that is needed to set a garden out without a network for a day. */
export interface SiteSheet {
  readonly gardenId: string
  readonly name: string
  readonly manner: Manner
  readonly beds: readonly SiteBed[]
  readonly kinds: readonly SiteKind[]
  /** What is to be done in the coming weeks. */
  readonly care: readonly CareTask[]
  /** Where it lies, for the day’s weather beside an entry. */
  readonly place: WeatherPlace
}

/** What is carried along beside the beds. */
interface SiteExtras {
  readonly open: ReadonlySet<string>
  readonly care: readonly CareTask[]
  readonly place: WeatherPlace
}

/**
 * The sheet for the site as JSON text in parts, a bed at a time: every part's plants in the order of setting. `open` are places that stay
 * open, as `bed|plant`; what is to be done in the coming weeks goes with it.
 */
export function* siteSheetJson(
  head: Pick<SiteSheet, 'gardenId' | 'name' | 'manner'>,
  scenes: Iterable<{ readonly id: string; readonly scene: Scene }>,
  { open, care, place }: SiteExtras,
): Generator<string> {
  const kinds = new Map<string, SiteKind>()
  yield `${JSON.stringify({ ...head, care, place }).slice(0, -1)},"beds":[`
  let comma = ''
  for (const { id, scene } of scenes) {
    for (const kind of kindsOf(scene)) kinds.set(kind.id, kind)
    yield comma + JSON.stringify(siteBed(id, scene, head.manner.units, open))
    comma = ','
  }
  yield `],"kinds":${JSON.stringify([...kinds.values()])}}`
}

function siteBed(id: string, scene: Scene, units: Units, open: ReadonlySet<string>): SiteBed {
  const { rows: table } = setOutTable(scene, { method: 'baseline', units, path: 'right' })
  const rows = new Map(table.map((r) => [r.plantRef, r]))
  const turned = new Set(goodSides(scene).map((g) => g.plant.id))
  const letters = lettersOf(scene)
  const plants = scene.planted.map((p): SitePlant => {
    const base = p.id.split('@')[0]!
    const row = rows.get(base)
    return {
      ...{ ref: p.id, plantId: p.plant.id, letters: letters.get(p.plant.id) ?? '' },
      ...{ x: p.x, y: p.y, r: p.plant.spreadM / 2, lane: p.lane },
      no: row?.no ?? 0,
      alongM: row?.alongM ?? p.x,
      outM: row?.outM ?? p.y,
      turn: turned.has(base),
      open: open.has(`${id}|${p.id}`),
    }
  })
  plants.sort((a, b) => a.no - b.no)
  return { id, name: scene.bed.name, outlines: outlinesOf(scene.bed, scene.frame), plants }
}

function kindsOf(scene: Scene): SiteKind[] {
  const letters = lettersOf(scene)
  return [...new Set(scene.planted.map((p) => p.plant))].map((plant) => ({
    ...{ id: plant.id, letters: letters.get(plant.id) ?? '' },
    ...{ botanicalName: plant.botanicalName, commonName: plant.commonName },
    colour: plant.flowerColour ?? plant.foliage.summer,
    caution: cautionOf(plant),
  }))
}

/** What hands must know of a plant: thorns, sap, poison. */
export function cautionOf(plant: Plant): string {
  const words = [
    ...(plant.spines === 'none' ? [] : [`${plant.spines}: gloves, goggles`]),
    ...(plant.skin === 'none'
      ? []
      : [plant.skin === 'phototoxic' ? 'sap burns skin in sunlight: cover up' : 'sap irritates: gloves']),
    ...(plant.toxicity.people === 'harmful' || plant.toxicity.people === 'deadly'
      ? [`${plant.toxicity.people} if eaten`]
      : []),
  ]
  return words.join('; ')
}
