import { EATERS, type Plant } from '../../plant'
import { doorsOf } from '../../site'
import { standIns } from '../../match'
import { swapKind } from '../../edit'
import type { PlacedPlant } from '../../layout'
import { capital, metres, nameOf, type Scene } from '../../scene'
import type { Finding } from '../finding'
import { ofBed } from '../ofBed'
import { byKind, type WholeRule } from '../rule'

const NEAR_M = 1
const DOOR_SILL_M = 0.25
const IS_HARMFUL: ReadonlySet<string> = new Set(['harmful', 'deadly'])

/** Thorns, burning sap and poison within reach of a seat or a door of the bed. */
export const harm: WholeRule = {
  id: 'harm',
  findings: (scene) => {
    const places = placesOf(scene)
    if (places.length === 0) return []
    return places.flatMap(({ id, name, isNear }) => {
      const near = scene.planted.filter((p) => words(p.plant, name) !== '' && isNear(p))
      return byKind(near).map((list) => say(scene, id, name, list))
    })
  },
}

interface Place {
  readonly id: string
  readonly name: 'seat' | 'door'
  readonly isNear: (p: PlacedPlant) => boolean
}

function placesOf({ bed, surroundings }: Scene): Place[] {
  const seats = bed.features
    .filter((f) => f.kind === 'bench')
    .map((f): Place => ({
      id: f.id,
      name: 'seat',
      isNear: (p) => Math.hypot(p.x - f.x, p.y - f.y) < NEAR_M + f.lengthM / 2 + p.plant.spreadM / 2,
    }))
  const views = (surroundings?.things ?? []).flatMap((t): Place[] =>
    t.kind === 'viewpoint' && t.viewer === 'seat'
      ? [
          {
            id: t.id,
            name: 'seat',
            isNear: (p) => Math.hypot(p.x - t.at.x, p.y - t.at.y) < NEAR_M + 0.5 + p.plant.spreadM / 2,
          },
        ]
      : [],
  )
  // Doors of the site's buildings are told among the cautions of what stands round the bed.
  const isOnSite = doorsOf(surroundings?.things ?? []).length > 0
  const doors = (bed.form.kind === 'foundation' && !isOnSite ? (bed.wall?.openings ?? []) : [])
    .filter((o) => o.sillM <= DOOR_SILL_M)
    .map((o): Place => ({
      id: o.id,
      name: 'door',
      isNear: (p) =>
        p.x + p.plant.spreadM / 2 > o.x - NEAR_M * 0.5 && p.x - p.plant.spreadM / 2 < o.x + o.widthM + NEAR_M * 0.5,
    }))
  return [...seats, ...views, ...doors]
}

/** What of a plant is harmful by a seat or a door, in words; empty when nothing is. */
function words(p: Plant, place: Place['name']): string {
  const found = [
    p.spines !== 'none' && p.spines !== 'prickles' ? p.spines : '',
    p.skin === 'phototoxic' ? 'sap that burns in sunlight' : '',
    p.skin === 'sap' && p.hazards.includes('sap') && place === 'seat' && isPoison(p) ? 'irritant sap' : '',
    p.toxicity.people === 'deadly' || (place === 'seat' && isPoison(p)) ? 'poison' : '',
  ]
  return found.filter(Boolean).join(', ')
}
const isPoison = (p: Plant) => EATERS.some((e) => e !== 'livestock' && IS_HARMFUL.has(p.toxicity[e]))

function say(scene: Scene, id: string, place: Place['name'], list: readonly PlacedPlant[]): Finding {
  const { plant } = list[0]!
  return ofBed(
    scene,
    {
      id: `harm:${id}:${plant.id}`,
      rule: 'harm',
      title: `${capital(nameOf(plant))} by the ${place}: ${words(plant, place)}`,
      reason: `It stands within ${metres(NEAR_M)} of a ${place}, where hands, children and animals come near it.`,
      weight: 62,
      plants: list,
      figures: [{ name: 'plants', value: list.length, unit: '' }],
      source: 'Spines, sap and poison of the plant library near seats and doors.',
      grounds: ['practice#cautions'],
    },
    () =>
      standIns(plant, scene, { maxSpreadM: plant.spreadM * 1.1, where: (p) => words(p, place) === '' }, 3).map(
        (p) => ({
          label: `${capital(nameOf(p))} instead`,
          edit: {
            kind: 'all' as const,
            name: 'swap plant',
            edits: swapKind(scene.bed, plant.id, p.id, new Set(list.map((q) => q.driftId))),
          },
        }),
      ),
  )
}
