import { applyEdit } from '../../core/edit'
import { critique, type Critique, type Finding } from '../../core/judge'
import { marksOf, totalOf } from '../../core/marks'
import { tryMends } from '../../core/mend'
import { FAULTS, sceneOfSound, shuffled, SOUND_BEDS, SPOILERS, type Planted } from '../practice'
import { makeScene, type Scene } from '../../core/scene'
import { library } from '../support/library'
import type { Report } from './report'

const SEED = 11
const SHUFFLES = 5
const GAIN = 5

interface Kind {
  planted: number
  found: number
  mended: number
  above: number
}

const total = (scene: Scene) => totalOf(marksOf(scene, critique(scene).findings))
const share = (list: readonly number[], least: number) => list.filter((g) => g > least).length / list.length
const isNamed = ({ scene, culprits }: Planted, { plants }: Finding) =>
  culprits.length === 0 || plants.some((id) => culprits.includes(scene.byId.get(id)?.plant.id ?? ''))

/** Whether a finding's own first mend, untried, does away with it and brings nothing as heavy. */
function firstWorks(judged: Critique, hit: Finding): boolean {
  const [mend] = hit.mends
  if (!mend) return false
  const bed = applyEdit(judged.scene.bed, mend.edit).bed
  const before = new Set(judged.findings.map((f) => f.id))
  const after = critique(makeScene({ ...judged.scene.input, bed })).findings
  return !after.some((f) => f.id === hit.id || (!before.has(f.id) && f.weight >= hit.weight))
}

/** How well the second look finds planted faults, how its mends work, and how its marks rank plans; shares of our own cases. */
export function benchPractice(report: Report) {
  const kinds = new Map<string, Kind>()
  const [shuffles, spoiled]: [number[], number[]] = [[], []]
  let [alarmed, own, ownWorks] = [0, 0, 0]
  for (const bed of SOUND_BEDS) {
    const scene = sceneOfSound(bed, library)
    const findings = critique(scene).findings
    const before = new Set(findings.map((f) => f.id))
    const mark = total(scene)
    if (findings.length > 0) alarmed++
    for (const fault of FAULTS) {
      const planted = fault.plant(scene, SEED)
      if (!planted) continue
      const kind = kinds.get(fault.id) ?? { planted: 0, found: 0, mended: 0, above: 0 }
      kinds.set(fault.id, kind)
      kind.planted++
      if (total(planted.scene) < mark) kind.above++
      const judged = critique(planted.scene)
      const isHit = (f: Finding) => fault.rules.includes(f.rule) && !before.has(f.id) && isNamed(planted, f)
      const hit = judged.findings.find(isHit)
      if (!hit) continue
      kind.found++
      if (tryMends(judged, hit).mends.length > 0) kind.mended++
      if (hit.mends.length > 0) own++
      if (firstWorks(judged, hit)) ownWorks++
    }
    for (const s of SPOILERS) {
      const worse = s.spoil(scene, 7)
      if (worse) spoiled.push(mark - total(sceneOfSound(bed, library, worse)))
    }
    for (let i = 1; i <= SHUFFLES; i++) {
      const other = shuffled(scene.bed, i * 31)
      if (other.drifts.some((d) => !scene.bed.drifts.some((e) => e.plantId === d.plantId && e.at === d.at)))
        shuffles.push(mark - total(sceneOfSound(bed, library, other)))
    }
  }
  for (const [id, k] of kinds)
    console.log(`(${id}: ${k.found} of ${k.planted} found, ${k.mended} mended, ${k.above} below)`)
  const sum = (of: keyof Kind) => [...kinds.values()].reduce((n, k) => n + k[of], 0)
  const planted = sum('planted')
  console.log(
    `(${SOUND_BEDS.length} sound beds, ${kinds.size} kinds, ${planted} faults, ${spoiled.length} spoiled, ${shuffles.length} shuffles)`,
  )
  report('faults-found', sum('found') / planted, 'share', 1)
  report('sound-beds-with-false-alarms', alarmed / SOUND_BEDS.length, 'share', 1)
  report('faults-with-a-mend-that-works', sum('mended') / sum('found'), 'share', 1)
  report('first-mends-that-work', ownWorks / own, 'share', 1)
  const right = sum('above') + spoiled.filter((g) => g > 0).length
  report('plans-ranked-right', right / (planted + spoiled.length), 'share', 1)
  report('spoiled-below-by-five', share(spoiled, GAIN), 'share', 1)
  report('plans-above-their-shuffles', share(shuffles, 0), 'share', 1)
  report('above-shuffles-by-five', share(shuffles, GAIN), 'share', 1)
}
