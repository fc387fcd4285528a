import { readFileSync } from 'node:fs'
import type { Bed, Drift } from '../../core/model'
import { bedSchema, plainForm, plainGround, rectangle, startShares } from '../../core/bed'
import { climateOf } from '../../core/time'
import { readPlants, type Plant } from '../../core/plant'

export const libraryCsv = readFileSync(new URL('../../data/plants.csv', import.meta.url), 'utf8')
const read = readPlants(libraryCsv)
if (!read.ok) throw new Error('the library must read')
export const plants: readonly Plant[] = read.plants
export const library: ReadonlyMap<string, Plant> = new Map(plants.map((p) => [p.id, p]))
export const plant = (id: string): Plant => {
  const found = library.get(id)
  if (!found) throw new Error(`no plant ${id}`)
  return found
}

export const portLinnet = { latitude: 44.6, lastFrost: '05-08', firstFrost: '10-14' }
export const climate = climateOf(portLinnet)
export const demo = JSON.parse(
  readFileSync(new URL('../../data/demo/saltmarsh-row.json', import.meta.url), 'utf8'),
) as { id: string; garden: unknown; site: unknown; beds: { id: string; bed: unknown }[] }

/** A bed of the demo garden as it is stored. */
export const demoBed = (id: string): Bed => bedSchema.parse(demo.beds.find((b) => b.id === id)!.bed)

/** A plain bed before a rendered wall. */
export function testBed(change: Partial<Bed> = {}): Bed {
  return {
    name: 'Test bed',
    form: plainForm,
    outline: rectangle(10, 3),
    laneShares: startShares(3),
    wall: { heightM: 3, material: 'render', colour: '#d9cdb8', openings: [] },
    viewpoint: { name: 'The path', eyeHeightM: 1.6, distanceM: 3, turnDeg: 0 },
    ground: { ...plainGround, sunHours: 6, sunByHand: true },
    school: 'layered',
    existing: [],
    drifts: [],
    pins: [],
    accepted: [],
    shortlist: [],
    sets: [],
    buying: [],
    laneStations: [],
    features: [],
    orders: [],
    notes: [],
    ...change,
  }
}

export const drift = (
  id: string,
  plantId: string,
  lane: number,
  at: number,
  count = 1,
  change: Partial<Drift> = {},
): Drift => ({ id, plantId, lane, at, count, pattern: 'row', everyM: 1, ...change })
