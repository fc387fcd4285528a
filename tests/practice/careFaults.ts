import { newFeature } from '../../core/bed'
import { fullHeightM, misfits, type Plant } from '../../core/plant'
import type { Scene } from '../../core/scene'
import type { PlacedThing } from '../../core/site'
import { isRun, living } from './wholeFault'
import { again, change, type Fault, faultOf, like, type Planted, someDrift, withPlant } from './plantFault'

const around = (scene: Scene, things: readonly PlacedThing[], culprits: readonly string[] = []): Planted => ({
  scene: again(scene, scene.bed, { surroundings: { facesDeg: null, baseM: 0, things } }),
  culprits,
})

const tallest = (scene: Scene) =>
  scene.placement.plants.reduce((a, b) => (fullHeightM(a.plant) > fullHeightM(b.plant) ? a : b))
const spread = (scene: Scene, along: number, out: number) => scene.frame.at(along, out)
const middleA = ({ frame }: Scene) => (frame.runFrom + frame.runTo) / 2

/** Faults of what stands about and in a bed, and of care. */
export const CARE_FAULTS: readonly Fault[] = [
  faultOf('grows over the front edge', ['over-edge', 'scale'], (scene, seed) => {
    const wide = someDrift(scene, seed, (d, p) => d.lane === 0 && p.spreadM > 0.9 && p.kind !== 'tree')
    const p = scene.placement.plants.find((q) => q.driftId === wide?.id)
    if (!p || !isRun(scene)) return null
    const at = spread(scene, p.along, scene.frame.depthAlong(p.along) - 0.08)
    const pins = [{ driftId: p.driftId, index: p.index, x: at.x, y: at.y }]
    return { scene: again(scene, { ...scene.bed, pins }), culprits: [p.plant.id] }
  }),
  faultOf('grows over a path', ['over-edge'], (scene) => {
    if (!isRun(scene)) return null
    const p = scene.placement.plants.reduce((a, b) => (a.plant.spreadM > b.plant.spreadM ? a : b))
    const r = p.plant.spreadM / 2
    const outline = [
      { x: p.x - 3, y: p.y + r * 0.3 },
      { x: p.x + 3, y: p.y + r * 0.3 },
      { x: p.x + 3, y: p.y + r * 0.3 + 1 },
      { x: p.x - 3, y: p.y + r * 0.3 + 1 },
    ]
    return around(scene, [{ id: 'p', name: 'the path', kind: 'surface', cover: 'path', outline }], [p.plant.id])
  }),
  faultOf('across a door', ['over-edge', 'window'], (scene) => {
    const { wall } = scene.bed
    const back = scene.placement.plants.find(
      (p) => p.lane === 0 && fullHeightM(p.plant) > 0.5 && p.plant.spacingHabit !== 'weaves',
    )
    if (!wall || !back) return null
    const door = { id: 'door', x: back.x - 0.5, widthM: 1, sillM: 0, headM: 2.1 }
    return { scene: again(scene, { ...scene.bed, wall: { ...wall, openings: [door] } }), culprits: [back.plant.id] }
  }),
  faultOf('hangs over a rim that should show', ['over-edge'], (scene) => {
    const { form } = scene.bed
    return form.kind === 'container'
      ? { scene: again(scene, { ...scene.bed, form: { ...form, rimShows: true } }), culprits: [] }
      : null
  }),
  faultOf('a climber with nothing to climb', ['climbs'], (scene, seed) => {
    if (scene.bed.wall || scene.bed.form.kind === 'container') return null
    const d = someDrift(scene, seed, (e) => e.lane === 0)
    const found = [...scene.library.values()].filter(
      (p) => p.kind === 'climber' && misfits(p, scene.site).length === 0,
    )
    const climber = found[seed % Math.max(1, found.length)]
    return d && climber ? { ...change(scene, d, { plantId: climber.id, count: 1 }), culprits: [climber.id] } : null
  }),
  faultOf('a screen of one kind', ['one-kind'], (scene) => {
    if (scene.bed.form.kind !== 'screen') return null
    const first = scene.bed.drifts.find((d) => d.lane === 0)!
    const drifts = scene.bed.drifts.map((d) =>
      d.lane === 0 ? { ...d, plantId: first.plantId, count: Math.max(1, d.count) } : d,
    )
    return { scene: again(scene, { ...scene.bed, drifts }), culprits: [first.plantId] }
  }),
  faultOf('a slow one beside a quick one', ['engulfed', 'overlap', 'crowded'], (scene, seed) => {
    const d = someDrift(scene, seed, (e) => e.lane === 1)
    const p = scene.placement.plants.find((q) => q.driftId === d?.id)
    const slow = living(
      scene,
      seed,
      (q) => q.lifeCycle === 'woody' && q.yearsTo90 >= 8 && q.spreadM < 0.8 && fullHeightM(q) < 0.7,
    )[0]
    const quick = living(
      scene,
      seed,
      (q) =>
        q.lifeCycle === 'herbaceous' &&
        q.yearsTo90 <= 3 &&
        q.spreadM > 0.8 &&
        fullHeightM(q) > 1 &&
        q.density > 0.65 &&
        q.spacingHabit === 'stands',
    )[0]
    if (!d || !p || !slow || !quick) return null
    const bed = withPlant(withPlant(scene.bed, d, quick.id), d, quick.id)
    const pins = [{ driftId: 'slow', index: 0, x: p.x + quick.spreadM * 0.45, y: p.y + 0.1 }]
    const pinned = [...pins, { driftId: d.id, index: p.index, x: p.x, y: p.y }]
    const drift = {
      id: 'slow',
      plantId: slow.id,
      lane: 1,
      at: scene.frame.sAt(p.along),
      count: 1,
      pattern: 'mass' as const,
      everyM: 1,
    }
    return {
      scene: again(scene, { ...bed, drifts: [...bed.drifts, drift], pins: pinned }),
      culprits: [slow.id, quick.id],
    }
  }),
  faultOf('a self-seeder in a formal bed', ['keeping'], (scene, seed) => {
    if (scene.school.upkeep !== 'clipped and deadheaded') return null
    const d = someDrift(scene, seed, (_e, p) => p.lifeCycle === 'herbaceous' || p.lifeCycle === 'woody')
    const p =
      d &&
      like(
        scene,
        d,
        seed,
        (q) => q.travels === 'seeds' && q.lifeCycle === 'herbaceous' && misfits(q, scene.site).length === 0,
      )
    return d && p ? { scene: again(scene, withPlant(scene.bed, d, p.id)), culprits: [p.id] } : null
  }),
  faultOf('tender plants as the permanent back', ['keeping', 'site'], (scene, seed) => {
    if (scene.bed.form.kind === 'container' || scene.bed.laneShares.length < 2) return null
    const tender = living(
      scene,
      seed,
      (p) => p.lifeCycle === 'tender' && p.zones.coldest > scene.site.zone && fullHeightM(p) >= 1,
    )[0]
    if (!tender) return null
    const drifts = scene.bed.drifts.map((d) => (d.lane === 0 ? { ...d, plantId: tender.id, count: 2 } : d))
    return { scene: again(scene, { ...scene.bed, drifts }), culprits: [tender.id] }
  }),
  faultOf('roots by a drain', ['keeping', 'around'], (scene, seed) => {
    const thirsty = living(
      scene,
      seed,
      (p) =>
        p.lifeCycle === 'woody' &&
        fullHeightM(p) >= 2.5 &&
        (p.water.wettest === 'wet' || p.root === 'surface') &&
        p.spreadM < scene.frame.depths.greatest,
    )[0]
    const d = thirsty && someDrift(scene, seed, (e) => e.lane === 0)
    if (!thirsty || !d || !isRun(scene)) return null
    const bed = withPlant(scene.bed, d, thirsty.id)
    const y = scene.frame.at(middleA(scene), 0).y
    const line = [
      { x: -2, y: y - 0.4 },
      { x: scene.frame.frontLength + 2, y: y - 0.4 },
    ]
    const drain: PlacedThing = {
      id: 'dr',
      name: 'the drain',
      kind: 'service',
      service: 'drain',
      line,
      depthM: 0.8,
      sure: true,
    }
    return {
      scene: again(scene, bed, { surroundings: { facesDeg: null, baseM: 0, things: [drain] } }),
      culprits: [thirsty.id],
    }
  }),
  faultOf('a pipe under the bed', ['around'], (scene) => {
    const at = spread(scene, middleA(scene), scene.frame.depths.mean / 2)
    const line = [
      { x: at.x - 3, y: at.y },
      { x: at.x + 3, y: at.y },
    ]
    return around(scene, [
      { id: 'gas', name: 'the gas pipe', kind: 'service', service: 'gas', line, depthM: 0.5, sure: false },
    ])
  }),
  faultOf('grows into an overhead line', ['around'], (scene) => {
    const p = tallest(scene)
    if (fullHeightM(p.plant) < 1.8) return null
    const line = [
      { x: p.x - 3, y: p.y },
      { x: p.x + 3, y: p.y },
    ]
    return around(
      scene,
      [
        {
          id: 'wire',
          name: 'the wire',
          kind: 'service',
          service: 'overhead',
          line,
          depthM: fullHeightM(p.plant) + 0.8,
          sure: true,
        },
      ],
      [p.plant.id],
    )
  }),
  faultOf('closes a view', ['keep-open'], (scene) => {
    const p = tallest(scene)
    if (fullHeightM(p.plant) < 1 || !isRun(scene)) return null
    const aim = { x: p.x, y: p.y - 12 }
    return around(scene, [
      { id: 'eye', name: 'Path', kind: 'viewpoint', viewer: 'path', at: { x: p.x, y: p.y + 6 }, eyeM: 1.6 },
      {
        id: 'aim',
        name: 'the tower',
        kind: 'target',
        wish: 'keep',
        seenFrom: 'eye',
        at: aim,
        widthM: 1,
        fromM: 0.2,
        toM: 1.4,
      },
    ])
  }),
  faultOf('does not hide what it should', ['keep-open'], (scene) => {
    const p = tallest(scene)
    if (!isRun(scene)) return null
    const aim = { x: p.x, y: p.y - 8 }
    const top = fullHeightM(p.plant) + 3
    return around(scene, [
      { id: 'eye', name: 'Path', kind: 'viewpoint', viewer: 'path', at: { x: p.x, y: p.y + 6 }, eyeM: 1.6 },
      {
        id: 'aim',
        name: 'the bins',
        kind: 'target',
        wish: 'hide',
        seenFrom: 'eye',
        at: aim,
        widthM: 4,
        fromM: 0.5,
        toM: top,
      },
    ])
  }),
  faultOf('thorns by a seat', ['harm'], (scene, seed) =>
    bySeat(scene, seed, (p) => p.spines === 'thorns' || p.spines === 'spines'),
  ),
  faultOf('poison by a seat', ['harm'], (scene, seed) =>
    bySeat(scene, seed, (p) => p.toxicity.people === 'deadly' || p.toxicity.people === 'harmful'),
  ),
]

function bySeat(scene: Scene, seed: number, is: (p: Plant) => boolean): Planted | null {
  const d = someDrift(scene, seed, (e) => e.lane > 0)
  const p = d && like(scene, d, seed, (q) => is(q) && misfits(q, scene.site).length === 0)
  if (!d || !p || scene.bed.form.kind === 'container') return null
  const after = again(scene, withPlant(scene.bed, d, p.id))
  const at = after.placement.plants.find((q) => q.driftId === d.id)
  if (!at) return null
  const bench = newFeature('bench', 'seat', { x: at.x + p.spreadM / 2 + 1, y: at.y })
  return { scene: again(after, { ...after.bed, features: [bench] }), culprits: [p.id] }
}
