import { rectangle, startShares, type Bed } from '~~/core/bed'

/** A bed to start from: a rectangle before a wall, three lanes. */
export function newBed(name: string, lengthM: number, depthM: number): Bed {
  return {
    name,
    outline: rectangle(lengthM, depthM),
    laneShares: startShares(depthM < 1.3 ? 2 : 3),
    wall: { heightM: 3.2, material: 'render', colour: '#d9cdb8', openings: [] },
    viewpoint: { name: 'The path', eyeHeightM: 1.6, distanceM: 3 },
    ground: { sunHours: 5, facing: 'south', water: 'average', soil: 'loam', ph: 6.5 },
    school: 'layered',
    drifts: [], pins: [], accepted: [], shortlist: [], buying: [],
  }
}
