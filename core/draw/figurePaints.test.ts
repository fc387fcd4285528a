import { describe, expect, it } from 'vitest'
import { scenes } from '../../tests/support/goldenBeds'
import { picturesAt } from '../scene/picturesAt'
import { aspectOf } from '../see'
import { plantingPaints } from './figurePaints'
import { inTurn } from './inTurn'
import { isShape, type Paint } from './path'

const scene = scenes.get(3)!
const { bed, frame } = scene
const list = picturesAt(scene, { month: 7, year: 3 }, aspectOf(bed, frame, bed.viewpoint)).elevation
const numbersOf = (paints: Iterable<Paint>) => [...paints].reduce((n, p) => n + (isShape(p) ? p.path.length : 0), 0)

describe('planting that is made while it is drawn', () => {
  it('can be drawn again and again, also among other paints', () => {
    const planting = plantingPaints(list, 60)
    const once = [...planting]
    expect(once.length).toBeGreaterThan(list.figures.length)
    expect([...planting]).toEqual(once)
    const all = inTurn(once.slice(0, 1), planting)
    expect([...all]).toEqual([once[0], ...once])
    expect([...all]).toHaveLength(once.length + 1)
  })
  it('has coarser leaves where thousands of plants stand, and the same where hundreds do', () => {
    const times = (n: number) => ({ ...list, figures: Array.from({ length: n }, () => list.figures).flat() })
    const alone = numbersOf(plantingPaints(list, 60))
    const hundreds = Math.floor(600 / list.figures.length)
    const thousands = Math.ceil(3000 / list.figures.length)
    expect(numbersOf(plantingPaints(times(hundreds), 60)) / hundreds).toBeCloseTo(alone, 6)
    expect(numbersOf(plantingPaints(times(thousands), 60)) / thousands).toBeLessThan(alone * 0.6)
  })
})
