import { expect, it } from 'vitest'
import { makeScene } from '../scene'
import { climate, drift, library, plants, testBed } from '../../tests/support/library'
import { critique } from './critique'

const opening = { id: 'w', x: 4.4, widthM: 1.2, sillM: 0.9, headM: 2.4 }
const wall = { heightM: 3.5, material: 'brick', colour: '#a4573f', openings: [opening] } as const

it('a climber set before a window is found to cover it, and one beside it is not', () => {
  const dense = plants.filter((p) => p.kind === 'climber' && p.density > 0.5 && p.foliageHeightM >= 2.5)
  expect(dense.length).toBeGreaterThan(3)
  const found = (id: string, at: number) => {
    const bed = testBed({ wall, drifts: [drift('c', id, 0, at)] })
    const { findings } = critique(makeScene({ bed, library, climate, hardinessZone: '6b' }))
    return findings.some((f) => f.rule === 'window')
  }
  for (const { id, spreadM } of dense) {
    expect(found(id, 5)).toBe(true)
    expect(found(id, 5 + 0.6 + spreadM / 2 + 0.1)).toBe(false)
  }
})
