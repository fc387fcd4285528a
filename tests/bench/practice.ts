import { critique } from '../../core/judge'
import { marksOf, totalOf } from '../../core/marks'
import { tryMends } from '../../core/mend'
import { FAULTS, sceneOfSound, shuffled, SOUND_BEDS, SPOILERS } from '../../core/practice'
import type { Scene } from '../../core/scene'
import { library } from '../support/library'
import type { Report } from './report'

const SEED = 11
const SHUFFLES = 5
const GAIN = 5

/** How well the second look finds planted faults, how its mends work, and how its marks rank plans; shares of our own cases. */
export function benchPractice(report: Report) {
  const total = (scene: Scene) => totalOf(marksOf(scene, critique(scene).findings))
  let [planted, found, mended, ranked, alarmed] = [0, 0, 0, 0, 0]
  const shuffles: number[] = []
  const spoiled: number[] = []
  for (const bed of SOUND_BEDS) {
    const scene = sceneOfSound(bed, library)
    const findings = critique(scene).findings
    const before = new Set(findings.map((f) => f.id))
    const own = total(scene)
    if (findings.length > 0) alarmed++
    for (const fault of FAULTS) {
      const p = fault.plant(scene, SEED)
      if (!p) continue
      planted++
      const judged = critique(p.scene)
      const hit = judged.findings.find((f) => fault.rules.includes(f.rule) && !before.has(f.id))
      if (hit) found++
      if (hit && tryMends(judged, hit).mends.length > 0) mended++
      if (total(p.scene) < own) ranked++
    }
    for (const s of SPOILERS) {
      const worse = s.spoil(scene, 7)
      if (worse) spoiled.push(own - total(sceneOfSound(bed, library, worse)))
    }
    for (let i = 1; i <= SHUFFLES; i++) {
      const other = shuffled(scene.bed, i * 31)
      if (other.drifts.some((d) => !scene.bed.drifts.some((e) => e.plantId === d.plantId && e.at === d.at)))
        shuffles.push(own - total(sceneOfSound(bed, library, other)))
    }
  }
  const share = (list: readonly number[], least: number) => list.filter((g) => g > least).length / list.length
  console.log(
    `(${SOUND_BEDS.length} sound beds, ${planted} faults, ${spoiled.length} spoiled, ${shuffles.length} shuffles)`,
  )
  report('faults-found', found / planted, 'share', 1)
  report('first-mends-that-work', mended / found, 'share', 1)
  report('sound-beds-with-any-finding', alarmed / SOUND_BEDS.length, 'share', 1)
  report(
    'plans-ranked-right',
    (ranked + spoiled.filter((g) => g > 0).length) / (planted + spoiled.length),
    'share',
    1,
  )
  report('spoiled-below-by-five', share(spoiled, GAIN), 'share', 1)
  report('plans-above-their-shuffles', share(shuffles, 0), 'share', 1)
  report('above-shuffles-by-five', share(shuffles, GAIN), 'share', 1)
}
