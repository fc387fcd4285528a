import fc from 'fast-check'
import { beforeAll, describe, expect, it } from 'vitest'
import { NO_WATER_PLAN, type WaterPlan } from '../model'
import { distance, insideOf } from '../geometry'
import { makeScene, type Scene } from '../scene'
import { simulatedWeather } from '../weather'
import { climate, demo, demoBed, library, plant, plants, portLinnet } from '../../tests/support/library'
import { scenes as golden } from '../../tests/support/goldenBeds'
import {
  byHand,
  daysBetweenRuns,
  dripNeed,
  dripPaints,
  layDrip,
  longestRowM,
  lostBar,
  missedPlants,
  plantNeedL,
  programmeOf,
  runDays,
  soaked,
  SOIL_WATER,
  timerRecord,
  waterFaults,
  waterGarden,
  waterGardenFigures,
  zoneYear,
  type WaterGarden,
} from '.'

const place = { ...portLinnet, longitude: -63.6 }
const choice = { rowM: null, emitterM: null, emitterLH: 2 }
const dripped = (id: string): Scene => {
  const bed = demoBed(id)
  const irrigation = bed.form.kind === 'container' ? 'none' : 'drip'
  return makeScene({
    bed: { ...bed, ground: { ...bed.ground, irrigation } },
    library,
    climate,
    hardinessZone: '6b',
  })
}
const gardenOf = (plan: Partial<WaterPlan> = {}): WaterGarden =>
  waterGarden({ scenes: all, place, plan: { ...NO_WATER_PLAN, ...plan }, fromTap: {} })
let all: [string, Scene][]
let garden: WaterGarden
beforeAll(() => {
  all = demo.beds.map((b) => [b.id, dripped(b.id)])
  garden = gardenOf()
})

describe('the need of a plant', () => {
  const at = () => ({ ...garden.beds[0]!.at, own: 1 })
  it('is worked out by hand for a grown one in July', () => {
    const lavender = plants.find((p) => p.water.driest === 'dry' && p.water.wettest === 'dry' && p.spreadM > 0.5)!
    const dry = { ...at(), table: at().table.map(() => ({ lowC: 14.8, highC: 26.6, rainMm: 0 })), latitude: 45.72 }
    const canopy = Math.PI * (lavender.spreadM / 2) ** 2
    expect(plantNeedL(lavender, 7, 30, dry)).toBeCloseTo(5.03 * 0.3 * canopy, 1)
  })
  it('is nothing while a plant is out of leaf, never less than nothing, and more for what is set where rain is less', () => {
    fc.assert(
      fc.property(fc.constantFrom(...plants), fc.integer({ min: 1, max: 12 }), fc.nat(12), (p, month, year) => {
        const litres = plantNeedL(p, month, year, at())
        expect(litres).toBeGreaterThanOrEqual(0)
        expect(litres).toBeLessThan(p.spreadM ** 2 * 12 + 1)
        const drier = { ...at(), table: at().table.map((m) => ({ ...m, rainMm: m.rainMm / 2 })) }
        expect(plantNeedL(p, month, year, drier)).toBeGreaterThanOrEqual(litres)
      }),
    )
    expect(plantNeedL(plant('allium-giganteum') ?? plants[0]!, 9, 3, at())).toBe(0)
  })
})

describe('drip', () => {
  it('wets every plant of the golden beds that is green in summer, but few', () => {
    let [there, missed] = [0, 0]
    for (const scene of golden.values()) {
      const drip = layDrip(scene, choice)
      there += scene.placement.plants.length
      missed += missedPlants({ bed: scene.bed, drip } as never).length
    }
    expect(there).toBeGreaterThan(1000)
    expect(missed / there).toBeLessThan(0.03)
  })
  it('keeps rows inside the bed and emitters as far apart as said', () => {
    for (const scene of golden.values()) {
      const inside = insideOf(scene.frame.outline)
      for (const row of layDrip(scene, choice).rows) {
        expect(row.lengthM).toBeGreaterThan(0)
        const out = row.line.filter((p) => !inside(p))
        expect(out.length).toBeLessThanOrEqual(Math.ceil(row.line.length * 0.1) + 2)
        expect(row.emitters.length).toBe(Math.max(1, Math.floor(row.lengthM / row.emitterM + 0.5 + 1e-9)))
      }
    }
  })
  it('lays rings round large woody plants and one or two emitters at shrubs, each fed from the nearest pipe', () => {
    const spots = garden.beds.flatMap((b) => b.drip?.spots ?? [])
    expect(spots.length).toBeGreaterThan(10)
    for (const s of spots) {
      expect(s.ringM > 0).toBe(s.plant.plant.spreadM >= 1.2)
      if (s.ringM > 0) expect(s.emitters.length).toBeGreaterThanOrEqual(4)
      else expect([1, 2]).toContain(s.emitters.length)
      for (const e of s.emitters) expect(distance(e, s.plant)).toBeCloseTo(s.ringM || 0.15, 6)
    }
  })
  it('misses plants, and says so, when its rows are laid too far apart', () => {
    const wide = gardenOf({ rowM: 1.5, emitterM: 1 })
    const fault = waterFaults(wide, 2, 'metric').find((f) => f.kind === 'missed' && f.places.length > 5)
    expect(fault?.says).toContain('no emitter reaches')
  })
  it('is drawn for all parts of a bed, inside its box', () => {
    const court = garden.beds.find((b) => b.parts > 1 && b.drip)!
    const headers = dripPaints(court).filter((p) => 'layer' in p && p.layer === 'water header')
    expect(headers).toHaveLength(court.parts)
  })
})

describe('pipes', () => {
  it('lose what a worked example says: 1,000 L/h through 50 m of 20.4 mm', () => {
    const head = (10.67 * 50 * (1 / 3600) ** 1.852) / (140 ** 1.852 * 0.0204 ** 4.87)
    expect(lostBar(1000, 50, 0.0204)).toBeCloseTo(head / 10.2, 6)
    expect(lostBar(1000, 50, 0.0204)).toBeGreaterThan(0.2)
    expect(lostBar(1000, 50, 0.0204)).toBeLessThan(0.3)
  })
  it('feed a longer row with wider or smaller emitters', () => {
    expect(longestRowM(2, 0.4)).toBeGreaterThan(longestRowM(2, 0.2))
    expect(longestRowM(1, 0.3)).toBeGreaterThan(longestRowM(4, 0.3))
    expect(longestRowM(2, 0.3)).toBeGreaterThan(40)
  })
})

describe('zones', () => {
  it('hold like with like, carry every emitter once, and none more than the tap gives', () => {
    const emitters = garden.beds.reduce(
      (n, b) =>
        n + (b.drip ? [...b.drip.rows, ...b.drip.spots].reduce((m, r) => m + r.emitters.length, 0) * b.parts : 0),
      0,
    )
    expect(garden.zones.reduce((n, z) => n + z.emitters, 0)).toBe(emitters)
    for (const z of garden.zones) {
      expect(z.flowLH).toBeLessThanOrEqual(garden.tapLH * 0.75)
      for (const p of z.parts) for (const r of p.rows) expect(r.want).toBe(z.want)
    }
  })
  it('are the same reckoned without where the drip lies, and none of that is kept', () => {
    const figures = waterGardenFigures({ scenes: all, place, plan: NO_WATER_PLAN, fromTap: {} })
    expect(dripNeed(figures)).toEqual(dripNeed(garden))
    const told = (zones: WaterGarden['zones']) =>
      zones.map((z) => [z.name, z.flowLH, z.pipeM, z.needsBar, z.plants.length, zoneYear(z, 1, 2)])
    expect(told(figures.zones)).toEqual(told(garden.zones))
    expect(byHand(figures, 7, 1)).toEqual(byHand(garden, 7, 1))
    for (const { drip } of figures.beds)
      for (const piece of [...(drip?.rows ?? []), ...(drip?.spots ?? [])])
        expect(
          Object.values(piece).every((v) => !Array.isArray(v) || v === (piece as { plants?: unknown }).plants),
        ).toBe(true)
  })
  it('mix wants when each bed is one zone, and the plants are named', () => {
    const wet = [...golden].map(([seed, scene]): [string, Scene] => {
      const ground = { ...scene.bed.ground, irrigation: 'drip' as const }
      return [`bed-${seed}`, { ...scene, bed: { ...scene.bed, ground } }]
    })
    const mixed = (zoning: 'bed' | 'want') => {
      const laid = waterGarden({ scenes: wet, place, plan: { ...NO_WATER_PLAN, zoning }, fromTap: {} })
      return waterFaults(laid, 2, 'metric').filter((f) => f.kind === 'mixed')
    }
    const strangers = (faults: ReturnType<typeof mixed>) => faults.reduce((n, f) => n + f.places.length, 0)
    const byBed = mixed('bed')
    expect(strangers(byBed)).toBeGreaterThan(strangers(mixed('want')))
    for (const f of byBed.slice(0, 5)) {
      const scene = new Map(wet).get(f.bedId)!
      const names = scene.placement.plants.filter((p) => f.places.includes(p.id)).map((p) => p.plant.commonName)
      expect(names.some((name) => f.says.includes(name))).toBe(true)
    }
  })
  it('are too much for a weak tap', () => {
    const weak = gardenOf({ tap: { litres: 1, seconds: 60, bar: 1.2 } })
    const said = waterFaults(weak, 2, 'metric').filter((f) => f.kind === 'weak tap')
    expect(said.some((f) => f.says.includes('L/h'))).toBe(true)
    expect(said.some((f) => f.says.includes('bar'))).toBe(true)
  })
  it('run more often in the first year, and give what is wanted', () => {
    for (const zone of garden.zones) {
      const [first, third] = [zoneYear(zone, 0, 2), zoneYear(zone, 2, 2)]
      expect(first[6]!.days).toBeGreaterThanOrEqual(third[6]!.days)
      for (const m of [...first, ...third]) {
        const litres = (m.minutes * m.days * zone.flowLH) / 60
        if (m.days > 0) expect(Math.abs(litres - m.litresAWeek) / m.litresAWeek).toBeLessThan(0.12)
      }
      expect(first[0]!.minutes).toBe(0)
    }
  })
})

describe('soil', () => {
  it('takes a run at once or in parts', () => {
    expect(soaked(60, 10, SOIL_WATER.loam)).toEqual({ cycles: 1, soakMinutes: 0 })
    expect(soaked(60, 15, SOIL_WATER.clay)).toEqual({ cycles: 3, soakMinutes: 40 })
  })
  it('is watered sooner where it holds less and while roots are short', () => {
    expect(daysBetweenRuns(3, SOIL_WATER.sand, 0, false)).toBe(2)
    expect(daysBetweenRuns(3, SOIL_WATER.clay, 2, false)).toBe(7)
    expect(daysBetweenRuns(3, SOIL_WATER.loam, 0, true)).toBeLessThanOrEqual(7)
  })
})

describe('what is bought and carried', () => {
  it('adds up from what is laid', () => {
    const need = dripNeed(garden)!
    expect(need.rowsM).toBeCloseTo(
      garden.beds.reduce((n, b) => n + (b.drip?.rows.reduce((m, r) => m + r.lengthM, 0) ?? 0) * b.parts, 0),
    )
    expect(need.valves).toBe(garden.zones.length)
    expect(dripNeed({ beds: [], zones: [] })).toBeNull()
  })
  it('says cans and minutes for beds without drip', () => {
    const pots = byHand(garden, 7, 0)
    expect(pots.map((b) => b.how)).toEqual(['can'])
    expect(pots[0]!.cans).toBe(Math.ceil(pots[0]!.litresAWeek / 10))
    expect(pots[0]!.cans).toBeGreaterThan(0)
  })
})

describe('the timer', () => {
  const set = { since: '2026-05-01', startsAt: '05:30', skipMm: 5 }
  const weather = simulatedWeather(place, 'saltmarsh')
  const record = (programmes = [programmeOf(garden.zones, 0, 2, set)], to = '2026-09-30') =>
    timerRecord(programmes, '2026-04-01', to, { weather, table: garden.table, latitude: place.latitude })
  it('runs on its days only, never before it was set, and not after rain', () => {
    const runs = record()
    expect(runs.length).toBeGreaterThan(100)
    expect(runs[0]!.day >= set.since).toBe(true)
    for (const r of runs.filter((r) => r.minutes > 0)) {
      const before = new Date(Date.parse(r.day) - 86_400_000).toISOString().slice(0, 10)
      expect(weather(r.day).rainMm + weather(before).rainMm).toBeLessThan(5)
    }
    expect(runs.some((r) => r.why.startsWith('left out') && r.litres === 0)).toBe(true)
    expect(runs.some((r) => r.why.includes('longer')) && runs.some((r) => r.why.includes('shorter'))).toBe(true)
  })
  it('takes a new programme on its day, and stops with an empty one', () => {
    const stop = { ...set, since: '2026-07-01', zones: [] }
    expect(record([programmeOf(garden.zones, 0, 2, set), stop]).every((r) => r.day < '2026-07-01')).toBe(true)
  })
  it('spreads its days over the week', () => {
    expect(runDays(3)).toEqual([1, 3, 5])
    expect(runDays(7)).toEqual([1, 2, 3, 4, 5, 6, 7])
    expect(runDays(0)).toEqual([])
  })
})
