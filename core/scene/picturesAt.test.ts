import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Bed } from '../model'
import { placingsOf } from '../bed'
import { applyEdit } from '../edit'
import { aspectOf, type Aspect } from '../see'
import { anyLibrary, beds, editOf, sceneOf } from '../../tests/support/anyEdit'
import { climate, demoBed } from '../../tests/support/library'
import { makeScene, type Scene } from './scene'
import { picturesAt } from './picturesAt'

const MOMENT = { month: 6, year: 3 }

/** The pictures of a bed of which nothing was shown before. */
function afresh(bed: Bed) {
  const scene = makeScene({ bed, library: anyLibrary, climate: { ...climate }, hardinessZone: '6b', light: null })
  return picturesAt(scene, MOMENT, aspectOf(bed, scene.frame, bed.viewpoint))
}
const plain = (pictures: ReturnType<typeof picturesAt>) => JSON.parse(JSON.stringify(pictures)) as unknown

/** The aspect is kept while form and frame stay, as the program does. */
function aspectAfter(scene: Scene, before: Scene, aspect: Aspect): Aspect {
  const isKept =
    scene.frame === before.frame &&
    scene.bed.form === before.bed.form &&
    scene.bed.viewpoint === before.bed.viewpoint
  return isKept ? aspect : aspectOf(scene.bed, scene.frame, scene.bed.viewpoint)
}

describe('pictures after a change', () => {
  for (const [name, bed] of Object.entries({
    ...beds,
    court: demoBed('story-court'),
    pots: demoBed('door-pots'),
  })) {
    it(`${name}: are the same as made afresh, through three edits of any kind`, () => {
      fc.assert(
        fc.property(fc.array(editOf(bed), { minLength: 1, maxLength: 3 }), (edits) => {
          let before = sceneOf(bed)
          let aspect = aspectOf(bed, before.frame, bed.viewpoint)
          picturesAt(before, MOMENT, aspect)
          for (const edit of edits) {
            const scene = sceneOf(applyEdit(before.bed, edit).bed, before)
            aspect = aspectAfter(scene, before, aspect)
            expect(plain(picturesAt(scene, MOMENT, aspect))).toEqual(plain(afresh(scene.bed)))
            before = scene
          }
        }),
        { numRuns: 12 },
      )
    })
  }

  it('hold the very figures and circles of the plants that stayed', () => {
    const bed = beds.front!
    const before = sceneOf(bed)
    const aspect = aspectOf(bed, before.frame, bed.viewpoint)
    const first = picturesAt(before, MOMENT, aspect)
    const { id, at } = bed.drifts[0]!
    const moved = applyEdit(bed, { kind: 'changeDrift', driftId: id, change: { at: at + 0.1 } }).bed
    const second = picturesAt(sceneOf(moved, before), MOMENT, aspect)
    const stayed = new Set(first.elevation.figures)
    const isOwn = ({ body }: { body: { at: { driftId: string } } }) => body.at.driftId === id
    const others = second.elevation.figures.filter((f) => !stayed.has(f))
    expect(others.length).toBeGreaterThan(0)
    expect(others.length).toBeLessThan(second.elevation.figures.length / 2)
    expect(others.some(isOwn)).toBe(true)
    expect(second.plan.laneLines).toBe(first.plan.laneLines)
    expect(second.plan.circles.filter((c) => !first.plan.circles.includes(c)).length).toBe(others.length)
    expect(placingsOf(bed.form)).toHaveLength(1)
  })
})
