import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { NO_WATER_PLAN } from '../model'
import { EMPTY_SUPPLY, gardenMaterials } from '../count'
import { readDxf, writeDxf } from '../exchange'
import { layGarden } from '../garden'
import { distance } from '../geometry'
import { makeScene } from '../scene'
import {
  climate,
  drift,
  library,
  plant,
  plants,
  portLinnet,
  testBed,
  demo,
  demoBed,
} from '../../tests/support/library'
import { demoSite } from '../../tests/support/goldenBeds'
import { resolveSite } from '../site'
import { dripLines, dripNeed, dripOfScene, layDrip, livesWith, tapDistances, waterGarden, wantOf } from '.'

const choice = { rowM: null, emitterM: null, emitterLH: 2 }
const CATMINT = 'nepeta-x-faassenii'
const YEW = 'taxus-baccata-fastigiata'
const sceneOf = (drifts: Parameters<typeof testBed>[0], soil: 'sand' | 'loam' | 'clay' = 'loam') => {
  const bed = testBed(drifts)
  const ground = { ...bed.ground, soil, irrigation: 'drip' as const }
  return makeScene({ bed: { ...bed, ground }, library, climate, hardinessZone: '6b' })
}

describe('drip in a straight bed', () => {
  const scene = sceneOf({ drifts: [drift('a', CATMINT, 2, 3, 4)] })
  const drip = layDrip(scene, choice)
  it('is one row for one row of plants, from the first to the last and a hand beyond', () => {
    expect(drip.rows).toHaveLength(1)
    const xs = scene.placement.plants.map((p) => p.x)
    const [row] = drip.rows
    expect(row!.line[0]!.x).toBeCloseTo(Math.min(...xs) - 0.15, 2)
    expect(row!.line.at(-1)!.x).toBeCloseTo(Math.max(...xs) + 0.15, 2)
    expect(row!.lengthM).toBeCloseTo(Math.max(...xs) - Math.min(...xs) + 0.3, 1)
    expect(row!.leadM).toBeGreaterThan(0)
  })
  it('has emitters evenly, the first half a spacing in', () => {
    const [row] = drip.rows
    expect(distance(row!.line[0]!, row!.emitters[0]!)).toBeCloseTo(row!.emitterM / 2, 3)
    row!.emitters.slice(1).forEach((e, i) => expect(distance(e, row!.emitters[i]!)).toBeCloseTo(row!.emitterM, 2))
  })
  it('is laid closer in sand than in clay', () => {
    const rows = (soil: 'sand' | 'clay') => {
      const many = [0, 1, 2].map((lane) => drift(`l${lane}`, CATMINT, lane, 3, 5))
      return layDrip(sceneOf({ drifts: many }, soil), choice).rows
    }
    expect(rows('sand').length).toBeGreaterThanOrEqual(rows('clay').length)
    expect(rows('sand')[0]!.emitterM).toBeLessThanOrEqual(rows('clay')[0]!.emitterM)
  })
  it('follows what is typed', () => {
    const typed = layDrip(scene, { ...choice, emitterM: 0.25 })
    expect(typed.rows[0]!.emitterM).toBe(0.25)
  })
})

describe('what needs no row', () => {
  it('large woody plants and shrubs have emitters of their own', () => {
    const hydrangea = plant('hydrangea-paniculata-tardiva')
    const drip = layDrip(sceneOf({ drifts: [drift('h', hydrangea.id, 0, 3, 1), drift('y', YEW, 0, 5, 1)] }), choice)
    expect(drip.rows).toEqual([])
    expect(drip.spots.map((s) => s.plant.plant.id).sort()).toEqual([hydrangea.id, YEW].sort())
    for (const s of drip.spots) expect(s.tubeM).toBeGreaterThanOrEqual(0)
  })
  it('bulbs that have died down by midsummer have none', () => {
    const bulb = plants.find((p) => p.lifeCycle === 'bulb' && p.flowerMonths[0]! <= 4)!
    const drip = layDrip(sceneOf({ drifts: [drift('b', bulb.id, 2, 3, 6)] }), choice)
    expect([...drip.rows, ...drip.spots]).toEqual([])
  })
  it('a bed that is not watered by drip, and pots, have none at all', () => {
    const dry = makeScene({
      bed: testBed({ drifts: [drift('a', CATMINT, 2, 3, 4)] }),
      ...{ library, climate, hardinessZone: '6b' },
    })
    expect(dripOfScene(dry, choice).drip).toBeNull()
    const pots = demoBed('door-pots')
    const ground = { ...pots.ground, irrigation: 'drip' as const }
    const scene = makeScene({ bed: { ...pots, ground }, library, climate, hardinessZone: '6b' })
    expect(dripOfScene(scene, choice).drip).toBeNull()
  })
})

describe('wants', () => {
  it('of every plant are ones that it can live with', () => {
    for (const p of plants) expect(livesWith(p, wantOf(p))).toBe(true)
  })
  it('of a row suit more of its ground than any other would, weighed alike', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...plants.filter((p) => p.kind === 'perennial')], { minLength: 2, maxLength: 3 }),
        (some) => {
          const drifts = some.map((p, i) => drift(`d${i}`, p.id, 2, 1.5 + i * 2, 2))
          for (const row of layDrip(sceneOf({ drifts }), choice).rows)
            expect(row.plants.some((p) => livesWith(p.plant, row.want))).toBe(true)
        },
      ),
      { numRuns: 40 },
    )
  })
})

describe('what goes out', () => {
  const scene = sceneOf({ drifts: [drift('a', CATMINT, 2, 3, 4), drift('y', YEW, 0, 5, 1)] })
  it('lines come back from the drawing file on their layers, where they lie', () => {
    const lines = dripLines(dripOfScene(scene, choice))
    const read = readDxf(writeDxf({ things: [] }, [{ name: 'bed', outline: [...scene.frame.outline] }], [], lines))
    if (!read.ok) throw new Error(read.error)
    const found = read.value
    const layers = new Set(found.lines.map((l) => l.layer))
    for (const { layer } of lines) expect([...layers]).toContain(layer)
    const row = found.lines.find((l) => l.layer.startsWith('water rows'))!
    const sent = lines.find((l) => l.layer.startsWith('water rows'))!
    expect(Math.abs(row.points[0]!.x - sent.line[0]!.x)).toBeLessThan(0.003)
  })
  it('parts stand in Materials with how they came about', () => {
    const need = dripNeed(
      waterGarden({ scenes: [['b', scene]], place: portLinnet, plan: NO_WATER_PLAN, fromTap: { b: 6 } }),
    )
    const lines = gardenMaterials([{ id: 'b', bed: scene.bed }], [], EMPTY_SUPPLY.materials, 'metric', need)
    const of = (id: string) => lines.find((l) => l.id === id)!
    expect(of('dripLine').amount).toBeCloseTo(need!.rowsM + need!.ringsM)
    expect(of('dripPlain').basis).toContain('as laid in Water')
    expect(of('dripValves').bought).toBe(need!.valves)
    expect(gardenMaterials([{ id: 'b', bed: scene.bed }], []).some((l) => l.id.startsWith('drip'))).toBe(false)
  })
  it('the way from the tap is measured on the site, a fifth longer than straight', () => {
    const beds = demo.beds.map((b) => ({ id: b.id, bed: demoBed(b.id) }))
    const ways = tapDistances(layGarden(resolveSite(demoSite), beds))
    expect(Object.keys(ways).length).toBeGreaterThan(3)
    for (const m of Object.values(ways)) expect(m).toBeGreaterThanOrEqual(0)
    const none = { ...demoSite, things: demoSite.things.filter((t) => !(t.kind === 'feature' && t.what === 'tap')) }
    expect(tapDistances(layGarden(resolveSite(none), beds))).toEqual({})
  })
})
