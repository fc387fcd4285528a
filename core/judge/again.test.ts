import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { newFeature, oval, rectangle, SHAPE_KINDS, startShape, type Bed, type Existing, type Shape } from '../bed'
import { applyEdit, type Edit } from '../edit'
import type { BedLight } from '../light'
import { makeScene, type Scene } from '../scene'
import { resolveSite } from '../site'
import { siteSchema } from '../../shared/siteSchema'
import { climate, demo, demoBed, drift, library, plant, testBed } from '../../tests/support/library'
import { lightOver } from '../../tests/support/lightOver'
import { changedRange } from './changedRange'
import { critique } from './critique'

const wide = {
  ...plant('cotinus-coggygria-royal-purple'),
  id: 'wide',
  spreadM: 7,
  foliageHeightM: 4,
  flowerHeightM: 4,
}
const all = new Map([...library, ['wide', wide]])
/** The frame is kept while the bed's edge stays, as the program does. */
const sceneOf = (bed: Bed, before?: Scene, light: BedLight | null = null) =>
  makeScene(
    { bed, library: all, climate, hardinessZone: '6b', light },
    before ? { before, ...(before.bed.outline === bed.outline ? { frame: before.frame } : {}) } : {},
  )
const old = (id: string, x: number, y: number, change: Partial<Existing> = {}): Existing => ({
  id,
  name: `old ${id}`,
  plantId: 'philadelphus-coronarius',
  x,
  y,
  heightM: 2,
  spreadM: 2.4,
  condition: 'good',
  fate: 'keep',
  into: 1,
  note: '',
  ...change,
})

const beds: Readonly<Record<string, Bed>> = {
  front: demoBed('reading-room-front'),
  wide: testBed({
    outline: rectangle(30, 9),
    drifts: [
      drift('w', 'wide', 0, 12),
      drift('v', 'wide', 0, 19),
      drift('n', 'nepeta-x-faassenii', 1, 10, 9),
      drift('h', 'hosta-halcyon', 2, 16, 7),
      drift('e', 'echinacea-purpurea', 1, 24, 5),
    ],
    existing: [old('a', 6, 3), old('b', 22, 5, { spreadM: 6 })],
  }),
  island: testBed({
    form: { kind: 'island', edge: oval(7, 5), rimM: 0, centre: 'none', centreHeightM: 1, showFromM: 0.5 },
    wall: null,
    drifts: [drift('m', 'ilex-glabra-compacta', 0, 2), drift('k', 'nepeta-x-faassenii', 1, 6, 9)],
    existing: [old('c', 1, 1)],
  }),
  twoSided: testBed({
    form: { kind: 'two-sided' },
    wall: null,
    laneShares: [0.3, 0.4, 0.3],
    drifts: [drift('s', 'echinacea-purpurea', 1, 5, 6), drift('f', 'nepeta-x-faassenii', 0, 5, 7)],
  }),
}

const share = fc.double({ min: 0, max: 1, noNaN: true })

const shapes: fc.Arbitrary<Shape | null> = fc.oneof(
  fc.constant(null),
  fc.tuple(fc.constantFrom(...SHAPE_KINDS), share).map(([kind, out]) => startShape(kind, out, 2, 0.4, 5)),
)

/** An edit of any kind that a bed can have. */
const editOf = (bed: Bed): fc.Arbitrary<Edit> => {
  const driftId = fc.constantFrom(...bed.drifts.map((d) => d.id))
  const plantId = fc.constantFrom('wide', 'nepeta-x-faassenii', 'hosta-halcyon', 'ilex-glabra-compacta')
  const lane = fc.integer({ min: 0, max: bed.laneShares.length - 1 })
  const length = 14
  const place = fc.record({ x: share.map((u) => u * length - 1), y: share.map((u) => u * 4 - 0.5) })
  const fate = fc.constantFrom('keep', 'divide', 'cut-back', 'take-out', 'reserve', 'move' as const)
  return fc.oneof(
    fc
      .tuple(driftId, share)
      .map(([id, u]): Edit => ({ kind: 'changeDrift', driftId: id, change: { at: u * length } })),
    fc
      .tuple(driftId, fc.integer({ min: 1, max: 9 }))
      .map(([id, count]): Edit => ({ kind: 'changeDrift', driftId: id, change: { count } })),
    fc.tuple(driftId, lane).map(([id, l]): Edit => ({ kind: 'changeDrift', driftId: id, change: { lane: l } })),
    fc.tuple(driftId, shapes).map(([id, shape]): Edit => ({ kind: 'changeDrift', driftId: id, change: { shape } })),
    fc
      .tuple(driftId, plantId)
      .map(([id, p]): Edit => ({ kind: 'changeDrift', driftId: id, change: { plantId: p } })),
    driftId.map((id): Edit => ({ kind: 'removeDrift', driftId: id })),
    fc
      .tuple(plantId, lane, share)
      .map(([p, l, u]): Edit => ({ kind: 'addDrift', drift: drift('new', p, l, u * length, 3) })),
    fc
      .tuple(driftId, place)
      .map(([id, at]): Edit => ({ kind: 'setPins', driftId: id, pins: [{ driftId: id, index: 0, ...at }] })),
    fc
      .tuple(place, share, fate)
      .map(([at, u, f]): Edit => ({
        kind: 'setExisting',
        existing: [...bed.existing, old('x', at.x, at.y, { spreadM: 0.5 + 4 * u, fate: f })],
      })),
    fc
      .tuple(fate, share)
      .map(([f, u]): Edit => ({
        kind: 'setExisting',
        existing: bed.existing.map((e) => ({ ...e, fate: f, heightM: 1 + u })),
      })),
    fc
      .tuple(place, fc.constantFrom('boulder', 'gravel', 'bench', 'paving' as const))
      .map(([at, kind]): Edit => ({ kind: 'setBed', change: { features: [newFeature(kind, 'thing', at)] } })),
    fc
      .tuple(driftId, plantId, share)
      .map(([id, p, u]): Edit => ({
        kind: 'changeDrift',
        driftId: id,
        change: { mix: { how: 'turns', others: [{ plantId: p, share: 0.1 + 0.6 * u }] } },
      })),
    share.map((u): Edit => ({
      kind: 'setBed',
      change: { laneStations: [{ atM: 4, shares: bed.laneShares.map((s, i) => (i === 0 ? s + u : s)) }] },
    })),
    fc
      .constantFrom('layered', 'lush', 'dry', 'formal' as const)
      .map((school): Edit => ({ kind: 'setBed', change: { school } })),
  )
}

/** Everything a finding says, its mends too. */
const whole = (bed: Bed, light: BedLight | null) =>
  critique(sceneOf(bed, undefined, light)).findings.map((f) => ({ ...f, mends: f.mends }))

describe('judging again after a change', () => {
  const lights: Readonly<Record<string, BedLight>> = {
    lit: lightOver(beds.front!, resolveSite(siteSchema.parse(demo.site)), 'reading-room-front')!,
  }
  for (const [name, bed] of Object.entries({ ...beds, lit: beds.front! })) {
    const light = lights[name] ?? null
    it(`${name}: says the same as judging afresh, to the figure, through three edits of any kind`, () => {
      fc.assert(
        fc.property(fc.array(editOf(bed), { minLength: 1, maxLength: 3 }), (edits) => {
          let now = bed
          let before = critique(sceneOf(now, undefined, light))
          for (const edit of edits) {
            now = applyEdit(now, edit).bed
            const scene = sceneOf(now, before.scene, light)
            expect(scene.placement).toEqual(sceneOf(now).placement)
            const again = critique(scene, before)
            expect(again.findings.map((f) => ({ ...f, mends: f.mends }))).toEqual(whole(now, light))
            before = again
          }
        }),
        { numRuns: bed === beds.front ? 25 : 40 },
      )
    })
  }

  it('takes over the computed light while bed and light stay, so that only what changed is looked at again', () => {
    const light = lights.lit!
    const before = critique(sceneOf(beds.front!, undefined, light)).scene
    const { id } = beds.front!.drifts[0]!
    const moved = applyEdit(beds.front!, { kind: 'changeDrift', driftId: id, change: { at: 1 } }).bed
    const now = sceneOf(moved, before, light)
    expect(now.light).toBe(before.light)
    expect(now.site).toBe(before.site)
    const range = changedRange(before, now)!
    expect(range.to - range.from).toBeLessThan(before.frame.runTo - before.frame.runFrom)
    expect(sceneOf(moved, before, { ...light }).light).not.toBe(before.light)
  })

  it('a wide shrub’s overlap goes when its neighbour is moved seven metres away', () => {
    const near = testBed({
      outline: rectangle(30, 9),
      drifts: [drift('a', 'wide', 0, 8), drift('b', 'nepeta-x-faassenii', 0, 8)],
      pins: [
        { driftId: 'a', index: 0, x: 8, y: 4 },
        { driftId: 'b', index: 0, x: 9, y: 4 },
      ],
    })
    const before = critique(sceneOf(near))
    expect(before.findings.some((f) => f.rule === 'overlap')).toBe(true)
    const far = applyEdit(near, {
      kind: 'setPins',
      driftId: 'b',
      pins: [{ driftId: 'b', index: 0, x: 16, y: 4 }],
    }).bed
    expect(critique(sceneOf(far), before).findings.some((f) => f.rule === 'overlap')).toBe(false)
  })
})
