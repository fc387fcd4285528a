import { describe, expect, it } from 'vitest'
import { type Turn, type Brief, briefSchema } from '../model'
import { demoSite } from '../../tests/support/goldenBeds'
import { climate, demo, demoBed, drift, library, plant, testBed } from '../../tests/support/library'
import { plantCounts } from '../bed'
import { gardenCount, EMPTY_SUPPLY } from '../count'
import { layGarden } from '../garden'
import { askedOf, critique } from '../judge'
import { marksOf } from '../marks'
import { tapestry } from '../season'
import { resolveSite } from '../site'
import { driftsSeen, makeScene, picturesAt } from '../scene'
import { aspectOf } from '../see'
import { climateOf, stayMonths, stayPoint } from '../time'

const turn = (plantId: string, from: Turn['from'], to: Turn['to'], year: number | null = null): Turn => ({
  plantId,
  from,
  to,
  year,
})
const on = (day: string) => ({ on: day })
const last = (days = 0) => ({ frost: 'last' as const, days })
const first = (days = 0) => ({ frost: 'first' as const, days })

/** Pots of pelargonium in summer, tulips in spring, pansies in the cold months. */
const handOver = (change: object = {}) =>
  testBed({
    drifts: [
      {
        ...drift('p', 'pelargonium-x-hortorum', 1, 4, 3),
        stay: { from: last(7), to: first() },
        turns: [turn('tulipa-clusiana', on('03-15'), last(7)), turn('viola-x-wittrockiana', first(), on('03-15'))],
        ...change,
      },
      drift('n', 'nepeta-x-faassenii', 1, 8, 3),
    ],
  })
const sceneOf = (bed = handOver()) => makeScene({ bed, library, climate, hardinessZone: '6b' })
const kindsIn = (month: number, scene = sceneOf(), year = 2) => {
  const { bodies } = picturesAt(scene, { month, year }, aspectOf(scene.bed, scene.frame, scene.bed.viewpoint))
  return new Set(bodies.filter((b) => b.at.driftId === 'p' && b.look.state !== 'gone').map((b) => b.at.plant.id))
}

describe('months of a stay', () => {
  // Frosts on 8 May and 14 October: 5.23 and 10.42.
  it('by frost and by calendar, over the new year, in both hemispheres', () => {
    expect([...stayMonths({ from: last(), to: first() }, climate)]).toEqual([5, 6, 7, 8, 9])
    expect([...stayMonths({ from: last(21), to: first(-30) }, climate)]).toEqual([6, 7, 8])
    expect([...stayMonths({ from: on('11-01'), to: on('03-01') }, climate)]).toEqual([1, 2, 11, 12])
    const south = climateOf({ latitude: -41, lastFrost: '10-20', firstFrost: '04-25' })
    expect([...stayMonths({ from: last(), to: first() }, south)].sort((a, b) => a - b)).toEqual([
      1, 2, 3, 4, 11, 12,
    ])
    expect(stayPoint(last(), south)).toBeCloseTo(10 + 19 / 31, 5)
  })
})

describe('a place that changes hands', () => {
  it('shows who stands in it in each month, at the same places', () => {
    const scene = sceneOf()
    expect(kindsIn(7, scene)).toEqual(new Set(['pelargonium-x-hortorum']))
    expect(kindsIn(4, scene)).toEqual(new Set(['tulipa-clusiana']))
    expect(kindsIn(1, scene)).toEqual(new Set(['viola-x-wittrockiana']))
    const plain = sceneOf(handOver({ stay: null, turns: null }))
    expect(scene.placement.plants.map((p) => [p.x, p.y])).toEqual(plain.placement.plants.map((p) => [p.x, p.y]))
  })
  it('a biennial of a turn is in bloom as it is sold', () => {
    const scene = sceneOf()
    const { bodies } = picturesAt(
      scene,
      { month: 4, year: 4 },
      aspectOf(scene.bed, scene.frame, scene.bed.viewpoint),
    )
    expect(plant('viola-x-wittrockiana').flowerMonths.length).toBeGreaterThan(0)
    expect(bodies.length).toBeGreaterThan(0)
  })
  it('one year only is one year only', () => {
    const scene = sceneOf(handOver({ turns: [turn('tulipa-clusiana', on('03-01'), last(7), 2)] }))
    expect(kindsIn(4, scene, 2).size).toBe(1)
    expect(kindsIn(4, scene, 3).size).toBe(0)
  })
  it('a drift planted in year two shows nothing before, and is two years younger after', () => {
    const later = sceneOf(
      testBed({ drifts: [{ ...drift('p', 'taxus-baccata-fastigiata', 0, 4, 1), plantedYear: 2 }] }),
    )
    const now = sceneOf(testBed({ drifts: [drift('p', 'taxus-baccata-fastigiata', 0, 4, 1)] }))
    const height = (scene: typeof now, year: number) =>
      picturesAt(scene, { month: 7, year }, aspectOf(scene.bed, scene.frame, scene.bed.viewpoint)).bodies[0]!
        .foliageM
    expect(height(later, 1)).toBe(0)
    expect(height(later, 5)).toBe(height(now, 3))
  })
})

describe('what is bought for hand-overs', () => {
  it('each turn is counted, in its lane', () => {
    const bed = handOver()
    expect(plantCounts(bed).get('tulipa-clusiana')).toBe(3)
    const { lines } = gardenCount({ beds: [{ id: 'b', bed }], library, supply: EMPTY_SUPPLY })
    expect(lines.find((l) => l.plant.id === 'viola-x-wittrockiana')).toMatchObject({ need: 3 })
    expect(new Set(lines.map((l) => l.key)).size).toBe(lines.length)
  })
  it('a later planting year is a later phase', () => {
    const bed = testBed({ drifts: [{ ...drift('p', 'nepeta-x-faassenii', 1, 4, 3), plantedYear: 2 }] })
    const { lines } = gardenCount({ beds: [{ id: 'b', bed }], library, supply: EMPTY_SUPPLY })
    expect(lines[0]!.phase).toBe(3)
  })
})

describe('findings of hand-overs', () => {
  const ids = (change: object = {}) =>
    critique(sceneOf(handOver(change)))
      .findings.filter((f) => f.rule === 'stays')
      .map((f) => f.id)
  it('a sound chain has none', () => expect(ids()).toEqual([]))
  it('tender plants before the last frost, two at once, and an empty place in summer are found', () => {
    expect(ids({ stay: { from: on('03-20'), to: first() }, turns: [] })).toContain(
      'stays:frost:p:pelargonium-x-hortorum',
    )
    expect(ids({ turns: [turn('tulipa-clusiana', on('03-15'), on('07-15'))] })).toContain(
      'stays:both:p:pelargonium-x-hortorum:tulipa-clusiana',
    )
    expect(ids({ stay: { from: last(60), to: first() }, turns: [] })).toEqual(['stays:empty:p'])
  })
  it('judging after a change of a stay is judging anew', () => {
    const before = critique(sceneOf())
    const after = sceneOf(handOver({ stay: { from: last(60), to: first() } }))
    const ways = [critique(after, before), critique(after)].map((c) => c.findings.map((f) => f.id))
    expect(ways[0]).toEqual(ways[1])
  })
})

describe('the demo with its whole brief', () => {
  it('every bed is judged, marked through its moments, and woven', () => {
    const brief = briefSchema.parse((demo as unknown as { brief: unknown }).brief) as Brief
    const beds = demo.beds.map((b) => ({ id: b.id, bed: demoBed(b.id) }))
    const laid = layGarden(resolveSite(demoSite), beds)
    for (const { id } of beds) {
      const here = laid.beds.get(id)!
      const others = beds.filter((b) => b.id !== id).map((b) => b.bed)
      const scene = makeScene(
        {
          bed: here.bed,
          library,
          climate,
          hardinessZone: '6b',
          surroundings: here.surroundings,
          theme: brief.theme,
          requirements: brief.requirements,
          asked: askedOf(brief, others, library),
          schools: brief.schools,
        },
        { frame: here.frame },
      )
      const judged = critique(scene)
      for (const f of judged.findings) expect(f.mends.length, f.id).toBeGreaterThanOrEqual(0)
      const marks = marksOf(scene, judged.findings)
      if (scene.placement.plants.length > 0) expect(marks.length, id).toBeGreaterThan(5)
      expect(tapestry(scene, 3).rows.length).toBe(driftsSeen(scene).length)
    }
  })
})
