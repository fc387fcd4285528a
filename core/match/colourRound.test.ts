import { converter } from 'culori'
import { describe, expect, it } from 'vitest'
import { misfits } from '../plant'
import { makeScene } from '../scene'
import { climate, demoBed, library, plants } from '../../tests/support/library'
import { colourRound } from './colourRound'

const scene = makeScene({ bed: demoBed('story-court'), library, climate, hardinessZone: '6b' })
const hue = (id: string) =>
  converter('oklch')(library.get(id)!.flowerColour ?? library.get(id)!.foliage.summer)?.h ?? 0

describe('colour round a court', () => {
  const flowering = plants.filter((p) => p.flowerColour && p.lifeCycle === 'herbaceous' && p.spreadM < 0.6)
  it('gives every other part a kind of its own that fits the place, never the planned one', () => {
    for (const plant of flowering.slice(0, 12)) {
      const round = colourRound(plant, 8, scene)
      expect(new Set(round.map((r) => r.withId)).size).toBe(round.length)
      for (const { withId } of round) {
        expect(withId).not.toBe(plant.id)
        expect(misfits(library.get(withId)!, scene.site)).toEqual([])
      }
    }
  })
  it('spreads hues wider round the circle than likeness alone would', () => {
    const plant = flowering.find((p) => colourRound(p, 4, scene).length === 3)!
    const spread = (ids: readonly string[]) => {
      const turn = ids.map((id) => (hue(id) / 180) * Math.PI)
      const x = turn.reduce((s, a) => s + Math.cos(a), 0) / turn.length
      const y = turn.reduce((s, a) => s + Math.sin(a), 0) / turn.length
      return 1 - Math.hypot(x, y)
    }
    expect(spread([plant.id, ...colourRound(plant, 4, scene).map((r) => r.withId)])).toBeGreaterThan(0.5)
  })
  it('leaves what has no hue as it is planned', () => {
    const grey = { ...flowering[0]!, flowerColour: '#ffffff' }
    expect(colourRound(grey, 4, scene)).toEqual([])
  })
})
