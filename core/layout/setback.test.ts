import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bedFrame, rectangle, setbackM } from '../bed'
import { critique } from '../judge/critique'
import { makeScene } from '../scene/scene'
import { climate, drift, library, plants, testBed } from '../../tests/support/library'
import { place } from './place'

const trees = plants.filter((p) => p.kind === 'tree')

describe('a tree before a wall', () => {
  it('is placed off it by its setback, at least three metres, wherever the bed is deep enough; and is not flagged for it', () => {
    fc.assert(
      fc.property(fc.constantFrom(...trees), fc.double({ min: 4, max: 8, noNaN: true }), (tree, depth) => {
        const bed = testBed({ outline: rectangle(12, depth), drifts: [drift('t', tree.id, 0, 6)] })
        const [stands] = place(bed, library, bedFrame(bed)).plants
        const wanted = setbackM(tree.spreadM, 'tree')
        expect(wanted).toBeGreaterThanOrEqual(3)
        if (depth >= wanted + 0.3) expect(stands!.out).toBeGreaterThanOrEqual(wanted - 1e-9)
        const flagged = critique(makeScene({ bed, library, climate, hardinessZone: '6b' })).findings
        if (depth >= wanted + 0.3) expect(flagged.map((f) => f.rule)).not.toContain('wall')
      }),
    )
  })
})
