import { expect, it } from 'vitest'
import { ofScenes } from '../../tests/support/goldenBeds'
import { drift, testBed } from '../../tests/support/library'
import { plantCounts } from '../bed'
import { applyEdit } from './edit'
import { replaceKind } from './replaceKind'

it('puts a kind in another’s place everywhere, with the same counts, and takes it back', () => {
  ofScenes((scene) => {
    for (const id of plantCounts(scene.bed).keys()) {
      const { bed, inverse } = applyEdit(scene.bed, replaceKind(scene.bed, id, 'stand-in-kind', 'stand in')!)
      const [was, is] = [plantCounts(scene.bed), plantCounts(bed)]
      expect(is.get('stand-in-kind')).toBe(was.get(id))
      expect(is.has(id)).toBe(false)
      expect(applyEdit(bed, inverse).bed).toEqual(scene.bed)
    }
  })
})
it('is nothing where the kind is not', () => {
  expect(
    replaceKind(testBed({ drifts: [drift('a', 'hosta-halcyon', 1, 4, 2)] }), 'alchemilla-mollis', 'x', 'y'),
  ).toBeNull()
})
