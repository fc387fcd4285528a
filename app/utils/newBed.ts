import { laneCounts, plainGround, rectangle, startForm, startShares, type Bed, type BedKind } from '~~/core/bed'

/** A bed of a kind to start from: as long and deep as said, three lanes where that makes sense, a wall behind a foundation border. */
export function newBed(name: string, lengthM: number, depthM: number, kind: BedKind = 'foundation'): Bed {
  const lanes = laneCounts(kind).includes(3) && depthM >= 1.3 ? 3 : kind === 'two-sided' ? 3 : 2
  return {
    name,
    form: startForm(kind, lengthM, depthM),
    outline: rectangle(lengthM, Math.max(0.3, depthM)),
    laneShares: startShares(lanes, kind),
    wall: kind === 'foundation' ? { heightM: 3.2, material: 'render', colour: '#d9cdb8', openings: [] } : null,
    viewpoint: { name: 'The path', eyeHeightM: 1.6, distanceM: 3, turnDeg: 0 },
    ground: plainGround,
    school: kind === 'screen' ? 'screen' : kind === 'court' ? 'formal' : 'layered',
    existing: [],
    drifts: [],
    pins: [],
    accepted: [],
    shortlist: [],
    buying: [],
  }
}
