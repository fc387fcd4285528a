import type { Bed, Drift, Pattern, Shape } from '../../core/model'
import { bedFrame, newBed, schoolOf, startShares } from '../../core/bed'
import type { Plant } from '../../core/plant'
import { makeScene, type Scene } from '../../core/scene'
import { climateOf } from '../../core/time'
import type { SoundBed } from './soundBed'

/** `=nepeta-x-faassenii 3` */
const GROUP = /^([=~#]?)([a-z0-9-]+) (\d+)$/
const PATTERN: Readonly<Record<string, Pattern>> = { '=': 'row', '~': 'dotted', '#': 'row', '': 'mass' }
const OPENING_HEAD_M = 2.2

interface Group {
  readonly plantId: string
  readonly count: number
  readonly pattern: Pattern
  readonly shape: Shape | null
  /** Length along the lane that its plants want, metres. */
  readonly wantsM: number
}

/** The bed that a sound bed's text tells; throws on a group that does not read. */
export function bedOfSound(sound: SoundBed, library: ReadonlyMap<string, Plant>): Bed {
  const start = newBed(sound.id, sound.lengthM, sound.depthM, sound.kind)
  const lanes = sound.lanes.filter((l) => !l.startsWith('~')).length
  const plain: Bed = {
    ...start,
    form: sound.form ?? start.form,
    school: sound.school,
    laneShares: sound.laneShares ?? startShares(lanes, sound.kind),
    wall: wallOf(sound),
    viewpoint: sound.seenFrom
      ? { ...start.viewpoint, eyeHeightM: sound.seenFrom[0], distanceM: sound.seenFrom[1] }
      : start.viewpoint,
    ground: { ...start.ground, sunByHand: true, ph: 6.5, ...sound.ground },
  }
  return { ...plain, drifts: sound.lanes.flatMap((text, lane) => driftsOf(text, lane, plain, library)) }
}

function wallOf({ wallM, wallColour = '#b89f88', windows = [] }: SoundBed): Bed['wall'] {
  if (!wallM) return null
  const openings = windows.map(([x, widthM, sillM], i) => ({
    id: `w${i}`,
    x,
    widthM,
    sillM,
    headM: OPENING_HEAD_M,
  }))
  return { heightM: wallM, material: 'render', colour: wallColour, openings }
}

/** A lane's groups side by side, each in the middle of the share of the length that it wants. */
function driftsOf(text: string, lane: number, bed: Bed, library: ReadonlyMap<string, Plant>): Drift[] {
  const frame = bedFrame(bed)
  const front = Math.min(lane, bed.laneShares.length - 1)
  const laneM = frame.depths.mean * (bed.laneShares[front] ?? 1)
  const groups = text.split(',').map((part) => groupOf(part.trim(), laneM, bed, library))
  const whole = groups.reduce((n, g) => n + g.wantsM, 0)
  let from = 0
  return groups.map(({ plantId, count, pattern, shape, wantsM }, i) => {
    const at = Math.round(((from + wantsM / 2) / whole) * frame.frontLength * 100) / 100
    from += wantsM
    const everyM = pattern === 'dotted' ? (frame.frontLength * 0.94) / count : 1
    return { id: `d${lane}-${i}`, plantId, lane: front, at, count, pattern, everyM, shape }
  })
}

function groupOf(part: string, laneM: number, bed: Bed, library: ReadonlyMap<string, Plant>): Group {
  const match = GROUP.exec(part)
  const plant = match && library.get(match[2]!)
  if (!match || !plant)
    throw new Error(`“${part}” is no group of a plant of the library such as “nepeta-x-faassenii 3”.`)
  const pattern = PATTERN[match[1]!]!
  const count = Number(match[3])
  const apart = schoolOf(bed).spacing * plant.spreadM
  const shape: Shape | null =
    match[1] === '#'
      ? { kind: 'edge', out: 1, edge: 'front', distanceM: plant.spreadM / 2, corners: 'marked' }
      : null
  const rows = pattern === 'mass' ? Math.max(1, Math.floor(laneM / (apart * ROW_STEP))) : 1
  return { plantId: plant.id, count, pattern, shape, wantsM: Math.ceil(count / Math.min(rows, count)) * apart }
}

/** Staggered rows lie nearer than their plants. */
const ROW_STEP = 0.87

/** The scene of a sound bed, or of a changed one in its place. */
export function sceneOfSound(
  sound: SoundBed,
  library: ReadonlyMap<string, Plant>,
  bed = bedOfSound(sound, library),
): Scene {
  const { latitude, lastFrost, firstFrost, zone } = sound
  return makeScene({ bed, library, climate: climateOf({ latitude, lastFrost, firstFrost }), hardinessZone: zone })
}
