import { describe, expect, it } from 'vitest'
import { applyEdit } from '../edit'
import { critique } from '../judge'
import { marksOf } from '../marks'
import { makeScene } from '../scene'
import { sceneOfSound, SOUND_BEDS } from '../../tests/practice'
import { goldenScene } from '../../tests/support/goldenBeds'
import { climate, demoBed, drift, library, testBed } from '../../tests/support/library'
import { costOf } from './costOf'
import { raises, tryMends } from '.'

const scenes = [
  ...SOUND_BEDS.slice(0, 4).map((b) => sceneOfSound(b, library)),
  ...['reading-room-front', 'car-park-screen'].map((id) =>
    makeScene({ bed: demoBed(id), library, climate, hardinessZone: '6b' }),
  ),
]

describe('mends that were tried', () => {
  it('end their finding and bring none as heavy; where there are none, it is said why', () => {
    for (const scene of scenes) {
      const judged = critique(scene)
      for (const finding of judged.findings) {
        const tried = tryMends(judged, finding)
        expect(tried.mends.length > 0).toBe(tried.why === null)
        for (const mend of tried.mends) {
          const bed = applyEdit(scene.bed, mend.edit).bed
          const after = critique(makeScene({ ...scene.input, bed })).findings
          expect(after.map((f) => f.id)).not.toContain(finding.id)
          const before = new Set(judged.findings.map((f) => f.id))
          for (const f of after) if (!before.has(f.id)) expect(f.weight).toBeLessThan(finding.weight)
          expect(mend.cost).not.toBe('')
        }
        const left = tried.mends.map((m) => m.left)
        expect(left).toEqual([...left].sort((a, b) => a - b))
      }
    }
  })
  it('move the culprit too when the victim has nowhere to go', () => {
    const bed = testBed({
      drifts: [drift('tall', 'taxus-x-media-hicksii', 2, 5, 3), drift('low', 'alchemilla-mollis', 1, 5, 3)],
    })
    const judged = critique(makeScene({ bed, library, climate, hardinessZone: '6b' }))
    const hidden = judged.findings.find((f) => f.rule === 'hidden')!
    expect(tryMends(judged, hidden).mends.length).toBeGreaterThan(0)
  })
  it('say what they cost in plants and money', () => {
    const bed = testBed({ drifts: [drift('a', 'nepeta-x-faassenii', 2, 2, 4)] })
    const with3 = applyEdit(bed, { kind: 'changeDrift', driftId: 'a', change: { count: 3 } }).bed
    expect(costOf(bed, with3, library)).toMatch(/^1 plant fewer, \d+ cheaper$/)
    expect(costOf(with3, bed, library)).toMatch(/^1 plant more, \d+ dearer$/)
    const moved = applyEdit(bed, { kind: 'changeDrift', driftId: 'a', change: { at: 3 } }).bed
    expect(costOf(bed, moved, library)).toBe('only places change')
    const swapped = applyEdit(bed, {
      kind: 'changeDrift',
      driftId: 'a',
      change: { plantId: 'alchemilla-mollis' },
    }).bed
    expect(costOf(bed, swapped, library)).toMatch(/^4 plants for 4/)
    expect(costOf(bed, { ...bed, name: 'Other' }, library)).toBe('changes the bed, no plant')
  })
})

describe('a scene that is sent as plain text', () => {
  it('is judged and marked as the one it was made of, on the site with its neighbours and things', () => {
    for (const seed of [3, 12, 51, 60]) {
      const scene = goldenScene(seed)
      const sent = JSON.parse(JSON.stringify({ ...scene.input, library: undefined })) as typeof scene.input
      const made = makeScene({ ...sent, library })
      const [own, other] = [critique(scene).findings, critique(made).findings]
      expect(other).toEqual(own)
      expect(marksOf(made, other)).toEqual(marksOf(scene, own))
    }
  })
})

describe('what would raise a mark', () => {
  it('raises it by a point and more, and does not lower the whole', () => {
    const scene = sceneOfSound(SOUND_BEDS[4]!, library)
    const judged = critique(scene)
    for (const id of ['bones', 'seasons'] as const) {
      const before = marksOf(scene, judged.findings).find((m) => m.id === id)!.value
      for (const raise of raises(judged, id)) {
        const bed = applyEdit(scene.bed, raise.edit).bed
        const after = makeScene({ ...scene.input, bed })
        const now = marksOf(after, critique(after).findings).find((m) => m.id === id)!.value
        expect(now - before).toBeCloseTo(raise.mark, 6)
        expect(raise.mark).toBeGreaterThanOrEqual(1)
        expect(raise.total).toBeGreaterThanOrEqual(0)
      }
    }
  })
})
