import { describe, expect, it } from 'vitest'
import type { Feature } from '../model'
import { newFeature, plainForm } from '../bed'
import { LIFT_ALONE_KG, materials } from './materials'

const thing = (kind: Feature['kind'], id: string, change: Partial<Feature> = {}): Feature => ({
  ...newFeature(kind, id, { x: 2, y: 1 }),
  ...change,
})
const court = { kind: 'court', widthM: 8, depthM: 8, pathM: 1, repeat: 'mirrored' } as const

describe('materials of a bed', () => {
  it('gravel by its area and depth, worked by hand', () => {
    // 2.4 m by 0.5 m is 1.2 m²; 5 cm deep is 0.06 m³.
    const [line] = materials({ form: plainForm, features: [thing('gravel', 'g')] })
    expect(line).toMatchObject({ unit: 'm²', size: '5 cm deep' })
    expect(line!.amount).toBeCloseTo(1.2, 9)
    expect(line!.volumeM3).toBeCloseTo(0.06, 9)
  })

  it('a boulder as an ellipsoid of stone, which one person does not lift', () => {
    // 0.8 × 0.6 × 0.45 m × π/6 × 2,600 kg/m³ = 294 kg.
    const [line] = materials({ form: plainForm, features: [thing('boulder', 'b')] })
    expect(line!.pieceKg).toBeCloseTo(294, 0)
    expect(line!.pieceKg).toBeGreaterThan(LIFT_ALONE_KG)
  })

  it('stepping stones a step apart, edging by its length, like things in one line, and four times in a court', () => {
    // 1.8 m with stones of 0.4 m: (1.8 − 0.4) / 0.6 + 1 = 3.
    const features = [
      thing('stepping', 's'),
      thing('edging', 'e', {
        line: [
          { x: 0, y: 0 },
          { x: 3, y: 4 },
        ],
      }),
      thing('pot', 'p'),
      thing('pot', 'q'),
      thing('pot', 'r', { heightM: 0.6 }),
    ]
    const lines = materials({ form: court, features })
    expect(lines.map((l) => [l.kind, l.count, l.amount])).toEqual([
      ['stepping', 12, null],
      ['edging', 4, 20],
      ['pot', 8, null],
      ['pot', 4, null],
    ])
  })

  it('sizes are told in the garden’s units, and the same things make the same lines in both', () => {
    const features = [
      thing('boulder', 'b'),
      thing('gravel', 'g'),
      thing('stepping', 's'),
      thing('stepping', 't', { lengthM: 3 }),
    ]
    const [metric, imperial] = (['metric', 'imperial'] as const).map((u) =>
      materials({ form: plainForm, features }, u),
    )
    expect(imperial!.map((l) => l.key)).toEqual(metric!.map((l) => l.key))
    expect(metric!.map((l) => l.kind)).toEqual(['boulder', 'gravel', 'stepping'])
    expect(imperial!.map((l) => l.size).join()).not.toMatch(/cm|\bm\b/)
  })
})
