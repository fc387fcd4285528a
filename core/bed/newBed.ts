import type { Bed, SchoolId, BedKind } from '../model'
import { rectangle } from './checkOutline'
import { laneCounts, startShares } from './lanes'
import { plainGround, startForm } from './startForm'

const SCHOOL: Partial<Readonly<Record<BedKind, SchoolId>>> = { screen: 'screen', court: 'formal' }
/** Three lanes want at least so much depth, metres. */
const THREE_LANES_M = 1.3

function lanesFor(kind: BedKind, depthM: number): number {
  if (kind === 'two-sided') return 3
  return laneCounts(kind).includes(3) && depthM >= THREE_LANES_M ? 3 : 2
}

/** A bed of a kind to start from: as long and deep as said, three lanes where that makes sense, a wall behind a foundation border. */
export const newBed = (name: string, lengthM: number, depthM: number, kind: BedKind = 'foundation'): Bed => ({
  name,
  form: startForm(kind, lengthM, depthM),
  outline: rectangle(lengthM, Math.max(0.3, depthM)),
  laneShares: startShares(lanesFor(kind, depthM), kind),
  wall: kind === 'foundation' ? { heightM: 3.2, material: 'render', colour: '#d9cdb8', openings: [] } : null,
  viewpoint: { name: 'The path', eyeHeightM: 1.6, distanceM: 3, turnDeg: 0 },
  ground: plainGround,
  school: SCHOOL[kind] ?? 'layered',
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
})
