import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Bed, siteSchema } from '../model'
import { rectangle } from '../bed'
import { applyEdit } from '../edit'
import type { BedLight } from '../light'
import { resolveSite } from '../site'
import { beds, editOf, sceneOf } from '../../tests/support/anyEdit'
import { demo, drift, testBed } from '../../tests/support/library'
import { lightOver } from '../../tests/support/lightOver'
import { changedRange } from './changedRange'
import { critique } from './critique'

/** Everything a finding says, its mends too. */
const whole = (bed: Bed, light: BedLight | null) =>
  critique(sceneOf(bed, undefined, light)).findings.map((f) => ({ ...f, mends: f.mends }))

describe('judging again after a change', () => {
  const lights: Readonly<Record<string, BedLight>> = {
    lit: lightOver(beds.front!, resolveSite(siteSchema.parse(demo.site)), 'reading-room-front')!,
  }
  for (const [name, bed] of Object.entries({ ...beds, lit: beds.front! })) {
    const light = lights[name] ?? null
    it(`${name}: says the same as judging afresh, to the figure, through three edits of any kind`, () => {
      fc.assert(
        fc.property(fc.array(editOf(bed), { minLength: 1, maxLength: 3 }), (edits) => {
          let now = bed
          let before = critique(sceneOf(now, undefined, light))
          for (const edit of edits) {
            now = applyEdit(now, edit).bed
            const scene = sceneOf(now, before.scene, light)
            expect(scene.placement).toEqual(sceneOf(now).placement)
            const again = critique(scene, before)
            expect(again.findings.map((f) => ({ ...f, mends: f.mends }))).toEqual(whole(now, light))
            before = again
          }
        }),
        { numRuns: bed === beds.front ? 25 : 40 },
      )
    })
  }

  it('says the same when some scenes on the way were never judged, as while the hand moves', () => {
    const bed = beds.front!
    fc.assert(
      fc.property(fc.array(fc.tuple(editOf(bed), fc.boolean()), { minLength: 2, maxLength: 5 }), (steps) => {
        let scene = sceneOf(bed)
        let judged = critique(scene)
        for (const [edit, isJudged] of [...steps, [{ kind: 'setBed', change: {} }, true] as const]) {
          scene = sceneOf(applyEdit(scene.bed, edit).bed, scene)
          if (!isJudged) continue
          judged = critique(scene, judged)
          expect(judged.findings.map((f) => ({ ...f, mends: f.mends }))).toEqual(whole(scene.bed, null))
        }
      }),
      { numRuns: 15 },
    )
  })

  it('takes over the computed light while bed and light stay, so that only what changed is looked at again', () => {
    const light = lights.lit!
    const before = critique(sceneOf(beds.front!, undefined, light)).scene
    const { id } = beds.front!.drifts[0]!
    const moved = applyEdit(beds.front!, { kind: 'changeDrift', driftId: id, change: { at: 1 } }).bed
    const now = sceneOf(moved, before, light)
    expect(now.light).toBe(before.light)
    expect(now.site).toBe(before.site)
    const range = changedRange(before, now)!
    expect(range.to - range.from).toBeLessThan(before.frame.runTo - before.frame.runFrom)
    expect(sceneOf(moved, before, { ...light }).light).not.toBe(before.light)
  })

  it('a wide shrub’s overlap goes when its neighbour is moved seven metres away', () => {
    const near = testBed({
      outline: rectangle(30, 9),
      drifts: [drift('a', 'wide', 0, 8), drift('b', 'nepeta-x-faassenii', 0, 8)],
      pins: [
        { driftId: 'a', index: 0, x: 8, y: 4 },
        { driftId: 'b', index: 0, x: 9, y: 4 },
      ],
    })
    const before = critique(sceneOf(near))
    expect(before.findings.some((f) => f.rule === 'overlap')).toBe(true)
    const far = applyEdit(near, {
      kind: 'setPins',
      driftId: 'b',
      pins: [{ driftId: 'b', index: 0, x: 16, y: 4 }],
    }).bed
    expect(critique(sceneOf(far), before).findings.some((f) => f.rule === 'overlap')).toBe(false)
  })
})
