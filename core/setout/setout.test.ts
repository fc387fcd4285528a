import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Tick, TICKS } from '../model'
import { ofScenes, scenes } from '../../tests/support/goldenBeds'
import { climate, drift, library, plant, portLinnet, testBed } from '../../tests/support/library'
import { applyEdit } from '../edit'
import { distance } from '../geometry'
import { allowedDistanceM, LEAST_SHARE, place } from '../layout'
import { PLAIN_MANNER } from '../measure'
import { makeScene } from '../scene'
import { byTapes } from '../site'
import { dryRun } from './dryRun'
import { firstHeight } from './firstHeight'
import { mixInto, openPlaces, openRefs, plantWider } from './openPlaces'
import { siteSheetJson, type SiteSheet } from './siteSheet'
import { roundedPlaces, STEP_M } from './roundedPlaces'
import { columnName, METHODS, setOutTable } from './setOutTable'
import { joinTicks, plantedByKind } from './tick'
import { leastSeen, trioTurns } from './turning'

const sceneOf = (drifts: Parameters<typeof testBed>[0]) =>
  makeScene({ bed: testBed(drifts), library, climate, hardinessZone: '6b' })
const mantles = sceneOf({
  drifts: [drift('a', 'alchemilla-mollis', 2, 5, 9), drift('t', 'taxus-baccata-fastigiata', 0, 2, 1)],
})

describe('rounded places', () => {
  it('of every golden bed stand no nearer than the school allows or than before, within a step and a half, in both units', () => {
    for (const scene of scenes.values())
      for (const step of Object.values(STEP_M)) {
        const { plants } = scene.placement
        const places = roundedPlaces(plants, scene.school.spacing, step, { x: 0, y: 0 }, scene.frame.outline)
        places.forEach((a, i) => {
          expect(a.movedM).toBeLessThanOrEqual(step * 1.5 * Math.SQRT2 + 1e-9)
          for (const b of places.slice(i + 1)) {
            const least = allowedDistanceM(a.plant.plant, b.plant.plant, scene.school.spacing) * LEAST_SHARE
            expect(distance(a, b)).toBeGreaterThanOrEqual(Math.min(least, distance(a.plant, b.plant)) - 1e-6)
          }
        })
      }
  })
})

describe('tables', () => {
  it('go back to front, far to near, and hold every plant of the planned part once', () => {
    for (const scene of scenes.values()) {
      const { rows } = setOutTable(scene, { method: 'baseline', units: 'metric', path: 'right' })
      expect(new Set(rows.map((r) => r.plantRef)).size).toBe(scene.placement.plants.length)
      rows.slice(1).forEach((r, i) => expect(r.lane).toBeGreaterThanOrEqual(rows[i]!.lane))
    }
  })
  it('from the other end each lane runs the other way', () => {
    const ask = { method: 'baseline', units: 'metric' } as const
    const right = setOutTable(mantles, { ...ask, path: 'right' }).rows.filter((r) => r.lane === 2)
    const left = setOutTable(mantles, { ...ask, path: 'left' }).rows.filter((r) => r.lane === 2)
    expect(left.map((r) => r.plantRef)).toEqual(right.map((r) => r.plantRef).reverse())
  })
  it('along and out are round measures that lead back to the place', () => {
    for (const row of setOutTable(mantles, { method: 'baseline', units: 'metric', path: 'right' }).rows) {
      expect(Math.abs(row.alongM / 0.05 - Math.round(row.alongM / 0.05))).toBeLessThan(1e-6)
      expect(row.at).toEqual({ x: expect.closeTo(row.alongM, 9), y: expect.closeTo(row.outM, 9) })
    }
  })
  it('two tapes meet at the place, on the side that is said', () => {
    const points = [
      { name: 'A', x: -1, y: 4.5 },
      { name: 'B', x: 11, y: 5 },
    ] as const
    for (const row of setOutTable(mantles, { method: 'tapes', units: 'metric', path: 'right', points: [...points] })
      .rows) {
      // The bed's plan has y toward the viewer: mirrored for the survey's own rule.
      const flip = ({ x, y }: { x: number; y: number }) => ({ x, y: -y })
      const met = byTapes(flip(points[0]), row.tapeAM!, flip(points[1]), row.tapeBM!, row.side!)
      expect(met.ok && distance(flip(met.value), row.at)).toBeLessThan(1e-6)
    }
  })
  it('the grid’s squares and what is within them lead back to the place', () => {
    for (const row of setOutTable(mantles, { method: 'grid', units: 'imperial', path: 'right' }).rows) {
      const [, letters, number] = /^([A-Z]+)(\d+)$/.exec(row.square!)!
      const column = Array.from({ length: 800 }, (_, i) => columnName(i)).indexOf(letters!)
      expect(column * 0.6096 + row.inSquare!.x).toBeCloseTo(row.alongM, 6)
      expect((Number(number) - 1) * 0.6096 + row.inSquare!.y).toBeCloseTo(row.outM, 6)
    }
  })
  it('diagonals of a rectangle of 10 by 3 are the root of 109', () => {
    const { diagonals } = setOutTable(mantles, { method: 'baseline', units: 'metric', path: 'right' })
    expect(diagonals.map((d) => d.lengthM)).toEqual([
      expect.closeTo(Math.sqrt(109), 6),
      expect.closeTo(Math.sqrt(109), 6),
    ])
  })
  it('warns where tapes meet too flat', () => {
    const points = [
      { name: 'A', x: 4, y: 2.6 },
      { name: 'B', x: 6, y: 2.6 },
    ] as const
    const table = setOutTable(mantles, { method: 'tapes', units: 'metric', path: 'right', points: [...points] })
    expect(table.cautions.join()).toContain('too flat')
  })
  it('every way says every place of every kind of bed', () => {
    ofScenes((scene) => {
      for (const method of METHODS) {
        const { rows } = setOutTable(scene, { method, units: 'metric', path: 'right' })
        expect(rows.every((r) => Number.isFinite(r.alongM) && r.outM > -1e-9 && r.letters !== '')).toBe(true)
        if (method === 'radius' || method === 'tapes')
          expect(rows.every((r) => r.tapeAM! >= 0 && r.side !== null)).toBe(true)
      }
    })
  })
})

it('the dry run sets all pots, the tallest of a lane first, and packs them backwards', () => {
  const run = dryRun(mantles, 'metric', 'right')
  expect(run.pots.map((p) => [p.lane, p.count])).toEqual([
    ['Back', 1],
    ['Front', 9],
  ])
  expect(run.packing).toEqual([...run.pots].reverse())
  expect(run.outlineM).toBeCloseTo(26, 6)
})

describe('places that stay open', () => {
  const two = sceneOf({
    drifts: [drift('a', 'alchemilla-mollis', 2, 2, 3), drift('b', 'alchemilla-mollis', 2, 7, 7)],
  })
  const beds = [{ id: 'x', plants: two.planted }]
  it('are the outermost of the largest drift; small groups are filled first', () => {
    const open = openPlaces(beds, 'alchemilla-mollis', 4)
    expect(open.map((o) => o.plant.driftId)).toEqual(['b', 'b', 'b', 'b'])
    const ends = two.planted.filter((p) => p.driftId === 'b').map((p) => p.x)
    expect([Math.min(...ends), Math.max(...ends)]).toContain(open[0]!.plant.x)
    expect(openPlaces(beds, 'alchemilla-mollis', 99)).toHaveLength(10)
  })
  it('planted wider, the rest fills the same stretch', () => {
    const edit = plantWider(two, 'b', 2)!
    const { bed } = applyEdit(two.bed, edit)
    const span = (plants: readonly { x: number; driftId: string }[]) => {
      const xs = plants.filter((p) => p.driftId === 'b').map((p) => p.x)
      return [xs.length, Math.min(...xs), Math.max(...xs)]
    }
    const [many, from, to] = span(two.placement.plants)
    expect(span(place(bed, library, two.frame).plants)).toEqual([
      many! - 2,
      expect.closeTo(from!, 2),
      expect.closeTo(to!, 2),
    ])
    expect(plantWider(two, 'a', 2)).toBeNull()
  })
  it('mixed in, the drift keeps its number and holds so many of the other', () => {
    const { bed } = applyEdit(two.bed, mixInto(two.bed, 'b', plant('hosta-halcyon'), 2)!)
    const kinds = place(bed, library, two.frame).plants.filter((p) => p.driftId === 'b')
    expect(kinds).toHaveLength(7)
    expect(kinds.filter((p) => p.plant.id === 'hosta-halcyon')).toHaveLength(2)
    expect(mixInto(two.bed, 'a', plant('hosta-halcyon'), 3)).toBeNull()
  })
})

it('the sheet for the site finds every plant of every part, and rings what stays open', () => {
  const scene = sceneOf({ drifts: [drift('a', 'alchemilla-mollis', 2, 5, 9)] })
  const open = openRefs([{ id: 'x', plants: scene.planted }], [{ plant: plant('alchemilla-mollis'), open: 2 }])
  const head = { gardenId: 'g', name: 'Garden', manner: PLAIN_MANNER }
  const both = ['x', 'y'].map((id) => ({ id, scene }))
  const json = [...siteSheetJson(head, both, { open, care: [], place: portLinnet })].join('')
  const sheet = JSON.parse(json) as SiteSheet
  expect(sheet).toMatchObject({ ...head, care: [], place: portLinnet })
  expect(sheet.beds.map((b) => [b.id, b.plants.length])).toEqual(both.map(({ id }) => [id, scene.planted.length]))
  expect(sheet.beds[0]!.plants.map((p) => p.ref).sort()).toEqual(scene.planted.map((p) => p.id).sort())
  expect(sheet.beds[0]!.plants.filter((p) => p.open)).toHaveLength(2)
  expect(sheet.kinds.map((k) => k.letters)).toEqual(['A'])
})

describe('turning', () => {
  it('three in one line of sight show one; beside one another all', () => {
    const eye = { x: 0, y: 10 }
    const row = (x: number, y: number) => [0, 1, 2].map((i) => ({ x: x * i, y: y * i }))
    expect(leastSeen(row(0, 0.6), eye, 0.2)).toBeLessThan(0.1)
    expect(leastSeen(row(0.6, 0), eye, 0.2)).toBe(1)
  })
  it('a turn that is offered shows more, and brings none too near', () => {
    ofScenes((scene) => {
      for (const t of trioTurns(scene)) {
        expect(t.best).toBeGreaterThan(t.now)
        const { bed } = applyEdit(scene.bed, t.edit)
        expect(bed.pins.filter((p) => p.driftId === t.driftId)).toHaveLength(3)
      }
    })
  })
})

it('a plant from a deep pot stands lower by the pot that goes into the ground', () => {
  const { asSoldM, potDepthM, standsM } = firstHeight(plant('taxus-baccata-fastigiata'), '10 L')
  expect(potDepthM).toBeCloseTo(1.05 * Math.cbrt(0.01), 6)
  expect(standsM).toBeCloseTo(asSoldM - potDepthM, 9)
  expect(standsM).toBeLessThanOrEqual(1)
})

describe('ticks', () => {
  const tick = fc.record({
    bedId: fc.constantFrom('b', 'c'),
    plant: fc.constantFrom('p1', 'p2', 'p3'),
    plantId: fc.constant('hosta-halcyon'),
    what: fc.constantFrom(...TICKS),
    value: fc.constantFrom('yes', 'no'),
    at: fc.integer({ min: 0, max: 50 }).map((s) => new Date(1.77e12 + s * 1000).toISOString()),
    device: fc.constantFrom('one', 'two'),
  })
  it('join the same in any order, and again', () => {
    fc.assert(
      fc.property(fc.array(tick), fc.array(tick), (a, b) => {
        const words = (list: readonly Tick[]) =>
          list.map((t) => `${t.bedId}${t.plant}${t.what}${t.at}${t.device}`).sort()
        expect(words(joinTicks(a, b))).toEqual(words(joinTicks(b, a)))
        expect(words(joinTicks(joinTicks(a, b), b))).toEqual(words(joinTicks(a, b)))
      }),
    )
  })
  it('count what stands: not what is missing, and what was set instead as what it is', () => {
    const base = { bedId: 'b', plantId: 'hosta-halcyon', at: '2026-05-01T08:00:00.000Z', device: 'one' }
    const ticks: Tick[] = [
      { ...base, plant: 'p1', what: 'planted', value: 'yes' },
      { ...base, plant: 'p2', what: 'planted', value: 'yes' },
      { ...base, plant: 'p2', what: 'instead', value: 'alchemilla-mollis' },
      { ...base, plant: 'p3', what: 'planted', value: 'yes' },
      { ...base, plant: 'p3', what: 'missing', value: 'yes' },
      { ...base, plant: 'p4', what: 'planted', value: 'no' },
    ]
    expect([...plantedByKind(ticks)]).toEqual([
      ['hosta-halcyon', 1],
      ['alchemilla-mollis', 1],
    ])
  })
})
