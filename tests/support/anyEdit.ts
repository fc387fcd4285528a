import fc from 'fast-check'
import { SHAPE_KINDS, type Bed, type Existing, type Shape } from '../../core/model'
import { newFeature, oval, rectangle, startShape } from '../../core/bed'
import type { Edit } from '../../core/edit'
import type { BedLight } from '../../core/light'
import { makeScene, type Scene } from '../../core/scene'
import { climate, demoBed, drift, library, plant, testBed } from './library'

const wide = {
  ...plant('cotinus-coggygria-royal-purple'),
  id: 'wide',
  spreadM: 7,
  foliageHeightM: 4,
  flowerHeightM: 4,
}
/** The library, and one very wide shrub. */
export const anyLibrary = new Map([...library, ['wide', wide]])
/** A scene of a bed, and of one after a change. The frame is kept while the bed's edge stays, as the program does. */
export const sceneOf = (bed: Bed, before?: Scene, light: BedLight | null = null) =>
  makeScene(
    { bed, library: anyLibrary, climate, hardinessZone: '6b', light },
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

/** Beds of several kinds, with what stood there before. */
export const beds: Readonly<Record<string, Bed>> = {
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
export const editOf = (bed: Bed): fc.Arbitrary<Edit> => {
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
