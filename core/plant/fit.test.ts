import { describe, expect, it } from 'vitest'
import { plant } from '../../tests/support/library'
import { misfits, type SiteConditions } from './fit'

const here: SiteConditions = { sunHours: 7, water: 'average', soil: 'loam', ph: 6.5, zone: 6 }
const shade: SiteConditions = { ...here, sunHours: 3, water: 'moist' }
const wants = (id: string, site: SiteConditions, change: object = {}) =>
  misfits({ ...plant(id), ...change }, site).map((m) => m.want)

describe('what a place does to a plant', () => {
  it('wind: tall soft stems ask for a stake where there is much of it', () => {
    expect(wants('nepeta-x-faassenii', { ...here, wind: 'much' })).toEqual([])
    expect(wants('nepeta-x-faassenii', { ...here, wind: 'much' }, { flowerHeightM: 1.2, wind: 'some' })).toEqual([
      'wind',
    ])
    expect(wants('nepeta-x-faassenii', { ...here, wind: 'much' }, { flowerHeightM: 1.2 })).toEqual([])
    expect(wants('nepeta-x-faassenii', { ...here, wind: 'much' }, { wind: 'shy' })).toEqual(['wind'])
    expect(wants('nepeta-x-faassenii', { ...here, wind: 'some' }, { flowerHeightM: 1.6 })).toEqual([])
    expect(wants('nepeta-x-faassenii', { ...here, wind: 'much' }, { flowerHeightM: 1.6, kind: 'grass' })).toEqual(
      [],
    )
  })
  it('salt: what scorches, where there is much of it', () => {
    const acer = { salt: 'shy' } as const
    expect(wants('nepeta-x-faassenii', { ...here, salt: 'much' }, acer)).toEqual(['salt'])
    expect(wants('nepeta-x-faassenii', { ...here, salt: 'some' }, acer)).toEqual([])
    expect(wants('nepeta-x-faassenii', { ...here, salt: 'much' })).toEqual([])
  })
  it('heat: shade plants in hot afternoons, and thirsty ones before hot walls', () => {
    const ofShade = {
      sun: { brightest: 'part-shade', darkest: 'shade' },
      water: { driest: 'average', wettest: 'moist' },
    }
    expect(wants('nepeta-x-faassenii', { ...shade, lateSummerH: 3 }, ofShade)).toEqual(['heat'])
    expect(wants('nepeta-x-faassenii', { ...shade, lateSummerH: 2.9 }, ofShade)).toEqual([])
    expect(wants('nepeta-x-faassenii', { ...shade, reflectedHeat: 'much' }, ofShade)).toEqual(['heat'])
    expect(wants('nepeta-x-faassenii', { ...here, lateSummerH: 5, reflectedHeat: 'much' })).toEqual([])
    const thirsty = { water: { driest: 'moist', wettest: 'wet' } }
    expect(wants('nepeta-x-faassenii', { ...here, water: 'moist', reflectedHeat: 'much' }, thirsty)).toEqual([
      'heat',
    ])
  })
  it('watering: drip brings a thirsty plant a class nearer, a hose does not; a sprinkler spoils what wants it dry', () => {
    const moist = { water: { driest: 'moist', wettest: 'wet' } }
    const dry = { water: { driest: 'dry', wettest: 'dry' } }
    expect(wants('nepeta-x-faassenii', { ...here, irrigation: 'none' }, moist)).toEqual(['water'])
    expect(wants('nepeta-x-faassenii', { ...here, irrigation: 'hose' }, moist)).toEqual(['water'])
    expect(wants('nepeta-x-faassenii', { ...here, irrigation: 'drip' }, moist)).toEqual([])
    expect(wants('nepeta-x-faassenii', { ...here, water: 'dry', irrigation: 'drip' }, moist)).toEqual(['water'])
    expect(wants('nepeta-x-faassenii', { ...here, water: 'dry', irrigation: 'sprinkler' }, dry)).toEqual(['water'])
    expect(wants('nepeta-x-faassenii', { ...here, water: 'dry' }, dry)).toEqual([])
  })
  it('light by class and by month, with half an hour’s and an hour’s grace', () => {
    const partShade = { sun: { brightest: 'part-sun', darkest: 'part-shade' } }
    const at = (site: Partial<SiteConditions>) =>
      wants('nepeta-x-faassenii', { ...here, sunHours: 5, ...site }, partShade)
    expect(at({ sunHours: 6.5 })).toEqual(['sun'])
    expect(at({ sunHours: 6.4 })).toEqual([])
    expect(at({ sunHours: 1.4 })).toEqual(['sun'])
    expect(at({ sunHours: 1.6 })).toEqual([])
    expect(at({ brightestH: 7 })).toEqual(['sun'])
    expect(at({ brightestH: 6.9 })).toEqual([])
    expect(at({ darkestH: 0.9 })).toEqual(['sun'])
    expect(at({ darkestH: 1 })).toEqual([])
    expect(
      wants(
        'nepeta-x-faassenii',
        { ...here, sunHours: 5, morningOnly: true },
        { sun: { brightest: 'full-sun', darkest: 'part-sun' } },
      ),
    ).toEqual(['sun'])
  })
})
