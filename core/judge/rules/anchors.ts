import type { Drift } from '../../model'
import { fullHeightM, misfits, type Plant } from '../../plant'
import { capital, driftsSeen, type DriftSeen, metres, nameOf, type Scene } from '../../scene'
import type { Finding, Mend } from '../finding'
import { ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

const LEAST_LENGTH_M = 3.5
const ENDS_FROM_M = 6
/** Beds shallower than this are anchored by lower plants. */
const SHALLOW_M = 1.9
/** Schools that ask for less leaf in winter than this are held by grasses and tall stems too. */
const LOOSE_EVERGREEN = 0.15
/** Without an anchor in so much of the length, at one end, all stand at the other. */
const EMPTY_END = 0.42
const AT_THE_END = 0.24

/** Something that stands all year or stands high must hold the bed, toward both ends of it. */
export const anchors: WholeRule = {
  id: 'anchors',
  findings: (scene) => {
    const length = scene.frame.runTo - scene.frame.runFrom
    const { kind } = scene.bed.form
    if (kind === 'ring' || kind === 'container' || length < LEAST_LENGTH_M) return []
    if (scene.placement.plants.length === 0) return []
    const own = driftsSeen(scene).filter((d) => isAnchor(scene, d.plant))
    const held = [
      ...own.flatMap((d) => d.placed.map((p) => p.along)),
      ...scene.placement.standing
        .filter((p) => !p.standing?.gap && fullHeightM(p.plant) >= 0.5)
        .map((p) => p.along),
      ...scene.things.filter((t) => fullHeightM(t.plant) >= 0.6).map((t) => t.along),
    ]
    if (held.length === 0 && !hasCentre(scene)) return [none(scene)]
    const isEnded = kind === 'foundation' || kind === 'screen'
    return isEnded && length >= ENDS_FROM_M ? lopsided(scene, own, held) : []
  },
}

const hasCentre = ({ bed }: Scene) => bed.form.kind === 'island' && bed.form.centre !== 'none'

function isAnchor(scene: Scene, plant: Plant): boolean {
  const least = scene.frame.depths.greatest < SHALLOW_M ? 0.35 : 0.55
  const high = fullHeightM(plant)
  if (plant.kind === 'climber' || plant.spacingHabit === 'weaves' || plant.density < 0.45) return false
  if ((plant.lifeCycle === 'woody' || plant.retention === 'evergreen') && high >= least) return true
  return scene.school.evergreenShare <= LOOSE_EVERGREEN && plant.retention === 'stands' && high >= 1
}

function none(scene: Scene): Finding {
  return ofBed(
    scene,
    {
      id: 'anchors:none',
      rule: 'anchors',
      title: 'Nothing anchors the bed',
      reason:
        'No shrub, evergreen, clipped form or upright thing of presence stands in it: every bed needs some structure, ' +
        `${scene.school.name} too.`,
      weight: 50,
      figures: [{ name: 'anchors', value: 0, unit: '' }],
      source: 'An anchor every 3 to 5\u202fm of a border.',
      grounds: ['practice#groups-repetition-order', 'composing#bones'],
    },
    () => withAnchors(scene, [0.15, 0.5, 0.85]),
  )
}

function lopsided(scene: Scene, own: readonly DriftSeen[], held: readonly number[]): Finding[] {
  const { runFrom, runTo } = scene.frame
  const length = runTo - runFrom
  const shares = held.map((a) => (a - runFrom) / length)
  const [first, last] = [Math.min(...shares), Math.max(...shares)]
  const side = first > EMPTY_END && last > 1 - AT_THE_END ? 'left' : 'right'
  const isLopsided = (first > EMPTY_END && last > 1 - AT_THE_END) || (last < 1 - EMPTY_END && first < AT_THE_END)
  if (!isLopsided || own.length === 0) return []
  const bare = side === 'left' ? first : 1 - last
  return [
    ofBed(
      scene,
      {
        id: 'anchors:end',
        rule: 'anchors',
        title: `All anchors stand at the ${side === 'left' ? 'right' : 'left'} end`,
        reason:
          `For ${metres(bare * length)} from the ${side} end nothing holds the bed; its weight lies with ` +
          `${nameOf(own[0]!.plant)} at the other.`,
        weight: 44,
        plants: own.flatMap((d) => d.placed),
        figures: [{ name: `without from the ${side}`, value: bare * length, unit: 'm' }],
        source: 'An anchor every 3 to 5\u202fm, at both ends of a foundation bed.',
        grounds: ['composing#bones'],
      },
      () => withAnchors(scene, [side === 'left' ? 0.12 : 0.88], own[0]!.plant),
    ),
  ]
}

/** An anchor at some places of the back lane: of the bed's own kind, or evergreens that live there. */
function withAnchors(scene: Scene, shares: readonly number[], like?: Plant): Mend[] {
  const { frame } = scene
  const most = Math.max(0.5, (frame.depths.mean - 0.6) * 0.8)
  const found = [...scene.library.values()].filter(
    (p) =>
      p.lifeCycle === 'woody' &&
      p.retention === 'evergreen' &&
      p.kind !== 'climber' &&
      p.kind !== 'tree' &&
      p.spreadM <= most &&
      isAnchor(scene, p) &&
      fullHeightM(p) <= Math.max(0.8, frame.depths.mean) &&
      !p.invasiveNote &&
      misfits(p, scene.site).length === 0,
  )
  found.sort((a, b) => b.spreadM - a.spreadM || (a.id < b.id ? -1 : 1))
  const candidates = [...(like ? [like] : []), ...found].slice(0, 3)
  return [
    ...candidates.flatMap((p) => inPlace(scene, shares, p)),
    ...candidates.map((p) => added(scene, shares, p, like)),
  ]
}

/** A drift of the back lane near each place gives way to one plant of an anchor. */
function inPlace(scene: Scene, shares: readonly number[], plant: Plant): Mend[] {
  const own = driftsSeen(scene).filter(
    (d) => d.drift.lane === 0 && d.plant.spacingHabit === 'stands' && !d.drift.shape,
  )
  const length = scene.frame.frontLength
  const taken = shares.flatMap(
    (s) => [...own].sort((a, b) => Math.abs(a.drift.at - s * length) - Math.abs(b.drift.at - s * length))[0] ?? [],
  )
  const edits = [...new Set(taken)].map((d) => ({
    kind: 'changeDrift' as const,
    driftId: d.drift.id,
    change: { plantId: plant.id, count: 1 },
  }))
  if (edits.length === 0) return []
  const label = `${capital(nameOf(plant))} as ${shares.length === 1 ? 'an anchor' : 'anchors'} instead of what stands there`
  return [{ label, edit: { kind: 'all', name: 'anchors', edits } }]
}

function added(scene: Scene, shares: readonly number[], plant: Plant, like?: Plant): Mend {
  const { frame, bed } = scene
  const drift = (share: number): Drift => ({
    id: `anchor-${Math.round(share * 100)}-${plant.id}`.slice(0, 60),
    plantId: plant.id,
    lane: 0,
    count: 1,
    pattern: 'mass',
    at: share * frame.frontLength,
    everyM: 1,
  })
  const gone = bed.drifts.filter((d) => d.lane === 0 && !like && shares.some((s) => isAt(scene, d, s, plant)))
  return {
    label: `${capital(nameOf(plant))} as ${shares.length === 1 ? 'an anchor there' : 'anchors'}`,
    edit: {
      kind: 'all',
      name: 'anchors',
      edits: [
        ...gone.map((d) => ({
          kind: 'changeDrift' as const,
          driftId: d.id,
          change: { count: Math.ceil(d.count / 2) },
        })),
        ...shares.map((s) => ({ kind: 'addDrift' as const, drift: drift(s) })),
      ],
    },
  }
}

const isAt = ({ frame }: Scene, d: Drift, share: number, plant: Plant) =>
  d.count > 1 && Math.abs(d.at - share * frame.frontLength) < plant.spreadM
