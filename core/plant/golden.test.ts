import { describe, expect, it } from 'vitest'
import { figures } from '../../tests/support/figures'
import { CLIMATES, ofScenes } from '../../tests/support/goldenBeds'
import { library, libraryCsv, plants } from '../../tests/support/library'
import { climateOf } from '../time'
import { findPlants } from './findPlants'
import { misfits, sunClass, zoneNumber, type SiteConditions } from './fit'
import { lookAt } from './look'
import { fullHeightM, HABITS, KINDS, type Plant } from './plant'
import { plantsCsv, plantsJson } from './plantLists'
import { cautionWords } from './cautions'
import { growsWords, sourceWords, sownWords, standsWords, winterWords } from './plantFacts'
import { rangeWords, showsWords } from './plantWords'
import { readPlants } from './readPlants'
import { movingMonths, renovationAdvice, shootsAgain } from './renovation'
import { searchPlants } from './searchPlants'
import { shownOf } from './shown'
import { halfWidthAt } from './silhouette'
import { grownShare, sizeAt } from './size'

const climates = CLIMATES.map(climateOf)
const MONTHS = Array.from({ length: 12 }, (_, i) => i + 1)
/** A digest of something about every plant, by kind and life. */
function ofPlants(make: (p: Plant) => unknown): Record<string, string> {
  const groups = new Map<string, unknown[]>()
  for (const p of plants) {
    const key = `${p.kind} ${p.lifeCycle}`
    groups.set(key, [...(groups.get(key) ?? []), make(p)])
  }
  return Object.fromEntries([...groups].sort().map(([key, list]) => [key, figures(list)]))
}

describe('golden figures of every plant', () => {
  it('looks and colours through the year in four climates', () =>
    expect(
      ofPlants((p) => climates.map((c) => MONTHS.map((m) => [lookAt(p, m, c), shownOf(p, lookAt(p, m, c))]))),
    ).toMatchSnapshot())
  it('sizes over the years', () =>
    expect(
      ofPlants((p) =>
        climates.map((c) =>
          [0, 1, 2, 3, 5, 10].map((year) => [1, 4, 7, 11].map((m) => sizeAt(p, year, m, c, p.sizes[1]?.label))),
        ),
      ),
    ).toMatchSnapshot())
  it('growth and outlines', () => {
    expect(
      [0, 0.5, 1, 3, 7].map((s) => [2, 5, 15].map((y) => grownShare(s, y).toFixed(4)).join(' ')),
    ).toMatchSnapshot()
    expect(
      Object.fromEntries(
        HABITS.map((h) => [
          h,
          [-0.1, 0, 0.1, 0.3, 0.5, 0.8, 1, 1.1].map((u) => halfWidthAt(h, u).toFixed(4)).join(' '),
        ]),
      ),
    ).toMatchSnapshot()
  })
  it('what suits them, in places of all kinds', () => {
    const sites = ofScenes((scene) => scene.site)
    const places: SiteConditions[] = Object.values(sites).flatMap((site, i) => [
      site,
      {
        ...site,
        brightestH: site.sunHours + 2,
        darkestH: site.sunHours - 1.5,
        lateSummerH: i % 5,
        morningOnly: i % 2 === 0,
        wetInWinter: i % 3 === 0,
        drainage: (['quick', 'steady', 'slow', 'stands'] as const)[i % 4]!,
      },
    ])
    expect(ofPlants((p) => places.map((site) => misfits(p, site)))).toMatchSnapshot()
    expect([0, 1.9, 2, 3.9, 4, 5.9, 6, 9].map((h) => [sunClass(h), sunClass(h, true)])).toMatchSnapshot()
    expect(['6b', '13', '14', '0', 'x', '10A'].map(zoneNumber)).toEqual([6, 13, null, null, null, 10])
  })
  it('words, moving, renovation, salt', () =>
    expect(
      ofPlants((p) => [
        cautionWords(p),
        growsWords(p),
        standsWords(p),
        sownWords(p),
        winterWords(p),
        sourceWords(p),
        rangeWords(p.sun.brightest, p.sun.darkest),
        climates.slice(0, 2).map((c) => [MONTHS.map((m) => showsWords(p, m, c)), renovationAdvice(p, c)]),
        shootsAgain(p),
        movingMonths(p),
        p.salt,
        fullHeightM(p),
      ]),
    ).toMatchSnapshot())
  it('searches', () => {
    const asks = [
      { text: 'lavender' },
      { text: 'Salv' },
      { text: '', evergreen: true, fragrant: true },
      { text: '', withoutHazards: true, flowerMonth: 3 },
      ...KINDS.map((kind) => ({ text: '', kind })),
    ]
    expect(
      asks.map((ask) => [
        JSON.stringify(ask),
        searchPlants(plants, ask).length,
        figures(searchPlants(plants, ask).map((p) => p.id)),
      ]),
    ).toMatchSnapshot()
    expect(['rose', 'catmint', 'zzz'].map((t) => figures(findPlants(plants, t)))).toMatchSnapshot()
  })
  it('lists out', () => {
    const some = plants.slice(0, 40)
    expect([figures(plantsCsv(some)), figures(plantsJson(some))]).toMatchSnapshot()
    const broken = libraryCsv
      .split('\n')
      .slice(0, 30)
      .map((line, i) => (i % 5 === 4 ? line.replace(/,\d/g, ',x') : line))
    expect(readPlants(broken.join('\n'))).toMatchSnapshot()
    expect(library.size).toBe(plants.length)
  })
})
