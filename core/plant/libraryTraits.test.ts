import { describe, expect, it } from 'vitest'
import { library, libraryCsv, plant, plants } from '../../tests/support/library'
import { misfits, type SiteConditions } from './fit'
import { isWoody, type Plant } from './plant'
import { plantCells } from './plantCells'
import { EATERS, TOXIC_GRADES } from './plantTraits'
import { PLANT_COLUMNS } from './plantRow'
import { readPlants } from './readPlants'

const genus = (p: Plant) => p.botanicalName.split(' ')[0]!
const MONTHS = Array.from({ length: 12 }, (_, i) => i + 1)

describe('what the library knows beside looks and wants', () => {
  /** Of the kinds of a column, no one value fills more than is believable of all plants. */
  const BELIEVABLE: Readonly<Record<string, number>> = {
    ph: 0.35,
    deer: 0.65,
    rabbits: 0.65,
    salt: 0.55,
    wind: 0.65,
    drought: 0.55,
    root: 0.4,
    moves: 0.65,
    heat_zone: 0.55,
    sun: 0.4,
    water: 0.45,
    zones: 0.25,
    lifespan_years: 0.25,
    family: 0.2,
    pruning_months: 0.35,
    sizes: 0.2,
    confidence: 0.65,
  }
  it('has no column that one value fills', () => {
    const rows = plants.map(plantCells)
    for (const [column, most] of Object.entries(BELIEVABLE)) {
      const counts = new Map<string, number>()
      for (const r of rows) counts.set(r[column]!, (counts.get(r[column]!) ?? 0) + 1)
      const [value, count] = [...counts].sort((a, b) => b[1] - a[1])[0]!
      expect(count / rows.length, `${column}: ${value}`).toBeLessThanOrEqual(most)
    }
  })
  it('agrees with its own summary of hazards', () => {
    for (const p of plants) {
      const t = p.toxicity
      const isToxic = [t.people, t.cats, t.dogs].some((g) => g !== 'none') || TOXIC_GRADES.indexOf(t.livestock) >= 2
      expect(p.hazards.includes('poison'), p.botanicalName).toBe(isToxic)
      expect(p.hazards.includes('sap'), p.botanicalName).toBe(p.skin !== 'none')
      expect(p.hazards.includes('thorns'), p.botanicalName).toBe(p.spines !== 'none')
      expect(t.part !== '', p.botanicalName).toBe(EATERS.some((e) => t[e] !== 'none'))
    }
  })
  it('marks what harms whom', () => {
    const grade = (id: string) => plant(id).toxicity
    expect(grade('lilium-regale')).toMatchObject({ cats: 'deadly', people: 'none' })
    expect(grade('hemerocallis-hyperion')).toMatchObject({ cats: 'deadly', people: 'none' })
    expect(grade('allium-giganteum')).toMatchObject({ people: 'none', dogs: 'harmful' })
    for (const id of ['taxus-x-media-hicksii', 'aconitum-carmichaelii', 'ricinus-communis', 'colchicum-autumnale'])
      expect(grade(id).people, id).toBe('deadly')
    for (const id of ['ruta-graveolens', 'dictamnus-albus', 'ammi-majus'])
      expect(plant(id).skin, id).toBe('phototoxic')
    expect(plant('agave-parryi').spines).toBe('spines')
    expect(plant('rosa-zephirine-drouhin').spines).toBe('none')
  })
  it('keeps one family to a genus, and traits that go together', () => {
    const families = new Map<string, string>()
    for (const p of plants) {
      expect(p.family, p.botanicalName).toMatch(/^[A-Z][a-z]+aceae$/)
      expect(families.get(genus(p)) ?? p.family).toBe(p.family)
      families.set(genus(p), p.family)
      if (isWoody(p)) expect(p.divideYears, p.botanicalName).toBe(0)
      // Tender climbers and shrubs that are cut flower on their wood as well.
      if (!isWoody(p) && p.lifeCycle !== 'tender') expect(p.flowerWood, p.botanicalName).toBe('none')
      if (p.flowerWood !== 'none') expect(p.flowerMonths.length, p.botanicalName).toBeGreaterThan(0)
      if (genus(p) === 'Clematis') expect(p.clematisGroup, p.botanicalName).not.toBeNull()
      else expect(p.clematisGroup, p.botanicalName).toBeNull()
      if (p.lifeCycle === 'annual') expect(p.lifespanYears, p.botanicalName).toBe(1)
      if (p.lifeCycle === 'annual' || p.lifeCycle === 'tender') expect(p.tender, p.botanicalName).not.toBeNull()
      expect(p.heat.least).toBeLessThanOrEqual(p.heat.most)
      expect(p.source).not.toBe('list')
      if (p.invasiveNote) expect(p.invasiveNote, p.botanicalName).not.toMatch(/in (some|many) regions/)
    }
  })
  it('says how every annual grown from seed is sown, or that it is bought', () => {
    const annuals = plants.filter((p) => p.lifeCycle === 'annual' || p.lifeCycle === 'biennial')
    const unsown = annuals.filter((p) => !p.sowing).map((p) => p.botanicalName)
    expect(unsown.length / annuals.length).toBeLessThan(0.15)
    for (const { sowing } of plants) if (sowing) expect(sowing.days.from).toBeLessThanOrEqual(sowing.days.to)
  })
  it('has something in flower or fruit in every month for zones 5 to 9, and serves zones 4 to 10 from dry to wet', () => {
    const inZone = (z: number) => plants.filter((p) => p.zones.coldest <= z && p.lifeCycle !== 'annual')
    for (const z of [5, 6, 7, 8, 9])
      for (const m of MONTHS) {
        const show = inZone(z).filter((p) => p.flowerMonths.includes(m) || p.fruit?.months.includes(m))
        expect(show.length, `zone ${z}, month ${m}`).toBeGreaterThanOrEqual(5)
      }
    for (const z of [4, 5, 6, 7, 8, 9, 10]) {
      const here = plants.filter((p) => p.zones.coldest <= z && p.heat.most >= Math.min(z, 9))
      for (const water of ['dry', 'average', 'moist'] as const)
        expect(
          here.filter((p) => p.water.driest === water || p.water.wettest === water).length,
          `zone ${z}, ${water}`,
        ).toBeGreaterThanOrEqual(30)
      expect(here.filter((p) => p.water.wettest === 'wet').length, `zone ${z}, wet`).toBeGreaterThanOrEqual(15)
    }
  })
  it('keeps the warm limit of summers apart from winters; summers that nobody told are held against no plant', () => {
    const maritime: SiteConditions = {
      sunHours: 6,
      water: 'average',
      soil: 'loam',
      ph: 6.5,
      zone: 9,
      heatZone: null,
    }
    const lilac = plant('syringa-vulgaris')
    expect(misfits(lilac, maritime)).toEqual([])
    expect(misfits(lilac, { ...maritime, heatZone: 9 }).map((m) => m.want)).toEqual(['summer'])
    expect(misfits(lilac, { ...maritime, heatZone: 3 })).toEqual([])
    expect(
      misfits(plant('lagerstroemia-indica'), { ...maritime, sunHours: 7, heatZone: 2 }).map((m) => m.want),
    ).toEqual(['cool'])
  })
  it('reads a list of the earlier columns, filled in from what it says', () => {
    const earlier = PLANT_COLUMNS.slice(0, PLANT_COLUMNS.indexOf('family'))
    const cells = [library.get('rosa-glauca')!, library.get('digitalis-purpurea')!].map(plantCells)
    const quoted = (s: string) => `"${s.replace(/"/g, '""')}"`
    const csv = [earlier.join(','), ...cells.map((c) => earlier.map((k) => quoted(c[k]!)).join(','))].join('\n')
    const read = readPlants(csv)
    if (!read.ok) throw new Error(JSON.stringify(read.errors))
    expect(read.plants[0]).toMatchObject({ spines: 'thorns', source: 'list', confidence: 'low' })
    expect(read.plants[1]!.toxicity.people).toBe('harmful')
    expect(readPlants(libraryCsv).ok).toBe(true)
  })
})
