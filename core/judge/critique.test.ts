import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Bed } from '../model'
import { oval, plainGround, rectangle } from '../bed'
import type { Surroundings } from '../site'
import { applyEdit } from '../edit'
import { fullHeightM } from '../plant'
import { blends, pairContrast, standIns } from '../match'
import { critique, critiqueSteps } from './critique'
import { makeScene } from '../scene'
import { monthInterest } from '../season'
import type { Finding, RuleId } from './finding'
import { climate, demoBed, drift, library, plant, testBed } from '../../tests/support/library'

/** A gas pipe under the far corner, a line overhead, a house with a door, and a drive on a street. */
const surroundings: Surroundings = {
  facesDeg: 180,
  baseM: 0,
  things: [
    {
      id: 'gas',
      name: 'gas main',
      kind: 'service',
      service: 'gas',
      line: [
        { x: 4, y: -1 },
        { x: 4, y: 5 },
      ],
      depthM: 0.6,
      sure: false,
    },
  ],
}
const sceneOf = (bed: Bed, around: Surroundings | null = surroundings) =>
  makeScene({
    bed,
    library,
    climate,
    hardinessZone: '6b',
    surroundings: around,
    ...(around
      ? {
          theme: { harmony: 'one-colour', base: '#a4573f', colours: [{ colour: '#8080cc', months: [] }] },
          requirements: [{ trait: 'poison', weight: 'never', beds: [] }],
        }
      : {}),
  })
const judge = (bed: Bed, around: Surroundings | null = null) => critique(sceneOf(bed, around)).findings
const of = (findings: readonly Finding[], rule: RuleId) => findings.filter((f) => f.rule === rule)

/** A bed that breaks one rule plainly, and nothing it must be confused with. */
const broken = {
  shallow: testBed({
    outline: rectangle(10, 1.5),
    drifts: [
      drift('a', 'hydrangea-arborescens-annabelle', 0, 5),
      drift('b', 'hydrangea-arborescens-annabelle', 1, 5.4),
      drift('c', 'nepeta-x-faassenii', 2, 5),
    ],
  }),
  wall: testBed({
    drifts: [drift('a', 'cotinus-coggygria-royal-purple', 0, 5)],
    pins: [{ driftId: 'a', index: 0, x: 5, y: 0.4 }],
  }),
  overlap: testBed({
    drifts: [drift('a', 'nepeta-x-faassenii', 1, 5), drift('b', 'alchemilla-mollis', 1, 6)],
    pins: [
      { driftId: 'a', index: 0, x: 5, y: 2 },
      { driftId: 'b', index: 0, x: 5.15, y: 2 },
    ],
  }),
  crowded: testBed({
    outline: rectangle(3, 1.2),
    laneShares: [1],
    drifts: [drift('a', 'hydrangea-arborescens-annabelle', 0, 1.5, 9)],
  }),
  gap: testBed({ drifts: [drift('a', 'nepeta-x-faassenii', 2, 2, 3), drift('b', 'nepeta-x-faassenii', 2, 8, 3)] }),
  hidden: testBed({
    laneShares: [0.5, 0.5],
    drifts: [drift('a', 'heuchera-villosa-palace-purple', 0, 5), drift('b', 'ilex-glabra-compacta', 1, 5)],
    pins: [
      { driftId: 'a', index: 0, x: 5, y: 0.75 },
      { driftId: 'b', index: 0, x: 5, y: 2.2 },
    ],
  }),
  window: testBed({
    wall: {
      heightM: 3,
      material: 'brick',
      colour: '#a4573f',
      openings: [{ id: 'w', x: 4, widthM: 1.5, sillM: 0.9, headM: 2.4 }],
    },
    drifts: [drift('a', 'physocarpus-opulifolius-diabolo', 0, 4.7)],
  }),
  'keep-open': testBed({
    form: { kind: 'island', edge: oval(4, 4), rimM: 0.3, centre: 'post', centreHeightM: 1.6, showFromM: 0.9 },
    wall: null,
    drifts: [drift('a', 'physocarpus-opulifolius-diabolo', 0, 2, 4)],
  }),
  around: testBed({ drifts: [drift('a', 'nepeta-x-faassenii', 1, 4, 3)] }),
  site: testBed({
    ground: { ...plainGround, sunHours: 8, sunByHand: true },
    drifts: [drift('a', 'hosta-halcyon', 1, 5, 3)],
  }),
  thirst: testBed({
    drifts: [drift('a', 'nepeta-x-faassenii', 1, 4.8), drift('b', 'astilbe-deutschland', 1, 5.2)],
  }),
  smother: testBed({
    outline: rectangle(10, 1.7),
    drifts: [drift('a', 'monarda-didyma', 1, 5, 2), drift('b', 'heuchera-sanguinea', 2, 5, 3)],
  }),
  before: testBed({
    drifts: [drift('a', 'alchemilla-mollis', 1, 5, 5), drift('b', 'taxus-x-media-hicksii', 2, 5)],
  }),
  blend: testBed({
    drifts: [drift('a', 'taxus-x-media-hicksii', 0, 4.4), drift('b', 'taxus-baccata-fastigiata', 0, 5.4)],
  }),
  months: testBed({ drifts: [drift('a', 'hosta-halcyon', 1, 5, 8)] }),
  theme: testBed({
    drifts: [drift('a', 'nepeta-x-faassenii', 1, 3, 4), drift('b', 'coreopsis-verticillata', 1, 7, 3)],
  }),
  brief: testBed({ drifts: [drift('a', 'aconitum-carmichaelii', 1, 5, 2)] }),
  clutter: testBed({
    drifts: [
      'alchemilla-mollis',
      'nepeta-x-faassenii',
      'iris-sibirica',
      'echinacea-purpurea',
      'achillea-moonshine',
      'agastache-foeniculum',
    ].map((id, i) => drift(`d${i}`, id, 1, 1 + i * 1.4)),
  }),
} satisfies Partial<Record<RuleId, Bed>>
const RULES_HERE = Object.keys(broken) as (keyof typeof broken)[]
describe('each rule', () => {
  for (const rule of RULES_HERE) {
    it(`${rule}: finds what is plainly wrong, with figures, a place and a source`, () => {
      const [finding] = of(judge(broken[rule], surroundings), rule)
      expect(finding).toBeDefined()
      expect(finding!.title.length).toBeGreaterThan(5)
      expect(finding!.reason.length).toBeGreaterThan(20)
      expect(finding!.source.length).toBeGreaterThan(20)
      expect(finding!.figures.every((f) => Number.isFinite(f.value))).toBe(true)
      expect(finding!.to).toBeGreaterThanOrEqual(finding!.from)
    })
  }

  it('smother: looks as far as a runner comes in five years, beside as well as behind', () => {
    const apart = (lane: number, at: number) =>
      testBed({
        drifts: [drift('r', 'physostegia-virginiana', lane, 5, 3), drift('l', 'thymus-vulgaris', 1, at, 3)],
      })
    expect(of(judge(apart(0, 5)), 'smother')).toHaveLength(1)
    expect(of(judge(apart(1, 6.6)), 'smother')).toHaveLength(1)
    expect(of(judge(apart(2, 5)), 'smother')).toEqual([])
    expect(of(judge(apart(1, 9)), 'smother')).toEqual([])
  })

  it('thirst: stays silent for neighbours that can share', () => {
    const shared = testBed({
      drifts: [drift('a', 'nepeta-x-faassenii', 1, 4.8), drift('b', 'alchemilla-mollis', 1, 5.3)],
    })
    expect(of(judge(shared), 'thirst')).toEqual([])
  })

  it('names the school where the finding depends on it', () => {
    const close = testBed({ ...broken.overlap, school: 'close-knit' })
    expect(of(judge(broken.overlap), 'overlap')[0]!.reason).toContain('Layered foundation')
    expect(of(judge(close), 'overlap')[0]!.reason).toContain('Loose and close-knit')
    expect(of(judge(close), 'overlap')[0]!.figures[1]!.value).toBeCloseTo(0.48, 6)
  })

  it('is silent about a bed with nothing in it', () => expect(judge(testBed())).toEqual([]))
})

describe('figures on paper', () => {
  it('shallow: setback + rows + half the front', () => {
    const [f] = of(judge(broken.shallow), 'shallow')
    const row = 0.9 * 1.3 * Math.sqrt(0.75)
    const front = Math.sqrt((0.9 * 0.95) ** 2 - (0.9 * 0.3) ** 2)
    expect(f!.figures[0]!.value).toBeCloseTo(0.8 + row + front + 0.3, 6)
    expect(f!.figures[1]!.value).toBeCloseTo(1.5, 6)
  })
  it('wall: half the spread and 0.15 m', () =>
    expect(of(judge(broken.wall), 'wall')[0]!.figures.map((x) => x.value)).toEqual([0.4, 1.15]))
  it('window: a solid slab before half the glass hides half of it', () => {
    const slab = {
      ...plant('taxus-baccata-fastigiata'),
      id: 'slab',
      habit: 'mat' as const,
      foliageHeightM: 1.65,
      flowerHeightM: 1.65,
      spreadM: 6,
      yearsTo90: 0.5,
      sun: { brightest: 'full-sun', darkest: 'shade' } as const,
    }
    const bed = testBed({
      outline: rectangle(10, 8),
      wall: {
        heightM: 3,
        material: 'brick',
        colour: '#a4573f',
        openings: [{ id: 'w', x: 4.5, widthM: 1, sillM: 0.9, headM: 2.4 }],
      },
      drifts: [drift('a', 'slab', 0, 5)],
    })
    const [f] = of(
      critique(makeScene({ bed, library: new Map([['slab', slab]]), climate, hardinessZone: '7' })).findings,
      'window',
    )
    expect(f!.figures[0]!.value).toBeGreaterThan(45)
    expect(f!.figures[0]!.value).toBeLessThan(55)
  })
})

describe('mends', () => {
  const without = (bed: Bed, finding: Finding, n: number) => {
    const after = judge(applyEdit(bed, finding.mends[n]!.edit).bed)
    return { same: after.find((f) => f.id === finding.id), after }
  }
  it.each([
    'shallow',
    'wall',
    'overlap',
    'window',
    'site',
    'thirst',
    'smother',
    'clutter',
    'blend',
    'hidden',
  ] as const)('%s: the first mend does away with the finding, or makes it smaller', (rule) => {
    const bed = broken[rule]
    const [finding] = of(judge(bed), rule)
    const { same } = without(bed, finding!, 0)
    expect(same === undefined || same.weight < finding!.weight).toBe(true)
  })
  /** Metres of bare front, or months that lack something, told by a finding's id: `months:9-2`. */
  const lacking = (bed: Bed, rule: 'gap' | 'months') =>
    of(judge(bed), rule).reduce((sum, f) => {
      const [first, last] = (/:(\d+)-(\d+)$/.exec(f.id) ?? []).slice(1).map(Number)
      return sum + (rule === 'gap' ? f.to - f.from : ((last! - first! + 12) % 12) + 1)
    }, 0)
  it('gap and months: what is added fills the place', () => {
    for (const rule of ['gap', 'months'] as const) {
      const [finding] = of(judge(broken[rule], surroundings), rule)
      const after = applyEdit(broken[rule], finding!.mends[0]!.edit).bed
      expect(after.drifts.length).toBeGreaterThan(broken[rule].drifts.length)
      expect(lacking(after, rule)).toBeLessThan(lacking(broken[rule], rule) + (rule === 'gap' ? 1e-9 : 0))
    }
  })
  it('every mend of every finding is an edit that applies', () => {
    for (const bed of [...Object.values(broken), demoBed('reading-room-front')])
      for (const f of judge(bed)) for (const m of f.mends) expect(applyEdit(bed, m.edit).bed).not.toBe(bed)
  })
})

describe('the demo border', () => {
  const bed = demoBed('reading-room-front')
  it('has 60 plants or more and exactly one honest finding left', () => {
    expect(sceneOf(bed).placement.plants.length).toBeGreaterThanOrEqual(60)
    expect(judge(bed).map((f) => f.rule)).toEqual(['window'])
  })
  it('has months within 0 and 1', () => {
    const scene = sceneOf(bed)
    for (const m of monthInterest(scene)) {
      expect(m.interest).toBeGreaterThanOrEqual(0)
      expect(m.bloom).toBeLessThanOrEqual(1)
    }
  })
})

describe('judging again without a change', () => {
  it('returns the same findings when nothing changed', () => {
    const first = critique(sceneOf(demoBed('reading-room-front')))
    expect(critique(sceneOf(demoBed('reading-room-front')), first).findings).toEqual(first.findings)
  })
})

describe('contrast and stand-ins', () => {
  it('rates bold beside fine above like beside like', () => {
    expect(pairContrast(plant('hosta-halcyon'), plant('polystichum-acrostichoides'))).toBeGreaterThan(
      pairContrast(plant('hosta-halcyon'), plant('hosta-francee')),
    )
    expect(pairContrast(plant('hosta-halcyon'), plant('hosta-halcyon'))).toBe(0)
  })
  it('is the same both ways and within 0-100', () => {
    fc.assert(
      fc.property(fc.constantFrom(...library.values()), fc.constantFrom(...library.values()), (a, b) => {
        expect(pairContrast(a, b)).toBeCloseTo(pairContrast(b, a), 6)
        expect(pairContrast(a, b)).toBeLessThanOrEqual(100)
        expect(blends(a, b)).toBe(blends(b, a))
      }),
    )
  })
  it('offers only what fits the site and the limits, never the plant itself', () => {
    const scene = sceneOf(testBed({ ground: { ...plainGround, sunHours: 1.2, water: 'moist', ph: 6.2 } }))
    const found = standIns(plant('lavandula-angustifolia-hidcote'), scene, { maxHeightM: 0.6 }, 5)
    expect(found.length).toBeGreaterThan(0)
    for (const p of found) {
      expect(fullHeightM(p)).toBeLessThanOrEqual(0.6)
      expect(p.sun.darkest).toBe('shade')
    }
  })
})

describe('a bed judged step by step', () => {
  it('is judged as in one go, with a pause after every rule, also when it builds on the judgement before', () => {
    const bed = demoBed('reading-room-front')
    const before = critique(sceneOf(bed))
    const moved = sceneOf({ ...bed, drifts: bed.drifts.map((d, i) => (i === 2 ? { ...d, at: d.at + 0.4 } : d)) })
    for (const last of [undefined, before]) {
      const steps = critiqueSteps(moved, last)
      let pauses = 0
      let step = steps.next()
      for (; !step.done; step = steps.next()) pauses++
      expect(step.value.findings).toEqual(critique(moved, last).findings)
      expect(pauses).toBeGreaterThan(20)
    }
  })
})
