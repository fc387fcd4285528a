import type { CareTask } from '../care'
import type { Plant } from '../plant'
import type { Point } from '../geometry'
import { outlinesOf } from '../see'
import { lettersOf, type Scene } from '../scene'
import { setOutTable } from './setOutTable'
import { goodSides } from './turning'
import type { Manner } from '../measure'
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
export interface SiteExtras {
  readonly open: ReadonlySet<string>
  readonly care: readonly CareTask[]
  readonly place: WeatherPlace
}

/**
 * A garden's beds as they are found and ticked on site, every part's plants in the order of setting. `open` are places that stay open, as
 * `bed|plant`; what is to be done in the coming weeks goes with it.
 */
export function siteSheet(
  gardenId: string,
  name: string,
  manner: Manner,
  scenes: readonly { readonly id: string; readonly scene: Scene }[],
  { open, care, place }: SiteExtras,
): SiteSheet {
  const kinds = new Map<string, SiteKind>()
  const beds = scenes.map(({ id, scene }): SiteBed => {
    const rows = new Map(
      setOutTable(scene, { method: 'baseline', units: manner.units, path: 'right' }).rows.map((r) => [
        r.plantRef,
        r,
      ]),
    )
    const turned = new Set(goodSides(scene).map((g) => g.plant.id))
    const letters = lettersOf(scene)
    const plants = scene.planted.map((p): SitePlant => {
      const base = p.id.split('@')[0]!
      const row = rows.get(base)
      const key = letters.get(p.plant.id) ?? ''
      if (!kinds.has(p.plant.id))
        kinds.set(p.plant.id, {
          ...{ id: p.plant.id, letters: key, botanicalName: p.plant.botanicalName, commonName: p.plant.commonName },
          ...{ colour: p.plant.flowerColour ?? p.plant.foliage.summer, caution: cautionOf(p.plant) },
        })
      return {
        ...{ ref: p.id, plantId: p.plant.id, letters: key, x: p.x, y: p.y, r: p.plant.spreadM / 2, lane: p.lane },
        ...{
          no: row?.no ?? 0,
          alongM: row?.alongM ?? p.x,
          outM: row?.outM ?? p.y,
          turn: turned.has(base),
          open: open.has(`${id}|${p.id}`),
        },
      }
    })
    plants.sort((a, b) => a.no - b.no)
    return { id, name: scene.bed.name, outlines: outlinesOf(scene.bed, scene.frame), plants }
  })
  return { gardenId, name, manner, beds, kinds: [...kinds.values()], care, place }
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
