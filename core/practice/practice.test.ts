import { describe, expect, it } from 'vitest'
import { critique } from '../judge'
import { tryMends } from '../mend'
import { library } from '../../tests/support/library'
import { bedOfSound, FAULTS, sceneOfSound, shuffled, SOUND_BEDS, SPOILERS, type Planted } from '.'

const sound = SOUND_BEDS.map((bed) => {
  const scene = sceneOfSound(bed, library)
  return { bed, scene, before: new Set(critique(scene).findings.map((f) => f.id)) }
})
const isNamed = ({ scene, culprits }: Planted, plants: readonly string[]) =>
  culprits.length === 0 || plants.some((id) => culprits.includes(scene.byId.get(id)?.plant.id ?? ''))

describe('sound beds', () => {
  it('read, with every plant in the library, in many climates, schools and kinds', () => {
    for (const { bed, scene } of sound) {
      expect(scene.placement.plants.length, bed.id).toBeGreaterThan(8)
      for (const d of scene.bed.drifts) expect(library.has(d.plantId), `${bed.id} ${d.plantId}`).toBe(true)
      for (const d of scene.bed.drifts) expect(d.at).toBeLessThanOrEqual(scene.frame.frontLength)
    }
    expect(new Set(SOUND_BEDS.map((b) => b.school)).size).toBeGreaterThanOrEqual(6)
    expect(new Set(SOUND_BEDS.map((b) => b.zone)).size).toBeGreaterThanOrEqual(5)
    expect(() => bedOfSound({ ...SOUND_BEDS[0]!, lanes: ['somewhere nepeta'] }, library)).toThrow('is no group')
  })
})

describe('planted faults', () => {
  it('are found, name the culprit, and most first mends work', () => {
    let [planted, found, mended] = [0, 0, 0]
    const missed = new Map<string, number>()
    for (const { scene, before } of sound)
      for (const fault of FAULTS) {
        const p = fault.plant(scene, 11)
        if (!p) continue
        planted++
        const judged = critique(p.scene)
        const hit = judged.findings.find(
          (f) => fault.rules.includes(f.rule) && !before.has(f.id) && isNamed(p, f.plants),
        )
        if (!hit) {
          missed.set(fault.id, (missed.get(fault.id) ?? 0) + 1)
          continue
        }
        found++
        if (tryMends(judged, hit).mends.length > 0) mended++
      }
    expect(planted).toBeGreaterThan(300)
    expect(found / planted, JSON.stringify([...missed])).toBeGreaterThanOrEqual(0.92)
    expect(mended / found).toBeGreaterThanOrEqual(0.85)
  })
  it('are the same by the same seed', () => {
    const { scene } = sound[0]!
    for (const fault of FAULTS) expect(fault.plant(scene, 5)?.scene.bed).toEqual(fault.plant(scene, 5)?.scene.bed)
  })
})

describe('shuffles and spoilers', () => {
  it('leave each lane its plants and places, and spoil what they say', () => {
    for (const { scene } of sound) {
      const bed = shuffled(scene.bed, 3)
      const lanes = (drifts: typeof bed.drifts) => drifts.map((d) => `${d.lane} ${d.plantId} ${d.count}`).sort()
      expect(lanes(bed.drifts)).toEqual(lanes(scene.bed.drifts))
      for (const lane of [0, 1, 2]) {
        const places = (drifts: typeof bed.drifts) =>
          drifts
            .filter((d) => d.lane === lane)
            .map((d) => d.at)
            .sort()
        expect(places(bed.drifts)).toEqual(places(scene.bed.drifts))
      }
      for (const s of SPOILERS) {
        const spoiled = s.spoil(scene, 7)
        if (spoiled) expect(spoiled.drifts, s.id).not.toEqual(scene.bed.drifts)
      }
    }
  })
})
