import { describe, expect, it } from 'vitest'
import { CAUSES } from '../model'
import { misfits } from '../plant'
import { makeScene } from '../scene'
import { climate, library, plants, testBed } from '../../tests/support/library'
import { siteAfter } from './siteAfter'

const { site } = makeScene({ bed: testBed(), library, climate, hardinessZone: '6b' })

describe('a place as its losses show it', () => {
  it('is the one that was reckoned when nothing is known', () => {
    expect(siteAfter(site, [])).toEqual(site)
    expect(siteAfter(site, ['not known', 'sick', 'roots'])).toEqual(site)
  })
  it('is harder on those that died of it: fewer of the library stand a wet, dark or colder place', () => {
    const standing = (causes: Parameters<typeof siteAfter>[1]) =>
      plants.filter((p) => misfits(p, siteAfter(site, causes)).length === 0).length
    const all = standing([])
    for (const cause of ['frost', 'eaten', 'wind'] as const) expect(standing([cause])).toBeLessThanOrEqual(all)
    expect(siteAfter(site, ['wet'])).toMatchObject({ wetInWinter: true, drainage: 'slow' })
    expect(siteAfter(site, ['shade']).sunHours).toBeLessThan(site.sunHours)
    expect(siteAfter(site, ['frost', 'frost']).zone).toBe(site.zone - 2)
  })
  it('holds for every cause, also at the ends of the scale', () => {
    const wettest = { ...site, water: 'wet' as const }
    expect(siteAfter(wettest, ['wet']).water).toBe('wet')
    expect(siteAfter({ ...site, water: 'dry' as const }, ['dry']).water).toBe('dry')
    for (const cause of CAUSES) expect(siteAfter(site, [cause]).sunHours).toBeLessThanOrEqual(14)
  })
})
