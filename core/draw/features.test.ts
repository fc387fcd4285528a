import { describe, expect, it } from 'vitest'
import { FEATURE_KINDS } from '../model'
import { bedFrame, FEATURES, featureAreaM2, newFeature, rectangle } from '../bed'
import { polygonArea } from '../geometry'
import { aspectOf } from '../see'
import { figures } from '../../tests/support/figures'
import { testBed } from '../../tests/support/library'
import { featuresAt } from './featureAt'
import { featureAbovePaints, featureFrontPaints, featureUnder } from './featurePaints'

const bedOf = (turnDeg: number) =>
  testBed({
    outline: rectangle(8, 4),
    features: FEATURE_KINDS.map((kind, i) => ({ ...newFeature(kind, kind, { x: 1 + i * 0.5, y: 2 }), turnDeg })),
  })
const list = (turnDeg: number) => {
  const bed = bedOf(turnDeg)
  return featuresAt(bed, aspectOf(bed, bedFrame(bed), bed.viewpoint))
}

describe('things as they are drawn', () => {
  it('cover what they measure, straight or turned, and are found under a place of them', () => {
    for (const turnDeg of [0, 30, 90]) {
      for (const f of list(turnDeg)) {
        const area = f.outlines.reduce((sum, o) => sum + polygonArea(o), 0)
        const uneven = f.feature.kind === 'boulder' || f.feature.kind === 'stepping' ? 0.35 : 0.05
        expect(Math.abs(area / featureAreaM2(f.feature) - 1)).toBeLessThan(
          f.feature.kind === 'obelisk' ? 0.3 : uneven,
        )
        expect(featureUnder([f], f)?.feature.id).toBe(f.feature.id)
        expect(featureUnder([f], { x: f.x + 5, y: f.y + 5 })).toBeNull()
      }
    }
  })

  it('are as wide as they are seen', () => {
    const bench = (turnDeg: number) => list(turnDeg).find((f) => f.feature.kind === 'bench')!.widthM
    expect(bench(0)).toBeCloseTo(1.5, 9)
    expect(bench(90)).toBeCloseTo(0.55, 9)
    // 1.5 cos 30° + 0.55 sin 30°
    expect(bench(30)).toBeCloseTo(1.574, 3)
  })

  it('have their pictures from above and from the front, standing ones up to their height', () => {
    for (const f of list(0)) {
      expect(featureAbovePaints(f).length).toBeGreaterThan(0)
      const paints = featureFrontPaints(f, 0, () => 0)
      expect(paints.length).toBeGreaterThan(0)
      const path = paints.flatMap((p) => ('path' in p ? p.path : []))
      const most = Math.max(...path)
      if (!FEATURES[f.feature.kind].lies) expect(most).toBeGreaterThanOrEqual(Math.min(f.heightM, f.x))
    }
  })
})

describe('golden pictures of things', () => {
  it('of every kind, straight, turned and bent', () => {
    const bend = [
      { x: -1, y: 0 },
      { x: 0, y: 0.3 },
      { x: 1.2, y: -0.1 },
    ]
    const bent = () => {
      const bed = {
        ...bedOf(0),
        features: bedOf(0).features.map((f) => ({ ...f, line: FEATURES[f.kind].runs ? bend : [] })),
      }
      return featuresAt(bed, aspectOf(bed, bedFrame(bed), { ...bed.viewpoint, turnDeg: 40 }))
    }
    const said = [...list(0), ...list(-35), ...bent()].map((f) => {
      const front = featureFrontPaints(f, -0.1, (p) => -0.2 * p.y)
      return `${f.feature.kind} ${figures(f.outlines)} ${figures(featureAbovePaints(f))} ${figures(front)}`
    })
    expect(said).toMatchSnapshot()
  })
})
