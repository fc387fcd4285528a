import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { TRAITS, type Brief } from '../model'
import { EMPTY_BRIEF, TRAIT } from '../brief'
import { hoursAYear, minutesAYear } from '../care'
import { fullHeightM, misfits, type SiteConditions } from '../plant'
import { bedCosts } from '../count'
import { briefChecks, critique } from '../judge'
import { DIRECTIONS, swaps } from './swap'
import { makeScene } from '../scene'
import { pairScore, partners, sharedNeeds } from './partners'
import { climate, demoBed, drift, library, plant, plants, testBed } from '../../tests/support/library'

const sunny: SiteConditions = { sunHours: 7, water: 'average', soil: 'loam', ph: 6.5, zone: 6 }
const shady: SiteConditions = { ...sunny, sunHours: 1.5, water: 'moist' }

describe('partners', () => {
  it('are as many as asked, fit the place, keep the seed, and say why', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...plants.filter((p) => p.kind !== 'climber')),
        fc.constantFrom(2, 3, 5 as const),
        fc.constantFrom(sunny, shady),
        fc.integer({ min: 1, max: 12 }),
        fc.constantFrom(0, 0.5, 1),
        (seed, size, site, month, bias) => {
          const groups = partners(plants, { seed, size, site, month, bias })
          const others = groups.flatMap((g) => g.plants.slice(1))
          expect(new Set(others).size, 'no plant twice beside the seed').toBe(others.length)
          for (const g of groups) {
            expect(g.plants).toHaveLength(size)
            expect(g.plants[0]).toBe(seed)
            expect(new Set(g.plants.map((p) => p.id)).size).toBe(size)
            for (const p of g.plants.slice(1)) expect(misfits(p, site)).toEqual([])
            expect(g.score).toBeGreaterThanOrEqual(0)
            expect(g.score).toBeLessThanOrEqual(100)
          }
        },
      ),
      { numRuns: 25 },
    )
  })
  it('go from evergreen to flower with the bias, and for an empty place without a seed', () => {
    const share = (bias: number, of: (p: (typeof plants)[number]) => boolean) => {
      const all = partners(plants, { seed: null, size: 3, site: sunny, month: 7, bias, most: 6 }).flatMap(
        (g) => g.plants,
      )
      return all.filter(of).length / all.length
    }
    expect(share(0, (p) => p.retention === 'evergreen')).toBeGreaterThan(
      share(1, (p) => p.retention === 'evergreen'),
    )
    expect(share(1, (p) => p.flowerMonths.includes(7))).toBeGreaterThan(0.8)
  })
  it('rank contrast above sameness, and count shared needs', () => {
    expect(pairScore(plant('hosta-halcyon'), plant('polystichum-acrostichoides'), 7)).toBeGreaterThan(
      pairScore(plant('hosta-halcyon'), plant('hosta-francee'), 7) - 20,
    )
    expect(sharedNeeds(plant('hosta-halcyon'), plant('lavandula-angustifolia-hidcote'))).toBeLessThan(
      sharedNeeds(plant('hosta-halcyon'), plant('hosta-francee')),
    )
    expect(
      partners(plants, { seed: plant('hosta-halcyon'), size: 2, site: shady, month: 6, bias: 0.5 })[0]!.reasons
        .length,
    ).toBeGreaterThan(0)
  })
})

describe('swap', () => {
  it('keeps to its direction, fits the site, never offers the plant itself, and says what is lost and gained', () => {
    fc.assert(
      fc.property(fc.constantFrom(...plants), fc.constantFrom(...DIRECTIONS), (from, direction) => {
        for (const s of swaps(plants, from, sunny, direction)) {
          expect(s.plant.id).not.toBe(from.id)
          expect(misfits(s.plant, sunny)).toEqual([])
          const [h, was] = [fullHeightM(s.plant), fullHeightM(from)]
          if (direction === 'taller') expect(h).toBeGreaterThan(was)
          if (direction === 'lower') expect(h).toBeLessThan(was)
          if (direction === 'narrower') expect(s.plant.spreadM).toBeLessThan(from.spreadM)
          if (direction === 'safer') expect(s.plant.hazards).toEqual([])
          if (direction === 'evergreen') expect(s.plant.retention).toBe('evergreen')
          if (direction === 'cheaper') expect(s.plant.sizes[0]!.price).toBeLessThan(from.sizes[0]!.price)
        }
      }),
      { numRuns: 120 },
    )
  })
  it('names what changes both ways', () => {
    const back = swaps(
      [plant('thuja-occidentalis-smaragd')],
      plant('chamaecyparis-pisifera-boulevard'),
      { ...sunny, zone: 7 },
      'like it',
    )[0]!
    expect(back.lost).toContain('has poison')
    expect(
      swaps(
        [plant('chamaecyparis-pisifera-boulevard')],
        plant('thuja-occidentalis-smaragd'),
        { ...sunny, zone: 7 },
        'like it',
      )[0]!.gained,
    ).toContain('no poison')
  })
})

describe('the brief’s checks', () => {
  const brief: Brief = {
    ...EMPTY_BRIEF,
    months: [6],
    hoursAYear: 60,
    budget: 10,
    hates: ['catmint'],
    likes: ['peony'],
    requirements: [
      { trait: 'evergreen', weight: 'must', beds: [] },
      { trait: 'poison', weight: 'never', beds: ['other'] },
      { trait: 'thorns', weight: 'never', beds: [] },
      { trait: 'scent', weight: 'wish', beds: [] },
    ],
  }
  const scene = makeScene({ bed: demoBed('reading-room-front'), library, climate, hardinessZone: '6b' })
  const checks = briefChecks(brief, scene, 'reading-room-front')
  const of = (id: string) => checks.find((c) => c.id === id)
  it('measures every plant and the bed, and leaves out what is asked of other beds', () => {
    expect(of('trait:poison')).toBeUndefined()
    expect(of('trait:evergreen')!.having!.has('taxus-baccata-fastigiata')).toBe(true)
    expect(of('trait:thorns')).toMatchObject({ met: true, total: 'none' })
    expect(of('hates')).toMatchObject({ met: false })
    expect(of('budget')!.met).toBe(false)
    expect(of('hours')!.met).toBe(true)
    for (const c of checks) {
      expect(c.how.length).toBeGreaterThan(10)
      expect(c.total).not.toContain('NaN')
    }
  })
  it('adds up the work and the money of all beds', () => {
    const others = ['bell-island', 'story-court'].map(demoBed)
    const all = briefChecks({ ...brief, hoursAYear: 20, budget: 2000 }, scene, 'reading-room-front', others)
    const costs = [demoBed('reading-room-front'), ...others].map((b) => bedCosts(b, library))
    const sum = (key: 'hours' | 'money') => costs.reduce((n, c) => n + c[key], 0)
    expect(all.find((c) => c.id === 'hours')).toMatchObject({
      met: sum('hours') <= 20,
      total: expect.stringContaining(`${sum('hours').toFixed(1)} h in all 3 beds`),
    })
    expect(all.find((c) => c.id === 'budget')).toMatchObject({
      met: sum('money') <= 2000,
      total: expect.stringContaining(`${sum('money').toFixed(0)} in all 3 beds`),
    })
    // Four mirrored parts of a court cost four times one of them.
    const court = demoBed('story-court')
    expect(bedCosts(court, library).money).toBeGreaterThan(
      3.9 *
        bedCosts({ ...court, form: { kind: 'container', diameterM: 4, heightM: 0.5, pots: 1, apartM: 1 } }, library)
          .money,
    )
  })
  it('every trait is had by some plants and not by others', () => {
    for (const t of TRAITS) {
      expect(plants.some(TRAIT[t].has), t).toBe(true)
      expect(plants.every(TRAIT[t].has), t).toBe(false)
    }
  })
  it('reckons work: clipped more than left alone, annuals again, weeding where soil is open', () => {
    expect(minutesAYear(plant('taxus-x-media-hicksii'))).toBeGreaterThan(
      minutesAYear(plant('juniperus-horizontalis-blue-chip')),
    )
    expect(hoursAYear([], 10)).toBeCloseTo((10 * 14) / 60, 6)
    expect(hoursAYear([{ plant: plant('geranium-macrorrhizum'), count: 40 }], 10)).toBeLessThan(
      hoursAYear([], 10) + 0.5,
    )
  })
})

it('schools change what is found, and a changed figure of one changes with the garden', () => {
  const bed = testBed({ drifts: [drift('a', 'nepeta-x-faassenii', 1, 5, 6)] })
  const spread = (schools?: Parameters<typeof makeScene>[0]['schools']) => {
    const xs = makeScene({
      bed,
      library,
      climate,
      hardinessZone: '6b',
      ...(schools ? { schools } : {}),
    }).placement.plants.map((p) => p.x)
    return Math.max(...xs) - Math.min(...xs)
  }
  expect(spread({ layered: { spacing: 1.2 } })).toBeGreaterThan(spread())
  const findings = (school: 'formal' | 'lush') =>
    critique(
      makeScene({ bed: { ...demoBed('reading-room-front'), school }, library, climate, hardinessZone: '6b' }),
    ).findings.map((f) => f.id)
  expect(findings('formal')).not.toEqual(findings('lush'))
})
