import { describe, expect, it } from 'vitest'
import { findPlaces } from './places'

describe('towns', () => {
  it('finds the very name first, larger ones before smaller, narrowed by state or country', async () => {
    const [bath] = await findPlaces('Bath, United Kingdom')
    expect(bath).toMatchObject({ town: 'Bath', country: 'GB' })
    expect(bath!.latitude).toBeCloseTo(51.4, 0)
    const [columbus] = await findPlaces('columbus, ohio')
    expect(columbus).toMatchObject({ town: 'Columbus', district: 'OH', country: 'US' })
    expect(columbus!.latitude).toBeCloseTo(39.96, 1)
    expect(columbus!.longitude).toBeCloseTo(-83, 0)
    expect((await findPlaces('Portland, ME'))[0]).toMatchObject({ district: 'ME' })
  })
  it('takes accents and saints either way, and asks for two letters', async () => {
    expect((await findPlaces('Zurich'))[0]?.country).toBe('CH')
    expect((await findPlaces('St Albans, GB'))[0]?.town).toMatch(/Albans/)
    expect(await findPlaces('x')).toEqual([])
    expect(await findPlaces('zzzzqq')).toEqual([])
    expect((await findPlaces('San')).length).toBeLessThanOrEqual(8)
  })
})
