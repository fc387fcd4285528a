import { newBed, startShares, type Bed, type Drift } from '../bed'
import type { Plant } from '../plant'
import { makeScene, type Scene } from '../scene'
import { climateOf } from '../time'
import type { SoundBed } from './soundBeds'

/** `0 nepeta-x-faassenii ×3 @1.5` */
const DRIFT = /^(\d) ([a-z0-9-]+) ×(\d+) @([\d.]+)$/
const OPENING_HEAD_M = 2.2

/** Drifts from their text; throws on one that does not read. */
function driftsOf(text: string): Drift[] {
  return text.split(';').map((part, i) => {
    const match = DRIFT.exec(part.trim().replace(/\s+/g, ' '))
    if (!match) throw new Error(`“${part.trim()}” is no drift such as “0 nepeta-x-faassenii ×3 @1.5”.`)
    const [, lane, plantId, count, at] = match
    return {
      id: `d${i}`,
      plantId: plantId!,
      lane: Number(lane),
      at: Number(at),
      count: Number(count),
      pattern: 'mass',
      everyM: 1,
    }
  })
}

/** The bed that a sound bed's text tells. */
export function bedOfSound(sound: SoundBed): Bed {
  const start = newBed(sound.id, sound.lengthM, sound.depthM, sound.kind)
  return {
    ...start,
    school: sound.school,
    laneShares: startShares(sound.lanes ?? 3, sound.kind),
    wall: sound.wallM
      ? {
          heightM: sound.wallM,
          material: 'render',
          colour: '#b89f88',
          openings: (sound.windows ?? []).map(([x, widthM, sillM], i) => ({
            id: `w${i}`,
            x,
            widthM,
            sillM,
            headM: OPENING_HEAD_M,
          })),
        }
      : null,
    ground: {
      ...start.ground,
      sunHours: sound.sunHours,
      sunByHand: true,
      water: sound.water ?? 'average',
      soil: sound.soil ?? 'loam',
      ph: sound.ph ?? 6.5,
    },
    drifts: driftsOf(sound.drifts),
  }
}

/** The scene of a sound bed, or of a changed one in its place. */
export function sceneOfSound(sound: SoundBed, library: ReadonlyMap<string, Plant>, bed = bedOfSound(sound)): Scene {
  const { latitude, lastFrost, firstFrost, zone } = sound
  return makeScene({ bed, library, climate: climateOf({ latitude, lastFrost, firstFrost }), hardinessZone: zone })
}
