import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { plant, plants } from '../../tests/support/library'
import { fullHeightM } from '../plant'
import { BUTS, isSo, likeThis } from './likeThis'

describe('like this, but', () => {
  it('keeps what is asked, never names the plant itself, and stays with climbers for climbers', () => {
    fc.assert(
      fc.property(fc.constantFrom(...plants), fc.constantFrom(...BUTS), (liked, but) => {
        for (const p of likeThis(plants, liked, but).slice(0, 12)) {
          expect(p.id).not.toBe(liked.id)
          expect(p.kind === 'climber').toBe(liked.kind === 'climber')
          if (but === 'lower') expect(fullHeightM(p)).toBeLessThan(fullHeightM(liked))
          if (but === 'narrower') expect(p.spreadM).toBeLessThan(liked.spreadM)
          if (but === 'hardier') expect(p.zones.coldest).toBeLessThan(liked.zones.coldest)
          if (but === 'safer') expect(p.hazards).toEqual([])
        }
      }),
      { numRuns: 60 },
    )
  })
  it('answers as a nurseryman would', () => {
    const names = (id: string, but: (typeof BUTS)[number]) =>
      likeThis(plants, plant(id), but)
        .slice(0, 8)
        .map((p) => p.botanicalName)
        .join(', ')
    expect(names('syringa-vulgaris', 'lower')).toMatch(/Syringa/)
    expect(names('echinacea-purpurea', 'white')).toMatch(/Echinacea purpurea 'White Swan'|Phlox/)
    expect(isSo(plant('phlox-paniculata-david'), 'white')).toBe(true)
    expect(isSo(plant('echinacea-purpurea'), 'white')).toBe(false)
  })
})
