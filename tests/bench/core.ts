import { SCHOOLS } from '../../core/bed'
import { critique } from '../../core/judge'
import { makeScene } from '../../core/scene'
import { applyEdit } from '../../core/edit'
import { allowedDistanceM, bodiesAt, type PlacedPlant } from '../../core/layout'
import { elevation } from '../../core/draw'
import { climate, library } from '../support/library'
import { bed1500 } from './bed1500'
import { median, type Report } from './report'

/** place + critique + elevation list on 1,500 plants, whole and after the change of one plant, against plain references. */
export function benchCore(report: Report) {
  const bed = bed1500()
  const run = (b: typeof bed, before?: ReturnType<typeof critique>) => {
    const input = { bed: b, library, climate, hardinessZone: '6b' }
    const scene = makeScene(input, before ? { before: before.scene } : {})
    const judged = critique(scene, before)
    elevation(bodiesAt(scene.placement.plants, { month: 6, year: 3 }, climate), scene.frame, b)
    return judged
  }
  const judged = run(bed)
  console.log(`(${judged.scene.placement.plants.length} plants, ${judged.findings.length} findings)`)
  const wholeMs = median(25, () => {
    run(bed)
  })
  report('whole-bed-1500', wholeMs, 'ms', 150)

  const target = judged.scene.placement.plants[700]!
  let step = 0
  const oneMs = median(75, () => {
    step++
    const moved = applyEdit(bed, {
      kind: 'setPins',
      driftId: target.driftId,
      pins: [{ driftId: target.driftId, index: target.index, x: target.x + (step % 10) * 0.02, y: target.y }],
    }).bed
    const b = { ...moved, outline: bed.outline, wall: bed.wall, viewpoint: bed.viewpoint, ground: bed.ground }
    run(b, judged)
  })
  report('one-plant-of-1500', oneMs, 'ms', 10)

  const plainMs = median(5, () => {
    plainCrowding(judged.scene.placement.plants, SCHOOLS[bed.school].spacing)
  })
  report('plain-all-pairs-reference', plainMs, 'ms', 10_000)
  report('one-plant-to-whole', oneMs / wholeMs, 'ratio', 0.5)
  report('whole-bed-to-plain-pairs', wholeMs / plainMs, 'ratio', 20)
}

/** The plain way: every pair of plants. */
function plainCrowding(plants: readonly PlacedPlant[], k: number): number {
  let pairs = 0
  for (const a of plants)
    for (const b of plants)
      if (a !== b && Math.hypot(a.x - b.x, a.y - b.y) < allowedDistanceM(a.plant, b.plant, k)) pairs++
  return pairs
}
